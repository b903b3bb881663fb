import { packQuickly, packStepwise, carriedThings, type Packings } from '@/core/contents';
import { readDesign, type Design, type FieldFault } from '@/core/design';
import { planBag } from '@/core/plan';
import { problemSentence } from '@/core/wording';
import { designCard, type DesignCard } from '@/drawing';

/** The card of a design. */
interface MadeCard {
  card: DesignCard;
  /** Whether a longer search could pack its things better. */
  wantsSearch: boolean;
}

/** What a check has found: the design as JSON, or its faults. */
export type Checked = { ok: true; text: string } | { ok: false; faults: FieldFault[] };

/** What the server has done for it beside its own thread. */
export const shelfWork = {
  /**
   * A design from outside, checked as far as it can be: its shape, its limits, and that a plan can be made of it. How well its things are packed doesn't
   * decide that.
   *
   * @param text the document as JSON, which crosses to another thread faster than what is in it
   */
  check(text: string): Checked {
    const read = readDesign(JSON.parse(text));
    if (!read.ok) return read;
    const { design } = read;
    const result = planBag(design, packQuickly(boxesOf(design)));
    if (result.ok) return { ok: true, text: JSON.stringify(design) };
    const { lengthUnit } = design.settings;
    const faults = result.problems.map((problem) => ({
      path: [...(problem.path ?? [])],
      sentence: problemSentence(problem, lengthUnit),
    }));
    return { ok: false, faults };
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

const boxesOf = ({ contents }: Design) => carriedThings(contents.items).map(({ box }) => box);
