'use client';

import { useBag, useBagNumbers } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { FigureTicket } from '@/ui/figures/FigureTicket';

/** What is counted: stitches, chain, the rows of each part, and where the strip is folded and seamed. */
export function CountsGroup() {
  const pouch = useBagNumbers((state) => state.plan.pouch.figures);
  const flap = useBagNumbers((state) => state.plan.flap.figures);
  const hasFlap = useBag((state) => state.plan.flap.hasFlap);
  return (
    <Group title="Counts">
      <Row>
        <FigureTicket figure={pouch.stitches} />
        <FigureTicket figure={pouch.startingChain} />
        <FigureTicket figure={flap.totalRows} />
        <FigureTicket figure={pouch.frontRows} mark="part.front" />
        <FigureTicket figure={pouch.backRows} mark="part.back" />
        {hasFlap && (
          <>
            <FigureTicket figure={flap.bridgeRows} label="Rows over the top" mark="part.bridge" />
            <FigureTicket figure={flap.flapRows} mark="part.flap" />
          </>
        )}
        <FigureTicket figure={pouch.baseFold} label="Base fold lies at" mark="fold.base" />
        {hasFlap && (
          <>
            <FigureTicket figure={flap.topFold} label="Top fold lies at" mark="fold.top" />
            <FigureTicket figure={flap.flapStart} label="Flap starts at" mark="fold.flap" />
          </>
        )}
        <FigureTicket figure={flap.panelLength} label="Whole strip, flat" mark="edge.flap" />
        <FigureTicket figure={pouch.panelWidth} label="Its width, flat" />
        <FigureTicket figure={pouch.seamRows} mark="seam.sides" />
        <FigureTicket figure={pouch.seamLength} mark="seam.sides" />
      </Row>
    </Group>
  );
}
