import { MOST_INTO_ONE, shapedRows, type ShapedRow } from './shapedRows';

/** An outline made of rows. */
export interface OutlineRows {
  rows: ShapedRow[];
  /** The largest distance at a side between the wished outline and the worked one, in the middle of a row, in stitches. */
  mostOffStitches: number;
}

/** A tie between two counts goes to the larger, whatever a computer’s rounding says. */
const DUST = 1e-9;

/** A row narrower than so many stitches is nearer to one than to two. */
const NEARER_TO_ONE = 1.5;

/** Fewer than one stitch is no row. */
const LEAST_STITCHES = 1;

/**
 * Turns an outline into rows that can be worked, from the wide end on: each row gets the count nearest to the outline's width
 * in its middle, so that the outline lies half within the row and half without. Counts never rise, and stay odd or even throughout, so that
 * both sides are worked alike; only the last two or four stitches of a point are worked together into one, so that no nub of two ends it.
 *
 * @param halfWidthMm half the width of the wished outline at a distance from where the shaping starts, mm
 * @param startStitches stitches of the row before the first one
 * @param rowCount rows to work
 * @param gauge width of a stitch and height of a row, mm
 * @throws RangeError for no stitches, no rows, or a gauge that is none
 * Source: geometry; decreases at both sides alike are common practice.
 *
 * @example
 * outlineRows((downMm) => 20 - downMm, 8, 3, { stitchMm: 5, rowMm: 5 }).rows.map(({ stitches }) => stitches) // => [8, 6, 4]
 */
export function outlineRows(
  halfWidthMm: (downMm: number) => number,
  startStitches: number,
  rowCount: number,
  { stitchMm, rowMm }: { stitchMm: number; rowMm: number },
): OutlineRows {
  if (!(startStitches >= 1 && rowCount >= 0 && stitchMm > 0 && rowMm > 0))
    throw new RangeError(`no outline of ${rowCount} rows from ${startStitches} stitches`);
  const counts: number[] = [];
  let before = startStitches;
  let mostOffStitches = 0;
  for (let row = 1; row <= rowCount; row += 1) {
    const wished = (2 * halfWidthMm((row - 0.5) * rowMm)) / stitchMm;
    const count = Math.min(before, sameParity(wished, startStitches));
    before = isTip(count, before, wished, row === rowCount) ? 1 : count;
    counts.push(before);
    mostOffStitches = Math.max(mostOffStitches, Math.abs(wished - before) / 2);
  }
  return { rows: shapedRows(startStitches, counts), mostOffStitches };
}

/** The count nearest to a wished one that is odd or even as another is; at least one stitch, or two where it is even. */
function sameParity(wished: number, like: number): number {
  const odd = like % 2;
  return Math.max(odd === 1 ? LEAST_STITCHES : 2, 2 * Math.round((wished - odd) / 2 + DUST) + odd);
}

/** Whether two stitches are better made one: below two, where the outline is nearer to one; and in the last row, where it is narrower than two. */
function isTip(count: number, before: number, wished: number, isLast: boolean): boolean {
  if (count > 2) return false;
  return before <= 2 ? wished < NEARER_TO_ONE : isLast && wished < 2 && before <= MOST_INTO_ONE;
}
