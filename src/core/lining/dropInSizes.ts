import type { CameOut, DropInLining } from '@/core/design';
import { COMMON_PRACTICE, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { PouchStage } from '@/core/stages';
import { asMeasured } from './measured';

/** What a drop-in lining measures finished: across, from its edge to its bottom, and from front to back. */
export interface DropInSizes {
  width: Figure;
  height: Figure;
  /** Null of a bag that lies flat. */
  depth: Figure | null;
}

/**
 * The finished sizes of a lining that is put into a bag: the inside of the crochet, which is its outside less the fabric of both walls, less the ease; and
 * up to so far below the mouth.
 *
 * @param came the finished bag from outside, where she measured it
 *
 * Source: a little smaller than the inside, 3 to 6 mm, common practice.
 */
export function dropInSizes(
  { easeMm, belowMm }: Pick<DropInLining, 'easeMm' | 'belowMm'>,
  { figures, layers, borders }: Pick<PouchStage, 'figures' | 'layers' | 'borders'>,
  isRound: boolean,
  came?: CameOut,
): DropInSizes {
  const width = asMeasured(figures.width, came?.widthMm);
  const height = asMeasured(figures.height, came?.heightMm);
  const depth = figures.depth && asMeasured(figures.depth, came?.depthMm);
  const less = (
    id: string,
    label: string,
    outside: Figure,
    mm: number,
    rule: string,
    more: ReturnType<typeof input>[],
  ) =>
    makeFigure(
      `lining.${id}`,
      label,
      Math.max(1, outside.value - mm),
      'mm',
      {
        rule,
        inputs: [
          inputFrom(outside),
          input('Thickness of the fabric', layers.fabricMm, 'mm'),
          input('Ease', easeMm, 'mm'),
          ...more,
        ],
        source: COMMON_PRACTICE,
      },
      outside.plusMinus,
    );
  const across = (id: string, label: string, outside: Figure) =>
    less(
      id,
      label,
      outside,
      2 * layers.fabricMm + easeMm,
      'Outside, less the fabric on both sides, less the ease. Usual ease: 3 to 6 mm, so that it does not bag out.',
      [],
    );
  return {
    width: across('insideWidth', 'Lining, finished: across', width),
    height: isRound
      ? across('insideHeight', 'Lining, finished: across, up', height)
      : less(
          'insideHeight',
          'Lining, finished: from its edge to the bottom',
          height,
          layers.fabricMm + easeMm + belowMm + borders.frontMm,
          'Outside, less the fabric of the base, less the ease, less as far as its edge lies below the mouth and the border there.',
          [
            input('Its edge below the mouth', belowMm, 'mm'),
            ...(borders.frontMm > 0 ? [input('Border at the mouth', borders.frontMm, 'mm')] : []),
          ],
        ),
    depth: depth && across('insideDepth', 'Lining, finished: front to back', depth),
  };
}
