import type { Join, JoinedEdge, RowsPiece, PieceSet } from '@/core/pieces';
import type { PouchStage } from '@/core/stages';

/** The two side seams of a strip: front rows to back rows, one to one, from the base fold to the nearer upper edge. */
export function seamedSides(
  { frontRows, backRows, rowMm }: PouchStage,
  workedFrom: PieceSet['workedFrom'],
  panel: RowsPiece,
): Join {
  const rows = Math.min(frontRows, backRows);
  const base = workedFrom === 'front-edge' ? frontRows : panel.rows.length - frontRows;
  const edge: JoinedEdge = { piece: 'panel', edge: 'both-sides', from: base - rows, to: base + rows };
  return {
    id: 'sides',
    times: 2,
    sewn: true,
    edges: [edge, edge],
    stretches: [{ name: 'side', first: rows, second: rows, lengthMm: rows * rowMm }],
  };
}
