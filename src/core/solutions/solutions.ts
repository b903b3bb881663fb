import type { Packings } from '@/core/contents';
import type { Design, StitchChoice, Swatch } from '@/core/design';
import { planBag, type Plan } from '@/core/plan';
import type { DesignEdit } from '@/core/problems';
import {
  CRITERIA,
  dominates,
  perUnit,
  scoreOf,
  type Costs,
  type Criterion,
  type Units,
  type Weights,
} from './criteria';
import { conflictOf, type Conflict } from './conflicts';
import { solutionModel } from './fabricOptions';
import { gaugesOfYarn } from '@/core/alternatives';
import { foretoldSwatch } from './foretoldSwatch';
import { planCosts } from './planCosts';
import type { Tally } from './search';
import { solve, type Found } from './solve';
import type { Wishes } from './wishes';

/** A plan that is offered. */
export interface Solution {
  stitch: StitchChoice;
  hookMm: number;
  /** No swatch was worked on its hook: its gauge is foretold, and one has to be worked before it can be taken. */
  isForetold: boolean;
  plainEdge: number;
  stitches: number | null;
  rows: { front: number; back: number; bridge: number; flap: number };
  /** As it comes out when it is planned whole. */
  costs: Costs;
  score: number;
  /** It is the bag as it is now. */
  isPresent: boolean;
  /** The bag with it, to be drawn. */
  design: Design;
  /** What taking it changes; none where a swatch has to be worked first. */
  edits: DesignEdit[];
}

export interface Solutions {
  solutions: Solution[];
  present: Costs;
  presentScore: number;
  units: Units;
  tally: Tally;
  plans: number;
  gap: number;
  conflict: Conflict | null;
}

/** How much of the search is the planning of every fabric. */
const MODEL_SHARE = 0.6;

/**
 * Looks through stitches, hooks, edges, counts across, rows of every part and where the folds fall, for the plans that are best by a
 * maker's weights and keep to her wishes.
 *
 * @param design the bag as it is now
 * @param swatches the library
 * @returns the share that is done, at each step; at the end what was found
 */
export function* solutions(
  design: Design,
  swatches: readonly Swatch[],
  weights: Weights,
  wishes: Wishes,
  packings?: Packings,
): Generator<number, Solutions> {
  const now = planBag(design, packings);
  if (!now.ok) throw new Error('only a bag that is planned can be bettered');
  const present = planCosts(now.plan);
  const units = unitsFor(present);
  const part = yield* sharesOf(solutionModel(design, swatches, packings, wishes.sameStitch), 0, MODEL_SHARE);
  const solved = yield* sharesOf(solve(part, { weights, units, wishes }), MODEL_SHARE, 1);
  // What would have to be given up is told of all stitches.
  const conflict =
    solved.conflict && wishes.sameStitch
      ? conflictOf(yield* sharesOf(solutionModel(design, swatches, packings), 0, 1), wishes)
      : solved.conflict;
  const { found, tally, plans, gap } = solved;
  const rates = perUnit(weights, units);
  const whole = found.flatMap((one) => wholeSolution(design, swatches, one, rates, packings));
  return {
    // What the search reckons by shares is now known to the stitch: a plan that turns out worse in everything is not shown.
    solutions: whole
      .filter(({ costs }) => !whole.some((other) => dominates(other.costs, costs)))
      .sort((a, b) => a.score - b.score),
    present,
    presentScore: scoreOf(present, rates),
    units,
    tally,
    plans,
    gap,
    conflict,
  };
}

/** The steps of a piece of work, as shares of the whole. */
function* sharesOf<T>(steps: Generator<number, T>, from: number, to: number): Generator<number, T> {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    yield from + step.value * (to - from);
  }
}

/** What counts as one of each criterion for this bag. From memory. */
const unitsFor = ({ yarn, work }: Pick<Costs, 'yarn' | 'work'>): Units => ({
  sizeMm: 5,
  doubtMm: 5,
  flapMm: 10,
  folds: 1,
  yarnG: Math.max(1, yarn / 10),
  stitches: Math.max(1, work / 10),
});

function wholeSolution(
  design: Design,
  swatches: readonly Swatch[],
  { fabric, across, side, tail }: Found,
  rates: Weights,
  packings: Packings | undefined,
): Solution[] {
  const gauge = gaugesOfYarn(design, swatches).find(({ hookMm, swatch }) =>
    fabric.swatch ? swatch?.id === fabric.swatch.id : swatch === null && hookMm === fabric.hookMm,
  );
  const swatch = fabric.swatch ?? (gauge && foretoldSwatch(design.swatch, gauge));
  if (!swatch) return [];
  // Only a strip's back has rows of its own.
  const back = 'workedFrom' in design.body ? side.back : null;
  const rows = { front: side.front, back: side.back, bridge: tail.bridge, flap: tail.flap };
  const hasTail = tail.bridge + tail.flap > 0 && design.flap.kind !== 'half-disc';
  const chosenRows = {
    front: side.front,
    back,
    bridge: hasTail ? tail.bridge : null,
    flap: hasTail ? tail.flap : null,
  };
  const edits: DesignEdit[] = [
    ...(swatch.id === design.swatch.id ? [] : [{ path: ['swatch'], value: swatch }]),
    { path: ['stitch'], value: fabric.stitch },
    { path: ['plainEdge'], value: fabric.plainEdge },
    { path: ['body', 'chosenStitches'], value: across.stitches },
    ...Object.entries(chosenRows).map(([part, value]) => ({ path: ['body', 'chosenRows', part], value })),
  ];
  const taken: Design = {
    ...design,
    swatch,
    stitch: fabric.stitch,
    plainEdge: fabric.plainEdge,
    body: { ...design.body, chosenStitches: across.stitches, chosenRows } as Design['body'],
  };
  const planned = planBag(taken, packings);
  if (!planned.ok) return [];
  const costs = exactCosts(planned.plan, { fabric, across, side });
  return [
    {
      stitch: fabric.stitch,
      hookMm: fabric.hookMm,
      isForetold: fabric.swatch === null,
      plainEdge: fabric.plainEdge,
      stitches: across.stitches,
      rows,
      costs,
      score: scoreOf(costs, rates),
      isPresent: isAsNow(design, taken, packings),
      design: taken,
      edits: fabric.swatch ? edits : [],
    },
  ];
}

/** What a plan comes to; of a foretold gauge, its ± is what the line through the hooks leaves open. */
function exactCosts(plan: Plan, { fabric, across, side }: Pick<Found, 'fabric' | 'across' | 'side'>): Costs {
  const costs = planCosts(plan);
  return fabric.swatch ? costs : { ...costs, doubt: across.doubtMm + side.doubtMm };
}

/** Whether two designs come to the same counts in the same fabric. */
function isAsNow(design: Design, taken: Design, packings: Packings | undefined): boolean {
  if (design.stitch !== taken.stitch || design.swatch.id !== taken.swatch.id || design.plainEdge !== taken.plainEdge)
    return false;
  const [a, b] = [planBag(design, packings), planBag(taken, packings)];
  if (!a.ok || !b.ok) return false;
  const counts = ({ pouch, flap }: Plan) =>
    [pouch.stitchCount, pouch.frontRows, pouch.backRows, flap.bridgeRows, flap.flapRows].join();
  return counts(a.plan) === counts(b.plan);
}

/** How a plan differs from another in one criterion: less than nothing where it is better. */
export interface Difference {
  criterion: Criterion;
  more: number;
}

/** Differences smaller than this part of a unit are not worth a word. */
const WORTH_A_WORD = 0.12;

/**
 * What a plan gives up against another, and what it gains, each the weightiest first.
 *
 * @example
 * tradeOffs({ size: 9, doubt: 1, flap: 0, texture: 0, yarn: 40, work: 900 }, { size: 2, doubt: 1, flap: 0, texture: 1, yarn: 40, work: 900 }, { sizeMm: 5, doubtMm: 5, flapMm: 10, folds: 1, yarnG: 4, stitches: 90 }) // => { gains: [{ criterion: 'texture', more: -1 }], givesUp: [{ criterion: 'size', more: 7 }] }
 */
export function tradeOffs(costs: Costs, other: Costs, units: Units): { gains: Difference[]; givesUp: Difference[] } {
  const one: Record<Criterion, number> = {
    size: units.sizeMm,
    doubt: units.doubtMm,
    flap: units.flapMm,
    texture: units.folds,
    yarn: units.yarnG,
    work: units.stitches,
  };
  const weight = ({ criterion, more }: Difference) => Math.abs(more) / one[criterion];
  const differing = CRITERIA.map((criterion) => ({ criterion, more: costs[criterion] - other[criterion] }))
    .filter((difference) => weight(difference) > 1e-6)
    .sort((a, b) => weight(b) - weight(a));
  const weighty = differing.filter((difference) => weight(difference) > WORTH_A_WORD);
  // Of plans that hardly differ, what they differ in is said all the same.
  const all = weighty.length > 0 ? weighty : differing;
  return { gains: all.filter(({ more }) => more < 0), givesUp: all.filter(({ more }) => more > 0) };
}
