/** Stitches picked up along row ends: so many in every so many rows. */
export interface PickUp {
  stitches: number;
  rows: number;
}

/** A border lies flat when the stitches along its row ends are as long as the rows they are picked up from, within this share. */
export const FLAT_EDGE = { least: 0.95, most: 1.05 } as const;

/** A ratio over more rows than this is hard to keep in mind. Ours. */
const MOST_ROWS = 4;
/** But for one in each row end, with one fewer or more in every so many. Ours. */
const MOST_ROWS_BUT_ONE = 12;
const MOST_STITCHES = 9;
/** Two in two are no nearer than one in one, whatever a computer’s rounding says. */
const DUST = 1e-9;

/**
 * How flat a border lies along row ends: the length of its stitches against that of the rows. 1 is flat, less draws in, more ruffles.
 *
 * @param rowMm height of a row of the piece, mm
 * @param edgeStitchMm width of a stitch of the border, mm
 *
 * @example
 * edgeFlatness({ stitches: 3, rows: 2 }, 6, 4) // => 1
 */
export const edgeFlatness = ({ stitches, rows }: PickUp, rowMm: number, edgeStitchMm: number): number =>
  (stitches * edgeStitchMm) / (rows * rowMm);

/**
 * Stitches to pick up along row ends, as a small ratio: the one with the fewest rows that lies flat; else one in each row end with one fewer or
 * more in every so many, if that does; else the one that comes nearest.
 *
 * @param rowMm height of a row of the piece, mm
 * @param edgeStitchMm width of a stitch of the border, mm
 * @throws RangeError for sizes that are none
 * Source: geometry, p = h / w; that single crochet takes 1 : 1, half double 3 : 2 and double 2 : 1 is common practice.
 *
 * @example
 * pickUpRatio(5, 5) // => { stitches: 1, rows: 1 }
 * pickUpRatio(7.5, 5) // => { stitches: 3, rows: 2 }
 * pickUpRatio(4.5, 5) // => { stitches: 6, rows: 7 }
 */
export function pickUpRatio(rowMm: number, edgeStitchMm: number): PickUp {
  if (!(rowMm > 0 && edgeStitchMm > 0))
    throw new RangeError(`no pick-up for rows of ${rowMm} and stitches of ${edgeStitchMm}`);
  let best: PickUp = { stitches: 1, rows: 1 };
  let leastOff = Infinity;
  for (let rows = 1; rows <= MOST_ROWS; rows += 1)
    for (let stitches = 1; stitches <= MOST_STITCHES; stitches += 1) {
      const flatness = edgeFlatness({ stitches, rows }, rowMm, edgeStitchMm);
      if (flatness >= FLAT_EDGE.least && flatness <= FLAT_EDGE.most && leastOff > 0.05) {
        best = { stitches, rows };
        leastOff = Math.min(leastOff, Math.abs(flatness - 1), 0.05);
      } else if (Math.abs(flatness - 1) < leastOff - DUST && leastOff > 0.05) {
        best = { stitches, rows };
        leastOff = Math.abs(flatness - 1);
      }
    }
  return leastOff > 0.05 ? (oneOffInEvery(rowMm, edgeStitchMm) ?? best) : best;
}

/** One in each row end, but in every so many one fewer, or one more: as easily kept in mind. Null where that does not lie flat either. */
function oneOffInEvery(rowMm: number, edgeStitchMm: number): PickUp | null {
  for (let rows = MOST_ROWS + 1; rows <= MOST_ROWS_BUT_ONE; rows += 1)
    for (const stitches of [rows - 1, rows + 1]) {
      const flatness = edgeFlatness({ stitches, rows }, rowMm, edgeStitchMm);
      if (flatness >= FLAT_EDGE.least && flatness <= FLAT_EDGE.most) return { stitches, rows };
    }
  return null;
}
