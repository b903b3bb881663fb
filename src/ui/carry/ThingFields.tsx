'use client';

import type { Thing } from '@/core/design';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Row } from '@/ui/bag/PlaceLayout';
import { ChoiceField, LengthField, NumberField, TextField, MassField } from '@/ui/fields';

const TURNS: { value: Thing['turns']; label: string }[] = [
  { value: 'in-the-plane', label: 'Upright or on its side' },
  { value: 'as-it-stands', label: 'Only as it is' },
  { value: 'any-way', label: 'Any way round' },
];

/** Everything of one thing that can be changed. */
export function ThingFields({ index }: { index: number }) {
  const item = useBag((state) => state.design.contents.items[index]);
  const store = useBagStore();
  if (!item) return null;
  const { thing, count } = item;
  const at = ['contents', 'items', index] as const;
  const set = (label: string, field: string, value: unknown) =>
    store.getState().edit(`${thing.name}: ${label}`, [{ path: [...at, 'thing', field], value }]);
  return (
    <Row>
      <TextField label="Name" width="11em" value={thing.name} onChange={(value) => set('name', 'name', value)} />
      <NumberField
        label="How many"
        width="3.5em"
        value={count}
        onChange={(value) => store.getState().edit(`${thing.name}: how many`, [{ path: [...at, 'count'], value }])}
      />
      <LengthField
        label="Wide"
        width="5em"
        valueMm={thing.widthMm}
        onChange={(value) => set('wide', 'widthMm', value)}
      />
      <LengthField
        label="High"
        width="5em"
        valueMm={thing.heightMm}
        onChange={(value) => set('high', 'heightMm', value)}
      />
      <LengthField
        label="Thick"
        fine
        width="4.5em"
        valueMm={thing.thicknessMm}
        onChange={(value) => set('thick', 'thicknessMm', value)}
      />
      <MassField
        label="Weight of one"
        width="4.5em"
        valueG={thing.massG}
        empty="not weighed"
        onChange={(value) => set('weight', 'massG', value)}
        onClear={() => set('weight', 'massG', null)}
      />
      <ChoiceField
        label="It may lie"
        width="12em"
        value={thing.turns}
        choices={TURNS}
        onChange={(value) => set('turning', 'turns', value)}
      />
    </Row>
  );
}
