'use client';

import { memo, useMemo } from 'react';
import type { Piece } from '@/core/pieces';
import type { LengthUnit } from '@/core/units';
import { countScale, lengthScale } from '@/drawing';
import type { PieceOnScreen } from './pieceOnScreen';
import { RULER_PX, Ruler } from './Ruler';

interface PieceRulersProps {
  piece: Piece;
  place: PieceOnScreen;
  unit: LengthUnit;
  rightHanded: boolean;
}

/** The brass rules along a piece: counts to the left and below, lengths to the right and above. */
export const PieceRulers = memo(function PieceRulers({ piece, place, unit, rightHanded }: PieceRulersProps) {
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
  return (
    <>
      {rounds ? (
        <Ruler
          scale={scales.rows}
          originPx={piece.kind === 'half-disc' ? bottom : (top + bottom) / 2}
          pxPerMm={-pxPerMm}
          side="left"
          edgePx={left}
          fromPx={top}
          toPx={piece.kind === 'half-disc' ? bottom : (top + bottom) / 2}
          title="Rounds, from the middle outwards"
        />
      ) : (
        <Ruler
          scale={scales.rows}
          {...(turned
            ? { ...rightwards, side: 'bottom', edgePx: bottom, ...level }
            : { ...upwards, side: 'left', edgePx: left, ...upright })}
          title={turned ? 'Rows, from row 1 at the left' : 'Rows, from row 1 at the bottom'}
        />
      )}
      <Ruler
        scale={scales.along}
        {...(turned
          ? { ...rightwards, side: 'top', edgePx: top, ...level }
          : { ...upwards, side: 'right', edgePx: right, ...upright })}
        title={`Length along the piece, ${unit}`}
      />
      <Ruler
        scale={scales.across}
        {...(turned
          ? { ...downwards, side: 'right', edgePx: right, ...upright }
          : { ...fromHand, side: 'top', edgePx: top, ...level })}
        title={`Width, ${unit}`}
      />
      {!rounds && (
        <Ruler
          scale={scales.stitches}
          {...(turned
            ? { ...downwards, side: 'left', edgePx: left, ...upright }
            : { ...fromHand, side: 'bottom', edgePx: bottom, ...level })}
          title="Stitches"
        />
      )}
      <RulerEnd
        x={left - RULER_PX}
        y={top - 4}
        text={rounds ? 'rounds' : turned ? 'stitches' : 'rows'}
        anchor="start"
      />
      <RulerEnd x={right + RULER_PX} y={top - 4} text={unit} anchor="end" />
    </>
  );
});

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
