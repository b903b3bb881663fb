import { LINING_NAMES, type FlatLiningStage } from '@/core/lining';
import { isInRounds } from '@/core/pieces';
import { formatQuantity } from '../quantity';
import { stepWords } from '../stepWords';
import type { FittingWords } from './words';

/** All words of a flat lining. */
export const liningWords: FittingWords<FlatLiningStage> = {
  title: 'Flat lining',
  add: 'Add a flat lining',
  takeOff: 'Take the lining out',
  added: 'Lining added',
  takenOff: 'Lining taken out',
  grip: null,
  worked: '',
  materials: ({ cloth }, { design }) => {
    const length = (mm: number) => formatQuantity(mm, 'mm', design.settings.lengthUnit);
    const pieces = cloth.map(
      ({ copies, cutWidth, cutLength }) =>
        `${copies > 1 ? `${copies} of ` : ''}${length(cutWidth.value)} by ${length(cutLength.value)}`,
    );
    return [`Lining cloth: ${pieces.join('; ')}.`, 'Sewing thread and needle, an iron.'];
  },
  steps: {
    'cut-lining': ({ cloth }, { length }) => {
      const alone = cloth.length === 1;
      const pieces = cloth.map((piece, index) => {
        const count = piece.copies === 1 ? `${index === 0 ? 'One' : 'one'} piece` : `${piece.copies} pieces`;
        const named = alone ? '' : ` for the ${LINING_NAMES[piece.for]}`;
        return `${count}${named}, ${length(piece.cutWidth.value)} by ${length(piece.cutLength.value)}`;
      });
      const shaped = cloth.some(({ toOutline }) => toOutline)
        ? ' Where a piece is shaped, lay the crochet on the cloth and cut to its outline, with the same allowance all round.'
        : '';
      return stepWords(
        'Cut the lining',
        `${pieces.join('; ')}; along the grain. Measure your own ${alone ? 'panel' : 'pieces'} first.${shaped}`,
      );
    },
    'press-lining': ({ cloth, turnUnder }, { length }) =>
      stepWords(
        'Press the lining’s edges under',
        `${length(turnUnder.value)} on every side, to ${cloth.map((piece) => `${length(piece.finishedWidth.value)} by ${length(piece.finishedLength.value)}`).join(', ')}. Mind the hot iron.`,
      ),
    'sew-lining': (_, { plan }) =>
      plan.pieces.some(isInRounds)
        ? stepWords(
            'Sew the lining in',
            `Join the short ends of the piece that goes round, right sides together, and ${plan.pieces.some(({ kind }) => kind === 'oval') ? 'its lower edge to the piece for the base' : 'close its lower edge'}. Wrong side to wrong side in the bag; whip round the mouth${plan.flap.onPiece ? ' and the flap' : ''}, a little inside the crochet’s edge${plan.straps.length > 0 ? ', over the feet of the strap' : ''}.`,
            'No ripples; the seams of the lining face the crochet.',
          )
        : stepWords(
            'Sew the lining on',
            'Wrong side to wrong side, pressed edges a little inside the crochet’s; whip all round.',
            'No ripples when it is bent as it will be folded.',
            plan.joins.some(({ made }) => made === 'sewn') ? 'After the seams there is no laying it flat.' : null,
          ),
  },
  inspect: null,
  tickets: ({ turnUnder, cloth }) => [
    cloth.flatMap(({ cutWidth, cutLength }) => [cutWidth, cutLength].map((figure) => ({ figure, mark: 'lining.cut' }))),
    [turnUnder, ...cloth.flatMap(({ finishedWidth, finishedLength }) => [finishedWidth, finishedLength])].map(
      (figure) => ({ figure, mark: 'lining.press' }),
    ),
  ],
  quotes: {
    steps: {
      'cut-lining': ['lining.cutWidth', 'lining.cutLength'],
      'press-lining': ['lining.turnUnder', 'lining.finishedWidth', 'lining.finishedLength'],
    },
    materials: ['lining.cutWidth', 'lining.cutLength'],
    worked: [],
  },
  problems: {},
  repairs: {},
};
