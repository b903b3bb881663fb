'use client';

import { useMemo } from 'react';
import type { PieceId } from '@/core/pieces';
import { workedShapes } from '@/drawing';
import { useBag } from '@/ui/bag/BagProvider';
import type { PieceOnScreen } from '@/ui/drawing/pieceOnScreen';
import { ShapeView } from '@/ui/drawing/ShapeView';

/** What isn't worked yet lies under a veil, and the row in hand is lit, on every piece of the sheet. */
export function WorkedRows({
  places,
  rowsOf,
}: {
  places: ReadonlyMap<PieceId, PieceOnScreen>;
  rowsOf: ReadonlyMap<PieceId, number>;
}) {
  const pieces = useBag((state) => state.plan.pieces);
  const shapes = useMemo(
    () => pieces.map((piece) => ({ id: piece.id, shapes: workedShapes(piece, rowsOf.get(piece.id) ?? 0) })),
    [pieces, rowsOf],
  );
  return (
    <g aria-hidden style={{ pointerEvents: 'none' }} data-testid="worked">
      {shapes.map(({ id, shapes: own }) => (
        <g key={id} transform={places.get(id)?.transform} data-worked={rowsOf.get(id) ?? 0}>
          {own.map((shape) => (
            <ShapeView key={shape.role} shape={shape} />
          ))}
        </g>
      ))}
    </g>
  );
}
