import { findRepeat, work, type PatternRow, type Step, type StitchKind, type Worked } from '@/core/stitches';
import type { Instruction } from './instruction';
import type { ReadPart } from './read';
import type { TermSet } from './termSet';
import { heightOf } from './vocabulary';

/** The rows of a stitch that a read piece is worked in, or why it is none. */
export type ReadStitch =
  | {
      ok: true;
      base: StitchKind;
      setupRows: PatternRow[];
      rows: PatternRow[];
      repeatStitches: number;
      edgeStitches: number;
    }
  | {
      ok: false;
      why: 'rounds' | 'few-rows' | 'not-right' | 'shaped' | 'no-repeat' | 'unknown-stitch' | 'not-straight';
      row: number;
    };

/** Stitches of the catalogue by their height in chains; what is higher has none. */
const BY_HEIGHT: Readonly<Record<number, StitchKind>> = { 0: 'sl-st', 1: 'sc', 2: 'hdc', 3: 'dc', 4: 'tr' };
const RAISED: ReadonlySet<string> = new Set(['bobble', 'popcorn', 'puff']);
/** Longer turns of a pattern are no turns. */
const MOST_ROWS = 24;

/**
 * The stitch of a piece that was read: the row into the chain once, then the fewest rows that repeat up to its end, each by what it repeats. It has to be straight, and in
 * stitches that are known.
 *
 * @param terms whose words the pattern is in
 */
export function stitchOfPart(part: ReadPart, terms: TermSet): ReadStitch {
  const { rows } = part;
  const odd = rows.find(({ noun }) => noun === 'round');
  if (odd) return { ok: false, why: 'rounds', row: odd.number };
  if (rows.length < 2) return { ok: false, why: 'few-rows', row: 1 };
  const wrong = rows.find(({ isRight }) => !isRight);
  if (wrong) return { ok: false, why: 'not-right', row: wrong.number };
  const shaped = rows.find((row, index) => index > 0 && row.in !== row.out);
  if (shaped) return { ok: false, why: 'shaped', row: shaped.number };
  const read: PatternRow[] = [];
  for (const row of rows.slice(0, 1 + MOST_ROWS)) {
    const said = patternRowOf(row.items, terms);
    if (typeof said === 'string') return { ok: false, why: said, row: row.number };
    read.push(said);
  }
  const [first, ...rest] = read;
  const turn = turnOf(rest);
  const found = { setupRows: first ? [first] : [], rows: turn };
  const repeat = findRepeat(found);
  if (!repeat.ok) return { ok: false, why: 'not-straight', row: rows[repeat.row - 1]?.number ?? repeat.row };
  return {
    ok: true,
    base: mostWorked(read),
    ...found,
    repeatStitches: repeat.repeatStitches,
    edgeStitches: repeat.edgeStitches,
  };
}

/** The fewest rows that, over and over, give all of them. */
function turnOf(rows: readonly PatternRow[]): PatternRow[] {
  const keys = rows.map((row) => JSON.stringify(row));
  for (let length = 1; length < rows.length; length += 1)
    if (keys.every((key, index) => key === keys[index % length])) return rows.slice(0, length);
  return [...rows];
}

type NoRow = 'no-repeat' | 'unknown-stitch';

/** What is worked in a row, as data: before, in and after its repeat. */
function patternRowOf(items: readonly Instruction[], terms: TermSet): PatternRow | NoRow {
  const row: { before: Step[]; repeat: Step[]; after: Step[] } = { before: [], repeat: [], after: [] };
  let last: Worked = work('sc');
  let isBegun = false;
  for (const [index, item] of items.entries()) {
    const into = row.repeat.length > 0 ? row.after : row.before;
    switch (item.do) {
      case 'loop':
        return 'unknown-stitch';
      case 'chain': {
        const next = items[index + 1];
        if (isBegun && next?.do !== 'turn') into.push({ chain: item.count });
        break;
      }
      case 'stands':
        // What stands for a stitch is one of the row's own.
        if (item.counts && !isBegun) {
          const kind = firstKind(items.slice(index + 1), terms);
          if (kind === null) return 'unknown-stitch';
          into.push(work(kind));
        }
        break;
      case 'skip':
        isBegun = true;
        if (item.place.which !== 'first') into.push({ skip: Math.max(1, item.place.count) });
        break;
      case 'repeat': {
        isBegun = true;
        const inside: Step[] = [];
        for (const inner of item.items) {
          const step = stepOf(inner, terms, last);
          if (step === null) return 'unknown-stitch';
          if ('work' in step) last = step;
          inside.push(step);
        }
        if (item.until.is === 'times')
          for (let time = 0; time < Math.min(50, item.until.times); time += 1) into.push(...inside);
        else if (row.repeat.length > 0) return 'no-repeat';
        else row.repeat.push(...inside);
        break;
      }
      case 'work': {
        isBegun = true;
        const step = stepOf(item, terms, last);
        if (step === null || !('work' in step)) return 'unknown-stitch';
        last = step;
        if (item.place.which === 'each' && row.repeat.length === 0) row.repeat.push({ ...step, times: 1 });
        else into.push(step);
        break;
      }
      case 'unread':
      case 'increase':
      case 'decrease':
      case 'into':
        return 'unknown-stitch';
      default:
        break;
    }
  }
  return row.repeat.length === 0 ? 'no-repeat' : allAlong(row);
}

/** A row of one stitch has nothing before or after its repeat: “in the 2nd chain and in each chain” is one thing. */
function allAlong(row: PatternRow): PatternRow {
  const [only] = row.repeat;
  if (row.repeat.length !== 1 || only === undefined || !('work' in only)) return row;
  const key = (step: Step) => JSON.stringify({ ...step, times: 1 });
  const isSame = [...row.before, ...row.after].every((step) => 'work' in step && key(step) === key(only));
  return isSame && only.over === 1 && only.each === 1
    ? { before: [], repeat: [{ ...only, times: 1 }], after: [] }
    : row;
}

function stepOf(item: Instruction, terms: TermSet, last: Worked): Step | null {
  if (item.do === 'chain') return { chain: item.count };
  if (item.do === 'skip') return { skip: Math.max(1, item.place.count) };
  if (item.do !== 'work') return null;
  const into = item.into ?? 'stitch';
  // What no stitch of the catalogue goes into is another fabric: rather none than the wrong one.
  if (into === 'front-loop' || into === 'back-post' || into === 'other') return null;
  const kind = item.stitch.word === '' ? last.work : kindOf(item.stitch.word, terms);
  if (kind === null) return null;
  const { over } = item.stitch;
  const each = item.stitch.word === '' ? last.each : item.each;
  if (item.place.noun === 'sp') return { ...work(kind, Math.max(1, item.place.count), 'space'), each };
  const places = item.place.which === 'from-hook' || item.place.which === 'each' ? 1 : Math.max(1, item.place.count);
  const times = over > 1 ? Math.max(1, Math.round(places / over)) : places;
  return { ...work(kind, times, into), over, each };
}

const kindOf = (word: string, terms: TermSet): StitchKind | null => {
  if (RAISED.has(word)) return 'bobble';
  const high = heightOf(word, terms);
  return high === null ? null : (BY_HEIGHT[high] ?? null);
};

function firstKind(items: readonly Instruction[], terms: TermSet): StitchKind | null {
  for (const item of items) {
    if (item.do === 'work' && item.stitch.word !== '') return kindOf(item.stitch.word, terms);
    if (item.do === 'repeat') {
      const inner = firstKind(item.items, terms);
      if (inner !== null) return inner;
    }
  }
  return null;
}

function mostWorked(rows: readonly PatternRow[]): StitchKind {
  const worked = new Map<StitchKind, number>();
  for (const { before, repeat, after } of rows)
    for (const step of [...before, ...repeat, ...after])
      if ('work' in step && step.work !== 'bobble') worked.set(step.work, (worked.get(step.work) ?? 0) + step.times);
  return [...worked].sort((one, other) => other[1] - one[1])[0]?.[0] ?? 'sc';
}
