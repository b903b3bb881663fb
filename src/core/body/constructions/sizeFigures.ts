import type { SettledDesign } from '@/core/contents';
import { patternOf } from '@/core/design';
import { GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import { foundationOf, startingChain } from '@/core/stitches';

/** The starting chain for a first row of so many stitches, in the bag's school. */
export function chainFigure(design: SettledDesign, stitchCount: number, stitches: Figure): Figure {
  const { foundation, turningChain } = design.settings;
  const stitch = patternOf(design);
  const chains = startingChain(stitchCount, stitch, turningChain, foundation);
  if (foundationOf(stitch, foundation) === 'foundation-stitches')
    return makeFigure('panel.startingChain', 'Starting chain', 0, 'chain', {
      rule: 'Foundation stitches make the first row and its chain in one: no starting chain.',
      inputs: [inputFrom(stitches)],
      source: GEOMETRY,
    });
  return makeFigure('panel.startingChain', 'Starting chain', chains, 'chain', {
    rule:
      turningChain === 'counts'
        ? 'Stitches, plus the chains passed over at the hook, less one, because they stand for the first stitch.'
        : 'Stitches, plus the chains passed over at the hook, which do not count as a stitch.',
    inputs: [
      inputFrom(stitches),
      ...(stitchCount === stitches.value ? [] : [input('Stitches of the first row', stitchCount, 'stitch')]),
      input('Chains passed over', stitch.turningChain[turningChain].skippedInFoundation, 'chain'),
    ],
    source: GEOMETRY,
  });
}
