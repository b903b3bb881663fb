'use client';

import { useBag, useBagNumbers, useBagStore } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { NumberField } from '@/ui/fields';
import { FigureTicket } from '@/ui/figures/FigureTicket';

/** How the sides are sewn, and the way over the top that the load asks for. */
export function SeamGroup() {
  const takeUpStitches = useBag((state) => state.design.body.seam.takeUpStitches);
  const { bridgeLoaded, bridgeEmpty } = useBagNumbers((state) => state.plan.flap.figures);
  const { load } = useBagNumbers((state) => state.plan.contents.figures);
  const store = useBagStore();
  return (
    <Group title="Seams, and over the top">
      <Row>
        <NumberField
          label="Each side seam takes"
          suffix="stitches"
          width="4.5em"
          help="Whipped: nothing to half a stitch."
          value={takeUpStitches}
          onChange={(value) =>
            store.getState().edit('Seam take-up', [{ path: ['body', 'seam', 'takeUpStitches'], value }])
          }
        />
        <FigureTicket figure={load} />
        <FigureTicket figure={bridgeLoaded} />
        <FigureTicket figure={bridgeEmpty} />
      </Row>
    </Group>
  );
}
