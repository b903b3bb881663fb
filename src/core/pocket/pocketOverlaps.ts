import { boxOf } from '@/core/closure';
import type { SettledDesign } from '@/core/contents';
import { pathOf, type FabricMark, type FittingPlace } from '@/core/fittings';
import { ownCodes, type Problem } from '@/core/problems';

/** What is doubtful of a pocket beside what else is put on; lengths in mm. */
export interface PocketOverlapProblems {
  'pocket-over': { overMm: number; isPocket: boolean };
}
export interface PocketOverlapRepairs {
  'pocket-below-it': { fromMouthMm: number };
}

const ours = ownCodes<PocketOverlapProblems, PocketOverlapRepairs>();

/** By less than this things may lie on each other, mm: they give way. Ours. */
const MAY_MM = 1;
/** A pocket that is moved out of something's way lies so far below it, mm. Ours. */
const CLEAR_MM = 6;
const MOST_FROM_MOUTH_MM = 400;

/** Groups that stand on a wall, or go through it. */
const IN_THE_WAY: ReadonlySet<FittingPlace['group']> = new Set(['closures', 'hardware', 'straps', 'trims', 'pockets']);

/** Across the wall, and down along the folded fabric from the front's mouth, mm. */
interface Reach {
  across: readonly [number, number];
  along: readonly [number, number];
}

/**
 * Pockets over what is set on the same face or goes through it, and pockets on each other. Each pocket is told once, with the first that it lies on.
 *
 * @param marks all that is put on
 */
export function pocketOverlaps({ pockets }: Pick<SettledDesign, 'pockets'>, marks: readonly FabricMark[]): Problem[] {
  if (pockets.length === 0) return [];
  const set = marks.filter(({ presence, of }) => presence === 'set' && IN_THE_WAY.has(of.group));
  const told = new Set<number>();
  return set.flatMap((pocket, index): Problem[] => {
    if (pocket.of.group !== 'pockets' || told.has(pocket.of.index)) return [];
    const own = reachOf(pocket);
    const choice = pockets[pocket.of.index];
    if (!own || !choice) return [];
    for (const [at, other] of set.entries()) {
      const isPocket = other.of.group === 'pockets';
      // Of two pockets the second is told.
      if (isPocket && at >= index) continue;
      if (other.face !== pocket.face && other.throughMm.length === 0) continue;
      const theirs = reachOf(other);
      const overMm = theirs ? Math.min(common(own.across, theirs.across), common(own.along, theirs.along)) : 0;
      if (!theirs || overMm <= MAY_MM) continue;
      told.add(pocket.of.index);
      // Down the wall is further along the fabric on the front, and back along it on the back.
      const belowMm = choice.on === 'front' ? theirs.along[1] - own.along[0] : own.along[1] - theirs.along[0];
      const fromMouthMm = Math.ceil(choice.fromMouthMm + belowMm + CLEAR_MM);
      const path = [...pathOf(pocket.of), 'fromMouthMm'];
      return [
        ours.problem({
          code: 'pocket-over',
          severity: 'decide',
          place: 'lining',
          path,
          mark: pocket.mark,
          values: { overMm, isPocket },
          repairs:
            fromMouthMm <= MOST_FROM_MOUTH_MM
              ? [
                  ours.repair({
                    code: 'pocket-below-it',
                    values: { fromMouthMm },
                    edits: [{ path, value: fromMouthMm }],
                  }),
                ]
              : [],
        }),
      ];
    }
    return [];
  });
}

/** Null where it lies beside the way of the section, and in rounds could be on either face. */
function reachOf(mark: FabricMark): Reach | null {
  const stationMm = mark.stationMm ?? mark.foldedMm ?? null;
  if (stationMm === null) return null;
  const { across, along } = boxOf(mark);
  // However the piece runs, a mark reaches no further along the fabric than along its piece.
  const reach = Math.max(along[1] - mark.alongMm, mark.alongMm - along[0]);
  return { across, along: [stationMm - reach, stationMm + reach] };
}

const common = (a: readonly [number, number], b: readonly [number, number]): number =>
  Math.min(a[1], b[1]) - Math.max(a[0], b[0]);
