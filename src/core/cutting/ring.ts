/** A closed outline, mm: across to the right, up; counter-clockwise, its last point not the first again. */
export type Ring = readonly RingPoint[];
export type RingPoint = readonly [xMm: number, yMm: number];

/**
 * The area within a ring, mm²; less than nought of one that runs clockwise.
 *
 * Source: the shoelace formula.
 *
 * @example
 * ringArea([[0, 0], [10, 0], [10, 4], [0, 4]]) // => 40
 */
export const ringArea = (ring: Ring): number =>
  ring.reduce((sum, [x, y], index) => {
    const [nextX, nextY] = ring[(index + 1) % ring.length] as RingPoint;
    return sum + (x * nextY - nextX * y) / 2;
  }, 0);

/**
 * All round a ring, mm.
 *
 * @example
 * ringLength([[0, 0], [10, 0], [10, 4], [0, 4]]) // => 28
 */
export const ringLength = (ring: Ring): number =>
  ring.reduce((sum, [x, y], index) => {
    const [nextX, nextY] = ring[(index + 1) % ring.length] as RingPoint;
    return sum + Math.hypot(nextX - x, nextY - y);
  }, 0);

export interface RingBounds {
  leftMm: number;
  rightMm: number;
  lowMm: number;
  highMm: number;
  widthMm: number;
  heightMm: number;
}

/**
 * The rectangle that a ring lies within.
 *
 * @example
 * ringBounds([[2, 1], [10, 1], [10, 4]]).widthMm // => 8
 */
export function ringBounds(ring: Ring): RingBounds {
  let [leftMm, rightMm, lowMm, highMm] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const [x, y] of ring) {
    leftMm = Math.min(leftMm, x);
    rightMm = Math.max(rightMm, x);
    lowMm = Math.min(lowMm, y);
    highMm = Math.max(highMm, y);
  }
  return { leftMm, rightMm, lowMm, highMm, widthMm: rightMm - leftMm, heightMm: highMm - lowMm };
}

/** A rectangle with its middle across at nought, standing on nought. */
export const rectangle = (widthMm: number, heightMm: number): Ring => [
  [-widthMm / 2, 0],
  [widthMm / 2, 0],
  [widthMm / 2, heightMm],
  [-widthMm / 2, heightMm],
];

/** Points of a quarter circle: enough that a tenth of a millimetre is not missed on a bag. */
const QUARTER_STEPS = 24;

/**
 * A rectangle whose two lower corners are rounded, with its middle across at nought, standing on nought.
 *
 * @example
 * Math.round(ringArea(roundedBelow(100, 80, 20))) // => 7828
 */
export function roundedBelow(widthMm: number, heightMm: number, radiusMm: number): Ring {
  const radius = Math.max(0, Math.min(radiusMm, widthMm / 2, heightMm));
  if (radius === 0) return rectangle(widthMm, heightMm);
  const corner = (x: number, fromDeg: number): RingPoint[] =>
    Array.from({ length: QUARTER_STEPS + 1 }, (_, step) => {
      const rad = ((fromDeg + (90 * step) / QUARTER_STEPS) * Math.PI) / 180;
      return [x + radius * Math.cos(rad), radius + radius * Math.sin(rad)] as const;
    });
  const inner = widthMm / 2 - radius;
  return [...corner(-inner, 180), ...corner(inner, 270), [widthMm / 2, heightMm], [-widthMm / 2, heightMm]];
}

/**
 * Two half circles with a straight stretch between them, as wide as both together; a circle where it is no wider than high.
 *
 * @example
 * Math.round(ringArea(stadiumRing(120, 60))) // => 6425
 */
export function stadiumRing(widthMm: number, heightMm: number): Ring {
  const radius = Math.min(widthMm, heightMm) / 2;
  const straight = Math.max(0, widthMm / 2 - radius);
  const half = (x: number, fromDeg: number): RingPoint[] =>
    Array.from({ length: 2 * QUARTER_STEPS + 1 }, (_, step) => {
      const rad = ((fromDeg + (90 * step) / QUARTER_STEPS) * Math.PI) / 180;
      return [x + radius * Math.cos(rad), radius + radius * Math.sin(rad)] as const;
    });
  const points = [...half(straight, -90), ...half(-straight, 90)];
  // Without a straight stretch both ends of the half circles are the same points.
  return straight > 0 ? points : [...half(0, -90), ...half(0, 90).slice(1, -1)];
}

/** A ring moved. */
export const movedRing = (ring: Ring, xMm: number, yMm: number): Ring => ring.map(([x, y]) => [x + xMm, y + yMm]);

/** A ring mirrored across a level line, counter-clockwise again. */
export const mirroredUp = (ring: Ring, yMm: number): Ring =>
  ring.map(([x, y]): RingPoint => [x, 2 * yMm - y]).reverse();
