import { offsetRing, ringArea, ringBounds, ringsLess, type Ring, type RingPoint } from '@/core/cutting';
import { convexHull, noFitRing } from './convex';
import { hullOf } from './hullOf';
import type { LaidPiece, LayoutPiece } from './layoutTypes';
import { turnedRing } from './turned';

/** So much larger a remnant is taken, all round, that what just fits is not lost in the clipping, mm. */
const HAIR_MM = 0.01;

interface Lying {
  piece: LaidPiece;
  /** Its outline with half of what is left between, from the corner of its rectangle. */
  hull: Ring;
}

/**
 * Pieces laid on remnants in an order, each on the smallest that takes it, as low on it as it goes and then as far left. A piece with a hollow is
 * taken with it filled; what finds no room is left for the cloth.
 *
 * Source: no-fit and inner-fit polygons of a convex piece, as their vertices are searched after Art (1966).
 *
 * @param remnants their outlines, mm, the grain upwards; a hollow one keeps its hollow
 * @returns what was laid, with how much was tried on the way
 */
export function* onRemnants(
  pieces: readonly LayoutPiece[],
  order: readonly number[],
  remnants: readonly Ring[],
  betweenMm: number,
): Generator<number, LaidPiece[]> {
  const area = (ring: Ring) => Math.abs(ringArea(ring));
  const sheets = remnants
    .map((ring, remnant) => ({ ring, remnant, lying: [] as Lying[] }))
    .sort((a, b) => area(a.ring) - area(b.ring));
  for (const [done, piece] of order.entries()) {
    const { ring, turns } = pieces[piece] as LayoutPiece;
    for (const sheet of sheets) {
      if (area(ring) > area(sheet.ring) + 1) continue;
      let best: (Lying & { topMm: number }) | null = null;
      for (const turn of turns) {
        const turned = turnedRing(ring, turn);
        const hull = hullOf(turned, betweenMm);
        const at = lowestWithin(sheet.ring, convexHull(turned), hull, sheet.lying);
        if (!at) continue;
        const topMm = at[1] + ringBounds(turned).heightMm;
        if (!best || topMm < best.topMm - HAIR_MM)
          best = { piece: { piece, turn, xMm: at[0], yMm: at[1], remnant: sheet.remnant }, hull, topMm };
      }
      if (!best) continue;
      sheet.lying.push(best);
      break;
    }
    yield (done + 1) / order.length;
  }
  return sheets.flatMap(({ lying }) => lying.map(({ piece }) => piece));
}

/**
 * Where the corner of a piece can lie lowest, and there furthest left, so that it is within the remnant and on none that lies there; nothing where it can't.
 *
 * @param own its convex hull
 * @param hull the same, grown by half of what is left between
 */
function lowestWithin(remnant: Ring, own: Ring, hull: Ring, lying: readonly Lying[]): RingPoint | null {
  const grown = offsetRing(remnant, HAIR_MM, 'mitred') ?? remnant;
  const [first] = own;
  if (!first) return null;
  // Where its first corner is inside, less where any side of the remnant would cross it, less where it would lie on another.
  const inside = grown.map(([x, y]): RingPoint => [x - first[0], y - first[1]]);
  const crossed = grown.map((from, index) => {
    const to = grown[(index + 1) % grown.length] as RingPoint;
    return convexHull([from, to].flatMap(([x, y]) => own.map(([hx, hy]): RingPoint => [x - hx, y - hy])));
  });
  const taken = lying.map(({ piece: { xMm, yMm }, hull: other }) =>
    noFitRing(other, hull).map(([x, y]): RingPoint => [x + xMm, y + yMm]),
  );
  let lowest: RingPoint | null = null;
  for (const [x, y] of ringsLess([inside], [...crossed, ...taken]).flat())
    if (!lowest || y < lowest[1] - HAIR_MM / 2 || (y < lowest[1] + HAIR_MM / 2 && x < lowest[0])) lowest = [x, y];
  return lowest;
}
