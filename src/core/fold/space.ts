/** A point or a way in space, mm: x from the front to the back, y up from the base, z across. */
export interface Vec {
  x: number;
  y: number;
  z: number;
}

export const vec = (x: number, y: number, z: number): Vec => ({ x, y, z });

/**
 * One way and a multiple of another, added.
 *
 * @example
 * plus(vec(1, 2, 3), vec(0, 1, 0), 10) // => { x: 1, y: 12, z: 3 }
 */
export const plus = (a: Vec, b: Vec, times = 1): Vec => vec(a.x + times * b.x, a.y + times * b.y, a.z + times * b.z);

/** The way from one point to another. */
export const between = (from: Vec, to: Vec): Vec => plus(to, from, -1);

/**
 * At right angles to both, by the right-hand rule.
 *
 * @example
 * cross(vec(1, 0, 0), vec(0, 1, 0)) // => { x: 0, y: 0, z: 1 }
 */
export const cross = (a: Vec, b: Vec): Vec => vec(a.y * b.z - a.z * b.y, a.z * b.x - a.x * b.z, a.x * b.y - a.y * b.x);

export const dot = (a: Vec, b: Vec): number => a.x * b.x + a.y * b.y + a.z * b.z;

export const lengthOf = (a: Vec): number => Math.hypot(a.x, a.y, a.z);

/**
 * The distance of two points, mm.
 *
 * @example
 * distanceOf(vec(0, 0, 0), vec(3, 4, 0)) // => 5
 */
export const distanceOf = (a: Vec, b: Vec): number => lengthOf(between(a, b));

/** The same way, 1 mm long; null of one that has no length. */
export function unit(a: Vec): Vec | null {
  const length = lengthOf(a);
  return length > 1e-9 ? vec(a.x / length, a.y / length, a.z / length) : null;
}
