import { DEVIATIONS_IN_PLUS_MINUS, ROW_SLIP_CHANCE, TENSION_DRIFT_SHARE } from '@/core/defaults';
import { factsOf, type Body, type BodyKind, type SeamKind } from '@/core/design';
import { SEAMS } from './seams';

/** A part that is worked one after another with others: its rows, and by how many mm a size grows where they grow by one. */
interface WorkedPart {
  rows: number;
  /** 1 where the size grows with the part, −1 where it shrinks. */
  way: 1 | -1;
}

/**
 * What is open of a size besides the gauge, as 95 % of it: hands that warm up or tire from the first row to the last, and a row counted
 * once too often or not at all, each part by itself. Joined in quadrature with what the gauge leaves open, it is the interval that makings
 * on paper have.
 *
 * @param parts in the order of working, all of them; those that the size does not hang on with no way
 * Source: propagation of uncertainty, JCGM 100:2008 (GUM), 5.1.2; the limits from memory.
 *
 * @example
 * rowsDoubtMm([{ rows: 40, way: 1 }], 5).toFixed(2) // => '2.72'
 */
export function rowsDoubtMm(parts: readonly (WorkedPart | { rows: number; way: 0 })[], rowMm: number): number {
  const all = parts.reduce((sum, { rows }) => sum + rows, 0);
  let before = 0;
  let drift = 0;
  let slips = 0;
  for (const { rows, way } of parts) {
    if (all > 0) drift += way * rows * ((before + rows / 2) / all - 0.5);
    if (way !== 0) slips += 1 - (1 - ROW_SLIP_CHANCE) ** rows;
    before += rows;
  }
  return rowMm * Math.hypot(TENSION_DRIFT_SHARE * drift, DEVIATIONS_IN_PLUS_MINUS * Math.sqrt(slips));
}

/**
 * What is open of a width of so many stitches seen, as 95 % of it: the gauge, and the seams at both sides.
 *
 * @param stitchPlusMinusMm of the width of one stitch, mm
 */
export const widthDoubtMm = (
  { kind, seam }: Pick<Body, 'kind' | 'seam'>,
  seenStitches: number,
  stitchPlusMinusMm: number,
  stitchMm: number,
): number => Math.hypot(seenStitches * stitchPlusMinusMm, seamsDoubtMm(seam.kind, factsOf(kind).seamsAcross, stitchMm));

/** The same of a height of so many rows: the gauge, hands that tire, and rows miscounted. */
export const heightDoubtMm = (
  kind: BodyKind,
  rows: { front: number; back: number },
  rowPlusMinusMm: number,
  rowMm: number,
): number =>
  Math.hypot(
    rows.front * rowPlusMinusMm,
    rowsDoubtMm(
      [
        { rows: rows.front, way: 1 },
        // Of a strip the back is worked after the front, in rows of its own.
        { rows: factsOf(kind).faces === 'strip' ? rows.back : 0, way: 0 },
      ],
      rowMm,
    ),
  );

/**
 * What a seam leaves open of a width, as 95 % of it: it takes anything between the least and the most that is usual, each as likely.
 *
 * @param seams how many such seams lie across the width
 * Source: the rectangular distribution, JCGM 100:2008 (GUM), 4.3.7.
 *
 * @example
 * seamsDoubtMm('whip', 2, 5).toFixed(2) // => '2.83'
 */
export const seamsDoubtMm = (kind: SeamKind, seams: number, stitchMm: number): number => {
  const { least, most } = SEAMS[kind].takeUp;
  return (DEVIATIONS_IN_PLUS_MINUS * seams * (most - least) * stitchMm) / Math.sqrt(12);
};
