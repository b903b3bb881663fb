import type { Carrying } from '@/core/design';
import type { Source } from '@/core/figures';
import { dropMm, lengthForDropMm, type Span } from './hanging';

/** A figure that wears a strap, set to her own size, mm. */
export interface BodySize {
  heightMm: number;
  hipMm: number;
}

/** Where the figure's parts are: above the floor, and from its middle line, mm. */
export interface BodyPlaces {
  headMm: number;
  shoulderMm: number;
  waistMm: number;
  elbowMm: number;
  hipMm: number;
  wristMm: number;
  palmMm: number;
  kneeMm: number;
  shoulderHalfMm: number;
  hipHalfMm: number;
}

export const BODY_SOURCE: Source = {
  kind: 'published',
  reference:
    'Shares of the height: R. Drillis, R. Contini, Body segment parameters, 1966, as given in D. A. Winter, Biomechanics and motor control of human movement',
};

/** A body across the hip is so deep, as a share of how wide it is. From memory. */
const HIP_DEPTH_SHARE = 0.7;
/** Where a strap lies on the shoulder, as a share of the way from the neck's middle to the shoulder's end. From memory. */
const ON_SHOULDER_SHARE = 0.6;
/** A strap across the body goes round its chest and hip: so much longer than straight. From memory. */
const ROUND_CHEST_TIMES = 1.04;
/** Over the shoulder, from front to back, mm. From memory. */
const OVER_SHOULDER_MM = 110;

/**
 * How far round an oval is that is so wide, and so deep as a body is; and how wide it is, the other way round.
 *
 * Source: Ramanujan, Modular equations and approximations to π, 1914 (the perimeter of an ellipse).
 */
const GIRTH_OF_WIDTH = (() => {
  const [a, b] = [0.5, HIP_DEPTH_SHARE / 2];
  return Math.PI * (3 * (a + b) - Math.sqrt((3 * a + b) * (a + 3 * b)));
})();

/**
 * Where the parts of a figure are.
 *
 * Source: {@link BODY_SOURCE}; waist and palm from memory.
 *
 * @example
 * bodyPlaces({ heightMm: 1700, hipMm: 1000 }).shoulderMm.toFixed(1) // => '1390.6'
 */
export const bodyPlaces = ({ heightMm, hipMm }: BodySize): BodyPlaces => ({
  headMm: 0.87 * heightMm,
  shoulderMm: 0.818 * heightMm,
  waistMm: 0.61 * heightMm,
  elbowMm: 0.63 * heightMm,
  hipMm: 0.53 * heightMm,
  wristMm: 0.485 * heightMm,
  palmMm: 0.43 * heightMm,
  kneeMm: 0.285 * heightMm,
  shoulderHalfMm: 0.1295 * heightMm,
  hipHalfMm: hipMm / GIRTH_OF_WIDTH / 2,
});

/** What a strap lies over when it hangs, above the floor; null where it runs round the body. */
export const supportHeightMm = (over: Carrying, places: BodyPlaces): number | null => {
  switch (over) {
    case 'in-the-hand':
      return places.palmMm;
    case 'on-the-wrist':
      return places.wristMm;
    case 'on-the-arm':
      return places.elbowMm;
    case 'on-the-shoulder':
      return places.shoulderMm;
    case 'across-the-body':
    case 'round-the-waist':
      return null;
  }
};

/** Where a strap across the body lies on the shoulder, from the figure's middle, mm. */
export const onShoulderMm = ({ shoulderHalfMm }: BodyPlaces): number => ON_SHOULDER_SHARE * shoulderHalfMm;

/**
 * How long a strap must be from mouth to mouth, so that a bag's mouth hangs so far above the floor.
 *
 * Across the body it runs from the bag at one hip up to the other shoulder, over it, and down the back; round the waist it is as long as
 * the figure is round the hip.
 *
 * @param span where it hangs over something; null round a body
 * @returns null where the mouth would be above what the strap lies over
 * Source: geometry; what a body adds to a straight line, from memory.
 *
 * @example
 * lengthOnFigureMm('on-the-shoulder', { heightMm: 1700, hipMm: 1000 }, 1000, { feetMm: 110, supportMm: 110 })?.toFixed(1) // => '891.2'
 * lengthOnFigureMm('round-the-waist', { heightMm: 1700, hipMm: 1000 }, 900, null) // => 1000
 */
export function lengthOnFigureMm(over: Carrying, size: BodySize, mouthMm: number, span: Span | null): number | null {
  const places = bodyPlaces(size);
  const supportMm = supportHeightMm(over, places);
  if (supportMm !== null) return span && supportMm > mouthMm ? lengthForDropMm(supportMm - mouthMm, span) : null;
  if (over === 'round-the-waist') return size.hipMm;
  const down = places.shoulderMm - mouthMm;
  if (down <= 0) return null;
  return 2 * ROUND_CHEST_TIMES * Math.hypot(down, places.hipHalfMm + onShoulderMm(places)) + OVER_SHOULDER_MM;
}

/**
 * Where the mouth of a bag hangs on a figure, above the floor: the other way round.
 *
 * @returns null where the strap is too short to go round the figure
 *
 * @example
 * mouthOnFigureMm('on-the-shoulder', { heightMm: 1700, hipMm: 1000 }, 891.2, { feetMm: 110, supportMm: 110 })?.toFixed(1) // => '1000.0'
 */
export function mouthOnFigureMm(over: Carrying, size: BodySize, lengthMm: number, span: Span | null): number | null {
  const places = bodyPlaces(size);
  const supportMm = supportHeightMm(over, places);
  if (supportMm !== null) {
    const drop = span && dropMm(lengthMm, span);
    return drop === null ? null : supportMm - drop;
  }
  if (over === 'round-the-waist') return lengthMm < size.hipMm ? null : places.hipMm;
  const armMm = (lengthMm - OVER_SHOULDER_MM) / 2 / ROUND_CHEST_TIMES;
  const asideMm = places.hipHalfMm + onShoulderMm(places);
  return armMm > asideMm ? places.shoulderMm - Math.sqrt(armMm ** 2 - asideMm ** 2) : null;
}
