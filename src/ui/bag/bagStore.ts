import { looseItems } from '@/core/contents';
import { createStore, type StoreApi } from 'zustand/vanilla';
import {
  applyEdits,
  emptyHistory,
  isEmptyChange,
  makeChange,
  readHistory,
  reverseChange,
  squashChanges,
  trimmedHistory,
  type Change,
  type Design,
  type FieldFault,
  type History,
} from '@/core/design';
import type { Figure, FigureId } from '@/core/figures';
import { planBag, type Plan } from '@/core/plan';
import { problemSentence } from '@/core/wording';
import type { DesignEdit } from '@/core/problems';
import { knownPackings } from './knownPackings';
import { shareUnchanged } from './shareUnchanged';

/** How the bag stands with the store. */
type SaveState =
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
  /** Names of saves that were sent and not answered: what the store then has may be of this very window. */
  unanswered: readonly string[];
  /** Refused saves that are decided by the next one: once it is kept, they are forgotten. */
  settles: readonly string[];
  selection: string | null;
  asked: Asked | null;
  /** Something that happened to her work and that she should know of, until she has read it. */
  notice: string | null;
  /** Figures that stand on the screen and are not part of the plan: of alternatives to it. */
  besides: Readonly<Record<string, Readonly<Record<FigureId, Figure>>>>;

  /**
   * Makes a change if the design stays whole and can be planned. Otherwise nothing happens and the faults come back.
   * Changes with the same `merge` key in a row become one thing to undo.
   */
  edit(label: string, edits: readonly DesignEdit[], merge?: string): FieldFault[];
  undo(): void;
  redo(): void;
  /** Ends a run of merged changes: what comes next is undone on its own. */
  endMerge(): void;
  select(mark: string | null): void;
  ask(asked: Asked | null): void;
  /** She has read the notice. */
  noticed(): void;
  /** Says which figures a part of the screen shows besides the plan's, so that they can be asked why. */
  showBesides(owner: string, figures: readonly Figure[]): void;
  setSaveState(saveState: SaveState, revision?: number): void;
  setUnanswered(saveIds: readonly string[]): void;
  /** A save was answered: none is unanswered any more, and what it settled is settled. */
  answered(settled: readonly string[]): void;
  /** Of two versions keeps the one on the screen: it rests on the other's revision from now on, and is saved as it is then. */
  keepThisOne(): void;
  /** Plans the same design again, after more was found out about it; nothing is changed, and nothing is there to undo. */
  planAnew(): void;
  /** Puts another version of the bag in place of this one, as it was read from the store, its history as it was kept. */
  replace(design: Design, revision: number, history: unknown): void;
}

/** A figure by its id: of the plan, or one that stands on the screen besides it. */
export const figureAsked = ({ plan, besides }: Pick<BagState, 'plan' | 'besides'>, id: FigureId): Figure | undefined =>
  plan.figures[id] ?? Object.values(besides).find((figures) => figures[id])?.[id];

/** How many changes can be taken back. */
const MOST_UNDO = 300;

export type BagStore = StoreApi<BagState>;

/** Said when a history can't be used. */
const HISTORY_DROPPED =
  'What could be undone here was made by another version of Ruelle, so it was let go. The bag is as it was.';

/** Said when one change can't be taken back or made again, and so that the button doesn't seem to do nothing. */
const passedOver = (label: string, again: boolean): string =>
  `“${label}” can’t be ${again ? 'made again' : 'taken back'} on the bag as it is now, so it was passed over. Nothing else was changed.`;

/** The plan of a design. @throws Error when none can be made of it */
function planOf(design: Design): Plan {
  const result = planBag(design, knownPackings(looseItems(design)));
  if (!result.ok) throw new Error(`no plan: ${result.problems.map(({ code }) => code).join(', ')}`);
  return result.plan;
}

/** A plan made after another: its problems and what is put on are the very same objects where nothing of them has changed, so that what shows them holds still. */
const follows = (before: Plan, plan: Plan): Plan => ({
  ...plan,
  problems: shareUnchanged(before.problems, plan.problems),
  marks: shareUnchanged(before.marks, plan.marks),
});

/**
 * The bag that is open, with its plan.
 *
 * @param opened its history as it was kept: whether it can be used is found here
 * @param plan the design's plan, where it was made already
 * @throws Error when no plan can be made of the design at all
 */
export function createBagStore(
  opened: { id: string; design: Design; revision: number; history: unknown },
  plan = planOf(opened.design),
): BagStore {
  const kept = readHistory(opened.history);
  let mergeKey: string | null = null;

  return createStore<BagState>()((set, get) => {
    /** Takes a change as it is, if the result is whole. */
    const take = (change: Change): { faults: FieldFault[]; state: Partial<BagState> } => {
      const { design, plan, edition } = get();
      const read = applyEdits(design, change.edits);
      if (!read.ok) return { faults: read.faults, state: {} };
      const next = shareUnchanged(design, read.design);
      const result = planBag(next, knownPackings(looseItems(next)));
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
          plan: follows(plan, result.plan),
          edition: edition + 1,
          saveState: unsavedAfter(get().saveState),
        },
      };
    };

    /** Takes an old change: one that leads nowhere on the bag as it is now is no mistake of anyone's. */
    const takeOld = (change: Change): Partial<BagState> | null => {
      try {
        const { faults, state } = take(change);
        return faults.length > 0 ? null : state;
      } catch {
        return null;
      }
    };

    return {
      ...opened,
      history: kept.history,
      notice: kept.dropped ? HISTORY_DROPPED : null,
      plan,
      edition: 0,
      saveState: { kind: 'opening' },
      unanswered: [],
      settles: [],
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
        set({ ...state, history: trimmedHistory({ ...emptyHistory(), undo: undoNow.slice(-MOST_UNDO) }) });
        return [];
      },
      undo() {
        const { history } = get();
        const change = history.undo.at(-1);
        if (!change) return;
        mergeKey = null;
        const undo = history.undo.slice(0, -1);
        const state = takeOld(reverseChange(change));
        if (state === null) set({ history: { ...history, undo }, notice: passedOver(change.label, false) });
        else set({ ...state, history: { ...history, undo, redo: [...history.redo, change] } });
      },
      redo() {
        const { history } = get();
        const change = history.redo.at(-1);
        if (!change) return;
        mergeKey = null;
        const redo = history.redo.slice(0, -1);
        const state = takeOld(change);
        if (state === null) set({ history: { ...history, redo }, notice: passedOver(change.label, true) });
        else set({ ...state, history: { ...history, redo, undo: [...history.undo, change] } });
      },
      endMerge() {
        mergeKey = null;
      },
      select: (selection) => set({ selection }),
      ask: (asked) => set({ asked }),
      noticed: () => set({ notice: null }),
      showBesides: (owner, figures) =>
        set(({ besides }) => ({
          besides: { ...besides, [owner]: Object.fromEntries(figures.map((figure) => [figure.id, figure])) },
        })),
      setSaveState: (saveState, revision) => set(revision === undefined ? { saveState } : { saveState, revision }),
      setUnanswered: (unanswered) => set({ unanswered }),
      answered: (settled) =>
        set(({ settles }) => ({ unanswered: [], settles: settles.filter((one) => !settled.includes(one)) })),
      keepThisOne() {
        const { saveState, settles } = get();
        if (saveState.kind !== 'moved-on') return;
        const { theirRevision, refusedId } = saveState;
        set({ saveState: { kind: 'unsaved' }, revision: theirRevision, settles: [...settles, refusedId] });
      },
      planAnew() {
        const { design, plan } = get();
        const result = planBag(design, knownPackings(looseItems(design)));
        if (result.ok) set({ plan: follows(plan, result.plan) });
      },
      replace(design, revision, history) {
        const result = planBag(design, knownPackings(looseItems(design)));
        if (!result.ok) return;
        mergeKey = null;
        const read = readHistory(history);
        set({
          design,
          plan: result.plan,
          revision,
          history: read.history,
          notice: read.dropped ? HISTORY_DROPPED : get().notice,
          edition: get().edition + 1,
          saveState: { kind: 'saved' },
        });
      },
    };
  });
}

/** While the maker has to choose between two versions, further changes don't hide the choice. */
const unsavedAfter = (now: SaveState): SaveState => (now.kind === 'moved-on' ? now : { kind: 'unsaved' });
