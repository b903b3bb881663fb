import { radiusMm } from './measures';
import type { Piece, RowsPiece } from './piece';

/** Half the width of a piece, so far from where it begins, mm. */
export interface OutlinePoint {
  alongMm: number;
  halfMm: number;
}

/** Points along a curve: enough that a millimetre is not missed on a bag. */
const CURVE_STEPS = 48;
/** An outline that is moved has a point every so many mm, and no more points than that: a bag's have some hundreds. */
const MOVED_STEP_MM = 2;
const MOST_MOVED_STEPS = 2000;

/**
 * The outline of a piece as it lies flat, without a hem, which is turned back: through the ends of its rows, or round.
 *
 * @param hemRows rows at its end that are turned back
 * Source: geometry.
 */
export function pieceOutline(piece: Piece, hem: { fromRow: number; toRow: number } | null): OutlinePoint[] {
  if (piece.kind === 'rows') return rowsOutline(piece, hem);
  const radius = radiusMm(piece);
  const straight = piece.kind === 'oval' ? (piece.straightStitches * piece.stitchMm) / 2 : 0;
  const lengthMm = piece.kind === 'half-disc' ? radius : 2 * radius;
  return Array.from({ length: CURVE_STEPS + 1 }, (_, step) => {
    const alongMm = (lengthMm * step) / CURVE_STEPS;
    const fromMiddle = piece.kind === 'half-disc' ? alongMm : alongMm - radius;
    return { alongMm, halfMm: straight + Math.sqrt(Math.max(0, radius ** 2 - fromMiddle ** 2)) };
  });
}

/** From the middle of one row to that of the next, straight where they are as wide as each other: nobody cuts cloth in steps. */
function rowsOutline(
  { rows, rowMm, stitchMm }: RowsPiece,
  hem: { fromRow: number; toRow: number } | null,
): OutlinePoint[] {
  const outline: OutlinePoint[] = [];
  const add = (alongMm: number, halfMm: number) => {
    const before = outline.at(-2);
    const last = outline.at(-1);
    if (last && before?.halfMm === halfMm && last.halfMm === halfMm) last.alongMm = alongMm;
    else outline.push({ alongMm, halfMm });
  };
  let shown = 0;
  let halfMm = 0;
  rows.forEach(({ stitches }, index) => {
    if (hem !== null && index + 1 >= hem.fromRow && index + 1 <= hem.toRow) return;
    halfMm = (stitches * stitchMm) / 2;
    if (shown === 0) add(0, halfMm);
    add((shown + 0.5) * rowMm, halfMm);
    shown += 1;
  });
  if (shown > 0) add(shown * rowMm, halfMm);
  return outline;
}

/**
 * An outline moved outwards all round by so much, or inwards: the cut line, and the line that is pressed.
 *
 * @param byMm outwards; below nought inwards
 * Source: geometry: the points no further than that from the outline's inside, or no nearer to its outside.
 *
 * @example
 * offsetOutline([{ alongMm: 0, halfMm: 50 }, { alongMm: 80, halfMm: 50 }], 10).at(-1) // => { alongMm: 90, halfMm: 50 }
 */
export function offsetOutline(outline: readonly OutlinePoint[], byMm: number): OutlinePoint[] {
  const first = outline[0]?.alongMm ?? 0;
  const last = outline.at(-1)?.alongMm ?? 0;
  const reach = Math.abs(byMm);
  const from = first - byMm;
  const to = last + byMm;
  if (to <= from) return [];
  const steps = Math.min(MOST_MOVED_STEPS, Math.max(2, Math.ceil((to - from) / MOVED_STEP_MM)));
  return Array.from({ length: steps + 1 }, (_, step) => {
    const alongMm = from + ((to - from) * step) / steps;
    let halfMm = byMm >= 0 ? 0 : Infinity;
    for (let tenth = -10; tenth <= 10; tenth += 1) {
      const away = (reach * tenth) / 10;
      const at = alongMm + away;
      const sideways = Math.sqrt(Math.max(0, reach ** 2 - away ** 2));
      if (byMm >= 0) {
        if (at >= first - 1e-9 && at <= last + 1e-9) halfMm = Math.max(halfMm, widthAt(outline, at) + sideways);
      } else halfMm = Math.min(halfMm, widthAt(outline, Math.min(last, Math.max(first, at))) - sideways);
    }
    return { alongMm, halfMm: Math.max(0, halfMm) };
  });
}

/**
 * The stretch of an outline between two distances.
 *
 * @example
 * outlineBetween([{ alongMm: 0, halfMm: 50 }, { alongMm: 80, halfMm: 10 }], 20, 60) // => [{ alongMm: 20, halfMm: 40 }, { alongMm: 60, halfMm: 20 }]
 */
export function outlineBetween(outline: readonly OutlinePoint[], fromMm: number, toMm: number): OutlinePoint[] {
  const [first, last] = [outline[0], outline.at(-1)];
  if (!first || !last || toMm <= first.alongMm || fromMm >= last.alongMm) return [];
  const [from, to] = [Math.max(fromMm, first.alongMm), Math.min(toMm, last.alongMm)];
  const within = outline.filter(({ alongMm }) => alongMm > from + 1e-6 && alongMm < to - 1e-6);
  const at = (alongMm: number): OutlinePoint => ({ alongMm, halfMm: widthAt(outline, alongMm) });
  return [at(from), ...within, at(to)];
}

/** The outline's half width at a distance; where a row ends and the next begins, the wider of both. */
function widthAt(outline: readonly OutlinePoint[], alongMm: number): number {
  let found = 0;
  for (let index = firstUpTo(outline, alongMm - 1e-9); index + 1 < outline.length; index += 1) {
    const [a, b] = [outline[index] as OutlinePoint, outline[index + 1] as OutlinePoint];
    if (a.alongMm > alongMm + 1e-9) break;
    const span = b.alongMm - a.alongMm;
    const share = span < 1e-9 ? 0 : (alongMm - a.alongMm) / span;
    found = Math.max(found, span < 1e-9 ? Math.max(a.halfMm, b.halfMm) : a.halfMm + share * (b.halfMm - a.halfMm));
  }
  return found;
}

/** Where the first stretch of an outline begins that goes on up to a distance or beyond it. */
function firstUpTo(outline: readonly OutlinePoint[], alongMm: number): number {
  let [low, high] = [0, outline.length - 1];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((outline[middle + 1] as OutlinePoint).alongMm < alongMm) low = middle + 1;
    else high = middle;
  }
  return low;
}
