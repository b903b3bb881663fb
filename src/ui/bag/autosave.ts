import { readDesign } from '@/core/design';
import type { BagState, BagStore } from './bagStore';
import { dropDraft, keepDraft } from './drafts';

/** How long typing or dragging must rest before a save, ms. */
const REST_MS = 350;
/** How long a change may wait before it is kept in the browser, ms: writing it at every step would slow a drag. */
const DRAFT_MS = 80;
/** How long to wait before a failed save is tried again, ms. */
const RETRY_MS = 4000;

/**
 * Saves the open bag whenever it changes: first into the browser at once, then into the store. A failed save is tried
 * again; one that came too late stops until the maker has chosen.
 *
 * @returns a function that stops it, after a last save
 */
export function startAutosave(store: BagStore): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let draftTimer: ReturnType<typeof setTimeout> | undefined;
  let saving = false;
  let stopped = false;

  const later = (ms: number) => {
    clearTimeout(timer);
    timer = setTimeout(() => void save(), ms);
  };

  async function save(): Promise<void> {
    const { id, design, history, revision, edition, saveState, setSaveState } = store.getState();
    if (saving || saveState.kind === 'saved' || saveState.kind === 'opening' || saveState.kind === 'moved-on') return;
    saving = true;
    setSaveState({ kind: 'saving' });
    const outcome = await send(id, { baseRevision: revision, design, history });
    saving = false;
    const isNewest = store.getState().edition === edition;
    if (outcome.kind === 'saved') {
      setSaveState({ kind: isNewest ? 'saved' : 'unsaved' }, outcome.revision);
      if (isNewest) dropDraft(id);
      else {
        // The work kept in the browser now rests on the new revision.
        keepDraftNow();
        later(stopped ? 0 : REST_MS);
      }
    } else {
      setSaveState(outcome);
      if (outcome.kind === 'failed' && !stopped) later(RETRY_MS);
    }
  }

  /** Keeps what is unsaved in the browser at once, and saves it when the typing rests. */
  const keep = ({ saveState }: BagState) => {
    if (saveState.kind === 'saved' || saveState.kind === 'opening') return;
    later(REST_MS);
    draftTimer ??= setTimeout(keepDraftNow, DRAFT_MS);
  };
  const keepDraftNow = () => {
    clearTimeout(draftTimer);
    draftTimer = undefined;
    const { id, revision, design, history, saveState } = store.getState();
    if (saveState.kind !== 'saved' && saveState.kind !== 'opening')
      keepDraft(id, { baseRevision: revision, design, history });
  };
  window.addEventListener('pagehide', keepDraftNow);
  const unsubscribe = store.subscribe((state, before) => {
    if (state.edition !== before.edition) keep(state);
  });
  // What was changed before this began, or left over by an earlier window.
  keep(store.getState());

  return () => {
    stopped = true;
    unsubscribe();
    clearTimeout(timer);
    window.removeEventListener('pagehide', keepDraftNow);
    keepDraftNow();
    void save();
  };
}

type Outcome =
  | { kind: 'saved'; revision: number }
  | { kind: 'failed'; sentence: string }
  | Extract<ReturnType<BagStore['getState']>['saveState'], { kind: 'moved-on' }>;

async function send(id: string, body: unknown): Promise<Outcome> {
  try {
    const response = await fetch(`/api/bags/${id}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    const answer = await response.json();
    if (!response.ok) return { kind: 'failed', sentence: answer.sentence };
    if (answer.ok) return { kind: 'saved', revision: answer.revision };
    const theirs = readDesign(answer.current.design);
    if (!theirs.ok)
      return {
        kind: 'failed',
        sentence: 'Another window changed this bag in a way this one can’t read. Reload the page.',
      };
    return {
      kind: 'moved-on',
      theirs: theirs.design,
      theirRevision: answer.current.revision,
      refusedId: answer.refusedId,
    };
  } catch {
    return {
      kind: 'failed',
      sentence: 'Not saved yet: Ruelle can’t be reached. Your work is kept in this window and will be saved.',
    };
  }
}
