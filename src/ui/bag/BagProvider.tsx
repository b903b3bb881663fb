'use client';

import { looseItems } from '@/core/contents';
import { createContext, useContext, useEffect, useMemo, useState, useSyncExternalStore, type ReactNode } from 'react';
import { shallow } from 'zustand/shallow';
import type { Design } from '@/core/design';
import { planBag, type Plan } from '@/core/plan';
import { startAutosave } from './autosave';
import { createBagStore, type BagState, type BagStore } from './bagStore';
import { claimTab } from '@/ui/browser/tabs';
import { takeDraft } from './drafts';
import { knownPackings } from './knownPackings';
import { MendFirst } from './MendFirst';
import { PackingSearchProvider } from './PackingSearch';
import { browserScreen, follow, type FollowStep, type Source } from './follow';
import { handOnWindow } from './hand';
import { InSight } from './InSight';

/** A bag as it comes from the store. Its history is kept there without being looked into. */
export interface OpenedBag {
  id: string;
  design: Design;
  revision: number;
  history: unknown;
}

/** The open bag, and what follows it. */
interface OpenBag {
  store: BagStore;
  steps: Record<FollowStep, Source<BagState>>;
}

/** The parts in which numbers follow. */
const NUMBERS = ['numbers-1', 'numbers-2', 'numbers-3'] as const;

/** How long it may take to hear whether the bag that is shown is the newest, ms. */
const OPEN_MS = 4000;

/** The next number that is shown follows in this part: they are dealt out in turn. */
let nextNumber = 0;

const BagContext = createContext<OpenBag | null>(null);

/** Opens a bag for everything below, once it can be planned. */
export function BagProvider({ bag, children }: { bag: OpenedBag; children: ReactNode }) {
  const [design, setDesign] = useState(bag.design);
  const result = useMemo(() => planBag(design, knownPackings(looseItems(design))), [design]);
  if (!result.ok) return <MendFirst design={design} problems={result.problems} onMend={setDesign} />;
  return (
    <PlannedBag bag={{ ...bag, design }} plan={result.plan} isMended={design !== bag.design}>
      {children}
    </PlannedBag>
  );
}

interface PlannedBagProps {
  bag: OpenedBag;
  plan: Plan;
  isMended: boolean;
  children: ReactNode;
}

/** The store of a bag with its plan, saved as it changes; one that was mended to be planned at all is saved as it is now. */
function PlannedBag({ bag, plan, isMended, children }: PlannedBagProps) {
  const [open] = useState(() => {
    const store = createBagStore(bag, plan);
    return { store, steps: follow(store, browserScreen, handOnWindow()) };
  });
  const { store } = open;

  useEffect(() => {
    let stop = () => {};
    let gone = false;
    void openFresh(store).then(() => {
      if (isMended && store.getState().saveState.kind === 'saved') store.getState().setSaveState({ kind: 'unsaved' });
      if (!gone) stop = startAutosave(store);
    });
    return () => {
      gone = true;
      stop();
    };
  }, [store, isMended]);

  return (
    <BagContext.Provider value={open}>
      <PackingSearchProvider store={store}>{children}</PackingSearchProvider>
    </BagContext.Provider>
  );
}

/**
 * Brings the open bag up to date before anything is saved: the page may have come from the browser's memory, and an
 * earlier window may have left work that was never saved.
 */
async function openFresh(store: BagStore): Promise<void> {
  const { id } = store.getState();
  try {
    const response = await fetch(`/api/bags/${id}`, { cache: 'no-store', signal: AbortSignal.timeout(OPEN_MS) });
    const bag = (await response.json()) as OpenedBag;
    const state = store.getState();
    if (response.ok && bag.revision > state.revision && state.saveState.kind === 'opening')
      state.replace(bag.design, bag.revision, bag.history);
  } catch {
    // Not reachable just now: what is open stays open, and the save will say so.
  }
  // A browser that can't tell windows apart, or has no memory, opens the bag all the same.
  await claimTab().catch(() => undefined);
  const { edition, replace, setSaveState, setUnanswered } = store.getState();
  const found = await takeDraft(id).catch(() => null);
  if (store.getState().saveState.kind === 'opening') setSaveState({ kind: 'saved' });
  if (found === null) return;
  // She has begun to change the bag already: the older work waits for the next opening instead of covering hers.
  if (store.getState().edition !== edition || store.getState().saveState.kind !== 'saved') return found.putBack();
  const { draft } = found;
  replace(draft.design, draft.baseRevision, draft.history);
  setUnanswered(draft.unanswered);
  setSaveState({ kind: 'unsaved' });
}

/** Reads a part of the open bag, and follows it under the hand: for what is changed, and for fields. What is read may be made anew each time, as long as its parts are not. */
export function useBag<T>(read: (state: BagState) => T): T {
  return useFollowed(useBagStore(), read);
}

/**
 * Reads a part of the open bag, and follows it a painted frame later or more: the section, the numbers beside the drawing, the folded bag in space. Out of
 * sight it follows once no hand is down.
 */
export function useBagBehind<T>(who: 'section' | 'numbers' | 'folded', read: (state: BagState) => T): T {
  const [step] = useState<FollowStep>(() =>
    who === 'numbers' ? (NUMBERS[nextNumber++ % NUMBERS.length] as FollowStep) : who,
  );
  const { steps } = useOpenBag();
  const isInSight = useContext(InSight);
  return useFollowed(steps[isInSight ? step : 'unseen'], read);
}

function useFollowed<T>({ getState, subscribe }: Source<BagState>, read: (state: BagState) => T): T {
  const [keep] = useState(() => keeper<T>());
  const get = () => keep(read(getState()));
  return useSyncExternalStore(subscribe, get, get);
}

/** Gives the last value again for one whose parts are the same. */
function keeper<T>(): (value: T) => T {
  let kept: { value: T } | null = null;
  return (value) => {
    if (kept === null || !shallow(kept.value, value)) kept = { value };
    return kept.value;
  };
}

/** The open bag's store itself, for actions that need no following. */
export function useBagStore(): BagStore {
  return useOpenBag().store;
}

function useOpenBag(): OpenBag {
  const open = useContext(BagContext);
  if (!open) throw new Error('no bag is open here');
  return open;
}
