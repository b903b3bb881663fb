'use client';

import { memo, useMemo } from 'react';
import type { Piece } from '@/core/pieces';
import type { LengthUnit } from '@/core/units';
import { countScale, lengthScale, type Beyond } from '@/drawing';
import type { PieceOnScreen } from './pieceOnScreen';
import { RULER_PX, Ruler } from './Ruler';

interface PieceRulersProps {
  piece: Piece;
  place: PieceOnScreen;
  /** What is set on the piece reaches so far beyond it: the rules lie outside of that. */
  beyond: Beyond;
  unit: LengthUnit;
  rightHanded: boolean;
}

/** The brass rules along a piece: counts to the left and below, lengths to the right and above. */
export const PieceRulers = memo(function PieceRulers({ piece, place, beyond, unit, rightHanded }: PieceRulersProps) {
  const { left, right, top, bottom, pxPerMm, widthMm, lengthMm, turned } = place;
  const { stitchMm, rowMm } = piece;
  const rowCount = piece.kind === 'rows' ? piece.rows.length : piece.counts.length;
  const acrossCount = Math.round(widthMm / stitchMm);
  const scales = useMemo(
    () => ({
      rows: countScale(rowCount, rowMm, pxPerMm),
      stitches: countScale(acrossCount, stitchMm, pxPerMm),
      along: lengthScale(lengthMm, unit, pxPerMm),
      across: lengthScale(widthMm, unit, pxPerMm),
    }),
    [rowCount, rowMm, acrossCount, stitchMm, lengthMm, widthMm, unit, pxPerMm],
  );
  const upwards = { originPx: bottom, pxPerMm: -pxPerMm };
  const rightwards = { originPx: left, pxPerMm };
  const downwards = { originPx: top, pxPerMm };
  const fromHand = rightHanded ? { originPx: right, pxPerMm: -pxPerMm } : rightwards;
  const upright = { fromPx: top, toPx: bottom };
  const level = { fromPx: left, toPx: right };
  const rounds = piece.kind !== 'rows';
  const [sides, begin, end] = [beyond.sidesMm, beyond.beginMm, beyond.endMm].map((mm) => mm * pxPerMm) as Three;
  const edge = turned
    ? { left: left - begin, right: right + end, top: top - sides, bottom: bottom + sides }
    : { left: left - sides, right: right + sides, top: top - end, bottom: bottom + begin };
  return (
    <>
      {rounds ? (
        <Ruler
          scale={scales.rows}
          originPx={piece.kind === 'half-disc' ? bottom : (top + bottom) / 2}
          pxPerMm={-pxPerMm}
          side="left"
          edgePx={edge.left}
          fromPx={top}
          toPx={piece.kind === 'half-disc' ? bottom : (top + bottom) / 2}
          title="Rounds, from the middle outwards"
        />
      ) : (
        <Ruler
          scale={scales.rows}
          {...(turned
            ? { ...rightwards, side: 'bottom', edgePx: edge.bottom, ...level }
            : { ...upwards, side: 'left', edgePx: edge.left, ...upright })}
          title={turned ? 'Rows, from row 1 at the left' : 'Rows, from row 1 at the bottom'}
        />
      )}
      <Ruler
        scale={scales.along}
        {...(turned
          ? { ...rightwards, side: 'top', edgePx: edge.top, ...level }
          : { ...upwards, side: 'right', edgePx: edge.right, ...upright })}
        title={`Length along the piece, ${unit}`}
      />
      <Ruler
        scale={scales.across}
        {...(turned
          ? { ...downwards, side: 'right', edgePx: edge.right, ...upright }
          : { ...fromHand, side: 'top', edgePx: edge.top, ...level })}
        title={`Width, ${unit}`}
      />
      {!rounds && (
        <Ruler
          scale={scales.stitches}
          {...(turned
            ? { ...downwards, side: 'left', edgePx: edge.left, ...upright }
            : { ...fromHand, side: 'bottom', edgePx: edge.bottom, ...level })}
          title="Stitches"
        />
      )}
      <RulerEnd
        x={edge.left - RULER_PX}
        y={edge.top - 4}
        text={rounds ? 'rounds' : turned ? 'stitches' : 'rows'}
        anchor="start"
      />
      <RulerEnd x={edge.right + RULER_PX} y={edge.top - 4} text={unit} anchor="end" />
    </>
  );
});

type Three = [number, number, number];

function RulerEnd({ x, y, text, anchor }: { x: number; y: number; text: string; anchor: 'start' | 'end' }) {
  return (
    <text
      style={{ fontSize: 12 }}
      transform={`translate(${x} ${y})`}
      fill="var(--chakra-colors-ink)"
      textAnchor={anchor}
    >
      {text}
    </text>
  );
}
