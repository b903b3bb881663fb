import { patternOf, type Design } from '@/core/design';
import type { FlapStage } from '@/core/flap';
import type { Plan } from '@/core/plan';
import type { ShapedRow } from '@/core/shaping';
import { patternRowCount, turningChainOf } from '@/core/stitches';
import { furtherRowText } from './rowText';
import { abbreviation } from './stitchText';

/** Rows one after the other in which the same is done. */
interface RowRun {
  from: number;
  to: number;
  shape: Pick<ShapedRow, 'fewerEachSide' | 'by'>;
  /** Stitches of each of them. */
  counts: number[];
}

/** Whether a flap is as wide as the back all the way, so that its rows go on as those before it. */
export const isPlainFlap = ({ leftEachSide, rows }: Pick<FlapStage, 'leftEachSide' | 'rows'>): boolean =>
  leftEachSide === 0 && rows.every(({ by }) => by === 'nothing');

/** The rows beyond the back of a shaped flap in words, from the one after the top fold to the flap's edge. */
export function shapedFlapLines(design: Design, { pouch, flap }: Plan): string[] {
  const topRow = pouch.frontRows + pouch.backRows;
  const pickedUp: ShapedRow = {
    stitches: flap.startStitches,
    fewerEachSide: flap.leftEachSide,
    by: flap.leftEachSide > 0 ? 'leaving' : 'nothing',
  };
  const level: ShapedRow = { stitches: flap.startStitches, fewerEachSide: 0, by: 'nothing' };
  const rows = [...Array.from({ length: flap.bridgeRows }, () => level), ...flap.rows];
  const [first, ...rest] = rows as [ShapedRow, ...ShapedRow[]];
  // What is left at each side of a narrower flap is left in the first row beyond the back.
  const all = [flap.leftEachSide > 0 ? { ...first, ...pickedUp, stitches: first.stitches } : first, ...rest];
  return runsOf(all, topRow + 1).map((run) => runText(design, run));
}

/** Puts rows together that are worked alike. */
function runsOf(rows: readonly ShapedRow[], firstRow: number): RowRun[] {
  const runs: RowRun[] = [];
  rows.forEach(({ stitches, fewerEachSide, by }, index) => {
    const last = runs.at(-1);
    if (
      last &&
      by !== 'leaving' &&
      last.shape.by === by &&
      last.shape.fewerEachSide === fewerEachSide &&
      stitches > 1
    ) {
      last.to = firstRow + index;
      last.counts.push(stitches);
    } else
      runs.push({ from: firstRow + index, to: firstRow + index, shape: { fewerEachSide, by }, counts: [stitches] });
  });
  return runs;
}

function runText(design: Design, run: RowRun): string {
  const { from, to, counts, shape } = run;
  const rows = from === to ? `Row ${from}` : `Rows ${from} to ${to}`;
  return patternRowCount(patternOf(design)) > 1
    ? `${rows}: ${texturedWords(shape, counts)} (${countedWords(counts)} sts)`
    : plainText(design, rows, shape, counts);
}

function plainText(design: Design, rows: string, { fewerEachSide, by }: RowRun['shape'], counts: number[]): string {
  const count = counts.at(-1) as number;
  if (by === 'nothing') return furtherRowText(design, count, rows);
  const { terms } = design.settings;
  const kind = patternOf(design).base;
  const { chains } = turningChainOf(kind)['does-not-count'];
  const short = abbreviation({ work: kind, into: 'stitch', over: 1 }, terms);
  const turning = `ch ${chains} (does not count as a st)`;
  const end = `turn. (${countedWords(counts)} ${short})`;
  const sts = (some: number) => (some === 1 ? 'st' : `${some} sts`);
  if (by === 'leaving')
    return `${rows}: sl st in next ${sts(fewerEachSide)}, ${turning}, ${short} in each st to last ${sts(fewerEachSide)}, leave ${fewerEachSide === 1 ? 'it' : 'these'} unworked, ${end}`;
  const joined = (over: number) => abbreviation({ work: kind, into: 'stitch', over }, terms);
  if (count === 1) {
    const over = 1 + 2 * fewerEachSide;
    return `${rows}: ${turning}, ${joined(over)} over all ${over} sts, ${end}`;
  }
  const over = fewerEachSide + 1;
  return `${rows}: ${turning}, ${joined(over)} over next ${over} sts, ${short} in each st to last ${over} sts, ${joined(over)} over last ${over} sts, ${end}`;
}

const texturedWords = ({ fewerEachSide, by }: RowRun['shape'], counts: readonly number[]): string => {
  const each = counts.length > 1 ? ' of every row' : '';
  if (by === 'nothing') return 'go on in the pattern.';
  if (by === 'leaving')
    return `sl st over the first ${fewerEachSide}, keep to the pattern, leave the last ${fewerEachSide} unworked.`;
  return `keep to the pattern, joining ${fewerEachSide + 1} stitches into one at both ends${each}.`;
};

/** "39, 37, 35 … 21": the first few of many counts and the last. */
function countedWords(counts: readonly number[]): string {
  if (new Set(counts).size === 1) return String(counts[0]);
  return counts.length <= 6 ? counts.join(', ') : `${counts.slice(0, 3).join(', ')} … ${counts.at(-1)}`;
}

/** What the flap's shape asks of the lining, or nothing. */
export const linedFlapNote = (plan: Plan): string =>
  isPlainFlap(plan.flap) ? '' : ' Lay the panel on it and trim the flap’s end to its outline, with the same allowance.';

/** How the flap is shaped, in a few words, for a step. */
export const shapedFlapNote = ({ flap }: Plan): string =>
  isPlainFlap(flap)
    ? ''
    : ` ${flap.leftEachSide > 0 ? `${flap.leftEachSide} stitches left unworked at each side; ` : ''}${flap.startStitches} stitches to begin with, ${flap.rows.at(-1)?.stitches ?? flap.startStitches} at the edge, as the rows are written.`;
