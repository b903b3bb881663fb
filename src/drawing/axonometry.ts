import { vec, type Vec } from '@/core/fold';

/** How the folded bag is turned to be looked at, without perspective, so that it is to scale. */
export interface View {
  /** Turned about its upright axis, radians; 0 looks at the front. */
  yawRad: number;
  /** Tipped towards the eye, radians; 0 looks level. */
  pitchRad: number;
  /** What lies so far above the middle, as it is seen, is in the middle of the picture, mm. */
  upMm: number;
}

/** A point as it is seen, mm: x to the right and y up from the middle of the picture, depth towards the eye. */
interface Seen {
  x: number;
  y: number;
  depth: number;
}

/** From a little to the right and above: front, side and mouth can be seen. */
export const USUAL_VIEW: View = { yawRad: -0.55, pitchRad: 0.42, upMm: 0 };

/**
 * Where a point of the folded bag is seen.
 *
 * @param middle the point that the bag is turned about
 *
 * @example
 * seen({ x: 0, y: 10, z: 30 }, { yawRad: 0, pitchRad: 0, upMm: 0 }, { x: 0, y: 0, z: 0 }) // => { x: 30, y: 10, depth: 0 }
 */
export function seen(point: Vec, { yawRad, pitchRad, upMm }: View, middle: Vec): Seen {
  // From the front, z runs to the right and x away from the eye.
  const right = point.z - middle.z;
  const up = point.y - middle.y;
  const near = middle.x - point.x;
  const x = right * Math.cos(yawRad) + near * Math.sin(yawRad);
  const turned = near * Math.cos(yawRad) - right * Math.sin(yawRad);
  return {
    x,
    y: up * Math.cos(pitchRad) - turned * Math.sin(pitchRad) - upMm,
    depth: up * Math.sin(pitchRad) + turned * Math.cos(pitchRad),
  };
}

/**
 * The point that is seen at a place: `seen` the other way round.
 *
 * @example
 * unseen({ x: 30, y: 10, depth: 0 }, { yawRad: 0, pitchRad: 0, upMm: 0 }, { x: 0, y: 0, z: 0 }) // => { x: 0, y: 10, z: 30 }
 */
export function unseen({ x, y, depth }: Seen, { yawRad, pitchRad, upMm }: View, middle: Vec): Vec {
  const up = (y + upMm) * Math.cos(pitchRad) + depth * Math.sin(pitchRad);
  const turned = depth * Math.cos(pitchRad) - (y + upMm) * Math.sin(pitchRad);
  const right = x * Math.cos(yawRad) - turned * Math.sin(yawRad);
  const near = x * Math.sin(yawRad) + turned * Math.cos(yawRad);
  return vec(middle.x - near, middle.y + up, middle.z + right);
}

/** The middle of a box. */
export const middleOf = ({ from, to }: { from: Vec; to: Vec }): Vec =>
  vec((from.x + to.x) / 2, (from.y + to.y) / 2, (from.z + to.z) / 2);
