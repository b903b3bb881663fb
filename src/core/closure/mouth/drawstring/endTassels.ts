import { TIE_MM } from '@/core/defaults';
import type { Drawstring } from '@/core/design';
import { MEMORY, input, makeFigure, type Figure } from '@/core/figures';
import { nameAt, type FittingInput } from '@/core/fittings';

/** Small tassels at the ends of the cords: so long, and wound so often. From memory. */
export const END_TASSEL = { lengthMm: 45, wraps: 16 } as const;

/** Yarn of the tassels at the ends of the cords, m, all strands together. */
export function tasselYarn({ cords }: Drawstring, { at }: FittingInput): Figure {
  const oneMm = 2 * END_TASSEL.wraps * END_TASSEL.lengthMm + TIE_MM;
  return makeFigure(nameAt(at, 'cord.tassels'), 'Yarn of the tassels', (2 * cords * oneMm) / 1000, 'm', {
    rule: 'Once down the card and up again for every wrap, and what binds it, for each end of each cord. As it is held, all strands together.',
    inputs: [
      input('Tassel, long', END_TASSEL.lengthMm, 'mm'),
      input('Wraps', END_TASSEL.wraps, 'count'),
      input('Ends', 2 * cords, 'count'),
    ],
    source: MEMORY,
  });
}
