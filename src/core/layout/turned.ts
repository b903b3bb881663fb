import { ringBounds, type Ring, type RingPoint } from '@/core/cutting';

/** Quarter turns, counter-clockwise. */
export type Turn = 0 | 90 | 180 | 270;

/**
 * A ring turned, with the lower left corner of the rectangle that it lies within at nought.
 *
 * @example
 * turnedRing([[0, 0], [10, 0], [10, 4], [0, 4]], 90) // => [[4, 0], [4, 10], [0, 10], [0, 0]]
 */
export function turnedRing(ring: Ring, turn: Turn): Ring {
  const turned = ring.map(([x, y]): RingPoint => {
    switch (turn) {
      case 0:
        return [x, y];
      case 90:
        return [-y, x];
      case 180:
        return [-x, -y];
      case 270:
        return [y, -x];
    }
  });
  const { leftMm, lowMm } = ringBounds(turned);
  return turned.map(([x, y]): RingPoint => [x - leftMm, y - lowMm]);
}
