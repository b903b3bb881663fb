import type { Spread, Uncertainty } from '@/core/makings';

/** What is not sure, and what a maker can do about it. */
const CAUSES: Record<Uncertainty, { name: string; advice: string }> = {
  'stitch-width': {
    name: 'the width of a stitch',
    advice: 'Measure more stitches, over a longer stretch of the swatch',
  },
  'row-height': { name: 'the height of a row', advice: 'Measure more rows, over a longer stretch of the swatch' },
  drift: { name: 'hands that tighten or loosen on the way', advice: 'Lay the tape on it halfway' },
  'row-slips': { name: 'rows counted wrong', advice: 'Mark every tenth row' },
  seams: { name: 'what the seams take', advice: 'Sew a trial seam and measure it' },
};

/**
 * What makes most of a spread, and what to do about it, up to the number of what would be left of the spread.
 *
 * @example
 * influenceText({ uncertainty: 'seams', share: 0.3 }) // => 'The largest part of it is what the seams take. Sew a trial seam and measure it: once that is known, of the spread is left'
 */
export function influenceText({ uncertainty, share }: Spread['influences'][number]): string {
  const { name, advice } = CAUSES[uncertainty];
  return `${share > 0.5 ? 'Most of it is' : 'The largest part of it is'} ${name}. ${advice}: once that is known, of the spread is left`;
}
