import { ringArea, type Ring, type RingPoint } from './ring';

/**
 * A ring with every side moved outwards, or inwards where it is less than nought, before its loops are taken away: what is wound about more than nought times is within.
 * Where both sides of a corner keep their way the corner lies where they meet; at an inner corner with a side that would turn about, the way goes by the corner itself, so that what it
 * winds round the wrong way lies within it.
 *
 * @param ring counter-clockwise
 * @param mitreLimit a corner that would reach further than so many times the distance is not mitred
 * @returns null where there is such a corner, or a side without length: then more is needed than this
 *
 * Source: geometry: a corner of turn θ lies d/cos(θ/2) away along the bisector of its sides.
 *
 * @example
 * movedCorners([[0, 0], [100, 0], [100, 50], [0, 50]], 10, 3) // => [[-10, -10], [110, -10], [110, 60], [-10, 60]]
 */
export function movedCorners(ring: Ring, mm: number, mitreLimit: number): Ring | null {
  const count = ring.length;
  if (count < 3 || ringArea(ring) <= 0) return null;
  const way: RingPoint[] = [];
  for (let at = 0; at < count; at++) {
    const [[x, y], [nextX, nextY]] = [ring[at] as RingPoint, ring[(at + 1) % count] as RingPoint];
    const lengthMm = Math.sqrt((nextX - x) ** 2 + (nextY - y) ** 2);
    if (lengthMm === 0) return null;
    way.push([(nextX - x) / lengthMm, (nextY - y) / lengthMm]);
  }
  const mitred: RingPoint[] = [];
  for (let at = 0; at < count; at++) {
    const [[ax, ay], [bx, by]] = [way[(at + count - 1) % count] as RingPoint, way[at] as RingPoint];
    // Twice the square of cos(θ/2).
    const share = 1 + ax * bx + ay * by;
    if (share * mitreLimit ** 2 < 2) return null;
    const [x, y] = ring[at] as RingPoint;
    mitred.push([x + (mm * (ay + by)) / share, y - (mm * (ax + bx)) / share]);
  }
  const turnsAbout = mitred.map(([x, y], at) => {
    const [[nextX, nextY], [wayX, wayY]] = [mitred[(at + 1) % count] as RingPoint, way[at] as RingPoint];
    return (nextX - x) * wayX + (nextY - y) * wayY <= 0;
  });
  return mitred.flatMap((corner, at): RingPoint[] => {
    const before = (at + count - 1) % count;
    const [[ax, ay], [bx, by]] = [way[before] as RingPoint, way[at] as RingPoint];
    const isInner = (ax * by - ay * bx) * mm < 0;
    if (!isInner || (!turnsAbout[before] && !turnsAbout[at])) return [corner];
    const [x, y] = ring[at] as RingPoint;
    return [
      [x + mm * ay, y - mm * ax],
      [x, y],
      [x + mm * by, y - mm * bx],
    ];
  });
}
