import { foundation, workRow, type Cell, type Effort, type RowFault } from './replay';
import { isPlainRow, type PatternRow } from './step';
import type { StitchPattern } from './stitch';

type Rows = Pick<StitchPattern, 'setupRows' | 'rows'>;

/** The row of a pattern that row number `row` of the work is: the setup rows once, then the repeat over and over. */
export function rowOf({ setupRows, rows }: Rows, row: number): PatternRow {
  const setup = setupRows[row - 1];
  return setup ?? (rows[(row - 1 - setupRows.length) % rows.length] as PatternRow);
}

/** Rows until the pattern begins again, with those worked once before. */
export const patternRowCount = ({ setupRows, rows }: Rows): number => setupRows.length + rows.length;

/**
 * The lowest row that is worked like a row far up, over a row like the one below it: one of the setup rows or of the first two repeats.
 *
 * @example
 * rowLike(STITCHES['bobble-field'], 9) // => 5
 */
export function rowLike({ setupRows, rows }: Rows, row: number): number {
  const before = setupRows.length + rows.length;
  return row <= before ? row : before + 1 + ((row - before - 1) % rows.length);
}

/**
 * Whether a row is plain, so that a fold lies well on it.
 *
 * @example
 * isPlainAt(STITCHES['bobble-field'], 5) // => true
 * isPlainAt(STITCHES['bobble-field'], 6) // => false
 */
export const isPlainAt = (pattern: Rows, row: number): boolean => isPlainRow(rowOf(pattern, row));

type PatternResult = { ok: true; rows: Cell[][] } | { ok: false; row: number; fault: RowFault };

/**
 * Works a pattern from row 1 on, every row over the one before. A pattern is a straight fabric: a row that gives more or fewer places
 * than it took does not fit, and no place beyond them is ever made, so that the work is bounded whatever the rows say.
 *
 * @param stitchCount stitches in the foundation
 * @param rowCount rows to work
 * @param effort what may be spent on it; as much as it takes where it is left out
 * @returns the places of each row in the order in which they were made, or the first row that does not fit and why
 *
 * @example
 * workPattern(STITCHES.linen, 7, 3).ok // => true
 * workPattern(STITCHES.linen, 8, 3).ok // => false
 */
export function workPattern(pattern: Rows, stitchCount: number, rowCount: number, effort?: Effort): PatternResult {
  const rows: Cell[][] = [];
  let below = foundation(stitchCount);
  for (let row = 1; row <= rowCount; row += 1) {
    const result = workRow(rowOf(pattern, row), below, { most: stitchCount, effort });
    if (!result.ok) return { ok: false, row, fault: result.fault };
    const to = result.cells.length;
    if (to < stitchCount) return { ok: false, row, fault: { code: 'count-drifts', from: stitchCount, to } };
    rows.push(result.cells);
    below = result.cells;
  }
  return { ok: true, rows };
}

/** The largest count that is tried when a repeat is looked for: no pattern for a bag repeats over more. */
const MOST_TRIED = 120;

/** What is spent on looking for a repeat, in steps and places; no pattern of the catalogue asks for a four-hundredth of it. */
const REPEAT_EFFORT = 150_000;

export type FoundRepeat =
  { ok: true; repeatStitches: number; edgeStitches: number } | { ok: false; row: number; fault: RowFault };

/**
 * The repeat that rows allow, found by working them: the counts that come out, row after row, for two turns of the pattern.
 * A row that gives more or fewer stitches than it took is no straight fabric and is refused.
 *
 * @returns the repeat (m) and the edge stitches (k, below m where it can be), or the row that fits no count and why
 *
 * @example
 * findRepeat(STITCHES['bobble-field']) // => { ok: true, repeatStitches: 4, edgeStitches: 1 }
 */
export function findRepeat(pattern: Rows): FoundRepeat {
  const rowCount = pattern.setupRows.length + 2 * pattern.rows.length;
  const fitting: number[] = [];
  const effort: Effort = { left: REPEAT_EFFORT };
  let furthest: Unworked | null = null;
  // Two counts tell the repeat; more of them would only come out as well.
  for (let count = 1; count <= MOST_TRIED && fitting.length < 2; count += 1) {
    const result = workPattern(pattern, count, rowCount, effort);
    if (result.ok) fitting.push(count);
    else if (result.fault.code === 'too-much-to-work')
      // A row that drifts does so whatever the count; what doesn't come out might with a larger one.
      return furthest?.fault.code === 'count-drifts' ? furthest : result;
    else furthest = further(furthest, result);
  }
  const [first, second] = fitting;
  if (first === undefined) return furthest ?? { ok: false, row: 1, fault: { code: 'repeat-takes-nothing' } };
  if (second === undefined) return { ok: false, row: 1, fault: { code: 'too-much-to-work' } };
  const repeatStitches = second - first;
  return { ok: true, repeatStitches, edgeStitches: first % repeatStitches };
}

type Unworked = Extract<PatternResult, { ok: false }>;

/** Of two counts that don't come out, the one that tells more: it came further up, or came out on its row and drifts there. */
function further(before: Unworked | null, now: Unworked): Unworked {
  if (before === null || now.row > before.row) return now;
  const drifts = now.fault.code === 'count-drifts' && before.fault.code !== 'count-drifts';
  return now.row === before.row && drifts ? now : before;
}
