import type { HookLetter, Swatch } from '@/core/design';
import { FOUR_INCHES_MM, YARN_CLASSES } from '@/core/gauge';
import type { Problem } from '@/core/problems';

/** US hook letters with their millimetres. Source: Craft Yarn Council; from memory. Makers of hooks differ. */
export const HOOK_LETTERS: Readonly<Record<HookLetter, number>> = {
  'B-1': 2.25,
  'C-2': 2.75,
  'D-3': 3.25,
  'E-4': 3.5,
  'F-5': 3.75,
  'G-6': 4,
  '7': 4.5,
  'H-8': 5,
  'I-9': 5.5,
  'J-10': 6,
  'K-10½': 6.5,
  'L-11': 8,
  'M/N-13': 9,
  'N/P-15': 10,
};

/** How far outside its class a gauge may be before it is mentioned, as a share: bags are worked firmer than the label. From memory. */
const OUTSIDE_SHARE = 0.35;
/** How far under the label's hook bags are worked, mm. Common practice, no source. */
const UNDER_LABEL_MM = { least: 0.5, most: 1.5 } as const;

/**
 * Metric count of a yarn, and of strands held together: metres that weigh a gram. Lengths of 1 g add up inversely, 1/Nm = Σ 1/Nmᵢ.
 *
 * @param countsNm the metric count of each strand, above 0
 * @throws RangeError for no strand, or one that is not above 0
 * Source: arithmetic.
 *
 * @example
 * heldTogether([3, 3]) // => 1.5
 * heldTogether([2, 6]) // => 1.5
 */
export function heldTogether(countsNm: readonly number[]): number {
  if (countsNm.length === 0 || countsNm.some((nm) => !(nm > 0)))
    throw new RangeError('a strand has a count above zero');
  return 1 / countsNm.reduce((sum, nm) => sum + 1 / nm, 0);
}

/**
 * What is odd about a swatch's hook and gauge for its yarn. Questions, not corrections: millimetres and readings rule.
 *
 * @param stitchMm width of a stitch as measured; null where it was not
 * @param widthToSc width of a stitch of the swatch's pattern against single crochet, which the classes are told in
 */
export function yarnClassProblems(swatch: Swatch, stitchMm: number | null, widthToSc: number): Problem[] {
  return [...letterProblems(swatch), ...classProblems(swatch, stitchMm, widthToSc)];
}

function letterProblems({ hookLetter, hookMm }: Swatch): Problem[] {
  const letterMm = hookLetter === null ? undefined : HOOK_LETTERS[hookLetter];
  if (letterMm === undefined || Math.abs(letterMm - hookMm) < 0.01) return [];
  return [
    {
      code: 'hook-letter-differs',
      severity: 'mind',
      place: 'swatch',
      path: ['swatch', 'hookLetter'],
      values: { hookMm, letterMm },
      repairs: [
        {
          code: 'hook-as-letter',
          values: { hookMm: letterMm },
          edits: [{ path: ['swatch', 'hookMm'], value: letterMm }],
        },
        { code: 'hook-without-letter', values: { hookMm }, edits: [{ path: ['swatch', 'hookLetter'], value: null }] },
      ],
    },
  ];
}

function classProblems(swatch: Swatch, stitchMm: number | null, widthToSc: number): Problem[] {
  const { weightClass } = swatch.yarn;
  const usual = weightClass === null ? undefined : YARN_CLASSES[weightClass];
  // The label speaks of one strand.
  if (!usual || weightClass === null || swatch.strands > 1 || swatch.heldWith.length > 0) return [];
  const at = { place: 'swatch', severity: 'mind', repairs: [] } as const;
  const problems: Problem[] = [];
  const counted = stitchMm === null ? null : (FOUR_INCHES_MM / stitchMm) * widthToSc;
  if (
    counted !== null &&
    (counted < usual.leastStitches * (1 - OUTSIDE_SHARE) || counted > usual.mostStitches * (1 + OUTSIDE_SHARE))
  )
    problems.push({
      code: 'gauge-outside-class',
      path: ['swatch', 'yarn', 'weightClass'],
      asks: ['gauge.stitchWidth'],
      values: { counted, weightClass, leastStitches: usual.leastStitches, mostStitches: usual.mostStitches },
      ...at,
      repairs: [],
    });
  const mostForBagMm = usual.mostHookMm - UNDER_LABEL_MM.least;
  if (swatch.hookMm > mostForBagMm)
    problems.push({
      code: 'fabric-loose-for-bag',
      path: ['swatch', 'hookMm'],
      values: { hookMm: swatch.hookMm, fromMm: usual.leastHookMm - UNDER_LABEL_MM.most, toMm: mostForBagMm },
      ...at,
      repairs: [],
    });
  return problems;
}
