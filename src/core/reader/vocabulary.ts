import type { TermSet } from './termSet';

/** A word for a stitch, and how high it is in each set of terms, in chains; null where that set has no such word. */
interface StitchName {
  word: string;
  pattern: string;
  us: number | null;
  uk: number | null;
}

/**
 * Words for stitches, the longer ones before those that they begin with. Names of heights as the abbreviation lists of the Craft Yarn Council have them, from memory.
 */
export const STITCH_NAMES: readonly StitchName[] = [
  { word: 'hbhdc', pattern: 'hbhdc|herringbone half[- ]doubles?(?: crochets?)?', us: 2, uk: null },
  { word: 'hbhtr', pattern: 'hbhtr|herringbone half[- ]trebles?(?: crochets?)?', us: null, uk: 2 },
  { word: 'hbdc', pattern: 'hbdc|herringbone doubles?(?: crochets?)?', us: 3, uk: null },
  { word: 'hbtr', pattern: 'hbtr|herringbone trebles?(?: crochets?)?', us: null, uk: 3 },
  { word: 'hdc', pattern: 'hdcs?|half[- ]double(?: crochets?)?', us: 2, uk: null },
  { word: 'htr', pattern: 'htrs?|half[- ]trebles?(?: crochets?)?', us: null, uk: 2 },
  { word: 'trtr', pattern: 'trtrs?|triple trebles?(?: crochets?)?', us: 6, uk: 5 },
  { word: 'dtr', pattern: 'dtrs?|double trebles?(?: crochets?)?', us: 5, uk: 4 },
  { word: 'tr', pattern: 'trc?s?|trebles?(?: crochets?)?|triple crochets?', us: 4, uk: 3 },
  { word: 'dc', pattern: 'dcs?|double crochets?', us: 3, uk: 1 },
  { word: 'esc', pattern: 'esc|extended singles?(?: crochets?)?', us: 2, uk: null },
  { word: 'edc', pattern: 'edc|extended doubles?(?: crochets?)?', us: 4, uk: 2 },
  { word: 'sc', pattern: 'scs?|single crochets?', us: 1, uk: null },
  { word: 'slst', pattern: 'sl[- ]?sts?|slip[- ]?st(?:s|itch(?:es)?)?|sss?(?![a-z])', us: 0, uk: 0 },
  { word: 'bobble', pattern: 'bobbles?', us: 3, uk: 3 },
  { word: 'popcorn', pattern: 'popcorns?(?: st(?:itch(?:es)?)?s?)?', us: 3, uk: 3 },
  { word: 'puff', pattern: 'puffs?(?: st(?:itch(?:es)?)?s?)?', us: 2, uk: 2 },
];

/** The stitch that a piece of text is a word for. */
export function stitchNamed(text: string): StitchName | null {
  return STITCH_NAMES.find(({ pattern }) => new RegExp(`^(?:${pattern})$`, 'i').test(text.trim())) ?? null;
}

/** Words that only one set of terms has, besides those for stitches. */
export const ONE_SET_WORDS: readonly { pattern: string; set: TermSet; other: string }[] = [
  { pattern: 'miss(?:ed|ing)?', set: 'uk', other: 'skip' },
];

/**
 * How high a stitch is in a set of terms, in chains; null where the set has no such word.
 *
 * @example
 * heightOf('dc', 'us') // => 3
 * heightOf('dc', 'uk') // => 1
 * heightOf('htr', 'us') // => null
 */
export const heightOf = (word: string, terms: TermSet): number | null =>
  STITCH_NAMES.find((one) => one.word === word)?.[terms] ?? null;

/**
 * The word that another set of terms has for the same stitch; null where it has none.
 *
 * @example
 * wordInOther('htr', 'uk', 'us') // => 'hdc'
 * wordInOther('dc', 'us', 'uk') // => 'tr'
 */
export function wordInOther(word: string, from: TermSet, to: TermSet): string | null {
  const high = heightOf(word, from);
  if (high === null) return null;
  const family = /^(hb|e)/.exec(word)?.[0] ?? '';
  return STITCH_NAMES.find((one) => one[to] === high && (/^(hb|e)/.exec(one.word)?.[0] ?? '') === family)?.word ?? null;
}
