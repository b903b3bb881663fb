'use client';

import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { MassField } from '@/ui/fields';
import { FigureTicket } from '@/ui/figures/FigureTicket';

/** What of each yarn is at hand, by the scale, and what is still to be bought of it. */
export function AtHandGroup() {
  const lots = useBag((state) => state.plan.yarn.lots);
  const atHand = useBag((state) => state.design.yarnAtHandG);
  const store = useBagStore();
  const set = (index: number, value: number | null) => {
    const all = Array.from({ length: Math.max(atHand.length, index + 1) }, (_, at) => atHand[at] ?? null);
    return store
      .getState()
      .edit('Yarn at hand', [{ path: ['yarnAtHandG'], value: all.map((one, at) => (at === index ? value : one)) }]);
  };
  return (
    <Group title="At hand">
      {lots.map(({ name, lacking }, index) => (
        <Row key={name}>
          <MassField
            label={lots.length === 1 ? 'Yarn you have' : name}
            width="6em"
            valueG={atHand[index] ?? null}
            empty="not said"
            onChange={(value) => set(index, value)}
            onClear={() => set(index, null)}
          />
          {lacking && <FigureTicket figure={lacking} />}
        </Row>
      ))}
    </Group>
  );
}
