/** What a yarn of a weight class usually gives in single crochet, and the hook its label names. */
export interface YarnClass {
  /** Stitches over 4 in (101.6 mm). */
  leastStitches: number;
  mostStitches: number;
  leastHookMm: number;
  mostHookMm: number;
}

/**
 * Weight classes 1 to 7. Class 0, lace, is counted in double crochet and has no row here. Class 7 has no upper hook and no lower
 * count on the label; the ends here only close the range.
 * Source: Craft Yarn Council, Standard Yarn Weight System; the figures from memory.
 */
export const YARN_CLASSES: Readonly<Record<number, YarnClass>> = {
  1: { leastStitches: 21, mostStitches: 32, leastHookMm: 2.25, mostHookMm: 3.5 },
  2: { leastStitches: 16, mostStitches: 20, leastHookMm: 3.5, mostHookMm: 4.5 },
  3: { leastStitches: 12, mostStitches: 17, leastHookMm: 4.5, mostHookMm: 5.5 },
  4: { leastStitches: 11, mostStitches: 14, leastHookMm: 5.5, mostHookMm: 6.5 },
  5: { leastStitches: 8, mostStitches: 11, leastHookMm: 6.5, mostHookMm: 9 },
  6: { leastStitches: 7, mostStitches: 9, leastHookMm: 9, mostHookMm: 15 },
  7: { leastStitches: 2, mostStitches: 6, leastHookMm: 15, mostHookMm: 30 },
};

/** The length that weight classes are counted over, mm. */
export const FOUR_INCHES_MM = 101.6;
