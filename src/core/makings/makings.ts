import type { FittingCatalogues, MadeSize } from '@/core/fittings';
import type { Plan } from '@/core/plan';
import type { Random } from '@/core/random';
import { madeSizes, type MadeSizes } from './madeSizes';
import { asPlanned, drawMaking, UNCERTAINTIES, type Making, type Uncertainty } from './making';

/** A size that is looked at in every making: of the bag, or of what is put on it. */
export type Measure = 'width' | 'height' | 'cover' | (string & {});

/** Sizes of one making; those that this bag has none of left out. */
const measured = ({ widthMm, heightMm, coverMm, fitted }: MadeSizes): (MadeSize & { id: Measure; mm: number })[] =>
  [
    ofBag('width', 'Width', 'Width as made', widthMm),
    ofBag('height', 'Height, empty', 'Height as made, empty', heightMm),
    ofBag('cover', 'Flap down the front, loaded', 'Flap down the front as made, loaded', coverMm),
    ...fitted,
  ].flatMap(({ mm, ...rest }) => (mm === null ? [] : [{ mm, ...rest }]));

const ofBag = (id: Measure, name: string, label: string, mm: number | null): MadeSize => ({
  isDifference: false,
  id,
  name,
  label,
  mm,
});

/** How one size differs from making to making, mm. */
export interface Spread {
  measure: Measure;
  name: string;
  label: string;
  isDifference: boolean;
  /** What comes of a making that goes just as planned. */
  plannedMm: number;
  /** In the order the makings were drawn. */
  valuesMm: number[];
  /** 19 makings in 20 lie between these. */
  lowMm: number;
  highMm: number;
  /** What share of the spread's variance each uncertainty makes; the largest first. */
  influences: { uncertainty: Uncertainty; share: number }[];
}

/** What came of many makings of one plan. */
export interface Makings {
  runs: number;
  spreads: Spread[];
  /** The share of makings in which what goes in fits; null where nothing goes in. */
  fitShare: number | null;
}

/** How many makings pass between two words of how far it is. */
const WORD_EVERY = 50;

/**
 * Makes a planned bag many times over, on paper: each time gauge, drift, miscounted rows and seams come out as chance has it.
 *
 * How much each uncertainty matters is the square of its correlation with the size: sizes follow from the uncertainties nearly in
 * proportion, and these know nothing of each other, so the shares add up to nearly one. It misleads for a size that hardly differs at
 * all.
 * Source: JCGM 101:2008, propagation of distributions by a Monte Carlo method.
 *
 * @param runs how many makings
 * @param random gives numbers from 0 up to, but not including, 1; the same numbers give the same makings
 * @param kinds the kinds of what can be put on a bag
 * @returns steps that give the share done, and at the end what came of it
 */
export function* makings(
  plan: Plan,
  runs: number,
  random: Random,
  kinds?: FittingCatalogues,
): Generator<number, Makings> {
  const { kind, takeUpStitches } = plan.contents.settled.body.seam;
  const planned = madeSizes(plan, asPlanned(takeUpStitches), kinds);
  const drawn: { making: Making; sizes: MadeSizes }[] = [];
  for (let run = 0; run < runs; run += 1) {
    const making = drawMaking(plan, kind, random);
    drawn.push({ making, sizes: madeSizes(plan, making, kinds) });
    if (run % WORD_EVERY === WORD_EVERY - 1) yield (run + 1) / runs;
  }
  const all = drawn.map(({ sizes }) => new Map(measured(sizes).map(({ id, mm }) => [id, mm])));
  const spreads = measured(planned).flatMap(({ id: measure, mm: plannedMm, ...called }): Spread[] => {
    const valuesMm = all.flatMap((sizes) => sizes.get(measure) ?? []);
    if (valuesMm.length < 2) return [];
    const sorted = [...valuesMm].sort((a, b) => a - b);
    return [
      {
        measure,
        ...called,
        plannedMm,
        valuesMm,
        lowMm: quantile(sorted, 0.025),
        highMm: quantile(sorted, 0.975),
        influences: influencesOn(
          valuesMm,
          drawn.map(({ making }) => making),
        ),
      },
    ];
  });
  const fit = drawn.flatMap(({ sizes }) => (sizes.fits === null ? [] : [sizes.fits]));
  return {
    runs,
    spreads,
    fitShare: fit.length === 0 ? null : fit.filter(Boolean).length / runs,
  };
}

/** What each uncertainty is, as numbers that a size can follow: row slips are one for each part. */
const CAUSES: Record<Uncertainty, ((making: Making) => number)[]> = {
  'stitch-width': [({ stitchShare }) => stitchShare],
  'row-height': [({ rowShare }) => rowShare],
  drift: [({ drift }) => drift],
  'row-slips': [({ slips }) => slips.front, ({ slips }) => slips.back, ({ slips }) => slips.tail],
  seams: [({ takeUpStitches }) => takeUpStitches],
};

function influencesOn(valuesMm: readonly number[], drawn: readonly Making[]): Spread['influences'] {
  return UNCERTAINTIES.map((uncertainty) => ({
    uncertainty,
    share: CAUSES[uncertainty].reduce((sum, cause) => sum + correlation(drawn.map(cause), valuesMm) ** 2, 0),
  })).sort((a, b) => b.share - a.share);
}

/** How nearly one follows the other in proportion; 0 where either never differs. */
function correlation(one: readonly number[], other: readonly number[]): number {
  const [meanOne, meanOther] = [mean(one), mean(other)];
  let [both, squaresOne, squaresOther] = [0, 0, 0];
  one.forEach((value, index) => {
    const [a, b] = [value - meanOne, (other[index] as number) - meanOther];
    both += a * b;
    squaresOne += a * a;
    squaresOther += b * b;
  });
  return squaresOne === 0 || squaresOther === 0 ? 0 : both / Math.sqrt(squaresOne * squaresOther);
}

const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;

/**
 * The value that a share of sorted values lies below, between the two nearest in proportion.
 *
 * @example
 * quantile([1, 2, 3, 4, 5], 0.5) // => 3
 * quantile([0, 10], 0.25) // => 2.5
 */
export function quantile(sorted: readonly number[], share: number): number {
  const at = share * (sorted.length - 1);
  const below = sorted[Math.floor(at)] as number;
  const above = sorted[Math.ceil(at)] as number;
  return below + (at - Math.floor(at)) * (above - below);
}

/**
 * How much of a spread is left once an uncertainty is gone.
 *
 * @param share of the spread's variance that it makes
 *
 * @example
 * leftWithout(0.75) // => 0.5
 */
export const leftWithout = (share: number): number => Math.sqrt(Math.max(0, 1 - share));
