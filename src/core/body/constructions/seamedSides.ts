import type { Join, JoinedEdge, RowsPiece, PieceSet } from '@/core/pieces';
import type { PouchStage } from '@/core/stages';
import { openSideRows } from './openSides';

/** The two side seams of a strip: front rows to back rows, one to one, from the base fold to the nearer upper edge, or to where a frame's arms begin. */
export function seamedSides(
  pouch: PouchStage,
  design: Parameters<typeof openSideRows>[0],
  workedFrom: PieceSet['workedFrom'],
  panel: RowsPiece,
): Join {
  const { frontRows, backRows, rowMm, borders } = pouch;
  const openRows = openSideRows(design, pouch);
  const rows = Math.min(frontRows, backRows) - openRows;
  const base = workedFrom === 'front-edge' ? frontRows : panel.rows.length - frontRows;
  // Where the sides have a border, its stitches are joined, and on to the corner that it turns at the front's edge.
  const { sidesPickUp } = borders;
  const joined = sidesPickUp
    ? Math.round((rows * sidesPickUp.stitches) / sidesPickUp.rows) + (openRows > 0 ? 0 : 1)
    : rows;
  const edge: JoinedEdge = {
    piece: 'panel',
    edge: 'both-sides',
    from: base - rows,
    to: base + rows,
    hasBorder: sidesPickUp !== null,
  };
  return {
    id: 'sides',
    times: 2,
    made: 'sewn',
    edges: [edge, edge],
    stretches: [
      { name: 'side', first: joined, second: joined, lengthMm: rows * rowMm + (openRows > 0 ? 0 : borders.sidesMm) },
    ],
  };
}
