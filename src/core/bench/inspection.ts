import { isOnFlap } from '@/core/closure';
import type { CameOut, Design } from '@/core/design';
import type { Figure } from '@/core/figures';
import type { Plan } from '@/core/plan';

/** A tape says no more than this of a finished bag, mm. From memory. */
export const LEAST_TOLERANCE_MM = 2;

export type InspectedSize = 'widthMm' | 'heightMm' | 'depthMm';

/** A size of the finished bag: as planned, as it came out, and whether that is within what was to be expected. */
export interface SizeToInspect {
  size: InspectedSize;
  figure: Figure;
  toleranceMm: number;
  cameOutMm: number | null;
  /** Came out less planned, mm; null before it is measured. */
  offMm: number | null;
  isWithin: boolean | null;
}

/** The sizes of a finished bag, from outside. Within: no further off than its ± (95 %), or what a tape tells. */
export function sizesToInspect({ cameOut }: Pick<Design, 'cameOut'>, { pouch }: Pick<Plan, 'pouch'>): SizeToInspect[] {
  const came: CameOut | undefined = cameOut.find(({ of }) => of === 'bag');
  const { width, height, depth } = pouch.figures;
  const sizes: [InspectedSize, Figure | null][] = [
    ['widthMm', width],
    ['heightMm', height],
    ['depthMm', depth],
  ];
  return sizes.flatMap(([size, figure]) => {
    if (!figure) return [];
    const cameOutMm = came?.[size] ?? null;
    const toleranceMm = Math.max(LEAST_TOLERANCE_MM, figure.plusMinus ?? 0);
    const offMm = cameOutMm === null ? null : cameOutMm - figure.value;
    return [
      { size, figure, toleranceMm, cameOutMm, offMm, isWithin: offMm === null ? null : Math.abs(offMm) <= toleranceMm },
    ];
  });
}

/** What is looked at on a finished bag. */
export const LOOKS = [
  'start-even',
  'sides-straight',
  'counts-even',
  'corners-square',
  'tails-secure',
  'seams-whole',
  'flap-covers',
  'halves-meet',
  'straps-level',
  'straps-untwisted',
  'lining-smooth',
  'holds-its-load',
] as const;
export type LookId = (typeof LOOKS)[number];

/** What is to be looked at on this bag, in the order in which it is turned over in the hand. Source: common practice, no source. */
export function looksFor(
  { lining }: Pick<Design, 'lining'>,
  plan: Pick<Plan, 'flap' | 'straps' | 'joins' | 'fittings' | 'contents'>,
): LookId[] {
  const has: Partial<Record<LookId, boolean>> = {
    'seams-whole': plan.joins.some(({ made }) => made === 'sewn'),
    'flap-covers': plan.flap.hasFlap,
    'halves-meet': plan.fittings.some(isOnFlap),
    'straps-level': plan.straps.length > 0,
    'straps-untwisted': plan.straps.length > 0,
    'lining-smooth': lining !== null,
    'holds-its-load': plan.contents.figures.mass !== null,
  };
  return LOOKS.filter((look) => has[look] ?? true);
}

/**
 * How a look is named among the steps that she ticks.
 *
 * @example
 * lookStep('flap-covers') // => 'look.flap-covers'
 */
export const lookStep = (look: LookId): string => `look.${look}`;
