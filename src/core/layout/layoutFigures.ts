import { ringArea } from '@/core/cutting';
import type { Design } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { Layout } from './layoutTypes';

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
  { pieces, lengthMm, boundMm, isProven, laid }: Omit<Layout, 'tooWide'>,
  { widthMm, selvedgeMm, betweenMm, folded }: Design['cloth'],
  unit: 'cm' | 'in',
  byHand = false,
): LayoutFigures {
  const betweenSelvedges = folded
    ? input('From the fold to the selvedges', widthMm / 2 - selvedgeMm, 'mm')
    : input('Between the selvedges', widthMm - 2 * selvedgeMm, 'mm');
  const onBolt = laid.filter(({ remnant }) => remnant === null);
  const areaMm2 = onBolt.reduce((sum, { piece }) => sum + Math.abs(ringArea(pieces[piece]?.ring ?? [])), 0);
  const wholeMm = folded ? widthMm / 2 : widthMm;
  const length = makeFigure('cloth.length', 'Length of cloth', lengthMm, 'mm', {
    rule: isProven
      ? 'From the first cut to the last. No layout is shorter.'
      : byHand
        ? 'From the first cut to the last, as you have laid them.'
        : 'From the first cut to the last, in the shortest layout that was found.',
    inputs: [betweenSelvedges, input('Left between pieces', betweenMm, 'mm'), input('Pieces', onBolt.length, 'count')],
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
      lengthMm > 0 ? Math.max(0, 1 - areaMm2 / (wholeMm * lengthMm)) : 0,
      'ratio',
      {
        rule: 'What of that length is no piece, with the selvedges.',
        inputs: [
          input('Pieces together', areaMm2, 'mm2'),
          input(folded ? 'Width folded, with selvedges' : 'Width with selvedges', wholeMm, 'mm'),
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
