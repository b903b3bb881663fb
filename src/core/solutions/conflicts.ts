import { CRITERIA, type Weights } from './criteria';
import type { SolutionModel } from './model';
import { costsOf, search, type Candidate } from './search';
import { madeWishes, onlyWishes, type WishId, type Wishes } from './wishes';

/** Wishes that no plan keeps to together, and what would have to be given up of each. */
export interface Conflict {
  /** The fewest wishes that cannot be had together. */
  wishes: WishId[];
  /** With this one let go, or eased so far, the others can all be kept. */
  giveUp: { wish: WishId; to: number | null }[];
}

const EVEN = Object.fromEntries(CRITERIA.map((criterion) => [criterion, 0])) as Weights;

/** Whether any plan keeps to the wishes. */
function isPossible(model: SolutionModel, wishes: Wishes): boolean {
  let found = false;
  const steps = search(
    model,
    EVEN,
    wishes,
    () => (found ? -Infinity : Infinity),
    () => (found = true),
    { weighed: 0, ruledOut: 0 },
  );
  while (!found && !steps.next().done);
  return found;
}

/**
 * Which wishes conflict where no plan keeps to all of them, and the least of each that has to be given up.
 *
 * @returns null where some plan keeps to all of them
 */
export function conflictOf(model: SolutionModel, wishes: Wishes): Conflict | null {
  const made = madeWishes(wishes);
  if (isPossible(model, wishes)) return null;
  const subsets = Array.from({ length: 2 ** made.length }, (_, bits) => made.filter((_, k) => (bits >> k) % 2 === 1));
  const least = subsets
    .sort((a, b) => a.length - b.length)
    .find((subset) => !isPossible(model, onlyWishes(wishes, subset)));
  const conflicting = least ?? made;
  return {
    wishes: conflicting,
    giveUp: conflicting.flatMap((wish) => {
      const rest = onlyWishes(
        wishes,
        made.filter((other) => other !== wish),
      );
      if (!isPossible(model, rest)) return [];
      return [{ wish, to: leastViolation(model, wish, rest) }];
    }),
  };
}

/** How far a wish has to be eased so that the others can be kept; null of one that can only be kept or let go. */
function leastViolation(model: SolutionModel, wish: WishId, rest: Wishes): number | null {
  const violation: Partial<Record<WishId, (candidate: Candidate) => number>> = {
    yarnG: (candidate) => costsOf(candidate).yarn,
    offMm: ({ across, side }) => Math.max(across.offMm, side.offMm),
    plainFolds: ({ tail }) => tail.texture,
    fits: ({ across, side }) => Math.max(across.shortMm, side.shortMm),
  };
  const of = violation[wish];
  if (!of) return null;
  let least = Infinity;
  const steps = search(
    model,
    EVEN,
    rest,
    () => Infinity,
    (candidate) => (least = Math.min(least, of(candidate))),
    { weighed: 0, ruledOut: 0 },
  );
  while (!steps.next().done);
  return least;
}
