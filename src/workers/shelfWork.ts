import { packQuickly, packStepwise, piecesOf, type Packings } from '@/core/contents';
import type { Design, FieldFault } from '@/core/design';
import { planBag } from '@/core/plan';
import { problemSentence } from '@/core/wording';
import { designCard, type DesignCard } from '@/drawing';

/** The card of a design. */
export interface MadeCard {
  card: DesignCard;
  /** Whether a longer search could pack its things better. */
  wantsSearch: boolean;
}

/** What the server has done for it beside its own thread. */
export const shelfWork = {
  /** What keeps a design from being planned, at its fields; empty where nothing does. How well its things are packed doesn't decide that. */
  check(design: Design): FieldFault[] {
    const result = planBag(design, packQuickly(boxesOf(design)));
    const { lengthUnit } = design.settings;
    return result.ok
      ? []
      : result.problems.map((problem) => ({
          path: [...(problem.path ?? [])],
          sentence: problemSentence(problem, lengthUnit),
        }));
  },

  /**
   * Plans a design and makes its card.
   *
   * @param known what a search has found for its things; without it they are packed at a first try
   */
  card(design: Design, known: Packings | null): MadeCard {
    const packings = known ?? packQuickly(boxesOf(design));
    return {
      card: designCard(design, planBag(design, packings)),
      wantsSearch: known === null && !packings.proven,
    };
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
