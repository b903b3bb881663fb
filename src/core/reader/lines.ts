import type { TextSpan } from './instruction';

/** A row's label: which rows it is of, and what is said of them. */
export interface RowLabel extends TextSpan {
  noun: 'row' | 'round';
  rows: readonly number[];
  side: 'RS' | 'WS' | null;
}

/** A line of a pattern, by what it is. */
export type PatternLine = TextSpan &
  (
    | { is: 'row'; label: RowLabel; text: string; textFrom: number }
    /** Rows that are worked again: with their own numbers, or without. */
    | { is: 'again'; label: RowLabel | null; of: readonly number[]; times: number | null; until: boolean }
    | { is: 'heading'; text: string }
    /** Work before row 1: a chain, a ring. */
    | { is: 'begin'; text: string; textFrom: number }
    | { is: 'prose'; text: string }
  );

const WORDS = { one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10 } as const;
const NUMBER = '(?:\\d{1,5})';
const NOUN = '(?:rows?|rounds?|rnds?|r)';
/** A label up to what ends it. */
const labelled = (end: string): RegExp =>
  new RegExp(
    `^\\s*(?:[*•·▢☐□-]\\s*)?(?:\\d{1,3}[.)]\\s+(?=(?:rows?|rounds?|rnds?)\\b))?(?:(?:next|foundation|set[- ]?up|setup|base)\\s+(${NOUN})|(${NOUN})\\.?\\s*(${NUMBER})((?:\\s*(?:-|–|—|to|through|thru|and|&|,)\\s*(?:${NOUN}\\s*)?${NUMBER})*)|(${NUMBER})(?:st|nd|rd|th)\\s+(${NOUN}))\\s*(?:\\(?\\b(right side|wrong side|rs|ws)\\b\\)?)?\\s*(?:\\([^)]*\\))?\\s*(?:${end})`,
    'i',
  );
/** First as it is set off; only then with nothing but room behind it: in “Round 1 - 8 sc” the eight are stitches. */
const LABELS = [labelled('[:.]|\\s[–—-]\\s|[–—-](?=[A-Za-z(*\\[])'), labelled('(?<=\\d)\\s+(?=[A-Za-z*(\\[])')];
/** More rows than this no label names. */
const MOST_ROWS = 5000;

const AGAIN = new RegExp(
  `^\\W*(?:rep(?:eat)?|work(?: as)?|as(?: for)?|same as|like)\\s+(?:as\\s+)?(?:for\\s+|the\\s+)?(?:last\\s+(${NUMBER}|two|three|four)?\\s*${NOUN}|${NOUN}\\s*(${NUMBER}(?:\\s*(?:-|–|—|to|through|thru|and|&|,)\\s*(?:${NOUN}\\s*)?${NUMBER})*))(.*)$`,
  'i',
);

/** The numbers that a range or a list names: “3–6”, “2 and 3”. */
export function rowNumbers(text: string): number[] {
  const found = [...text.matchAll(/\d+/g)].map((one) => ({ n: Number(one[0]), at: one.index }));
  const [first, second] = found;
  if (!first) return [];
  if (!second) return [first.n];
  const between = text.slice(first.at + String(first.n).length, second.at);
  if (found.length === 2 && /-|–|—|to|thr/i.test(between)) {
    const count = Math.min(MOST_ROWS, Math.max(0, second.n - first.n + 1));
    return Array.from({ length: count }, (_, index) => first.n + index);
  }
  return found.map(({ n }) => n);
}

const countIn = (text: string): number | null => {
  const found = /(\d+|one|two|three|four|five|six|seven|eight|nine|ten|once|twice)\s*(?:more\s*)?(?:times?)?/i.exec(
    text,
  );
  const word = found?.[1]?.toLowerCase();
  if (word === undefined) return null;
  if (word === 'once') return 1;
  if (word === 'twice') return 2;
  return (WORDS as Record<string, number>)[word] ?? Number(word);
};

/**
 * What a line of a pattern is.
 *
 * @param at where it begins in the whole text
 *
 * @example
 * readLine('Rows 3-12: repeat row 2', 0).is // => 'again'
 * readLine('Row 1: sc in each ch across', 0).is // => 'row'
 */
export function readLine(line: string, at: number): PatternLine {
  const text = line.trimEnd();
  const indent = text.length - text.trimStart().length;
  const span = { from: at + indent, to: at + text.length };
  const bare = text.slice(indent).replace(/\*\*|__/g, (mark) => ' '.repeat(mark.length));
  const found = LABELS.reduce<RegExpExecArray | null>((one, label) => one ?? label.exec(bare), null);
  if (found) {
    const label = labelOf(found, span.from);
    const rest = bare.slice(found[0].length);
    const again = againOf(rest);
    if (again) return { ...span, is: 'again', label, ...again };
    return { ...span, is: 'row', label, text: rest, textFrom: span.from + found[0].length };
  }
  const again = againOf(bare);
  if (again) return { ...span, is: 'again', label: null, ...again };
  if (bare === '') return { ...span, is: 'prose', text: '' };
  if (isBeginning(bare)) return { ...span, is: 'begin', text: bare, textFrom: span.from };
  if (isHeading(bare)) return { ...span, is: 'heading', text: bare.replace(/^[#\s]+|[:\s]+$/g, '') };
  return { ...span, is: 'prose', text: bare };
}

function labelOf(found: RegExpExecArray, from: number): RowLabel {
  const [whole, nextNoun, noun, number, more, ordinal, ordinalNoun, side] = found;
  const word = (nextNoun ?? noun ?? ordinalNoun ?? 'row').toLowerCase();
  const rows = nextNoun ? [] : ordinal ? [Number(ordinal)] : rowNumbers(`${number}${more ?? ''}`);
  return {
    from,
    to:
      from +
      whole
        .trimEnd()
        .replace(/[:.–—-]$/, '')
        .trimEnd().length,
    noun: word.startsWith('r') && (word.startsWith('rou') || word.startsWith('rn')) ? 'round' : 'row',
    rows,
    side: side === undefined ? null : /^(?:rs|right)/i.test(side) ? 'RS' : 'WS',
  };
}

/** “row 6 as row 2”: where in its turn a repeat is begun. */
const BEGUN_AT = /,\s*(?:row|round|rnd)\s*(\d+)\s*as\s*(?:row|round|rnd)\s*(\d+)/gi;

function againOf(text: string): { of: number[]; times: number | null; until: boolean } | null {
  const begun = [...text.matchAll(BEGUN_AT)][0];
  const found = AGAIN.exec(text.replace(BEGUN_AT, ' '));
  if (!found) return null;
  const [, lastMany, rows, rest = ''] = found;
  const until = /\buntil\b|\bto desired\b|\bfor\b.*\b(?:cm|in|inch)/i.test(rest);
  const times = until || !/time|once|twice|more/i.test(rest) ? null : countIn(rest);
  const of = rows
    ? rowNumbers(rows)
    : Array.from(
        { length: lastMany ? (countIn(lastMany) ?? 1) : 1 },
        (_, index) => index - (lastMany ? (countIn(lastMany) ?? 1) : 1),
      );
  const first = begun ? of.indexOf(Number(begun[2])) : -1;
  return { of: first > 0 ? [...of.slice(first), ...of.slice(0, first)] : of, times, until };
}

const BEGINNING =
  /^\s*(?:[-*•]\s+)?(?:(?:with|using|in)\b[^.,:;]{0,60}[,:]\s*)?(?:loosely\s+)?(?:(?:ch(?:ain)?\s*-?\s*(?:\d+|one|two|three|four|five|six|seven|eight|nine|ten|twelve|twenty)\b)|(?:(?:make|begin with|start with|form)\s+)?(?:an?\s+)?(?:magic|adjustable|slip)\s+(?:ring|circle|loop)|\d+\s+(?:foundation\b|f(?:sc|hdc|dc)\b)|f(?:sc|hdc|dc)\s+\d+|foundation (?:sc|hdc|dc|single|half|double)|work \d+ foundation)/i;
const isBeginning = (text: string): boolean => BEGINNING.test(text) && !/^[^\d]*\bmultiple\b/i.test(text);

/** A short line without an end, or one in capitals. */
const isHeading = (text: string): boolean =>
  /^#{1,6}\s/.test(text) ||
  (text.length <= 60 &&
    (/^[^a-z]*[A-Z][^a-z]*$/.test(text) ||
      (!/[.;,]$/.test(text) && /^[A-Z][\w’'() -]*:?$/.test(text) && text.split(/\s+/).length <= 6)));
