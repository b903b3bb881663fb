'use client';

import { useBag, useBagBehind } from '@/ui/bag/BagProvider';
import { FoldedGroup } from '@/ui/bag/FoldedGroup';
import { Row } from '@/ui/bag/PlaceLayout';
import { FigureTicket } from '@/ui/figures/FigureTicket';

/** What is counted: stitches, chain, the rows of each part, and where the strip is folded and seamed. */
export function CountsGroup() {
  const pouch = useBagBehind('numbers', (state) => state.plan.pouch.figures);
  const flap = useBagBehind('numbers', (state) => state.plan.flap.figures);
  const hasFlap = useBag((state) => state.plan.flap.hasFlap);
  // A strip without a flap still has its rows in all.
  const onPiece = useBag((state) => state.plan.flap.onPiece || state.plan.pouch.figures.baseFold !== null);
  const seams = useBagBehind('numbers', (state) => state.plan.whole.seams);
  const answer = onPiece
    ? `${pouch.stitches.value} stitches, ${flap.totalRows.value} rows`
    : `${pouch.stitches.value} stitches, ${pouch.frontRows.value} rows up`;
  return (
    <FoldedGroup title="Stitches and rows" answer={answer}>
      <Row>
        <FigureTicket figure={pouch.stitches} />
        {pouch.startingChain && <FigureTicket figure={pouch.startingChain} />}
        {onPiece && <FigureTicket figure={flap.totalRows} />}
        <FigureTicket figure={pouch.frontRows} mark="part.front" />
        <FigureTicket figure={pouch.backRows} mark="part.back" />
        {hasFlap && (
          <>
            <FigureTicket figure={flap.bridgeRows} label="Rows over the top" mark="part.bridge" />
            <FigureTicket figure={flap.flapRows} mark="part.flap" />
          </>
        )}
        {pouch.baseFold && <FigureTicket figure={pouch.baseFold} label="Base fold lies at" mark="fold.base" />}
        {hasFlap && onPiece && (
          <>
            <FigureTicket figure={flap.topFold} label="Top fold lies at" mark="fold.top" />
            <FigureTicket figure={flap.flapStart} label="Flap starts at" mark="fold.flap" />
          </>
        )}
        {onPiece && (
          <FigureTicket
            figure={flap.panelLength}
            label={pouch.baseFold ? 'Whole strip, flat' : undefined}
            mark="edge.flap"
          />
        )}
        <FigureTicket figure={pouch.panelWidth} label={onPiece ? 'Its width, flat' : undefined} />
        {pouch.seamRows && <FigureTicket figure={pouch.seamRows} mark="seam.sides" />}
        {pouch.seamLength && <FigureTicket figure={pouch.seamLength} mark="seam.sides" />}
        <FigureTicket figure={seams} />
      </Row>
    </FoldedGroup>
  );
}
