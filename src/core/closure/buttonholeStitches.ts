import type { Buttonhole } from '@/core/design';
import { COMMON_PRACTICE, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import { nameAt, type FittingInput } from '@/core/fittings';

/**
 * Stitches that are passed over for a buttonhole, and chained in their place: as wide as diameter and thickness of the button together, less what it
 * gives; at least one.
 *
 * @param name of the figure
 *
 * Source: common practice, 10 to 15 % of give.
 */
export function buttonholeStitches(
  { diameterMm, thicknessMm, giveShare }: Pick<Buttonhole, 'diameterMm' | 'thicknessMm' | 'giveShare'>,
  { gauge, pouch, at }: Pick<FittingInput, 'gauge' | 'pouch' | 'at'>,
  name = 'button.hole',
): Figure {
  const wideMm = (diameterMm + thicknessMm) * (1 - giveShare);
  return makeFigure(
    nameAt(at, name),
    'Stitches of the buttonhole',
    Math.max(1, Math.ceil(wideMm / pouch.stitchMm - 0.25)),
    'stitch',
    {
      rule: 'Diameter and thickness of the button, less what the hole gives (usual: 10 to 15 %), divided by the width of one stitch; up to the next, but for a quarter of a stitch. So many are chained over as many that are passed over. Try it on the button.',
      inputs: [
        input('Button across', diameterMm, 'mm'),
        input('Button thick', thicknessMm, 'mm'),
        input('The hole gives', giveShare, 'ratio'),
        inputFrom(gauge.stitchWidth),
      ],
      source: COMMON_PRACTICE,
    },
  );
}
