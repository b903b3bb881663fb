import { createStore, type StoreApi } from 'zustand/vanilla';
import {
  applyEdits,
  isEmptyChange,
  makeChange,
  reverseChange,
  squashChanges,
  type Change,
  type Design,
  type Edit,
  type FieldFault,
} from '@/core/design';
import type { Figure, FigureId } from '@/core/figures';
import { planBag, type Plan } from '@/core/plan';
import { problemSentence } from '@/core/wording';
import { knownPackings } from './knownPackings';
import { shareUnchanged } from './shareUnchanged';

/** What the maker can take back, and what she has taken back. Kept with the bag, so it outlives the window. */
export interface History {
  undo: Change[];
  redo: Change[];
}

/** How the bag stands with the store. */
export type SaveState =
  /** Shown, and being compared with what the store has. */
  | { kind: 'opening' }
  | { kind: 'saved' }
  | { kind: 'unsaved' }
  | { kind: 'saving' }
  | { kind: 'failed'; sentence: string }
  | { kind: 'moved-on'; theirs: Design; theirRevision: number; refusedId: string };

/** The number that is being asked "why?", and where it stands on the screen. */
export interface Asked {
  figure: FigureId;
  x: number;
  y: number;
}

export interface BagState {
  id: string;
  design: Design;
  plan: Plan;
  history: History;
  revision: number;
  /** Grows with every change of the design, so that a save knows whether it is still the newest. */
  edition: number;
  saveState: SaveState;
  selection: string | null;
  asked: Asked | null;
  /** Figures that stand on the screen and are not part of the plan: of alternatives to it. */
  besides: Readonly<Record<string, Readonly<Record<FigureId, Figure>>>>;

  /**
   * Makes a change if the design stays whole and can be planned. Otherwise nothing happens and the faults come back.
   * Changes with the same `merge` key in a row become one thing to undo.
   */
  edit(label: string, edits: readonly Edit[], merge?: string): FieldFault[];
  undo(): void;
  redo(): void;
  /** Ends a run of merged changes: what comes next is undone on its own. */
  endMerge(): void;
  select(mark: string | null): void;
  ask(asked: Asked | null): void;
  /** Says which figures a part of the screen shows besides the plan's, so that they can be asked why. */
  showBesides(owner: string, figures: readonly Figure[]): void;
  setSaveState(saveState: SaveState, revision?: number): void;
  /** Plans the same design again, after more was found out about it; nothing is changed, and nothing is there to undo. */
  planAnew(): void;
  /** Puts another version of the bag in place of this one, as it was read from the store. */
  replace(design: Design, revision: number, history: History): void;
}

/** A figure by its id: of the plan, or one that stands on the screen besides it. */
export const figureAsked = ({ plan, besides }: Pick<BagState, 'plan' | 'besides'>, id: FigureId): Figure | undefined =>
  plan.figures[id] ?? Object.values(besides).find((figures) => figures[id])?.[id];

/** How many changes can be taken back. */
const MOST_UNDO = 300;

export type BagStore = StoreApi<BagState>;

/** The bag that is open, with its plan. @throws Error when no plan can be made of the design at all */
export function createBagStore(opened: { id: string; design: Design; revision: number; history: History }): BagStore {
  const first = planBag(opened.design, knownPackings(opened.design.contents.items));
  if (!first.ok) throw new Error(`no plan: ${first.problems.map(({ code }) => code).join(', ')}`);
  let mergeKey: string | null = null;

  return createStore<BagState>()((set, get) => {
    /** Takes a change as it is, if the result is whole. */
    const take = (change: Change): { faults: FieldFault[]; state: Partial<BagState> } => {
      const { design, plan, edition } = get();
      const read = applyEdits(design, change.edits);
      if (!read.ok) return { faults: read.faults, state: {} };
      const next = shareUnchanged(design, read.design);
      const result = planBag(next, knownPackings(next.contents.items));
      if (!result.ok) {
        const faults = result.problems.map((problem) => ({
          path: [...(problem.path ?? [])],
          sentence: problemSentence(problem, design.settings.lengthUnit),
        }));
        return { faults, state: {} };
      }
      return {
        faults: [],
        state: {
          design: next,
          plan: { ...result.plan, problems: shareUnchanged(plan.problems, result.plan.problems) },
          edition: edition + 1,
          saveState: unsavedAfter(get().saveState),
        },
      };
    };

    return {
      ...opened,
      plan: first.plan,
      edition: 0,
      saveState: { kind: 'opening' },
      selection: null,
      asked: null,
      besides: {},

      edit(label, edits, merge) {
        const change = makeChange(get().design, label, edits);
        if (isEmptyChange(change)) return [];
        const { faults, state } = take(change);
        if (faults.length > 0) return faults;
        // What was there already is written once more: nothing has changed, and there is nothing to take back.
        if (state.design === get().design) return [];
        const { undo } = get().history;
        const last = undo.at(-1);
        const joins = merge !== undefined && merge === mergeKey && last !== undefined;
        mergeKey = merge ?? null;
        const undoNow = joins ? [...undo.slice(0, -1), squashChanges(last, change)] : [...undo, change];
        set({ ...state, history: { undo: undoNow.slice(-MOST_UNDO), redo: [] } });
        return [];
      },
      undo() {
        const { undo, redo } = get().history;
        const change = undo.at(-1);
        if (!change) return;
        const { faults, state } = take(reverseChange(change));
        if (faults.length > 0) return;
        mergeKey = null;
        set({ ...state, history: { undo: undo.slice(0, -1), redo: [...redo, change] } });
      },
      redo() {
        const { undo, redo } = get().history;
        const change = redo.at(-1);
        if (!change) return;
        const { faults, state } = take(change);
        if (faults.length > 0) return;
        mergeKey = null;
        set({ ...state, history: { undo: [...undo, change], redo: redo.slice(0, -1) } });
      },
      endMerge() {
        mergeKey = null;
      },
      select: (selection) => set({ selection }),
      ask: (asked) => set({ asked }),
      showBesides: (owner, figures) =>
        set(({ besides }) => ({
          besides: { ...besides, [owner]: Object.fromEntries(figures.map((figure) => [figure.id, figure])) },
        })),
      setSaveState: (saveState, revision) => set(revision === undefined ? { saveState } : { saveState, revision }),
      planAnew() {
        const { design, plan } = get();
        const result = planBag(design, knownPackings(design.contents.items));
        if (result.ok) set({ plan: { ...result.plan, problems: shareUnchanged(plan.problems, result.plan.problems) } });
      },
      replace(design, revision, history) {
        const result = planBag(design, knownPackings(design.contents.items));
        if (!result.ok) return;
        mergeKey = null;
        set({ design, plan: result.plan, revision, history, edition: get().edition + 1, saveState: { kind: 'saved' } });
      },
    };
  });
}

/** While the maker has to choose between two versions, further changes don't hide the choice. */
const unsavedAfter = (now: SaveState): SaveState => (now.kind === 'moved-on' ? now : { kind: 'unsaved' });
