'use client';

import { CARRYINGS } from '@/core/design';
import { useBag, useBagBehind, useBagStore } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { ChoiceField } from '@/ui/fields';
import { FigureTicket } from '@/ui/figures/FigureTicket';
import { CARRIED } from './carried';

const FIRMNESS = [
  { value: 'soft', label: 'Soft' },
  { value: 'stiff', label: 'Stiff, up to the brim' },
] as const;

/** How the bag is carried, and what the load does to it when it is full. */
export function HowCarriedGroup() {
  const { carried, firmness } = useBag((state) => state.design.contents);
  const { heightLoaded } = useBagBehind('numbers', (state) => state.plan.pouch.figures);
  const hasFlap = useBag((state) => state.plan.flap.hasFlap);
  const { bridgeLoaded, dropLoaded, dropEmpty } = useBagBehind('numbers', (state) => state.plan.flap.figures);
  const store = useBagStore();
  const set = (label: string, field: string, value: string) =>
    store.getState().edit(label, [{ path: ['contents', field], value }]);
  return (
    <Group title="Carried, and full">
      <Row>
        <ChoiceField
          label="It is carried"
          width="11em"
          value={carried}
          choices={CARRYINGS.map((value) => ({ value, label: CARRIED[value] }))}
          onChange={(value) => set('How it is carried', 'carried', value)}
        />
        <ChoiceField
          label="The load is"
          width="13em"
          help="Soft things round the top, a box up to the brim squares it."
          value={firmness}
          choices={FIRMNESS}
          onChange={(value) => set('Load', 'firmness', value)}
        />
      </Row>
      <Row>
        <FigureTicket figure={heightLoaded} />
        {hasFlap && (
          <>
            <FigureTicket figure={bridgeLoaded} />
            <FigureTicket figure={dropLoaded} />
            <FigureTicket figure={dropEmpty} />
          </>
        )}
      </Row>
    </Group>
  );
}
