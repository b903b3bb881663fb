import { ringArea, type Ring, type RingPoint } from './ring';

/** On which side of the way from a to b a point lies: left 1, right -1, on it 0. */
const turn = ([ax, ay]: RingPoint, [bx, by]: RingPoint, [cx, cy]: RingPoint) =>
  Math.sign((bx - ax) * (cy - ay) - (by - ay) * (cx - ax));

const isWithin = ([ax, ay]: RingPoint, [bx, by]: RingPoint, [cx, cy]: RingPoint) =>
  Math.min(ax, bx) <= cx && cx <= Math.max(ax, bx) && Math.min(ay, by) <= cy && cy <= Math.max(ay, by);

function meet(a: RingPoint, b: RingPoint, c: RingPoint, d: RingPoint): boolean {
  const [t1, t2, t3, t4] = [turn(a, b, c), turn(a, b, d), turn(c, d, a), turn(c, d, b)];
  if (t1 !== t2 && t3 !== t4) return true;
  if ((t1 === 0 && isWithin(a, b, c)) || (t2 === 0 && isWithin(a, b, d))) return true;
  return (t3 === 0 && isWithin(c, d, a)) || (t4 === 0 && isWithin(c, d, b));
}

/** Neighbours share a corner; one that runs back along the other encloses nothing there. */
const runsBack = (from: RingPoint, corner: RingPoint, to: RingPoint) =>
  turn(from, corner, to) === 0 && (isWithin(from, corner, to) || isWithin(corner, to, from));

interface Side {
  at: number;
  from: RingPoint;
  to: RingPoint;
  leftMm: number;
  rightMm: number;
  lowMm: number;
  highMm: number;
}

/**
 * Whether a ring encloses something and none of its sides crosses or touches another, but for the ends of neighbours.
 *
 * Sides are compared from left to right, each with those that begin before it ends (Shamos and Hoey 1976, without their tree: outlines of pieces have few sides above each other).
 *
 * @example
 * isSimple([[0, 0], [10, 10], [10, 0], [0, 10]]) // => false
 */
export function isSimple(ring: Ring): boolean {
  const count = ring.length;
  const sides = ring.map((from, at): Side => {
    const to = ring[(at + 1) % count] as RingPoint;
    const [leftMm, rightMm] = from[0] < to[0] ? [from[0], to[0]] : [to[0], from[0]];
    const [lowMm, highMm] = from[1] < to[1] ? [from[1], to[1]] : [to[1], from[1]];
    return { at, from, to, leftMm, rightMm, lowMm, highMm };
  });
  sides.sort((one, other) => one.leftMm - other.leftMm);
  for (let first = 0; first < count; first++) {
    const one = sides[first] as Side;
    for (let second = first + 1; second < count; second++) {
      const other = sides[second] as Side;
      if (other.leftMm > one.rightMm) break;
      if (other.lowMm > one.highMm || one.lowMm > other.highMm) continue;
      const isNext = (one.at + 1) % count === other.at;
      const isBefore = (other.at + 1) % count === one.at;
      if (isNext && runsBack(one.from, one.to, other.to)) return false;
      if (isBefore && runsBack(other.from, other.to, one.to)) return false;
      if (!isNext && !isBefore && meet(one.from, one.to, other.from, other.to)) return false;
    }
  }
  return ringArea(ring) !== 0;
}
