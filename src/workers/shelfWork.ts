import { packQuickly, packStepwise, carriedThings, looseItems, type Packings } from '@/core/contents';
import { readDesign, saveSchema, writtenSave, type Design, type FieldFault, type WrittenSave } from '@/core/design';
import { planBag } from '@/core/plan';
import { problemSentence } from '@/core/wording';
import { designCard, type DesignCard } from '@/drawing';
import { readJson } from './readJson';

/** The card of a design. */
interface MadeCard {
  card: DesignCard;
  /** Whether a longer search could pack its things better. */
  wantsSearch: boolean;
}

/** What a check has found: the design as JSON, or its faults. */
export type Checked = { ok: true; text: string } | { ok: false; faults: FieldFault[] };

/** What a check of a save has found: the save in writing, or its faults; none where it can't be read at all. */
export type CheckedSave = { ok: true; save: WrittenSave } | { ok: false; faults: FieldFault[] | null };

/** What the server has done for it beside its own thread. */
export const shelfWork = {
  /**
   * A design from outside, checked as far as it can be: its shape, its limits, and that a plan can be made of it. How well its things are packed doesn't
   * decide that.
   *
   * @param text the document as JSON, which crosses to another thread faster than what is in it
   */
  check(text: string): Checked {
    const checked = checkedDesign(JSON.parse(text));
    return checked.ok ? { ok: true, text: JSON.stringify(checked.design) } : checked;
  },

  /**
   * A save from outside, checked: its shape, and its design as `check` does it.
   *
   * @param text what was sent
   */
  checkSave(text: string): CheckedSave {
    const read = readJson(text, saveSchema);
    if (!read.ok) return read;
    const checked = checkedDesign(read.data.design);
    return checked.ok ? { ok: true, save: writtenSave({ ...read.data, design: checked.design }) } : checked;
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

function checkedDesign(document: unknown): { ok: true; design: Design } | { ok: false; faults: FieldFault[] } {
  const read = readDesign(document);
  if (!read.ok) return read;
  const { design } = read;
  const result = planBag(design, packQuickly(boxesOf(design)));
  if (result.ok) return { ok: true, design };
  const { lengthUnit } = design.settings;
  const faults = result.problems.map((problem) => ({
    path: [...(problem.path ?? [])],
    sentence: problemSentence(problem, lengthUnit),
  }));
  return { ok: false, faults };
}

const boxesOf = (design: Design) => carriedThings(looseItems(design)).map(({ box }) => box);
