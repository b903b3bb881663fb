import { nanoid } from 'nanoid';
import { readDesign, type Design, type History } from '@/core/design';
import type { BagState, BagStore } from './bagStore';
import { dropDraft, keepDraft } from './drafts';

/** How long typing or dragging must rest before a save, ms. */
const REST_MS = 350;
/** How long a change may wait before it is kept in the browser, ms: writing it at every step would slow a drag. */
const DRAFT_MS = 80;
/** How long to wait before a failed save is tried again, ms. */
const RETRY_MS = 4000;
/** How long a save may take before it counts as failed, ms. One that arrives later is known again by its name. */
const ANSWER_MS = 4500;
/** The most that a browser sends for a page that is gone already, bytes. */
const MOST_FAREWELL_BYTES = 60_000;
/** So many saves without an answer are remembered. */
const MOST_UNANSWERED = 20;

/** What is sent to be saved. */
interface Body {
  saveId: string;
  unanswered: readonly string[];
  settles: readonly string[];
  baseRevision: number;
  design: Design;
  history: History;
}

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
  /** The save that was sent last: the same state is sent again under the same name. */
  let named: { edition: number; saveId: string } | null = null;

  const later = (ms: number) => {
    clearTimeout(timer);
    timer = setTimeout(() => void save(), ms);
  };

  /** What is to be saved now. From here on the browser knows that it may have been. */
  const bodyNow = (): Body => {
    const { design, history, revision: baseRevision, edition, unanswered, settles, setUnanswered } = store.getState();
    if (named?.edition !== edition) named = { edition, saveId: nanoid() };
    const { saveId } = named;
    if (!unanswered.includes(saveId)) setUnanswered([...unanswered, saveId].slice(-MOST_UNANSWERED));
    keepDraftNow();
    return { saveId, unanswered, settles, baseRevision, design, history };
  };

  async function save(): Promise<void> {
    const { id, edition, saveState, setSaveState, answered } = store.getState();
    if (saving || !isToBeSaved(saveState)) return;
    saving = true;
    const body = bodyNow();
    setSaveState({ kind: 'saving' });
    const outcome = await send(id, body);
    saving = false;
    const isNewest = store.getState().edition === edition;
    if (outcome.kind === 'saved') {
      answered(body.settles);
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
    const { id, revision, design, history, saveState, unanswered } = store.getState();
    if (saveState.kind !== 'saved' && saveState.kind !== 'opening')
      keepDraft(id, { baseRevision: revision, design, history, unanswered });
  };
  /** The page goes: what is unsaved is kept in the browser, and sent on its way where it is short enough for that. */
  const farewell = () => {
    keepDraftNow();
    const { id, saveState } = store.getState();
    if (!isToBeSaved(saveState) || saving) return;
    const body = JSON.stringify(bodyNow());
    if (new TextEncoder().encode(body).length > MOST_FAREWELL_BYTES) return;
    void fetch(addressOf(id), { ...asJson(body), keepalive: true }).catch(() => undefined);
  };
  window.addEventListener('pagehide', farewell);
  const unsubscribe = store.subscribe((state, before) => {
    const isDecided = before.saveState.kind === 'moved-on' && state.saveState.kind === 'unsaved';
    if (state.edition !== before.edition || isDecided) keep(state);
  });
  // What was changed before this began, or left over by an earlier window.
  keep(store.getState());

  return () => {
    stopped = true;
    unsubscribe();
    clearTimeout(timer);
    window.removeEventListener('pagehide', farewell);
    keepDraftNow();
    void save();
  };
}

const isToBeSaved = ({ kind }: BagState['saveState']): boolean =>
  kind !== 'saved' && kind !== 'opening' && kind !== 'moved-on';

type Outcome =
  | { kind: 'saved'; revision: number }
  | { kind: 'failed'; sentence: string }
  | Extract<BagState['saveState'], { kind: 'moved-on' }>;

const addressOf = (id: string): string => `/api/bags/${id}`;

const asJson = (body: string): RequestInit => ({
  method: 'PUT',
  headers: { 'content-type': 'application/json' },
  body,
});

async function send(id: string, body: Body): Promise<Outcome> {
  const waiting = new AbortController();
  const timer = setTimeout(() => waiting.abort(), ANSWER_MS);
  try {
    const response = await fetch(addressOf(id), { ...asJson(JSON.stringify(body)), signal: waiting.signal });
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
  } finally {
    clearTimeout(timer);
  }
}
