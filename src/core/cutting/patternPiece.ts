import { movedRing, mirroredUp, rectangle, ringBounds, type Ring, type RingPoint } from './ring';
import { commonRing, offsetRing, unionRing } from './clipping';

/** Something that is marked on a piece besides its lines. */
export type PieceMark =
  /** A short cut, or a tick, across the seam allowance: it meets the same on another piece. */
  | { kind: 'notch'; at: RingPoint; to: RingPoint }
  /** A line to fold, to press or to sew along. */
  | { kind: 'fold' | 'sew'; from: RingPoint; to: RingPoint }
  /** Where something is set, or a pocket lies. */
  | { kind: 'spot'; at: RingPoint; radiusMm: number; of: string }
  | { kind: 'outline'; ring: Ring; of: string }
  /** A stretch of the seam that is left open to turn it through. */
  | { kind: 'opening'; from: RingPoint; to: RingPoint }
  /** A row of holes along an edge. */
  | { kind: 'holes'; at: readonly RingPoint[] };

/** What a piece of cloth or stiffener is cut by: its cut line, what it measures finished, and what is marked on it; mm, its middle across at nought, standing on nought. */
export interface PatternPiece {
  id: string;
  copies: number;
  /** The line that it is sewn, pressed or joined along: what it measures finished. */
  seam: Ring;
  cut: Ring;
  marks: readonly PieceMark[];
  /** Which way the grain runs; `any` of what has none. */
  grain: 'up' | 'any';
}

/** How much is cut beyond the finished line. */
export interface Allowances {
  seamMm: number;
  /** Turned in at the upper edge, beyond the finished line; and at the lower as well where both are mouths. */
  hemMm: number;
  hemAt: 'none' | 'top' | 'both';
}

/**
 * The line that a piece is cut along: the seam allowance all round, corners mitred; at an edge with a hem what is turned in, mirrored across the fold
 * of the hem, so that its sides lie on the sides of the piece once it is turned in.
 *
 * @returns the seam line itself where an allowance less than nought would leave nothing
 *
 * Source: geometry; mirrored hems are common practice.
 *
 * @example
 * cutLine([[-50, 0], [50, 0], [50, 50], [-50, 50]], { seamMm: 10, hemMm: 0, hemAt: 'none' }) // => [[60, 60], [-60, 60], [-60, -10], [60, -10]]
 */
export function cutLine(seam: Ring, { seamMm, hemMm, hemAt }: Allowances): Ring {
  const around = offsetRing(seam, seamMm, 'mitred') ?? seam;
  if (hemAt === 'none') return around;
  const top = hemmed(seam, around, seamMm, hemMm);
  if (hemAt === 'top') return top;
  // The other way up, the same again.
  const turned = (ring: Ring): Ring => ring.map(([x, y]): RingPoint => [-x, -y]);
  return turned(hemmed(turned(seam), turned(top), seamMm, hemMm));
}

/** What is mirrored laps over the fold by a hundredth of a millimetre, so that both are one, mm. */
const LAP_MM = 0.01;

/** A cut line whose upper edge is a hem of so much, instead of a seam allowance. */
function hemmed(seam: Ring, around: Ring, seamMm: number, hemMm: number): Ring {
  const { highMm, leftMm, rightMm, lowMm } = ringBounds(seam);
  const far = 4 * (rightMm - leftMm + highMm - lowMm + seamMm + hemMm);
  const below = movedRing(rectangle(far, far), 0, highMm - far);
  const body = commonRing(around, below) ?? around;
  if (hemMm <= 0) return body;
  // What lies so far below the fold, mirrored above it, with the same allowance at its sides.
  const strip = movedRing(rectangle(far, hemMm + LAP_MM), 0, highMm - hemMm);
  const within = commonRing(offsetRing(seam, seamMm, 'mitred') ?? seam, strip);
  if (!within) return body;
  return unionRing([body, mirroredUp(within, highMm)]) ?? body;
}

/** A notch across the allowance, from the finished line out to the cut. */
export const notch = (at: RingPoint, outwards: RingPoint, seamMm: number): PieceMark => ({
  kind: 'notch',
  at,
  to: [at[0] + outwards[0] * seamMm, at[1] + outwards[1] * seamMm],
});
