import type { Piece, PieceId, ZoneId } from '@/core/pieces';
import type { ShapedRow } from '@/core/shaping';
import type { BenchState } from './benchState';
import { partKey, type PartAt } from './makingEvent';

/** A piece that is worked row by row, or one of those that are worked alike. */
export interface PartToWork extends PartAt {
  rowCount: number;
}

/** A row of a part, as it is to be worked. */
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

/** How many rows, or rounds, a piece has. */
const rowCountOf = (piece: Piece): number => (piece.kind === 'rows' ? piece.rows.length : piece.counts.length);

/**
 * All that is worked row by row, in the order in which it is worked.
 *
 * @example
 * partsToWork([{ id: 'disc', kind: 'disc', copies: 2, counts: [6, 12] }]) // => [{ piece: 'disc', copy: 1, rowCount: 2 }, { piece: 'disc', copy: 2, rowCount: 2 }]
 */
export const partsToWork = (pieces: readonly Pick<Piece, 'id' | 'copies' | 'kind'>[]): PartToWork[] =>
  (pieces as readonly Piece[]).flatMap((piece) =>
    Array.from({ length: piece.copies }, (_, index) => ({
      piece: piece.id,
      copy: index + 1,
      rowCount: rowCountOf(piece),
    })),
  );

/**
 * A row of a piece; null where it has none of that number.
 *
 * @example
 * rowToWork({ id: 'disc', kind: 'disc', copies: 2, counts: [6, 12], increase: 6 }, 2) // => { row: 2, counted: 'round', stitches: 12, before: 6, by: 'increasing', changeEachSide: 3, zone: null }
 */
export function rowToWork(piece: Piece, row: number): RowToWork | null {
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

/** How many rows of a part are worked. */
export const rowsDone = ({ rows }: Pick<BenchState, 'rows'>, part: PartAt): number => rows.get(partKey(part)) ?? 0;

/** The part to go on with: the one in hand as long as it has rows left, else the first that has; null once all is worked. */
export function partToGoOn(
  parts: readonly PartToWork[],
  state: Pick<BenchState, 'rows' | 'inHand'>,
): PartToWork | null {
  const hasLeft = (part: PartToWork) => rowsDone(state, part) < part.rowCount;
  const { inHand } = state;
  const held = inHand && parts.find((part) => partKey(part) === partKey(inHand));
  return held && hasLeft(held) ? held : (parts.find(hasLeft) ?? null);
}

/** Which of the pieces are worked through, all copies of them. */
export function piecesDone(parts: readonly PartToWork[], state: Pick<BenchState, 'rows'>): Set<PieceId> {
  const left = new Set(parts.filter((part) => rowsDone(state, part) < part.rowCount).map(({ piece }) => piece));
  return new Set(parts.map(({ piece }) => piece).filter((piece) => !left.has(piece)));
}

/**
 * Whether the tape on a piece says something of the bag's gauge: it is in the bag's own stitch. A strip between such pieces works up otherwise.
 */
export const canBeMeasured = (piece: Piece): boolean =>
  piece.kind === 'rows' && !piece.plain && piece.id !== 'gusset' && piece.id !== 'band';
