import { looseItems, type SettledDesign } from '@/core/contents';
import { factsOf } from '@/core/design';
import type { FittingStage, Span } from '@/core/fittings';
import { ownCodes, type Problem } from '@/core/problems';
import type { PouchStage } from '@/core/stages';

/** What is doubtful of how a bag is closed, all closures together; lengths in mm. */
export interface SlipsOutProblems {
  'slips-out': { gapMm: number; roundMm: number };
}
export interface SlipsOutRepairs {
  'closures-two': object;
}

const ours = ownCodes<SlipsOutProblems, SlipsOutRepairs>();

/**
 * What is left between spans that are held together, from one end to the other, mm: each from where it begins to where it ends.
 *
 * @example
 * leftBetween([[-10, 10]], 50) // => [[-50, -10], [10, 50]]
 * leftBetween([[-50, -20], [0, 60]], 50) // => [[-20, 0]]
 */
export function leftBetween(held: readonly Span[], halfMm: number): Span[] {
  const left: Span[] = [];
  let from = -halfMm;
  for (const [begins, ends] of [...held].sort(([a], [b]) => a - b)) {
    if (begins > from) left.push([from, Math.min(begins, halfMm)]);
    from = Math.max(from, ends);
  }
  if (from < halfMm) left.push([from, halfMm]);
  return left;
}

/**
 * The smallest thing that slips out through the longest stretch of the mouth that nothing holds together: both edges of a stretch, held at its ends, go round
 * whatever is twice as far round as it is long.
 *
 * @returns nothing where nothing closes the bag, or all that is known to go in is too large
 * Source: geometry, of edges that do not stretch.
 */
export function slipsOutProblems(
  design: SettledDesign,
  pouch: PouchStage,
  fittings: readonly Pick<FittingStage, 'at' | 'closes' | 'holds'>[],
): Problem[] {
  const closing = fittings.filter(({ closes }) => closes !== null);
  const {
    body: { seam },
    closures,
  } = design;
  const [smallest] = looseOrOpen(design)
    .map(({ thing }) => {
      const [thin = 0, next = 0] = [thing.widthMm, thing.heightMm, thing.thicknessMm].sort((a, b) => a - b);
      return { name: thing.name, roundMm: 2 * (thin + next) };
    })
    .sort((a, b) => a.roundMm - b.roundMm);
  if (closing.length === 0 || !smallest) return [];
  const { rimOpen } = pouch.figures;
  const takes = factsOf(pouch.kind).seamsAcross * seam.takeUpStitches;
  const mouthMm = rimOpen?.value ?? (pouch.topStitches - takes) * pouch.stitchMm;
  const gaps = leftBetween(
    closing.flatMap(({ holds }) => holds),
    mouthMm / 2,
  ).map(([from, to]) => to - from);
  const gapMm = Math.max(0, ...gaps);
  if (2 * gapMm < smallest.roundMm) return [];
  const alone = closing.filter(({ at }) => {
    const closure = closures[at.index];
    return at.group === 'closures' && closure && 'layout' in closure && closure.layout === 'centre';
  });
  return [
    ours.problem({
      code: 'slips-out',
      severity: 'mind',
      place: 'closures',
      path: ['closures'],
      values: { gapMm, roundMm: smallest.roundMm },
      names: { thing: smallest.name },
      repairs: alone.map(({ at }) =>
        ours.repair({
          code: 'closures-two',
          values: {},
          edits: [{ path: ['closures', at.index, 'layout'], value: 'pair' }],
        }),
      ),
    }),
  ];
}

/** What can come out by itself: all but what a zipped pocket or a loop holds. */
function looseOrOpen({ contents, pockets }: SettledDesign): SettledDesign['contents']['items'] {
  const held = pockets.map((pocket) =>
    pocket.kind === 'zipped' || pocket.kind === 'loop' ? pocket : { ...pocket, holds: null },
  );
  return looseItems({ contents, pockets: held });
}
