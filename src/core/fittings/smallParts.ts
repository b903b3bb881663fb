import { ownCodes, type Problem } from '@/core/problems';
import { nameAt, pathOf, type FittingPlace } from './place';

/** What is to be minded of buttons, beads and studs. */
export interface SmallPartsProblems {
  'small-parts': object;
}

const ours = ownCodes<SmallPartsProblems, object>();

/**
 * Buttons, beads and studs: for whom they are not.
 *
 * Source: EN 71-1 and ASTM F963 name small parts; from memory.
 *
 * @param mark what it is about on the drawing
 */
export const smallParts = (at: FittingPlace, mark: string): Problem =>
  ours.problem({
    code: 'small-parts',
    severity: 'mind',
    place: 'closures',
    path: pathOf(at),
    mark: nameAt(at, mark),
    values: {},
    repairs: [],
  });
