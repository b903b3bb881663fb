import { dominates, perUnit, type Costs, type Units, type Weights } from './criteria';
import { conflictOf, type Conflict } from './conflicts';
import type { SolutionModel } from './model';
import { costsOf, search, type Candidate, type Tally } from './search';
import type { Wishes } from './wishes';

/** A plan of the short list. */
export interface Found extends Candidate {
  costs: Costs;
  score: number;
}

/** What a search came to. */
export interface Solved {
  /** The short list, the best first; none is worse than another plan in everything. */
  found: Found[];
  tally: Tally;
  plans: number;
  /** Nought where it is proved that nothing scores better than the first; else how much better a plan could score at most. */
  gap: number;
  /** Where no plan keeps to all wishes: which conflict. */
  conflict: Conflict | null;
}

interface SolveOptions {
  weights: Weights;
  units: Units;
  wishes: Wishes;
  /** How many plans are listed at most, and of one stitch on one hook. */
  listed?: number;
  ofOneFabric?: number;
  /** Stops after so many plans have been reckoned, and states the gap. */
  mostWeighed?: number;
}

/** Plans that score so much more than the best, at first, are looked at for the list; more where they are too few. */
const FIRST_MARGIN = 1;
const MOST_DOUBLINGS = 5;

const LISTED = 6;
const OF_ONE_FABRIC = 2;
const MOST_WEIGHED = 20_000_000;

/**
 * The best plans of a model by a maker's weights, found exactly: no plan scores better than the first, and no plan at all is better than a
 * listed one in something and worse in nothing.
 *
 * First the best score is found; then all plans within a margin of it are gone through. A plan that is better than another in something and
 * worse in nothing scores less, so it is among them too.
 *
 * @returns at each step the share that is done, roughly; at the end the list
 */
export function* solve(model: SolutionModel, options: SolveOptions): Generator<number, Solved> {
  const { weights, units, wishes, listed = LISTED, ofOneFabric = OF_ONE_FABRIC, mostWeighed = MOST_WEIGHED } = options;
  const rates = perUnit(weights, units);
  const tally: Tally = { weighed: 0, ruledOut: 0 };
  const nothing = { found: [], tally, plans: model.plans, gap: 0 };

  let best: Found | null = null;
  let bestScore = Infinity;
  let boundLeft = -Infinity;
  const fabrics = model.fabrics.length || 1;
  let step = 0;
  for (const bound of search(
    model,
    rates,
    wishes,
    () => bestScore,
    (candidate, score) => {
      if (score >= bestScore) return;
      bestScore = score;
      best = { ...candidate, costs: costsOf(candidate), score };
    },
    tally,
  )) {
    boundLeft = bound;
    step += 1;
    if (tally.weighed >= mostWeighed) break;
    yield (0.5 * step) / fabrics;
  }
  if (best === null) return { ...nothing, conflict: conflictOf(model, wishes) };
  const isBroken = boundLeft < bestScore;
  if (isBroken) return { ...nothing, found: [best], gap: bestScore - boundLeft, conflict: null };

  let front: Found[] = [];
  for (let margin = FIRST_MARGIN, doublings = 0; doublings < MOST_DOUBLINGS; margin *= 2, doublings += 1) {
    front = [];
    step = 0;
    const within: Tally = { weighed: 0, ruledOut: 0 };
    for (const _ of search(
      model,
      rates,
      wishes,
      () => bestScore + margin,
      (candidate, score) => {
        addTo(front, { ...candidate, costs: costsOf(candidate), score });
      },
      within,
    )) {
      void _;
      step += 1;
      yield 0.5 + (0.5 * step) / fabrics;
    }
    tally.weighed = Math.max(tally.weighed, within.weighed);
    tally.ruledOut = model.plans - tally.weighed;
    if (shortList(front, listed, ofOneFabric).length >= listed || within.weighed >= mostWeighed) break;
  }
  return { ...nothing, found: shortList(front, listed, ofOneFabric), conflict: null };
}

/** Adds a plan to those of which none is worse than another in everything. */
function addTo(front: Found[], one: Found): void {
  if (front.some(({ costs }) => dominates(costs, one.costs))) return;
  let kept = 0;
  for (const other of front) if (!dominates(one.costs, other.costs)) front[kept++] = other;
  front.length = kept;
  front.push(one);
}

/** The best of them, not too many of one stitch on one hook. */
function shortList(front: readonly Found[], listed: number, ofOneFabric: number): Found[] {
  const taken = new Map<string, number>();
  const seen = new Set<string>();
  return [...front]
    .sort((a, b) => a.score - b.score || a.fabric.plainEdge - b.fabric.plainEdge)
    .filter(({ fabric, across, side, tail }) => {
      // Another plain edge that comes to the same counts is the same plan to her.
      const counts = [across.stitches, side.front, side.back, tail.bridge, tail.flap].join();
      const same = `${fabric.stitch} ${fabric.hookMm} ${counts}`;
      if (seen.has(same)) return false;
      seen.add(same);
      const key = `${fabric.stitch} ${fabric.hookMm}`;
      const count = (taken.get(key) ?? 0) + 1;
      taken.set(key, count);
      return count <= ofOneFabric;
    })
    .slice(0, listed);
}
