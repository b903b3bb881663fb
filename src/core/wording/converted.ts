import { LANGUAGE_IDS, translatorOf, type LanguageId } from '@/core/language';
import type { ReadWords } from '@/core/reader';
import { translateTerms, type TermSet } from './terms';

const isLanguage = (words: ReadWords): words is LanguageId => (LANGUAGE_IDS as readonly string[]).includes(words);

/** Lines that tell a row, in any language; digits alone don’t make one. */
const ROW = /^\W*(?:\d+ª\s+)?\p{L}+\s*(?:\p{L}+\s)?\d+[^:]{0,40}:/u;

/** A text in other words, and how many of its rows have some that are not known there: those stay as they were. */
export interface Converted {
  text: string;
  rowsLeft: number;
}

/**
 * A text from one set of terms, or one language, in another.
 *
 * @example
 * converted('Row 1: dc in each st across.', 'us', 'uk') // => { text: 'Row 1: tr in each st across.', rowsLeft: 0 }
 * converted('Row 1: sc in each st across.', 'us', 'it').text // => 'Riga 1: mb in ogni m fino alla fine.'
 * converted('Riga 1: mb in ogni m fino alla fine.', 'it', 'uk').text // => 'Row 1: dc in each st across.'
 */
export function converted(text: string, from: ReadWords, to: ReadWords): Converted {
  if (from === to) return { text, rowsLeft: 0 };
  const inUs = isLanguage(from)
    ? lineByLine(text, translatorOf(from).back)
    : { text: fromTerms(text, from), rowsLeft: 0 };
  if (!isLanguage(to)) return { ...inUs, text: to === 'us' ? inUs.text : translateTerms(inUs.text, 'us', to) };
  const done = lineByLine(inUs.text, translatorOf(to).into);
  // What stays stays in the words that it was in.
  return { text: done.text, rowsLeft: inUs.rowsLeft + done.rowsLeft };
}

const fromTerms = (text: string, from: TermSet): string => (from === 'us' ? text : translateTerms(text, from, 'us'));

function lineByLine(text: string, translate: (line: string) => { text: string; left: string[] }): Converted {
  let rowsLeft = 0;
  const lines = text.split('\n').map((line) => {
    const { text: done, left } = translate(line);
    if (left.length === 0) return done;
    if (ROW.test(line)) rowsLeft += 1;
    return line;
  });
  return { text: lines.join('\n'), rowsLeft };
}
