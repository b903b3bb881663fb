'use client';

import { memo, useMemo } from 'react';
import type { Piece } from '@/core/pieces';
import { workedShapes } from '@/drawing';
import type { PieceOnScreen } from '@/ui/drawing/pieceOnScreen';
import { ShapeView } from '@/ui/drawing/ShapeView';

/** What isn't worked yet of a piece lies under a veil, and the row in hand is lit. */
export const WorkedRows = memo(function WorkedRows({
  piece,
  place,
  rows,
}: {
  piece: Piece;
  place: PieceOnScreen;
  rows: number;
}) {
  const shapes = useMemo(() => workedShapes(piece, rows), [piece, rows]);
  return (
    <g aria-hidden style={{ pointerEvents: 'none' }} transform={place.transform} data-worked={rows}>
      {shapes.map((shape) => (
        <ShapeView key={shape.role} shape={shape} />
      ))}
    </g>
  );
});
