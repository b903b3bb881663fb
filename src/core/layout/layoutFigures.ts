import { ringArea } from '@/core/cutting';
import type { Design } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { Layout, LayoutPiece } from './layoutTypes';

/** Shops cut cloth in steps of so much, mm: five centimetres, and an eighth of a yard. From memory. */
const STEP_MM = { cm: 50, in: 114.3 } as const;

/** What a layout comes to. */
export interface LayoutFigures {
  length: Figure;
  toBuy: Figure;
  waste: Figure;
  bound: Figure;
}

/** The length of cloth that a layout takes, what to buy of it, what is cut away, and the length that no layout can be shorter than. */
export function layoutFigures(
  pieces: readonly LayoutPiece[],
  { lengthMm, boundMm, isProven, laid }: Layout,
  { widthMm, selvedgeMm, betweenMm }: Design['cloth'],
  unit: 'cm' | 'in',
): LayoutFigures {
  const betweenSelvedges = input('Between the selvedges', widthMm - 2 * selvedgeMm, 'mm');
  const areaMm2 = laid.reduce((sum, { piece }) => sum + Math.abs(ringArea(pieces[piece]?.ring ?? [])), 0);
  const length = makeFigure('cloth.length', 'Length of cloth', lengthMm, 'mm', {
    rule: isProven
      ? 'From the first cut to the last. No layout is shorter.'
      : 'From the first cut to the last, in the shortest layout that was found.',
    inputs: [betweenSelvedges, input('Left between pieces', betweenMm, 'mm'), input('Pieces', laid.length, 'count')],
    source: GEOMETRY,
  });
  const step = STEP_MM[unit];
  return {
    length,
    toBuy: makeFigure('cloth.toBuy', 'Cloth to buy', Math.ceil(lengthMm / step - 1e-9) * step, 'mm', {
      rule: 'The next length up that is cut from a bolt. Cloth that shrinks is washed first, and then laid out: buy a tenth more.',
      inputs: [inputFrom(length), input('Cut in steps of', step, 'mm')],
      source: COMMON_PRACTICE,
    }),
    waste: makeFigure(
      'cloth.waste',
      'Cut away',
      lengthMm > 0 ? Math.max(0, 1 - areaMm2 / (widthMm * lengthMm)) : 0,
      'ratio',
      {
        rule: 'What of that length is no piece, with the selvedges.',
        inputs: [
          input('Pieces together', areaMm2, 'mm2'),
          input('Width with selvedges', widthMm, 'mm'),
          inputFrom(length),
        ],
        source: GEOMETRY,
      },
    ),
    bound: makeFigure('cloth.bound', 'No layout is shorter than', boundMm, 'mm', {
      rule: 'The area of the pieces over the width, the longest of them, or all that can lie beside no other: the most of these.',
      inputs: [betweenSelvedges, input('Pieces together', areaMm2, 'mm2')],
      source: GEOMETRY,
    }),
  };
}
