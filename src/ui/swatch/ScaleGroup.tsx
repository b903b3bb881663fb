'use client';

import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { AddOrTake, LengthField, MassField } from '@/ui/fields';

/** The swatch on the scale: its mass, and the outline without which that says nothing. */
export function ScaleGroup() {
  const weighed = useBag((state) => state.design.swatch.weighed);
  const store = useBagStore();
  const set = (label: string, path: string[], value: unknown) =>
    store.getState().edit(label, [{ path: ['swatch', 'weighed', ...path], value }]);
  return (
    <Group
      next="weigh-swatch"
      title="On the scale"
      action={weighed && <AddOrTake label="Not weighed" onClick={() => set('Not weighed', [], null)} />}
    >
      <Row>
        <MassField
          label="Its mass"
          width="5em"
          empty="not weighed"
          valueG={weighed?.massG ?? null}
          onChange={(value) =>
            weighed
              ? set('Swatch mass', ['massG'], value)
              : set('Weighed', [], { massG: value, widthMm: null, heightMm: null })
          }
        />
        {weighed && (
          <>
            <LengthField
              label="Its whole width"
              empty="not yet"
              valueMm={weighed.widthMm}
              onChange={(value) => set('Swatch width', ['widthMm'], value)}
              onClear={() => set('Swatch width', ['widthMm'], null)}
            />
            <LengthField
              label="Its whole height"
              empty="not yet"
              valueMm={weighed.heightMm}
              onChange={(value) => set('Swatch height', ['heightMm'], value)}
              onClear={() => set('Swatch height', ['heightMm'], null)}
            />
          </>
        )}
      </Row>
      {!weighed && 'Yarn is worked out from the mass of the swatch and its outline.'}
    </Group>
  );
}
