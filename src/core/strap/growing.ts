import { usualEnds, type Strap } from '@/core/design';
import { GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import { nameAt, pathOf, type FittingInput } from '@/core/fittings';
import { isLengthwise, stripOf } from '@/core/pieces';
import type { Problem } from '@/core/problems';
import type { GrownStrap } from './grownStrap';
import { canGrow, type StrapNature } from './natures';
import { ours } from './ownProblems';

/**
 * What keeps a strap from growing out of the body: it is not of short rows; or the mouth has not as many stitches to give.
 *
 * @param grown where it would begin; null where it can't
 * @param stitches across it, of one that is worked in short rows; null of any other
 */
export function growingProblems(
  { ends }: Strap,
  grown: GrownStrap | null,
  stitches: number | null,
  { pouch, at }: FittingInput,
): Problem[] {
  if (ends.kind !== 'grown' || grown !== null) return [];
  const path = [...pathOf(at), 'ends'];
  const repairs = [
    ours.repair({
      code: 'strap-sewn-on',
      values: {},
      edits: [{ path, value: usualEnds('sewn', 0) }],
    }),
  ];
  const told = { severity: 'decide', place: 'strap', path, repairs } as const;
  return stitches === null
    ? [ours.problem({ code: 'strap-cannot-grow', values: {}, ...told })]
    : [ours.problem({ code: 'strap-mouth-too-narrow', values: { stitches, topStitches: pouch.topStitches }, ...told })];
}

/** The stitches of a strip that a strap goes on over, all of them; null where it goes on over none, or is picked up along its end. */
export function goesOnOver({ ends }: Strap, nature: StrapNature, { set }: FittingInput): number | null {
  const strip = ends.kind === 'grown' && canGrow(nature) ? stripOf(set) : null;
  return strip && !isLengthwise(strip) ? strip.startStitches : null;
}

/** Rows of the short loop that a long one is passed through, as long when it is worn as was given; null where there is none. */
export function shortLoopFigure(
  {
    strap: { ends },
    gauge: { along },
    sizes: { share },
  }: { strap: Strap; gauge: { along: Figure }; sizes: { share: number } },
  at: FittingInput['at'],
): Figure | null {
  if (ends.kind !== 'grown' || ends.shortLoopMm === null) return null;
  const rows = Math.max(1, Math.round(ends.shortLoopMm / (1 + share) / along.value));
  return makeFigure(nameAt(at, 'strap.shortRows'), 'Rows of the short loop', rows, 'row', {
    rule: 'Its length, divided by one plus what it grows, and by what one row takes.',
    inputs: [input('Short loop', ends.shortLoopMm, 'mm'), input('Longer by', share, 'ratio'), inputFrom(along)],
    source: GEOMETRY,
  });
}
