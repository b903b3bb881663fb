import { patternOf, type Design } from '@/core/design';
import { rowsAsWorked, type RowAsWorked } from '@/core/pieces';
import type { ShapedRow } from '@/core/shaping';
import { isRaised, patternRowCount, rowOf, turningChainOf, type Step, type StitchPattern } from '@/core/stitches';
import { eachOf, numbered, ordinal, repeatedWords } from './counting';
import { countedWords, runsOf, type RowRun } from './rowRuns';
import { IN_TURNING_CHAIN, firstRowCounts, furtherRowText, patternRowText, sideOf } from './rowText';
import { stepsWords } from './rowWords';
import { abbreviation, singleStitch } from './stitchText';

/** Rows that are turned, from one of them on. */
interface TurnedRows {
  /** The number of the first of them. */
  from: number;
  rows: readonly ShapedRow[];
  /** Stitches of the row before the first one. */
  startStitches: number;
  /** What is to be said after a row: a marker that is set there. */
  after: ReadonlyMap<number, string>;
  /** What the first of them is worked over: a chain or foundation, or rounds. */
  over: 'beginning' | 'rounds';
}

/** Turned rows in words, every one of them: row by row where something is new, and by what is repeated where nothing is. */
export function turnedRowsLines(design: Design, turned: TurnedRows): string[] {
  const pattern = patternOf(design);
  return isOneStitch(pattern) ? plainLines(design, turned) : patternLines(design, pattern, turned);
}

/** The same rows, each in words of its own and without its number: what is worked in it, at one sitting. */
export function turnedRowWords(
  design: Design,
  { from, rows, startStitches, over }: Omit<TurnedRows, 'after'>,
): string[] {
  const pattern = patternOf(design);
  const begins = over === 'beginning';
  if (!isOneStitch(pattern)) {
    const worked = rowsAsWorked({ pattern, firstRow: from, startStitches, rows, afterOther: !begins });
    return worked.map((row, index) =>
      rowWordsOf(
        design,
        pattern,
        from + index,
        row,
        rowCounts(design, pattern, { from, startStitches }, worked, index - 1),
      ),
    );
  }
  const first = begins && rows.length > 0 ? [firstPlainRow(design, startStitches)] : [];
  return [
    ...first,
    ...plainRowLines(design, {
      from: from + first.length,
      rows: rows.slice(first.length),
      belowCounts: begins && startStitches > 1 && firstRowCounts(design.settings, pattern),
    }),
  ].map(withoutNumber);
}

/** Rows of one plain stitch, each on a line of its own. */
export function plainRowLines(
  design: Design,
  { from, rows, belowCounts }: Pick<TurnedRows, 'from' | 'rows'> & { belowCounts: boolean },
): string[] {
  let below = belowCounts;
  return rows.map(({ stitches, changeEachSide, by }, index) => {
    const row = from + index;
    const line = plainRunText(design, { from: row, to: row, shape: { changeEachSide, by }, counts: [stitches] }, below);
    below = by === 'nothing' && design.settings.turningChain === 'counts';
    return line;
  });
}

/** What is worked in a row, of a line that says which row it is. */
export const withoutNumber = (line: string): string => line.replace(/^[^:]*: /, '');

/** Whether a row that was worked begins with a chain that counts, into which the last stitch of the next one goes. */
function rowCounts(
  design: Design,
  pattern: StitchPattern,
  { from, startStitches }: Pick<TurnedRows, 'from' | 'startStitches'>,
  worked: readonly RowAsWorked[],
  index: number,
): boolean {
  const row = worked[index];
  if (row === undefined) return false;
  if (from + index === 1) return startStitches > 1 && firstRowCounts(design.settings, pattern);
  return row.pattern !== null && design.settings.turningChain === 'counts';
}

/** A fabric of one stitch: every row is like the one before, but for its sides. */
const isOneStitch = (pattern: StitchPattern): boolean =>
  patternRowCount(pattern) === 1 && singleStitch(rowOf(pattern, 1)) !== null;

function plainLines(design: Design, { from, rows, startStitches, after, over }: TurnedRows): string[] {
  const pattern = patternOf(design);
  if (over === 'rounds') return plainRunsLines(design, { from, rows, after, belowCounts: false });
  return [
    firstPlainRow(design, startStitches),
    ...said(after, 1),
    ...plainRunsLines(design, {
      from: from + 1,
      rows: rows.slice(1),
      after,
      belowCounts: startStitches > 1 && firstRowCounts(design.settings, pattern),
    }),
  ];
}

/** Row 1. A single stitch has no chain beside it that could count. */
function firstPlainRow(design: Design, count: number): string {
  const settings = count === 1 ? { ...design.settings, turningChain: 'does-not-count' as const } : design.settings;
  return patternRowText(plainRowsOf(patternOf(design)), 1, count, settings).replace(
    count === 1 ? / and in each ch across/ : /^$/,
    '',
  );
}

/** Rows of one plain stitch, those that are alike word for word together. */
export function plainRunsLines(
  design: Design,
  {
    from,
    rows,
    after,
    belowCounts,
  }: Pick<TurnedRows, 'from' | 'rows' | 'after'> & {
    /** Whether the row before the first one begins with a chain that counts. */
    belowCounts: boolean;
  },
): string[] {
  let below = belowCounts;
  return runsOf(rows, from, after).flatMap((run) => {
    const counts = run.shape.by === 'nothing' && design.settings.turningChain === 'counts';
    // The first of them ends otherwise than the rest where only one of the two rows below begins with a chain that counts.
    const parts = counts !== below && run.to > run.from ? splitFirst(run) : [run];
    const lines = parts.map((part) => {
      const line = plainRunText(design, part, below);
      below = counts;
      return line;
    });
    return [...lines, ...said(after, run.to)];
  });
}

const said = (after: ReadonlyMap<number, string>, row: number): string[] => {
  const line = after.get(row);
  return line === undefined ? [] : [line];
};

const splitFirst = ({ from, to, shape, counts }: RowRun): RowRun[] => [
  { from, to: from, shape, counts: counts.slice(0, 1) },
  { from: from + 1, to, shape, counts: counts.slice(1) },
];

/** A run of rows of one plain stitch in words. */
function plainRunText(design: Design, run: RowRun, belowCounts: boolean): string {
  const { from, to, counts, shape } = run;
  const { changeEachSide, by } = shape;
  const rows = numbered('row', from, to);
  const count = counts.at(-1) as number;
  if (by === 'nothing') return furtherRowText(design, count, rows, belowCounts);
  const { terms } = design.settings;
  const kind = patternOf(design).base;
  const short = abbreviation({ work: kind, into: 'stitch', over: 1 }, terms);
  const change = Math.abs(changeEachSide);
  const joined = (over: number) => abbreviation({ work: kind, into: 'stitch', over }, terms);
  const last = belowCounts ? IN_TURNING_CHAIN : '';
  const told = (words: string) => `${rows}: ${words}, turn. (${countedWords(counts)} ${short})`;
  const turning = `${turningWords(kind)}, `;
  switch (by) {
    case 'leaving':
      return told(leavingWords(change, kind, `${short} in each st to last ${sts(change)}`));
    case 'adding':
      return told(addingWords(design, change, kind, `${short} in each st across${last}`));
    case 'increasing': {
      const more = change + 1;
      const below = count - 2 * change;
      if (below === 1) return told(`${turning}${count} ${short} in next st${last}`);
      const between = below === 2 ? '' : `${short} in each st to last st, `;
      return told(`${turning}${more} ${short} in next st, ${between}${more} ${short} in last st${last}`);
    }
    case 'decreasing': {
      const over = change + 1;
      if (count === 1) return told(`${turning}${joined(1 + 2 * change)} over next ${1 + 2 * change} sts${last}`);
      const between = count === 2 ? '' : `${short} in each st to last ${over} sts, `;
      return told(
        `${turning}${joined(over)} over next ${over} sts, ${between}${joined(over)} over last ${over} sts${last}`,
      );
    }
  }
}

const sts = (some: number): string => (some === 1 ? 'st' : `${some} sts`);

/** Shaped rows turn with chains that don't count, in either school: their first stitch is one that joins or doubles. */
const turningWords = (kind: StitchPattern['base']): string =>
  `ch ${turningChainOf(kind)['does-not-count'].chains} (does not count as a st)`;

const leavingWords = (change: number, kind: StitchPattern['base'], middle: string): string =>
  `sl st in ${eachOf(change)}, ${turningWords(kind)}, ${middle}, leave ${change === 1 ? 'last st' : `last ${change} sts`} unworked`;

/** New stitches at both sides: into a chain at the beginning, as foundation stitches at the end. */
function addingWords({ settings }: Design, change: number, kind: StitchPattern['base'], middle: string): string {
  const { chains, skippedInFoundation } = turningChainOf(kind)['does-not-count'];
  const short = abbreviation({ work: kind, into: 'stitch', over: 1 }, settings.terms);
  const more = change === 1 ? '' : ` and in ${eachOf(change - 1, 'ch')}`;
  return `ch ${change + chains}, ${short} in ${ordinal(skippedInFoundation + 1)} ch from hook${more}, ${middle}, then ${change} foundation ${short} at the end`;
}

/** Rows of a pattern: each that is new is written; where rows that were written are worked again, word for word, they are named. */
function patternLines(
  design: Design,
  pattern: StitchPattern,
  { from, rows, startStitches, after, over }: TurnedRows,
): string[] {
  const begins = over === 'beginning';
  const worked = rowsAsWorked({ pattern, firstRow: from, startStitches, rows, afterOther: !begins });
  const period = pattern.rows.length;
  const lines: string[] = [];
  const counts = (index: number): boolean => rowCounts(design, pattern, { from, startStitches }, worked, index);
  const known: string[] = [];
  const words = (index: number): string =>
    (known[index] ??= rowWordsOf(design, pattern, from + index, worked[index] as RowAsWorked, counts(index - 1)));
  /** Whether two rows are the same word for word; a row of the pattern's own needs no words to tell. */
  const isSame = (one: number, other: number): boolean => {
    const [a, b] = [worked[one], worked[other]] as [RowAsWorked, RowAsWorked];
    if (a.pattern === null && b.pattern === null) return words(one) === words(other);
    const alike = a.pattern === b.pattern && a.shape.stitches === b.shape.stitches;
    return alike && counts(one - 1) === counts(other - 1);
  };
  /** Rows written one after the other that change nothing at the sides, and the last whole repeat among them. */
  let written = 0;
  let block: { from: number; to: number } | null = null;
  const isEven = (index: number): boolean => worked[index]?.shape.by === 'nothing';
  const canRepeat = (index: number): boolean =>
    block !== null && isEven(index) && isSame(index, block.from - from + ((from + index - block.from) % period));
  for (let index = 0; index < worked.length;) {
    const number = from + index;
    const row = worked[index] as RowAsWorked;
    if (block !== null && canRepeat(index)) {
      let end = index;
      while (!after.has(from + end) && canRepeat(end + 1)) end += 1;
      lines.push(repeatedWords('row', number, from + end, block, row.shape.stitches), ...said(after, from + end));
      index = end + 1;
      continue;
    }
    // Rows cut so short that none of the pattern is left are alike.
    let end = index;
    while (
      row.pattern === null &&
      !after.has(from + end) &&
      worked[end + 1] !== undefined &&
      (worked[end + 1] as RowAsWorked).pattern === null &&
      words(end + 1) === words(index)
    )
      end += 1;
    const called = end === index ? `Row ${number} (${sideOf(pattern, number)})` : numbered('row', number, from + end);
    lines.push(`${called}: ${words(index)}`, ...said(after, from + end));
    // Row 1 is worked into a chain or made as a foundation, and setup rows are worked once.
    const repeats = end === index && isEven(index) && number > Math.max(1, pattern.setupRows.length);
    written = repeats ? written + 1 : 0;
    if (repeats && written >= period) block = { from: number - period + 1, to: number };
    index = end + 1;
  }
  return lines;
}

/** One row of a pattern in words, without its number: the pattern's own, or what its sides make of it. */
function rowWordsOf(
  design: Design,
  pattern: StitchPattern,
  number: number,
  { shape, pattern: own, steps }: RowAsWorked,
  belowCounts: boolean,
): string {
  if (own !== null)
    return patternRowText(pattern, number, shape.stitches, design.settings, '', belowCounts).replace(/^: /, '');
  if (number === 1)
    // Wider than the pattern's repeat allows, or narrower: the first row is plain all along.
    return firstPlainRow(design, shape.stitches).replace(/^[^:]*: /, '');
  const { terms } = design.settings;
  const change = Math.abs(shape.changeEachSide);
  const words = acrossWords(steps, shape, terms);
  const kind = firstKind(steps) ?? pattern.base;
  const last = belowCounts && shape.by !== 'leaving' ? IN_TURNING_CHAIN : '';
  const said =
    shape.by === 'leaving'
      ? leavingWords(change, kind, words)
      : shape.by === 'adding'
        ? addingWords(design, change, pattern.base, words + last)
        : `${turningWords(kind)}, ${words}${last}`;
  return `${said}, turn. (${[`${shape.stitches} sts`, ...raisedWords(steps, terms)].join(', ')})`;
}

/** What is worked between the sides; one plain stitch all along is said in one breath. */
function acrossWords(steps: readonly Step[], { by }: ShapedRow, terms: Design['settings']['terms']): string {
  const [only] = steps;
  const isEven = by === 'nothing' && steps.length === 1 && only !== undefined && 'work' in only;
  if (isEven && only.into === 'stitch' && only.over === 1 && only.each === 1)
    return `${abbreviation(only, terms)} in each st across`;
  return stepsWords(steps, terms);
}

const plainRowsOf = (pattern: StitchPattern): StitchPattern => ({
  ...pattern,
  setupRows: [],
  rows: [{ before: [], repeat: [{ work: pattern.base, into: 'stitch', times: 1, over: 1, each: 1 }], after: [] }],
});

function firstKind(steps: readonly Step[]): StitchPattern['base'] | null {
  const [first] = steps;
  return first !== undefined && 'work' in first ? first.work : null;
}

/** How many of each stitch stand out, so that they can be counted. */
export function raisedWords(steps: readonly Step[], terms: Design['settings']['terms']): string[] {
  const found = new Map<string, number>();
  for (const step of steps) {
    if (!('work' in step) || !isRaised(step)) continue;
    // A decrease joins stitches too, and is none of the pattern's.
    if (step.over > 1 && step.over < 4) continue;
    const short = abbreviation(step, terms);
    found.set(short, (found.get(short) ?? 0) + step.times * step.each);
  }
  return [...found].map(([short, times]) => `${times} ${short}${short === 'bobble' && times !== 1 ? 's' : ''}`);
}
