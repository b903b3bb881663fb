import { STITCHES } from './catalogue';
import type { PatternRow, Step, StitchKind } from './step';
import type { StitchPattern } from './stitch';

/** The widest opening of a fabric: from post to post in stitches, and how high its row is of the mean of all rows. */
export interface Opening {
  stitches: number;
  rows: number;
}

/** How high a stitch stands, against single crochet. */
const heightOf = (kind: StitchKind): number =>
  Object.hasOwn(STITCHES, kind) ? ((STITCHES as Record<string, StitchPattern>)[kind]?.nature.heightToSc ?? 1) : 1;

const stepsOf = ({ before, repeat, after }: PatternRow): readonly Step[] => [...before, ...repeat, ...after];

/** A row is as high as its tallest stitch, which stands upright: what is joined at the top leans. */
const rowHeight = (row: PatternRow): number =>
  Math.max(1, ...stepsOf(row).map((step) => ('work' in step ? heightOf(step.work) : 0)));

/** The longest run of chains in a row: stitches are so many and one more apart there. */
const mostChains = ({ before, repeat, after }: PatternRow): number => {
  // A run may go over from one repeat to the next.
  let [run, most] = [0, 0];
  for (const step of [...before, ...repeat, ...repeat, ...after]) {
    run = 'chain' in step ? run + step.chain : 'work' in step ? 0 : run;
    most = Math.max(most, run);
  }
  return most;
};

/**
 * The widest opening of a pattern: between two posts, or under chains, in the row where that is largest.
 *
 * Source: from the stitches themselves; their heights from memory.
 *
 * @example
 * widestOpening(STITCHES.sc) // => { stitches: 1, rows: 1 }
 */
export function widestOpening({ setupRows, rows }: Pick<StitchPattern, 'setupRows' | 'rows'>): Opening {
  const all = rows.length > 0 ? rows : setupRows;
  const mean = all.reduce((sum, row) => sum + rowHeight(row), 0) / Math.max(1, all.length);
  const openings = all.map((row): Opening => ({ stitches: 1 + mostChains(row), rows: rowHeight(row) / mean }));
  return openings.reduce((widest, one) => (one.stitches * one.rows > widest.stitches * widest.rows ? one : widest), {
    stitches: 1,
    rows: 1 / mean,
  });
}
