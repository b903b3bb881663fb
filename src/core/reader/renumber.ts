import type { LanguageId } from '@/core/language';
import type { Mend } from './fault';
import { mendsInLanguage } from './inLanguage';
import { logicalLines } from './logicalLines';
import type { PatternLine } from './lines';
import { withMends } from './mends';

/** A number in a line, where it stands. */
const NUMBERS = /\d+/g;
/** Rows that a row’s own words speak of: “as row 3”, “through each st of row 4”. */
const SPOKEN_OF = /\b(?:rows?|rounds?|rnds?)\.?\s*(\d+)(?:(\s*(?:-|–|—|to|through|thru|and|&|,)\s*)(\d+))?/gi;

/**
 * Numbers rows one after the other, from 1 in each part, and what speaks of them accordingly.
 *
 * @param text in English
 *
 * @example
 * renumbering('Row 1: sc across.\nRow 3: sc across.\nRow 4: as row 3.').map(({ text }) => text) // => ['2', '3', '2']
 */
export function renumbering(text: string): Mend[] {
  const mends: Mend[] = [];
  let [last, fresh] = [0, new Map<number, number>()];
  const set = (from: number, written: string, number: number) => {
    if (Number(written) !== number) mends.push({ from, to: from + written.length, text: String(number) });
  };
  const spokenOf = (words: string, at: number) => {
    for (const found of words.matchAll(SPOKEN_OF)) {
      const [whole, one = '', , other] = found;
      const from = at + found.index;
      set(from + whole.indexOf(one), one, fresh.get(Number(one)) ?? Number(one));
      if (other !== undefined) set(from + whole.lastIndexOf(other), other, fresh.get(Number(other)) ?? Number(other));
    }
  };
  for (const line of logicalLines(text)) {
    if (line.is === 'begin') [last, fresh] = [0, new Map()];
    if (line.is === 'prose' || line.is === 'begin' || line.is === 'heading') continue;
    const { label } = line;
    const bodyFrom = label ? label.to : line.from;
    if (label && label.rows.length > 0) {
      if (label.rows[0] === 1 && last > 0) [last, fresh] = [0, new Map()];
      renumberLabel(label, text, last, fresh, set);
      last += label.rows.length;
    } else if (line.is === 'row') last += 1;
    spokenOf(text.slice(bodyFrom, line.to), bodyFrom);
  }
  return mends;
}

/** The numbers of a label: its first and its last where it names a range, else each. */
function renumberLabel(
  { from, to, rows }: NonNullable<Extract<PatternLine, { is: 'again' }>['label']>,
  text: string,
  last: number,
  fresh: Map<number, number>,
  set: (from: number, written: string, number: number) => void,
): void {
  rows.forEach((row, index) => fresh.set(row, last + 1 + index));
  const found = [...text.slice(from, to).matchAll(NUMBERS)].filter(({ 0: digits }) => rows.includes(Number(digits)));
  found.forEach(({ 0: digits, index }, at) => {
    const isLastOfRange = found.length === 2 && at === 1;
    set(from + index, digits, isLastOfRange ? last + rows.length : last + 1 + at);
  });
}

/** A text with its rows numbered one after the other, in whatever language it is. */
export const renumbered = (text: string, language: LanguageId | null): string =>
  withMends(text, language ? mendsInLanguage(text, language, renumbering) : renumbering(text));
