/** What a plan is weighed by. Of each, less is better, and none is below nought. */
export const CRITERIA = ['size', 'doubt', 'flap', 'texture', 'yarn', 'work'] as const;
export type Criterion = (typeof CRITERIA)[number];

/**
 * What a plan comes to: width and height together off the wanted sizes, with what the back stands
 * above or below the front, and the ± of both, mm; the flap's drop and its bridge off what is wanted
 * of them, mm; folds and edges on rows they don't lie well on; yarn, g; stitches to work.
 */
export type Costs = Record<Criterion, number>;

/** How much each counts for the maker, from 0. */
export type Weights = Record<Criterion, number>;

/** What counts as one of each: a plan that is worse by so much is worse by its weight. From memory. */
export interface Units {
  sizeMm: number;
  doubtMm: number;
  flapMm: number;
  folds: number;
  yarnG: number;
  stitches: number;
}

/** Nothing is ever quite without weight, so that of two plans alike in all that counts the one is taken that is better in the rest. */
const LEAST_WEIGHT = 1e-4;

/** Weights by the unit of each criterion. */
export function perUnit(weights: Weights, units: Units): Weights {
  const of = (weight: number, one: number) => (Math.max(0, weight) + LEAST_WEIGHT) / one;
  return {
    size: of(weights.size, units.sizeMm),
    doubt: of(weights.doubt, units.doubtMm),
    flap: of(weights.flap, units.flapMm),
    texture: of(weights.texture, units.folds),
    yarn: of(weights.yarn, units.yarnG),
    work: of(weights.work, units.stitches),
  };
}

/**
 * What a plan costs, all criteria together.
 *
 * @param rates weights as `perUnit` gives them
 */
export const scoreOf = (costs: Costs, rates: Weights): number =>
  CRITERIA.reduce((sum, criterion) => sum + rates[criterion] * costs[criterion], 0);

/** Differences smaller than this are none. */
const SAME = 1e-9;

/**
 * Whether one plan is worse than another in nothing, and better in something.
 *
 * @example
 * dominates({ size: 1, doubt: 2, flap: 0, texture: 0, yarn: 50, work: 900 }, { size: 1, doubt: 2, flap: 0, texture: 1, yarn: 50, work: 900 }) // => true
 */
export function dominates(a: Costs, b: Costs): boolean {
  let isBetter = false;
  for (const criterion of CRITERIA) {
    if (a[criterion] > b[criterion] + SAME) return false;
    if (a[criterion] < b[criterion] - SAME) isBetter = true;
  }
  return isBetter;
}
