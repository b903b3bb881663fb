import { GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import { nameAt, type FittingInput } from '@/core/fittings';
import { stitchInRound } from './grownStrap';
import type { StrapFoot } from './strapFoot';

/**
 * The stitches of the last round with which both feet of a handle begin, once the walk of the rounds was measured. The front goes from the
 * first side on, the back from the second.
 *
 * @returns null of feet that are not on a face, and where the sides are not known
 */
export function feetInRounds(foot: StrapFoot, { pouch, at }: FittingInput): [Figure, Figure] | null {
  const { figures, topStitches, stitchCount } = pouch;
  if (foot.on !== 'face' || !figures.firstSide || !figures.secondSide) return null;
  const side = foot.face === 'front' ? figures.firstSide : figures.secondSide;
  // A last round that narrows has fewer stitches, spread all round: the side lies as far round as before.
  const sideAt = Math.round((side.value * topStitches) / stitchCount);
  const round = 2 * topStitches;
  const begin = (id: string, label: string, by: number, rule: string) =>
    makeFigure(nameAt(at, id), label, stitchInRound({ side: sideAt, by, round }), 'stitch', {
      rule: `${rule} Counted from the start of the last round; its first stitch is 1.`,
      inputs: [
        inputFrom(side),
        input('In from either side', foot.inStitches, 'stitch'),
        input('Each foot covers', foot.stitches, 'stitch'),
        input('Stitches of the last round', round, 'stitch'),
      ],
      source: GEOMETRY,
    });
  const { inStitches, stitches } = foot;
  return [
    begin('strap.firstFoot', 'One foot begins with stitch', inStitches, 'So many in from the side.'),
    begin(
      'strap.secondFoot',
      'The other begins with stitch',
      topStitches - inStitches - stitches,
      'As many before the other side, and what it covers.',
    ),
  ];
}
