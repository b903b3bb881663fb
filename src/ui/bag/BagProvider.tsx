'use client';

import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import { useStore } from 'zustand';
import type { Design } from '@/core/design';
import { planBag, type Plan } from '@/core/plan';
import { startAutosave } from './autosave';
import { createBagStore, type BagState, type BagStore } from './bagStore';
import { claimTab } from '@/ui/browser/tabs';
import { takeDraft } from './drafts';
import { knownPackings } from './knownPackings';
import { MendFirst } from './MendFirst';
import { PackingSearchProvider } from './PackingSearch';
import { handOnWindow, onceLifted } from './hand';
import { InSight } from './InSight';
import { afterBrowserPaint, trail } from './trail';

/** A bag as it comes from the store. Its history is kept there without being looked into. */
export interface OpenedBag {
  id: string;
  design: Design;
  revision: number;
  history: unknown;
}

/**
 * The open bag; the same a painted frame behind, for the section; and further behind, for the numbers beside the drawing, in a few
 * lanes a frame apart, so that no frame has all of them to draw.
 */
interface OpenBag {
  store: BagStore;
  section: BagStore;
  numbers: readonly BagStore[];
  /** Behind the numbers, for those out of sight: while a hand is down it waits. */
  unseen: BagStore;
  /** The last of all, for the folded bag: to fold it and hand it to the graphics is a frame's work of its own. */
  folded: BagStore;
}

const LANES = 3;

/** How long it may take to hear whether the bag that is shown is the newest, ms. */
const OPEN_MS = 4000;

/** The lane of the next number that is shown: they are dealt out in turn. */
let nextLane = 0;

const BagContext = createContext<OpenBag | null>(null);

/** Opens a bag for everything below, once it can be planned. */
export function BagProvider({ bag, children }: { bag: OpenedBag; children: ReactNode }) {
  const [design, setDesign] = useState(bag.design);
  const result = useMemo(() => planBag(design, knownPackings(design.contents.items)), [design]);
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
    const section = trail(store, afterBrowserPaint()).follower;
    const numbers: BagStore[] = [];
    for (let lane = 0; lane < LANES; lane += 1)
      numbers.push(trail(numbers.at(-1) ?? section, afterBrowserPaint()).follower);
    const last = numbers.at(-1) ?? section;
    const unseen = trail(last, onceLifted(handOnWindow(), afterBrowserPaint())).follower;
    const folded = trail(last, afterBrowserPaint()).follower;
    return { store, section, numbers, unseen, folded };
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

/** Reads a part of the open bag, and follows it. */
export function useBag<T>(read: (state: BagState) => T): T {
  return useStore(useBagStore(), read);
}

/**
 * Reads a part of the open bag for a number beside the drawing, and follows it a painted frame later; out of sight, once no hand is
 * down. A field that is typed into reads with `useBag`.
 */
export function useBagNumbers<T>(read: (state: BagState) => T): T {
  const [lane] = useState(() => nextLane++ % LANES);
  const { numbers, unseen } = useOpenBag();
  return useStore(useContext(InSight) ? (numbers[lane] as BagStore) : unseen, read);
}

/** Reads a part of the open bag for the section through it, which is painted in the frame after the panel. */
export function useBagSection<T>(read: (state: BagState) => T): T {
  return useStore(useOpenBag().section, read);
}

/** Reads a part of the open bag for the folded bag in space, which follows last. */
export function useBagFolded<T>(read: (state: BagState) => T): T {
  return useStore(useOpenBag().folded, read);
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
