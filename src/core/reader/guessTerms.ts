import type { ReaderFault } from './fault';
import type { PatternLine } from './lines';
import type { TermSet } from './termSet';
import { ONE_SET_WORDS, STITCH_NAMES, stitchNamed, wordInOther } from './vocabulary';
import type { OwnWords } from './workedRow';

/** Why a text is taken to be in one set of terms. */
export interface TermReason {
  speaksFor: TermSet;
  words: string;
  why: 'said' | 'only-there' | 'height';
}

/** Whose words a pattern is in, and why; null where nothing tells. */
export interface TermsGuess {
  set: TermSet | null;
  isSaid: boolean;
  reasons: TermReason[];
}

const SAYS: readonly [RegExp, TermSet][] = [
  [
    /\b(?:u\.?s\.?a?\.?|american)\b[^.\n]{0,24}\b(?:terms?|terminology|abbreviations?|crochet)|\bterms?:?\s*u\.?s\b/i,
    'us',
  ],
  [/\b(?:u\.?k\.?|british)\b[^.\n]{0,24}\b(?:terms?|terminology|abbreviations?|crochet)|\bterms?:?\s*u\.?k\b/i, 'uk'],
];

/** Chains that are passed over at the hook, or stand at a row's beginning, tell how high a stitch is. Common practice, no source. */
const HEIGHTS: readonly [RegExp, TermSet][] = [
  [/\b(?:dc|double crochet) in (?:the )?(?:4th|3rd|fourth|third) ch/gi, 'us'],
  [/\b(?:dc|double crochet) in (?:the )?(?:2nd|second) ch/gi, 'uk'],
  [/\b(?:tr|treble(?: crochet)?) in (?:the )?(?:5th|fifth) ch/gi, 'us'],
  [/\b(?:tr|treble(?: crochet)?) in (?:the )?(?:4th|fourth) ch/gi, 'uk'],
  [/\bch 3 \(?counts as (?:first |1 |a )*(?:dc|double)\b/gi, 'us'],
  [/\bch 3 \(?counts as (?:first |1 |a )*(?:tr|treble)\b/gi, 'uk'],
  [/\bch 1\b[^.:;\n]{0,40}\b(?:dc|double crochet) in (?:each|every|first|next)/gi, 'uk'],
  [/\b(?:dc|double crochet) in (?:each|every)[^.:;\n]{0,40}\bch 3, turn/gi, 'us'],
  [/\b(?:tr|treble(?: crochet)?) in (?:each|every)[^.:;\n]{0,40}\bch 3, turn/gi, 'uk'],
];

/**
 * Guesses whose words a pattern is in: by what it says of itself, by words that only one set has, and by how high its stitches are.
 *
 * @example
 * guessTerms('Row 1: htr in each st', null).set // => 'uk'
 */
export function guessTerms(text: string, said: TermSet | null): TermsGuess {
  const reasons: TermReason[] = [];
  for (const [pattern, set] of SAYS) {
    const found = pattern.exec(text);
    if (found) reasons.push({ speaksFor: set, words: found[0], why: 'said' });
  }
  for (const { pattern, us, uk } of STITCH_NAMES) {
    if (us !== null && uk !== null) continue;
    const found = new RegExp(`\\b(?:${pattern})(?![\\w-])`, 'gi');
    for (const one of text.matchAll(found))
      reasons.push({ speaksFor: us === null ? 'uk' : 'us', words: one[0], why: 'only-there' });
  }
  for (const { pattern, set } of ONE_SET_WORDS)
    for (const one of text.matchAll(new RegExp(`\\b(?:${pattern})\\b`, 'gi')))
      reasons.push({ speaksFor: set, words: one[0], why: 'only-there' });
  for (const [pattern, set] of HEIGHTS)
    for (const one of text.matchAll(pattern)) reasons.push({ speaksFor: set, words: one[0], why: 'height' });
  const told = reasons.filter(({ why }) => why === 'said');
  const isOneSet = new Set(told.map(({ speaksFor }) => speaksFor)).size === 1;
  if (said) return { set: said, isSaid: true, reasons };
  if (isOneSet && told[0]) return { set: told[0].speaksFor, isSaid: true, reasons };
  const weigh = (set: TermSet) => reasons.filter(({ speaksFor, why }) => speaksFor === set && why !== 'said').length;
  const [us, uk] = [weigh('us'), weigh('uk')];
  return { set: us === uk ? null : us > uk ? 'us' : 'uk', isSaid: false, reasons };
}

/** Words of the other set in a pattern that is in one: in its rows, each where it stands. */
export function termFaults(lines: readonly PatternLine[], { set }: TermsGuess, own: OwnWords): ReaderFault[] {
  if (set === null) return [];
  const other: TermSet = set === 'us' ? 'uk' : 'us';
  const faults: ReaderFault[] = [];
  const only = STITCH_NAMES.filter((one) => one[set] === null && one[other] !== null);
  const pattern = new RegExp(`\\b(?:${only.map((one) => one.pattern).join('|')})(?=\\d+\\s?tog|(?![\\w-]))`, 'gi');
  for (const line of lines) {
    if (line.is !== 'row') continue;
    for (const found of line.text.matchAll(pattern)) {
      const name = stitchNamed(found[0]);
      if (!name || own.has(name.word)) continue;
      const from = line.textFrom + found.index;
      const should = wordInOther(name.word, other, set);
      faults.push(otherTerms(from, found[0], other, should, line));
    }
    for (const { pattern: words, set: of, other: should } of ONE_SET_WORDS) {
      if (of === set) continue;
      for (const found of line.text.matchAll(new RegExp(`\\b(?:${words})\\b`, 'gi')))
        faults.push(otherTerms(line.textFrom + found.index, found[0], other, should, line));
    }
  }
  return faults;
}

const otherTerms = (
  from: number,
  words: string,
  of: TermSet,
  should: string | null,
  line: Extract<PatternLine, { is: 'row' }>,
): ReaderFault => ({
  ...{ from, to: from + words.length, row: line.label.rows[0] ?? null },
  ...{ code: 'other-terms', words, of, should },
  mends: should ? [{ from, to: from + words.length, text: should }] : [],
});
