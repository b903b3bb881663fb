import type { RoundPurse, SideBands } from '@/core/design';
import { GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { GaugeStage } from '@/core/gauge';
import { bandBorder } from './bordered';
import type { ClothMm } from './construction';
import { takesInput } from './strip';

type Banded = Pick<RoundPurse | SideBands, 'depthMm' | 'seam'>;

/**
 * Stitches of a band's short rows for the depth of a bag, and how deep the bag is between the middles of front and back, once both the band's
 * seams have taken theirs, mm.
 *
 * Source: geometry.
 *
 * @example
 * bandAcross({ depthMm: 52, seam: { kind: 'whip', finish: 'turned', takeUpStitches: 0 } }, { stitchMm: 5, fabricMm: 2, borders: { bandMm: 0 } }) // => { stitches: 10, seamedMm: 50 }
 */
export function bandAcross(
  { depthMm, seam: { takeUpStitches } }: Banded,
  { stitchMm, fabricMm, borders: { bandMm } }: Pick<ClothMm, 'stitchMm' | 'fabricMm'> & { borders: { bandMm: number } },
): { stitches: number; seamedMm: number } {
  const takesMm = 2 * takeUpStitches * stitchMm;
  const stitches = Math.max(2, Math.round((Math.max(1, depthMm - fabricMm) + takesMm - 2 * bandMm) / stitchMm));
  return { stitches, seamedMm: Math.max(stitchMm / 2, stitches * stitchMm - takesMm + 2 * bandMm) };
}

/** Tells the stitches across a band. */
export function bandAcrossFigure(
  { depthMm, seam }: Banded,
  gauge: GaugeStage,
  { borders }: Pick<ClothMm, 'borders'>,
  stitches: number,
): Figure {
  const border = bandBorder(borders);
  return makeFigure('gusset.stitches', 'Stitches across the band', stitches, 'stitch', {
    rule: `Depth less one thickness of fabric${border.words}, plus what both seams take, divided by the width of one stitch.`,
    inputs: [
      input('Depth you want, outside', depthMm, 'mm'),
      inputFrom(gauge.fabricThickness),
      takesInput(seam.takeUpStitches),
      ...border.inputs,
      inputFrom(gauge.stitchWidth),
    ],
    source: GEOMETRY,
  });
}

/** Tells the rows along a band, from its length and the height of its rows. */
export const bandRowsFigure = (rows: number, length: Figure, rowHeight: Figure, asWorked: boolean): Figure =>
  makeFigure(
    'gusset.rows',
    'Rows along the band',
    rows,
    'row',
    {
      rule: `Length along the seam, divided by the row height in the strip, ${nearestRows(asWorked)}.`,
      inputs: [inputFrom(length), inputFrom(rowHeight)],
      source: GEOMETRY,
    },
    rows * ((rowHeight.plusMinus ?? 0) / rowHeight.value) || null,
  );

/** How the rows of a band are rounded, in a rule’s words. */
export const nearestRows = (asWorked: boolean): string =>
  asWorked
    ? 'to the nearest even number: rows end now at the one edge, now at the other, and both have as many'
    : 'to the nearest';
