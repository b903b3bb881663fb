/** What is taken to be so before any bag tells: a value, how far makers differ from it, and how far one bag of a maker is from her next; standard deviations. */
export interface UsualOf {
  mean: number;
  makers: number;
  bags: number;
}

/** What one bag told, and how far that may be off by itself; one standard deviation. */
export interface Told {
  value: number;
  sd: number;
}

/** What her bags say together. */
export interface Shrunken {
  /** Of her bags on the average: between what they told and what is usual. */
  mean: number;
  /** How far that may be off, one standard deviation. */
  sd: number;
  /** How far her next bag may be from it, one standard deviation. */
  nextSd: number;
  /** How much of it is from her bags, from 0 to 1; the rest is from what is usual. */
  own: number;
  /** What her bags told by themselves, on the average; null without any. */
  told: number | null;
}

/** What is usual of the difference between bags counts as so many bags. Ours: few bags tell little of how far they differ. */
const USUAL_WORTH_BAGS = 4;

/**
 * What her bags say of the next, drawn towards what is usual: one bag says a little, many say nearly all. How far her bags differ from one another is itself drawn towards
 * what is usual.
 *
 * @param told one value a bag, on a scale on which differences add (of ratios, their logarithm)
 *
 * Source: a normal mean under a normal prior, the spread from a scaled inverse χ² prior (its mean in place of the whole of it): Gelman and others, Bayesian Data Analysis, § 2.5, 2.6 and 5.4.
 *
 * @example
 * shrunken({ mean: 0, makers: 1, bags: 1 }, []).mean // => 0
 * shrunken({ mean: 0, makers: 1, bags: 1 }, [{ value: 2, sd: 0 }]).mean // => 1
 */
export function shrunken(usual: UsualOf, told: readonly Told[]): Shrunken {
  const plain = told.length === 0 ? null : told.reduce((sum, { value }) => sum + value, 0) / told.length;
  const squares = told.reduce((sum, { value }) => sum + (value - (plain ?? 0)) ** 2, 0);
  const spread = (USUAL_WORTH_BAGS * usual.bags ** 2 + squares) / (USUAL_WORTH_BAGS + Math.max(0, told.length - 1));
  const known = 1 / usual.makers ** 2;
  let precision = known;
  let weighed = known * usual.mean;
  for (const { value, sd } of told) {
    const weight = 1 / (spread + sd ** 2);
    precision += weight;
    weighed += weight * value;
  }
  return {
    mean: weighed / precision,
    sd: Math.sqrt(1 / precision),
    nextSd: Math.sqrt(1 / precision + spread),
    own: 1 - known / precision,
    told: plain,
  };
}
