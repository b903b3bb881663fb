import type { StitchKind, Worked } from '@/core/stitches';

/** What is worked by the words of stitches that patterns use, US words and short. */
const KINDS: Readonly<Record<string, StitchKind>> = {
  slst: 'sl-st',
  sc: 'sc',
  esc: 'esc',
  edc: 'esc',
  hdc: 'hdc',
  htr: 'hdc',
  dc: 'dc',
  tr: 'tr',
  dtr: 'tr',
  trtr: 'tr',
  hbhdc: 'herringbone-hdc',
  hbhtr: 'herringbone-hdc',
  hbdc: 'herringbone-dc',
  hbtr: 'herringbone-dc',
};

/**
 * A stitch as it is worked by its word: once into the next stitch, unless more is said. What is no stitch of ours stands as a bobble, which takes one and makes one.
 *
 * @example
 * stepOfWord('htr', { times: 2 }) // => { work: 'hdc', into: 'stitch', times: 2, over: 1, each: 1 }
 */
export const stepOfWord = (word: string, more: Partial<Worked>): Worked => ({
  work: KINDS[word] ?? 'bobble',
  into: 'stitch',
  times: 1,
  over: 1,
  each: 1,
  ...more,
});
