import { benchState, partsToWork, type BenchState, type MakingEvent, type MakingEventOf } from '@/core/bench';
import type { CameOut, Design } from '@/core/design';
import type { FittingStage } from '@/core/fittings';
import type { Plan } from '@/core/plan';
import { bagNeeds, type BagNeeds } from '@/core/stock';
import { measuredLessons, type Lesson } from './lessons';
import { workCounted, type WorkedOfAll } from './workCounted';

/** A size or a mass as planned, and as it came out; null where one of them is not known. */
export interface PlannedAndMade {
  planned: number | null;
  plusMinus: number | null;
  made: number | null;
}

/** A bag in the logbook: what was told while it was made, beside what its plan said. */
export interface MadeBag {
  id: string;
  name: string;
  /** The clock of the device on which it was said to be finished, ms; null as long as it isn't. */
  finishedMs: number | null;
  begunMs: number | null;
  /** What it holds in the stores, until it is finished; null where it holds nothing. */
  holds: { sinceMs: number; needs: BagNeeds } | null;
  yarn: string;
  hookMm: number;
  stitch: Design['stitch'];
  sizes: Record<'widthMm' | 'heightMm' | 'depthMm', PlannedAndMade>;
  /** All yarn that is in it, without a reserve. */
  yarnG: PlannedAndMade;
  /** Rows and stitches counted, and in all. */
  rows: WorkedOfAll;
  stitches: WorkedOfAll;
  /** Hours at work, as counted, or as she said. */
  hours: number | null;
  /** Of rows that were timed one right after the other; seams and the like are none of it. */
  rowsPerHour: number | null;
  notes: string[];
  lessons: Lesson[];
}

const MS_PER_HOUR = 3_600_000;

/** What she said last when the bag was finished; null before. */
export const finishedOf = ({ finished }: Pick<BenchState, 'finished'>): MakingEventOf<'finished'> | null =>
  finished.at(-1) ?? null;

/**
 * The yarn that is gone, by the scale: what was at hand less what was left when it was last weighed. Null where either is not known.
 *
 * @example
 * goneByScale([200], []) // => null
 */
export function goneByScale(atHandG: Design['yarnAtHandG'], measured: BenchState['measured']): number | null {
  const [first] = atHandG;
  const last = measured.findLast(({ leftG }) => leftG !== null)?.leftG ?? null;
  return atHandG.length !== 1 || first === null || first === undefined || last === null || last > first
    ? null
    : first - last;
}

/**
 * A bag as the logbook has it. Hours are those she said, else those that were counted.
 *
 * @param wordsFor what a piece that is bought is called
 */
export function madeBag(
  id: string,
  design: Design,
  plan: Plan,
  events: readonly MakingEvent[],
  wordsFor: (stage: FittingStage) => string,
): MadeBag {
  const bench = benchState(events);
  const finished = finishedOf(bench);
  const came: CameOut | undefined = design.cameOut.find(({ of }) => of === 'bag');
  const { width, height, depth } = plan.pouch.figures;
  const { rows, stitches } = workCounted(partsToWork(plan), bench);
  const timedMs = bench.rowMs.reduce((sum, { ms }) => sum + ms, 0);
  const counted = bench.workedMs > 0 ? bench.workedMs / MS_PER_HOUR : null;
  const hours = finished?.hours ?? counted;
  const size = (figure: typeof depth, key: 'widthMm' | 'heightMm' | 'depthMm'): PlannedAndMade => ({
    planned: figure?.value ?? null,
    plusMinus: figure?.plusMinus ?? null,
    made: came?.[key] ?? null,
  });
  const { figures } = plan.yarn;
  return {
    id,
    name: design.name,
    finishedMs: finished?.atMs ?? null,
    begunMs: events.reduce<number | null>(
      (first, { atMs, kind }) => (kind === 'hold' || kind === 'tested' ? first : Math.min(first ?? atMs, atMs)),
      null,
    ),
    holds:
      bench.heldMs === null || finished
        ? null
        : { sinceMs: bench.heldMs, needs: bagNeeds(design.name, plan, wordsFor) },
    yarn: design.swatch.yarn.name,
    hookMm: design.swatch.hookMm,
    stitch: design.stitch,
    sizes: { widthMm: size(width, 'widthMm'), heightMm: size(height, 'heightMm'), depthMm: size(depth, 'depthMm') },
    yarnG: {
      planned: figures ? figures.fabric.value + figures.sewing.value + (figures.trim?.value ?? 0) : null,
      plusMinus: figures?.fabric.plusMinus ?? null,
      made: finished?.usedG ?? null,
    },
    rows,
    stitches,
    hours,
    rowsPerHour: timedMs > 0 ? bench.rowMs.length / (timedMs / MS_PER_HOUR) : null,
    notes: [...bench.notes.map(({ text }) => text), ...(finished?.remark ? [finished.remark] : [])],
    lessons: measuredLessons(design, plan, bench),
  };
}
