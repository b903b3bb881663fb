import { GEOMETRY, inputFrom, makeFigure, type Figure } from '@/core/figures';
import { nameAt, type FittingInput } from '@/core/fittings';
import { factsOf } from '@/core/design';

/** The opening of a bag between front and back, laid flat. */
export interface Mouth {
  /** From one end to the other, along the front's edge, mm. */
  opening: Figure;
  openingMm: number;
  /** Stitches along it, of the front’s edge, once the seams have taken theirs. */
  stitches: number;
  stitchMm: number;
}

/**
 * The mouth of a bag as it is sewn: the front's upper edge less what its seams take; of a round purse, what is left open of the rim.
 *
 * @param prefix at the head of the figure's name
 */
export function mouthOf(prefix: string, { pouch, gauge, design, at }: FittingInput): Mouth {
  const { rimOpen } = pouch.figures;
  if (rimOpen) {
    return {
      opening: rimOpen,
      openingMm: rimOpen.value,
      stitches: Math.round(rimOpen.value / pouch.stitchMm),
      stitchMm: pouch.stitchMm,
    };
  }
  const takes = factsOf(pouch.kind).seamsAcross * design.body.seam.takeUpStitches;
  const stitches = Math.max(1, pouch.topStitches - takes);
  const opening = makeFigure(
    nameAt(at, `${prefix}.opening`),
    'Mouth, from end to end',
    stitches * pouch.stitchMm,
    'mm',
    {
      rule: 'Stitches of the front’s upper edge, less what both seams take, times the width of one.',
      inputs: [inputFrom(pouch.figures.stitches), inputFrom(gauge.stitchWidth)],
      source: GEOMETRY,
    },
    stitches * (gauge.stitchWidth.plusMinus ?? 0),
  );
  return { opening, openingMm: opening.value, stitches: Math.floor(stitches), stitchMm: pouch.stitchMm };
}
