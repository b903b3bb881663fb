import { radiusMm, type Piece } from '@/core/pieces';
import { outlineSegments } from './roundPiece';
import { rowsPlace, sideOf } from './rowsPiece';
import { polyline, type Shape } from './shape';

/**
 * A piece that is being worked, to be drawn over it where it lies flat: a veil over what isn't worked yet, and the row that is worked next.
 *
 * @param rows how many rows, or rounds, are worked
 *
 * @example
 * workedShapes({ id: 'disc', kind: 'disc', counts: [6], rowMm: 5 }, 1) // => []
 */
export function workedShapes(piece: Piece, rows: number): Shape[] {
  const rowCount = piece.kind === 'rows' ? piece.rows.length : piece.counts.length;
  if (rows >= rowCount) return [];
  const worked = Math.max(0, rows);
  const base = { layer: 'cloth', mark: `row.now.${piece.id}` } as const;
  if (piece.kind === 'rows') {
    const place = rowsPlace(piece);
    const middle = place.widthMm / 2;
    const between = (from: number, to: number) => {
      const side = sideOf(place, to, from);
      return polyline([
        ...side.map(({ x, y }) => ({ x: middle - x, y: place.y(y) })),
        ...side.map(({ x, y }) => ({ x: middle + x, y: place.y(y) })).reverse(),
      ]);
    };
    return [
      { kind: 'path', ...base, role: 'unworked', closed: true, segments: between(worked, rowCount) },
      { kind: 'path', ...base, role: 'rowNow', closed: true, segments: between(worked, worked + 1) },
    ];
  }
  const radius = radiusMm(piece);
  const straight = piece.kind === 'oval' ? piece.straightStitches * piece.stitchMm : 0;
  const ring = (role: 'unworkedRounds' | 'roundNow', from: number, to: number): Shape => ({
    kind: 'path',
    ...base,
    role,
    closed: piece.kind !== 'half-disc',
    strokeMm: (to - from) * piece.rowMm,
    segments: outlineSegments(piece, radius, straight, ((from + to) / 2) * piece.rowMm),
  });
  return [ring('unworkedRounds', worked, rowCount), ring('roundNow', worked, worked + 1)];
}
