import { LANGUAGES, LANGUAGE_IDS, placeBefore, translatorOf, type LanguageId, type Translated } from '@/core/language';
import type { Mend, ReaderFault } from './fault';
import type { ReadPattern } from './read';

const lineBegins = (labels: readonly string[]): RegExp =>
  new RegExp(String.raw`^\W*(?:\d+ª\s+)?(?:${labels.join('|')})\b\.?\s*(?:da\s+)?\d*`, 'gimu');
const ENGLISH = lineBegins(['rows?', 'rounds?', 'rnds?']);

/**
 * The language that a pattern is in, where that is not English: by what its rows are called.
 *
 * @example
 * languageOf('Riga 1: 20 mb.\nRiga 2: 1 cat, girare.') // => 'it'
 * languageOf('Row 1: 20 sc.\nRow 2: ch 1, turn.') // => null
 */
export function languageOf(text: string): LanguageId | null {
  const english = text.match(ENGLISH)?.length ?? 0;
  const found = LANGUAGE_IDS.find((id) => (text.match(lineBegins(LANGUAGES[id].rowLabels))?.length ?? 0) > english);
  return found ?? null;
}

/** Reads a text of another language: in US words, with every place brought back to where it stands in the text itself. */
export function readInLanguage(text: string, language: LanguageId, read: (us: string) => ReadPattern): ReadPattern {
  const translator = translatorOf(language);
  const us = translator.back(text);
  const found = read(us.text);
  const faults = found.faults.map((fault): ReaderFault => {
    const { from, to } = placed(us, fault);
    const mends = fault.mends.map((mend) => ({ ...placed(us, mend), text: translator.into(mend.text).text }));
    // What could not be read is told in the words that she wrote.
    const words = 'words' in fault ? { words: text.slice(from, to) } : {};
    return { ...fault, ...words, from, to, mends };
  });
  const parts = found.parts.map((part) => ({
    ...part,
    rows: part.rows.map((row) => ({ ...row, ...placed(us, row) })),
  }));
  return { ...found, parts, faults, language };
}

const placed = (us: Translated, { from, to }: { from: number; to: number }) => ({
  from: placeBefore(us, from, 'from'),
  to: Math.max(placeBefore(us, from, 'from'), placeBefore(us, to, 'to')),
});

/**
 * Changes of a text of another language, found in US words.
 *
 * @param find finds them in US words
 */
export function mendsInLanguage(text: string, language: LanguageId, find: (us: string) => Mend[]): Mend[] {
  const translator = translatorOf(language);
  const us = translator.back(text);
  return find(us.text).map((mend) => ({ ...placed(us, mend), text: translator.into(mend.text).text }));
}
