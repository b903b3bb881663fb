/** What is done at both sides of a row, so that it has more or fewer stitches than the row before. */
type Shaping =
  | 'nothing'
  /** Stitches joined at both sides. */
  | 'decreasing'
  /** More than can be joined without puckering are left unworked at both sides. */
  | 'leaving'
  /** Two or more worked into the stitches at both sides. */
  | 'increasing'
  /** More than fit into the last stitches are added beyond both sides: chains, or foundation stitches. */
  | 'adding';

/** A row of a shaped piece. */
export interface ShapedRow {
  stitches: number;
  /** Stitches more (or, below nought, fewer) at each side than in the row before; a half where two or four in the middle become one. */
  changeEachSide: number;
  by: Shaping;
}

/** The most stitches that are joined, or worked on top of each other, at one side of one row. More would pucker. Common practice. */
const MOST_SHAPED_A_SIDE = 2;

/** The most stitches that are worked together into the last one of a point. From memory. */
export const MOST_INTO_ONE = 4;

/** How a change at each side is worked. */
export function shapingFor(changeEachSide: number): Shaping {
  if (changeEachSide === 0) return 'nothing';
  if (changeEachSide > 0) return changeEachSide <= MOST_SHAPED_A_SIDE ? 'increasing' : 'adding';
  return changeEachSide >= -MOST_SHAPED_A_SIDE ? 'decreasing' : 'leaving';
}

/**
 * The rows of a piece from their counts alone: what each does at its sides follows from the row before. Rows that are alike are one
 * object, so that a long straight piece weighs nothing.
 *
 * @param startStitches stitches of the row before the first one
 * @param counts stitches of each row; all odd or all even, as the first, so that both sides are worked alike. Two or four stitches may
 *   become one, or one as many: they lie in the middle, and half of the change falls to each side
 * @throws RangeError where a wider row is odd and the one before even, or has no stitches
 *
 * @example
 * shapedRows(6, [6, 4]) // => [{ stitches: 6, changeEachSide: 0, by: 'nothing' }, { stitches: 4, changeEachSide: -1, by: 'decreasing' }]
 */
export function shapedRows(startStitches: number, counts: readonly number[]): ShapedRow[] {
  let before = startStitches;
  let last: ShapedRow | null = null;
  return counts.map((stitches) => {
    const changeEachSide = (stitches - before) / 2;
    const isTip = Math.min(stitches, before) === 1 && Math.max(stitches, before) <= MOST_INTO_ONE;
    if (!(Number.isInteger(changeEachSide) || isTip) || stitches < 1)
      throw new RangeError(`no row of ${stitches} stitches can follow one of ${before} with both sides alike`);
    before = stitches;
    if (last === null || last.stitches !== stitches || last.changeEachSide !== changeEachSide)
      last = { stitches, changeEachSide, by: shapingFor(changeEachSide) };
    return last;
  });
}

/**
 * The counts of rows worked the other way round: from the narrow end on.
 *
 * @example
 * reversedCounts(shapedRows(6, [6, 4, 2])) // => [2, 4, 6]
 */
export const reversedCounts = (rows: readonly ShapedRow[]): number[] => rows.map(({ stitches }) => stitches).reverse();
