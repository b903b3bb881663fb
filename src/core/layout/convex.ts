import { offsetRing, type Ring, type RingPoint } from '@/core/cutting';

/** Curves are taken a hair larger, with fewer corners, mm. */
const HAIR_MM = 0.15;
const DUST_MM = 1e-6;

/**
 * The convex hull of points, counter-clockwise, without those on its sides.
 *
 * Source: Andrew's monotone chain (1979).
 *
 * @example
 * convexHull([[0, 0], [2, 0], [1, 1], [2, 2], [0, 2]]) // => [[0, 0], [2, 0], [2, 2], [0, 2]]
 */
export function convexHull(points: Ring): Ring {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const half = (from: Ring): RingPoint[] => {
    const chain: RingPoint[] = [];
    for (const point of from) {
      while (chain.length >= 2 && turnOf(chain.at(-2) as RingPoint, chain.at(-1) as RingPoint, point) <= 1e-9)
        chain.pop();
      chain.push(point);
    }
    chain.pop();
    return chain;
  };
  return [...half(sorted), ...half([...sorted].reverse())];
}

const turnOf = (a: RingPoint, b: RingPoint, c: RingPoint): number =>
  (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);

/** A convex ring with fewer corners, that the one it is of lies within: every corner that stands out by less than a hair is left out of the grown ring. */
export function coarser(ring: Ring): Ring {
  if (ring.length <= 8) return ring;
  const grown = offsetRing(ring, HAIR_MM, 'mitred') ?? ring;
  const kept: RingPoint[] = [];
  grown.forEach((point, index) => {
    const before = kept.at(-1) ?? (grown.at(-1) as RingPoint);
    const after = grown[(index + 1) % grown.length] as RingPoint;
    const long = Math.hypot(after[0] - before[0], after[1] - before[1]);
    if (long < DUST_MM || Math.abs(turnOf(before, point, after)) / long > HAIR_MM / 2) kept.push(point);
  });
  return kept.length >= 3 ? convexHull(kept) : grown;
}

/**
 * Where the lower left corner of one convex ring must not be, so that it does not lie on another: their Minkowski difference, counter-clockwise.
 *
 * Source: Minkowski sum of convex polygons by merging their sides by direction.
 *
 * @example
 * noFitRing([[0, 0], [4, 0], [4, 4], [0, 4]], [[0, 0], [2, 0], [2, 2], [0, 2]]) // => [[-2, -2], [4, -2], [4, 4], [-2, 4]]
 */
export function noFitRing(still: Ring, moved: Ring): Ring {
  const negative = convexHull(moved.map(([x, y]): RingPoint => [-x, -y]));
  const from = (ring: Ring): number =>
    ring.reduce((least, [x, y], at) => {
      const [leastX, leastY] = ring[least] as RingPoint;
      return y < leastY - DUST_MM || (Math.abs(y - leastY) <= DUST_MM && x < leastX) ? at : least;
    }, 0);
  const sides = (ring: Ring): RingPoint[] => {
    const start = from(ring);
    return ring.map((_, index) => {
      const [x, y] = ring[(start + index) % ring.length] as RingPoint;
      const [nextX, nextY] = ring[(start + index + 1) % ring.length] as RingPoint;
      return [nextX - x, nextY - y] as const;
    });
  };
  const [a, b] = [convexHull(still), negative];
  const [ax, ay] = a[from(a)] as RingPoint;
  const [bx, by] = b[from(b)] as RingPoint;
  const angle = ([x, y]: RingPoint) => (Math.atan2(y, x) + 2 * Math.PI) % (2 * Math.PI);
  const all = [...sides(a), ...sides(b)].sort((one, other) => angle(one) - angle(other));
  let [x, y] = [ax + bx, ay + by];
  const out: RingPoint[] = [];
  for (const [dx, dy] of all) {
    out.push([x, y]);
    [x, y] = [x + dx, y + dy];
  }
  return convexHull(out);
}

/** Strictly within a convex ring. */
export function isWithin(ring: Ring, x: number, y: number): boolean {
  for (let index = 0; index < ring.length; index++) {
    const a = ring[index] as RingPoint;
    const b = ring[(index + 1) % ring.length] as RingPoint;
    const long = Math.hypot(b[0] - a[0], b[1] - a[1]);
    if (long > 0 && turnOf(a, b, [x, y]) / long <= 1e-5) return false;
  }
  return true;
}

/** Where two sides cross; nothing where they don't. */
export function crossing(a: RingPoint, b: RingPoint, c: RingPoint, d: RingPoint): RingPoint | null {
  const [rx, ry, sx, sy] = [b[0] - a[0], b[1] - a[1], d[0] - c[0], d[1] - c[1]];
  const by = rx * sy - ry * sx;
  if (Math.abs(by) < 1e-12) return null;
  const t = ((c[0] - a[0]) * sy - (c[1] - a[1]) * sx) / by;
  const u = ((c[0] - a[0]) * ry - (c[1] - a[1]) * rx) / by;
  return t >= 0 && t <= 1 && u >= 0 && u <= 1 ? [a[0] + t * rx, a[1] + t * ry] : null;
}
