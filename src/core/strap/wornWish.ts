import type { Carrying, Strap } from '@/core/design';
import { GEOMETRY, input, inputFrom, makeFigure, type Figure, type ReasonInput } from '@/core/figures';
import { nameAt, pathOf, type FittingInput } from '@/core/fittings';
import type { Problem } from '@/core/problems';
import { BODY_SOURCE, bodyPlaces, lengthOnFigureMm, supportHeightMm } from './bodyFigure';
import { lengthForDropMm, type Span } from './hanging';
import { ours } from './ownProblems';

/** How long a strap is wished, from mouth to mouth. */
interface WornWish {
  /** mm */
  mm: number;
  from: ReasonInput;
  figure: Figure | null;
  problems: Problem[];
}

/**
 * How long it is to be worn: by a tape or a strap she likes, or as long as lets the mouth hang where she wants it.
 *
 * @param span between what it hangs; null round a body, which has no drop
 * Source: geometry, and the figure's places (bodyFigure).
 */
export function wornWish(strap: Strap, over: Carrying, span: Span | null, bag: FittingInput): WornWish {
  const { given, wornLengthMm } = strap;
  const byTape: WornWish = {
    mm: wornLengthMm,
    from: input(given.by === 'copy' ? 'The strap you like' : 'Worn length', wornLengthMm, 'mm'),
    figure: null,
    problems: [],
  };
  if (given.by === 'tape' || given.by === 'copy') return byTape;
  const mm =
    given.by === 'drop'
      ? span && lengthForDropMm(given.dropMm, span)
      : lengthOnFigureMm(over, given, given.mouthMm, span);
  if (mm === null) return { ...byTape, problems: [noWay(given.by, over, bag)] };
  const apart = span
    ? [input('Its feet are apart', span.feetMm, 'mm'), input('What it lies over is wide', span.supportMm, 'mm')]
    : [];
  const figure =
    given.by === 'drop'
      ? makeFigure(nameAt(bag.at, 'strap.wish'), 'Worn length, for that drop', mm, 'mm', {
          rule: 'Two arms from the edges of what it lies over to its feet, that deep, and what lies between them.',
          inputs: [input('The mouth is to hang below', given.dropMm, 'mm'), ...apart],
          source: GEOMETRY,
        })
      : figureWish(over, given, mm, apart, bag);
  return { mm, from: inputFrom(figure), figure, problems: [] };
}

function figureWish(
  over: Carrying,
  given: Extract<Strap['given'], { by: 'figure' }>,
  mm: number,
  apart: ReasonInput[],
  { at }: FittingInput,
): Figure {
  const supportMm = supportHeightMm(over, bodyPlaces(given));
  const mouth = input('The mouth is to hang above the floor', given.mouthMm, 'mm');
  return makeFigure(nameAt(at, 'strap.wish'), 'Worn length, on that figure', mm, 'mm', {
    rule:
      supportMm !== null
        ? 'Two arms from what it lies over down to the mouth, and what lies between them.'
        : over === 'round-the-waist'
          ? 'Once round the hip.'
          : 'From the mouth at one hip up to the other shoulder, over it and down the back; a little more for the chest.',
    inputs:
      over === 'round-the-waist'
        ? [input('Round the hip', given.hipMm, 'mm')]
        : [
            input('Height', given.heightMm, 'mm'),
            ...(supportMm === null
              ? [input('Round the hip', given.hipMm, 'mm')]
              : [input('What it lies over, above the floor', supportMm, 'mm')]),
            mouth,
            ...apart,
          ],
    source: BODY_SOURCE,
    basis: 'foretold',
  });
}

/** It can't hang so: round a body there is no drop, and a mouth can't be above what its strap lies over. */
const noWay = (by: 'drop' | 'figure', over: Carrying, { at }: FittingInput): Problem =>
  ours.problem({
    code: by === 'drop' ? 'strap-has-no-drop' : 'strap-mouth-too-high',
    severity: 'decide',
    place: 'strap',
    path: [...pathOf(at), 'given', by === 'drop' ? 'dropMm' : 'mouthMm'],
    values: {},
    names: { over },
    repairs: [
      ours.repair({
        code: 'strap-given-by-tape',
        values: {},
        edits: [{ path: [...pathOf(at), 'given'], value: { by: 'tape' } }],
      }),
    ],
  });
