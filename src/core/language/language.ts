/**
 * A phrase of a pattern: in US words, in the other language’s, and in more that are read as the same.
 * `{n}` is a number, `{o}` an ordinal, `{s}` a stitch by its short word, `{l}` a length.
 */
export type Phrase = readonly [us: string, theirs: string, ...read: string[]];

/** A language that patterns are written and read in: nothing but words. One file each, and a line in the catalogue. */
export interface Language {
  id: string;
  /** What it is called in English, and its tag by BCP 47. */
  name: string;
  tag: string;
  /** Where its words are from. */
  from: 'memory' | 'published';
  /** Stitches: the US short word, theirs, theirs in full, and several of them. The longer ones before those that they begin with. */
  stitches: readonly (readonly [us: string, short: string, full: string, several: string])[];
  /** What “2tog” behind a stitch is, short and in full, with the number as `{n}`. */
  together: readonly [short: string, full: string];
  /** What “FP” before a stitch is behind one, and a stitch drawn up out of the row below. */
  frontPost: readonly [short: string, full: string];
  spike: readonly [short: string, full: string];
  /** An ordinal, the number as `{n}`. */
  ordinal: string;
  /** What stitches and patterns are called in full; read as what they are short for. */
  names: readonly (readonly [us: string, theirs: string])[];
  phrases: readonly Phrase[];
  /** Short words of the phrases, each with what is read as the same. */
  readAs: Readonly<Record<string, readonly string[]>>;
  /** Short words, and what they are in full. */
  shortWords: readonly (readonly [found: RegExp, full: string])[];
  /** Words that are short for others whatever is worked, by the English short word: theirs, and what it stands for. */
  common: Readonly<Record<string, readonly [short: string, meaning: string]>>;
  /** What stands before a list of short words and what they stand for. */
  shortWordsAre: string;
  /** What a row and a round is called at the beginning of a line that tells one. */
  rowLabels: readonly string[];
}
