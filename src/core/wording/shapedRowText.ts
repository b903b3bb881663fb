import { patternOf, type Design } from '@/core/design';
import type { ShapedRow } from '@/core/shaping';
import { patternRowCount, turningChainOf } from '@/core/stitches';
import { furtherRowText } from './rowText';
import { abbreviation } from './stitchText';

/** Rows one after the other in which the same is done at the sides. */
export interface RowRun {
  from: number;
  to: number;
  shape: Pick<ShapedRow, 'changeEachSide' | 'by'>;
  /** Stitches of each of them. */
  counts: number[];
}

/**
 * Puts rows together that are worked alike.
 *
 * @param breaksAfter rows after which something else has to be said
 */
export function runsOf(
  rows: readonly ShapedRow[],
  firstRow: number,
  breaksAfter: ReadonlySet<number> = new Set(),
): RowRun[] {
  const runs: RowRun[] = [];
  rows.forEach(({ stitches, changeEachSide, by }, index) => {
    const last = runs.at(-1);
    const row = firstRow + index;
    const alike = last && last.shape.by === by && last.shape.changeEachSide === changeEachSide;
    const single = by === 'leaving' || by === 'adding' || stitches <= 1 + 2 * Math.max(0, changeEachSide);
    if (alike && !single && !breaksAfter.has(row - 1)) {
      last.to = row;
      last.counts.push(stitches);
    } else runs.push({ from: row, to: row, shape: { changeEachSide, by }, counts: [stitches] });
  });
  return runs;
}

/** A run of rows in words: in a plain fabric stitch by stitch, in a pattern with a repeat what is done besides it. */
export function runText(design: Design, run: RowRun): string {
  const { from, to, counts, shape } = run;
  const rows = from === to ? `Row ${from}` : `Rows ${from} to ${to}`;
  return patternRowCount(patternOf(design)) > 1
    ? `${rows}: ${texturedWords(shape, counts)} (${countedWords(counts)} sts)`
    : plainText(design, rows, shape, counts);
}

function plainText(design: Design, rows: string, { changeEachSide, by }: RowRun['shape'], counts: number[]): string {
  const count = counts.at(-1) as number;
  if (by === 'nothing') return furtherRowText(design, count, rows);
  const { terms } = design.settings;
  const kind = patternOf(design).base;
  const { chains } = turningChainOf(kind)['does-not-count'];
  const short = abbreviation({ work: kind, into: 'stitch', over: 1 }, terms);
  const turning = `ch ${chains} (does not count as a st)`;
  const end = `turn. (${countedWords(counts)} ${short})`;
  const sts = (some: number) => (some === 1 ? 'st' : `${some} sts`);
  const change = Math.abs(changeEachSide);
  const joined = (over: number) => abbreviation({ work: kind, into: 'stitch', over }, terms);
  switch (by) {
    case 'leaving':
      return `${rows}: sl st in next ${sts(change)}, ${turning}, ${short} in each st to last ${sts(change)}, leave ${change === 1 ? 'it' : 'these'} unworked, ${end}`;
    case 'adding':
      return `${rows}: ch ${change + chains} at the end of the row before; ${short} in each of the ${change} ch nearest to it, ${short} in each st across, ${change} foundation ${short} at the end, ${end}`;
    case 'increasing': {
      const more = change + 1;
      if (counts[0] === 1 + 2 * change) return `${rows}: ${turning}, ${counts[0]} ${short} in next st, ${end}`;
      return `${rows}: ${turning}, ${more} ${short} in next st, ${short} in each st to last st, ${more} ${short} in last st, ${end}`;
    }
    case 'decreasing': {
      if (count === 1) {
        const over = 1 + 2 * change;
        return `${rows}: ${turning}, ${joined(over)} over all ${over} sts, ${end}`;
      }
      const over = change + 1;
      return `${rows}: ${turning}, ${joined(over)} over next ${over} sts, ${short} in each st to last ${over} sts, ${joined(over)} over last ${over} sts, ${end}`;
    }
  }
}

const texturedWords = ({ changeEachSide, by }: RowRun['shape'], counts: readonly number[]): string => {
  const each = counts.length > 1 ? ' of every row' : '';
  const change = Math.abs(changeEachSide);
  switch (by) {
    case 'nothing':
      return 'go on in the pattern.';
    case 'leaving':
      return `sl st over the first ${change}, keep to the pattern, leave the last ${change} unworked.`;
    case 'adding':
      return `add ${change} at both sides, keep to the pattern.`;
    case 'increasing':
      return `keep to the pattern, working ${change + 1} stitches into one at both ends${each}.`;
    case 'decreasing':
      return `keep to the pattern, joining ${change + 1} stitches into one at both ends${each}.`;
  }
};

/** "39, 37, 35 … 21": the first few of many counts and the last. */
export function countedWords(counts: readonly number[]): string {
  if (new Set(counts).size === 1) return String(counts[0]);
  return counts.length <= 6 ? counts.join(', ') : `${counts.slice(0, 3).join(', ')} … ${counts.at(-1)}`;
}
