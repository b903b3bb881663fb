import type { ShapedRow } from '@/core/shaping';
import type { Piece, ZoneId } from './piece';

/** A row or round, as it is to be worked. */
export interface RowToWork {
  row: number;
  counted: 'row' | 'round';
  /** Stitches once it is worked; of a round, all round. */
  stitches: number;
  /** Stitches of the row before. */
  before: number;
  by: ShapedRow['by'];
  changeEachSide: number;
  /** The part of the bag that it belongs to; null for discs and bases. */
  zone: ZoneId | null;
}

/**
 * A row of a piece; null where it has none of that number.
 *
 * @example
 * rowOfPiece({ id: 'disc', kind: 'disc', copies: 2, counts: [6, 12], increase: 6 }, 2) // => { row: 2, counted: 'round', stitches: 12, before: 6, by: 'increasing', changeEachSide: 3, zone: null }
 */
export function rowOfPiece(piece: Piece, row: number): RowToWork | null {
  if (piece.kind !== 'rows') {
    const stitches = piece.counts[row - 1];
    if (stitches === undefined) return null;
    const before = piece.counts[row - 2] ?? 0;
    const counted = piece.kind === 'half-disc' ? 'row' : 'round';
    const changeEachSide = row === 1 ? 0 : (stitches - before) / 2;
    return { row, counted, stitches, before, by: row === 1 ? 'nothing' : 'increasing', changeEachSide, zone: null };
  }
  const shape = piece.rows[row - 1];
  if (!shape) return null;
  const around = row <= piece.roundCount ? 2 : 1;
  const below = piece.rows[row - 2];
  const zone = piece.zones.find(({ fromRow, toRow }) => row >= fromRow && row <= toRow);
  return {
    row,
    counted: row <= piece.roundCount ? 'round' : 'row',
    stitches: around * shape.stitches,
    before: below ? (row - 1 <= piece.roundCount ? 2 : 1) * below.stitches : around * piece.startStitches,
    by: shape.by,
    changeEachSide: shape.changeEachSide,
    zone: zone?.id ?? null,
  };
}
