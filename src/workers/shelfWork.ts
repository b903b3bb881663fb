import { packQuickly, packStepwise, piecesOf, type Packings } from '@/core/contents';
import type { Design, FieldFault } from '@/core/design';
import { planBag } from '@/core/plan';
import { problemSentence } from '@/core/wording';
import { designCard, type DesignCard } from '@/drawing';

/** A design that was planned once, for all that the server wants to know of it. */
export interface PlannedDesign {
  card: DesignCard;
  /** What keeps it from being planned, at its fields; empty where nothing does. */
  faults: FieldFault[];
  /** Whether a longer search could pack its things better. */
  wantsSearch: boolean;
}

/** What the server has done for it beside its own thread. */
export const shelfWork = {
  /**
   * Plans a design and makes its card.
   *
   * @param known what a search has found for its things; without it they are packed at a first try
   */
  plan(design: Design, known: Packings | null): PlannedDesign {
    const packings = known ?? packQuickly(boxesOf(design));
    const result = planBag(design, packings);
    const { lengthUnit } = design.settings;
    const faults = result.ok
      ? []
      : result.problems.map((problem) => ({
          path: [...(problem.path ?? [])],
          sentence: problemSentence(problem, lengthUnit),
        }));
    return { card: designCard(design, result), faults, wantsSearch: known === null && !packings.proven };
  },

  /**
   * The best ways to pack the things of a design.
   *
   * @param mostMs how long it may search
   * @returns null when it would take longer
   */
  search(design: Design, mostMs: number): Packings | null {
    const endsMs = performance.now() + mostMs;
    const steps = packStepwise(boxesOf(design));
    for (;;) {
      const step = steps.next();
      if (step.done) return step.value;
      if (performance.now() > endsMs) return null;
    }
  },
};
export type ShelfWork = typeof shelfWork;

const boxesOf = ({ contents }: Design) => piecesOf(contents.items).map(({ box }) => box);
