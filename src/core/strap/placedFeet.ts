import { factsOf, type Strap } from '@/core/design';
import { nameAt, pathOf, type FittingInput } from '@/core/fittings';
import type { Problem } from '@/core/problems';
import { ours } from './ownProblems';
import { footOnFace, strapFoot, type StrapFoot } from './strapFoot';

/** Where a strap's feet are, and how far apart. */
export interface PlacedFeet {
  foot: StrapFoot;
  /** From the middle of one foot to the middle of the other, mm. */
  apartMm: number;
  problems: Problem[];
}

/** The distance that a foot is often set in from the side, mm. Common practice. */
const OFTEN_IN_MM = 90;

/**
 * Stitches in from the side at which feet are often set: so that their middles are at a third of the width; and 90 mm in.
 *
 * Source: common practice, no source.
 *
 * @example
 * footRules({ topStitches: 60, stitchMm: 5 }, 4) // => { thirds: 18, in90: 18 }
 */
export const footRules = (
  { topStitches, stitchMm }: { topStitches: number; stitchMm: number },
  covered: number,
): { thirds: number; in90: number } => ({
  thirds: Math.max(0, Math.round((topStitches - 1.5 * covered) / 3)),
  in90: Math.max(0, Math.round(OFTEN_IN_MM / stitchMm)),
});

/**
 * The most stitches in from the side at which two feet lie beside each other.
 *
 * @example
 * mostInStitches(30, 4) // => 11
 */
export const mostInStitches = (topStitches: number, covered: number): number =>
  Math.max(0, Math.floor(topStitches / 2) - covered);

/** Whether two straps have their feet at the same place. */
export const haveSameFeet = (one: Pick<Strap, 'feet'>, other: Pick<Strap, 'feet'>): boolean =>
  one.feet.on === 'sides' || other.feet.on === 'sides'
    ? one.feet.on === other.feet.on
    : one.feet.on === other.feet.on && one.feet.inStitches === other.feet.inStitches;

/** Whether a strap clips into the rings of an earlier one, which are where it has its feet. */
export const clipsIntoEarlier = (straps: readonly Pick<Strap, 'feet' | 'ends'>[], index: number): boolean => {
  const own = straps[index];
  return (
    own?.ends.kind === 'clasp' &&
    straps.slice(0, index).some((one) => one.ends.kind === 'clasp' && haveSameFeet(one, own))
  );
};

/** Where the feet of a strap so wide go, mm. */
export function placedFeet({ feet, overlapMm, ends }: Strap, widthMm: number, bag: FittingInput): PlacedFeet {
  const { pouch, set } = bag;
  const bagMm = pouch.figures.width.value;
  // A foot covers as much of the bag as the strap is wide, or the tab that holds its ring.
  const footMm = 'innerMm' in ends ? ends.innerMm : widthMm;
  const covered = Math.max(1, Math.round(footMm / pouch.stitchMm));
  const isGrown = ends.kind === 'grown';
  const atSides = () => ({
    // What grows begins at the very edge.
    foot: strapFoot(Math.max(2, covered), isGrown ? 0 : overlapMm, pouch, set),
    // Both ends of a loop are at one side.
    apartMm: isGrown && ends.shortLoopMm !== null ? widthMm : bagMm,
  });
  if (feet.on === 'sides' || isGrown) return { ...atSides(), problems: [] };
  if (factsOf(pouch.kind).faces === 'discs') return { ...atSides(), problems: [roundFace(bag)] };
  const most = mostInStitches(pouch.topStitches, covered);
  const foot = footOnFace({ face: feet.on, inStitches: feet.inStitches }, covered, overlapMm, pouch, set);
  return {
    foot,
    apartMm: Math.max(0, bagMm - (2 * feet.inStitches + covered) * pouch.stitchMm),
    problems: feet.inStitches > most ? [cross(feet.inStitches, most, covered, bag)] : [],
  };
}

/** A face that is worked as a disc has no upper edge to count along. */
const roundFace = ({ at }: FittingInput): Problem =>
  ours.problem({
    code: 'strap-face-is-round',
    severity: 'decide',
    place: 'strap',
    path: [...pathOf(at), 'feet'],
    values: {},
    repairs: [
      ours.repair({
        code: 'strap-to-sides',
        values: {},
        edits: [{ path: [...pathOf(at), 'feet'], value: { on: 'sides' } }],
      }),
    ],
  });

/** Its feet lie over each other, or beyond the other side. */
function cross(inStitches: number, most: number, covered: number, { pouch, at }: FittingInput): Problem {
  const path = [...pathOf(at), 'feet', 'inStitches'];
  const thirds = Math.min(most, footRules(pouch, covered).thirds);
  return ours.problem({
    code: 'strap-feet-cross',
    severity: 'decide',
    place: 'strap',
    path,
    mark: nameAt(at, 'strap.feet'),
    values: { inStitches, mostStitches: most, ofStitches: pouch.topStitches },
    repairs: [ours.repair({ code: 'strap-feet-in', values: { inStitches: thirds }, edits: [{ path, value: thirds }] })],
  });
}
