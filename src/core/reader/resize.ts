import { translatorOf } from '@/core/language';
import type { Mend } from './fault';
import type { Instruction, InstructionOf } from './instruction';
import { logicalLines } from './logicalLines';
import { withMends } from './mends';
import type { ReadPart, ReadPattern, ReadRow } from './read';
import { readPattern, type ReadWords } from './readPattern';
import { readRowText } from './rowText';
import { widthLine } from './sizes';
import { takenByAll } from './takenBy';
import { numberIn } from './tokens';
import type { OwnWords } from './workedRow';

/** A pattern in another width, or why it can’t be had. */
export type Resized =
  | { ok: true; text: string; stitches: { from: number; to: number }; repeatStitches: number }
  | { ok: false; why: 'not-right' | 'sizes' | 'no-start' | 'no-repeat' | 'too-narrow'; row: number | null };

/** No repeat that a bag is worked in is wider. */
const WIDEST_REPEAT = 60;
/** Counts behind a change are set in so many rounds: each shows what the next row comes to. */
const MOST_ROUNDS = 40;
const NONE: OwnWords = new Map();

/**
 * A part of a pattern wider or narrower by its repeats: its chain, what is worked so many times, every count, and the width that is given, by the gauge that is given. All else stays
 * as it is written. What comes out is read again, and taken only where every row comes out as much wider.
 *
 * @param text in English, in one size
 * @param at which of its parts, from 0
 * @param repeats so many repeats more; negative: fewer
 * @param read reads such a text
 *
 * @example
 * resized('Ch 26.\nRow 1: sc in 2nd ch from hook and in each ch across. (25)', 0, 3).text // => 'Ch 29.\nRow 1: sc in 2nd ch from hook and in each ch across. (28)'
 */
export function resized(
  text: string,
  at: number,
  repeats: number,
  read: (text: string) => ReadPattern = readPattern,
): Resized {
  const before = read(text);
  const part = before.parts[at];
  if (!part) return { ok: false, why: 'no-start', row: null };
  if (before.sizes.length > 1) return { ok: false, why: 'sizes', row: null };
  const wrong = part.rows.find(({ isRight, out }) => !isRight || out === null);
  if (wrong) return { ok: false, why: 'not-right', row: wrong.number };
  const start = startOf(text, part);
  if (!start) return { ok: false, why: 'no-start', row: null };
  const first = part.rows[0]?.out ?? 0;
  const step = repeatOf(part);
  // A repeat of the pattern is the least change by which every row comes out.
  for (let stitches = step; stitches <= WIDEST_REPEAT; stitches += step) {
    const [one, other] = [stitches, -stitches].map((by) => wider(text, at, by, { part, start, read }));
    if (one === null && other === null) continue;
    const by = repeats * stitches;
    const found = repeats === 0 ? text : wider(text, at, by, { part, start, read });
    if (found === null) return { ok: false, why: 'too-narrow', row: null };
    return { ok: true, text: found, stitches: { from: first, to: first + by }, repeatStitches: stitches };
  }
  return { ok: false, why: 'no-repeat', row: null };
}

interface Where {
  part: ReadPart;
  start: { from: number; to: number; count: number };
  read: (text: string) => ReadPattern;
}

/** The text with one part so many stitches wider; null where it doesn’t come out. */
function wider(text: string, at: number, by: number, { part, start, read }: Where): string | null {
  if (start.count + by < 2) return null;
  const mends: Mend[] = [{ from: start.from, to: start.to, text: String(start.count + by) }];
  const byLine = new Map<number, ReadRow[]>();
  for (const row of part.rows) byLine.set(row.from, [...(byLine.get(row.from) ?? []), row]);
  for (const [row, ...others] of byLine.values()) {
    if (!row) continue;
    const mend = rowMend(text, row, by);
    if (mend === 'no') return null;
    if (mend) mends.push(mend);
    mends.push(...countMends(text, [row, ...others], by));
  }
  let now = withMends(text, [...mends, ...widthMend(text, part, by)]);
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const found = read(now);
    const own = found.parts[at];
    if (!own || own.rows.length !== part.rows.length) return null;
    const [fromText, toText] = [own.rows[0]?.from ?? 0, own.rows.at(-1)?.to ?? 0];
    const faults = found.faults.filter(({ from }) => from >= fromText && from <= toText);
    if (faults.length === 0) {
      const isEven = own.rows.every((row, index) => row.out === (part.rows[index]?.out ?? 0) + by);
      return isEven ? now.slice(0, fromText) + withPlurals(now.slice(fromText, toText)) + now.slice(toText) : null;
    }
    const counts = faults.filter(({ code }) => code === 'count-differs').flatMap((fault) => fault.mends);
    // A count is set right row by row; anything else that is wrong does not come out.
    if (counts.length === 0) return null;
    const next = withMends(now, counts);
    if (next === now) return null;
    now = next;
  }
  return null;
}

/** “1 bobble”, “2 bobbles”. */
const withPlurals = (text: string): string =>
  text.replace(/\b(\d+) (bobble|popcorn|puff)s?\b/g, (_, count: string, name: string) =>
    count === '1' ? `1 ${name}` : `${count} ${name}s`,
  );

/** Where a part says what it begins with: chains, or foundation stitches. */
function startOf(text: string, part: ReadPart): Where['start'] | null {
  const [row] = part.rows;
  if (!row) return null;
  const founded = row.items.find((item) => item.do === 'foundation' || item.do === 'chain');
  const begin = logicalLines(text)
    .filter((line) => line.is === 'begin' && line.to <= row.from)
    .at(-1);
  const own = founded && (founded.do === 'foundation' || !begin) ? founded : begin;
  if (!own) return null;
  const digits = /\d+/.exec(text.slice(own.from, own.to));
  if (!digits) return null;
  const from = own.from + digits.index;
  return { from, to: from + digits[0].length, count: Number(digits[0]) };
}

/** Stitches of a part’s repeat, as far as its rows say. */
function repeatOf({ rows }: ReadPart): number {
  const takes = rows.flatMap(({ items }) => items.filter(isRepeat).map((item) => takenByAll(item.items, NONE)));
  const all = takes.reduce((sum, one) => lcm(sum, Math.max(1, one)), 1);
  return all <= WIDEST_REPEAT ? all : 1;
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));
const lcm = (a: number, b: number): number => (a * b) / gcd(a, b);
const isRepeat = (item: Instruction): item is InstructionOf<'repeat'> => item.do === 'repeat';

/** The counts of all that a row comes to; what it has of one stitch is found when it is worked. */
function countMends(text: string, rows: readonly ReadRow[], by: number): Mend[] {
  const [{ from, to }] = rows as [ReadRow];
  const outs = new Set(rows.map(({ out }) => out));
  return readRowText(text.slice(from, to), from, new Set())
    .written.filter(({ count }) => outs.has(count))
    .map((one) => ({ from: one.from, to: one.to, text: String(one.count + by) }));
}

/** What is written otherwise in a row that is wider: nothing where it goes on to the end by itself. */
function rowMend(text: string, { items }: ReadRow, by: number): Mend | null | 'no' {
  if (items.some(goesOn)) return null;
  const repeat = items.filter(isRepeat).at(-1);
  if (repeat?.until.is === 'times') {
    const takes = takenByAll(repeat.items, NONE);
    return takes > 0 && by % takes === 0 ? timesMend(text, repeat, by / takes) : 'no';
  }
  return runMend(text, items, by);
}

/** Whether something is worked as far as the row goes. */
const goesOn = (item: Instruction): boolean => {
  if (item.do === 'foundation') return true;
  if (item.do === 'repeat') return item.until.is !== 'times' || item.items.some(goesOn);
  return 'place' in item && item.place.which === 'each';
};

const TIMES =
  /(once|twice|thrice|\d+)( more times?| times? more| times?| more)?(?=[^a-z\d]*$)|([x×]\s?)(\d+)(?=[^a-z\d]*$)/i;

/** “3 more times”, so many times more. */
function timesMend(text: string, { from, to }: InstructionOf<'repeat'>, by: number): Mend | 'no' {
  const words = text.slice(from, to);
  const found = TIMES.exec(words);
  if (!found) return 'no';
  const [whole, many, behind = '', sign] = found;
  const times = numberIn(many ?? whole) + by;
  if (times < 1) return 'no';
  const more = /more/i.test(behind);
  const written = sign
    ? `${sign}${times}`
    : more
      ? times === 1
        ? 'once more'
        : `${times} more times`
      : times === 2 && /twice/i.test(many ?? '')
        ? 'twice'
        : `${times} times`;
  return { from: from + found.index, to: from + found.index + whole.length, text: written };
}

/** The longest run of like stitches, longer. */
function runMend(text: string, items: readonly Instruction[], by: number): Mend | 'no' {
  let longest: InstructionOf<'work'> | null = null;
  for (const item of items)
    if (item.do === 'work' && item.place.which === 'next' && item.place.count > (longest?.place.count ?? 1))
      longest = item;
  if (!longest) return 'no';
  const { from, to, place } = longest;
  const at = text.slice(from, to).lastIndexOf(String(place.count));
  if (at < 0 || place.count + by < 1) return 'no';
  return { from: from + at, to: from + at + String(place.count).length, text: String(place.count + by) };
}

/** The width that is written, as much wider by the gauge that is written. */
function widthMend(text: string, part: ReadPart, by: number): Mend[] {
  const line = widthLine(logicalLines(text), [part]);
  return line ? [{ from: line.from, to: line.to, text: line.written(line.writtenMm + by * line.stitchMm) }] : [];
}

/** The same in whatever language the text is: in another one it comes back in that one’s usual words. */
export function resizedIn(text: string, at: number, repeats: number, words: ReadWords | null): Resized {
  const { language } = readPattern(text, words);
  if (language === null) return resized(text, at, repeats, (now) => readPattern(now, words));
  const translator = translatorOf(language);
  const done = resized(translator.back(text).text, at, repeats, (now) => readPattern(now, 'us'));
  return done.ok ? { ...done, text: translator.into(done.text).text } : done;
}
