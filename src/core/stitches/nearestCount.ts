import type { StitchPattern } from './stitch';

/**
 * The stitch count nearest to a wished one that the repeat allows (k + a multiple of m, at least one repeat).
 * Halves go up, since a bag is better a little large than too small for what it holds.
 *
 * @param wished stitches wished for, any number
 * @returns null when even one repeat is more than half a repeat wider than wished
 *
 * @example
 * nearestCount(42.6, STITCHES.sc) // => 43
 * nearestCount(0.3, STITCHES.sc) // => null
 */
export function nearestCount(
  wished: number,
  stitch: Pick<StitchPattern, 'repeatStitches' | 'edgeStitches'>,
): number | null {
  const repeats = Math.floor((wished - stitch.edgeStitches) / stitch.repeatStitches + 0.5);
  return repeats < 1 ? null : stitch.edgeStitches + repeats * stitch.repeatStitches;
}
