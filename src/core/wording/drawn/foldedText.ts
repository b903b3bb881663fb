import type { FoldState } from '@/core/fold';
import { figureId, type Figure } from '@/core/figures';
import type { Plan } from '@/core/plan';
import { formatLength, type LengthUnit } from '@/core/units';
import { FITTING_WORDS, wordsOf } from '../fittings';
import { fittingAt } from '@/core/fittings';
import { formatPlusMinus, formatQuantity } from '../quantity';

const SHOWN: Record<FoldState, readonly string[]> = {
  flat: ['size.width', 'panel.backLength'],
  empty: [
    'size.width',
    'size.height',
    'size.depth',
    'size.thicknessEmpty',
    'mouth.gapEmpty',
    'bridge.empty',
    'flap.drop.empty',
    'flap.share.empty',
  ],
  loaded: [
    'fold.width.loaded',
    'size.heightLoaded',
    'size.thicknessFull',
    'mouth.gapFull',
    'bridge.loaded',
    'flap.drop.loaded',
    'flap.share.full',
  ],
};

/**
 * The folded bag in words, for whoever doesn't see it: how large it is on every side, how far its flap comes down, where what closes it meets the other face, and what it hangs by.
 *
 * @param state empty, loaded, or folded flat
 * @returns a line to each, with its ± where it has one
 */
export function foldedText(plan: Plan, state: FoldState, unit: LengthUnit, words = FITTING_WORDS): string[] {
  const meeting = `.meets.${state}`;
  const of = (id: string): Figure[] => {
    const figure = plan.figures[figureId(id)];
    return figure ? [figure] : [];
  };
  const figures = [
    ...SHOWN[state].flatMap(of),
    ...Object.values(plan.figures).filter(({ id }) => id.endsWith(meeting)),
  ];
  return [
    ...figures.map((figure) =>
      `${figure.label}: ${formatQuantity(figure.value, figure.unit, unit)} ${formatPlusMinus(figure, unit)}`.trimEnd(),
    ),
    ...(state === 'flat' ? [] : plan.bands).map(({ of: place, lengthMm }) => {
      const stage = fittingAt(plan.fittings, place);
      return `${stage ? wordsOf(stage, words).title : 'Strap'}: ${formatLength(lengthMm[state as 'empty' | 'loaded'], unit)} from mouth to mouth`;
    }),
  ];
}
