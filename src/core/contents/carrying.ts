import { usualStrap, type Carrying } from '@/core/design';

interface WornLength {
  leastMm: number;
  usualMm: number;
  mostMm: number;
}

/**
 * How long a strap is usually worn, from foot to foot, for each way to carry a bag; none for a bag that is held. From memory: a
 * tape laid where the strap will run is better.
 */
export const WORN_LENGTHS: Record<Carrying, WornLength | null> = {
  'in-the-hand': null,
  'on-the-wrist': { leastMm: 260, usualMm: 335, mostMm: 450 },
  'on-the-arm': { leastMm: 330, usualMm: 440, mostMm: 620 },
  'on-the-shoulder': { leastMm: 480, usualMm: 690, mostMm: 950 },
  'across-the-body': { leastMm: 950, usualMm: 1180, mostMm: 1500 },
  'round-the-waist': { leastMm: 600, usualMm: 880, mostMm: 1400 },
};

/**
 * A strap as it is first added to a bag that is carried so: as long as is usual for that.
 *
 * @example
 * strapForCarrying('on-the-wrist').wornLengthMm // => 335
 */
export function strapForCarrying(carried: Carrying): ReturnType<typeof usualStrap> {
  const usual = usualStrap();
  return { ...usual, wornLengthMm: WORN_LENGTHS[carried]?.usualMm ?? usual.wornLengthMm };
}

/**
 * How wide what a strap lies over is, mm; null where it runs round a body, and does not hang. From memory: a closed hand, a wrist, a bent arm, the slope of a
 * shoulder.
 */
export const SUPPORT_MM: Record<Carrying, number | null> = {
  'in-the-hand': 85,
  'on-the-wrist': 60,
  'on-the-arm': 90,
  'on-the-shoulder': 110,
  'across-the-body': null,
  'round-the-waist': null,
};
