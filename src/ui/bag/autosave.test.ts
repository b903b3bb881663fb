import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { fullDesign } from '@/core/testing/designs';
import { fakeBrowser, type FakeBrowser } from '@/ui/testing/browser';
import { startAutosave } from './autosave';
import { createBagStore, type BagStore } from './bagStore';

interface Sent {
  saveId: string;
  unanswered: string[];
  settles: string[];
  baseRevision: number;
  design: { name: string };
}

let browser: FakeBrowser;
let store: BagStore;
let sent: Sent[];
/** How the store answers the next saves; the last one stays. */
let answers: ((body: Sent) => unknown)[];

const saved = (body: Sent) => ({ status: 200, body: { ok: true, revision: body.baseRevision + 1 } });
/** No answer comes, ever. */
const NEVER = 0;
const silent = () => ({ status: NEVER, body: null });
const theirs = { ...fullDesign(), name: 'Theirs' };
const movedOn = () => ({
  status: 200,
  body: { ok: false, reason: 'moved-on', current: { design: theirs, revision: 5 }, refusedId: 'r1' },
});
const unreachable = () => {
  throw new TypeError('Failed to fetch');
};

beforeEach(() => {
  vi.useFakeTimers();
  browser = fakeBrowser();
  sent = [];
  answers = [saved];
  vi.stubGlobal('fetch', async (_: string, { body, signal }: { body: string; signal?: AbortSignal }) => {
    const save = JSON.parse(body) as Sent;
    sent.push(save);
    const answer = (answers.length > 1 ? answers.shift() : answers[0]) as (body: Sent) => {
      status: number;
      body: unknown;
    };
    const { status, body: text } = answer(save);
    if (status === NEVER)
      return new Promise((_resolve, reject) => signal?.addEventListener('abort', () => reject(signal.reason as Error)));
    return { ok: status === 200, json: async () => text };
  });
  store = createBagStore({ id: 'bag', design: fullDesign(), revision: 1, history: { undo: [], redo: [] } });
  store.getState().setSaveState({ kind: 'saved' });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const rename = (name: string) => store.getState().edit('Name', [{ path: ['name'], value: name }]);
const rest = (ms = 1000) => vi.advanceTimersByTimeAsync(ms);
const kind = () => store.getState().saveState.kind;

describe('autosave', () => {
  it('saves a change once it rests, and keeps the new revision', async () => {
    startAutosave(store);
    rename('Second');
    expect(sent).toEqual([]);
    await rest();
    expect(sent.map(({ design, baseRevision }) => [design.name, baseRevision])).toEqual([['Second', 1]]);
    expect(kind()).toBe('saved');
    expect(store.getState().revision).toBe(2);
  });

  it('saves a run of changes as one', async () => {
    startAutosave(store);
    for (const name of ['a', 'ab', 'abc']) {
      rename(name);
      await rest(100);
    }
    await rest();
    expect(sent.map(({ design }) => design.name)).toEqual(['abc']);
  });

  it('keeps unsaved work in the browser long before it is saved, and lets go of it after', async () => {
    startAutosave(store);
    rename('Kept');
    await rest(100);
    expect(browser.local.keys()).toHaveLength(1);
    expect(sent).toEqual([]);
    await rest();
    expect(browser.local.keys()).toEqual([]);
  });

  it('keeps it at once when the page goes', () => {
    startAutosave(store);
    rename('Kept');
    expect(browser.local.keys()).toEqual([]);
    browser.listeners.get('pagehide')?.();
    expect(browser.local.keys()).toHaveLength(1);
  });

  it('says so when the store can’t be reached, tries again, and keeps the work meanwhile', async () => {
    answers = [unreachable, unreachable, saved];
    startAutosave(store);
    rename('Patience');
    await rest();
    expect(kind()).toBe('failed');
    expect(browser.local.keys()).toHaveLength(1);
    await rest(10_000);
    expect(kind()).toBe('saved');
    expect(sent).toHaveLength(3);
    expect(browser.local.keys()).toEqual([]);
  });

  it('shows the store’s own sentence for a refusal', async () => {
    answers = [() => ({ status: 507, body: { sentence: 'The disk is full.' } })];
    startAutosave(store);
    rename('Too much');
    await rest();
    expect(store.getState().saveState).toEqual({ kind: 'failed', sentence: 'The disk is full.' });
  });

  it('stops when another window was first, and keeps her version', async () => {
    answers = [movedOn];
    startAutosave(store);
    rename('Mine');
    await rest();
    expect(store.getState().saveState).toEqual({ kind: 'moved-on', theirs, theirRevision: 5, refusedId: 'r1' });
    rename('Mine still');
    await rest(20_000);
    expect(sent).toHaveLength(1);
    expect(store.getState().design.name).toBe('Mine still');
    expect(browser.local.keys()).toHaveLength(1);
  });

  it('saves what was changed while a save was under way, on the revision that save gave', async () => {
    startAutosave(store);
    answers = [
      (body) => {
        rename('Later');
        return saved(body);
      },
      saved,
    ];
    rename('First');
    await rest(3000);
    expect(sent.map(({ design, baseRevision }) => [design.name, baseRevision])).toEqual([
      ['First', 1],
      ['Later', 2],
    ]);
    expect(kind()).toBe('saved');
  });

  it('saves what was changed before it began', async () => {
    rename('Early');
    startAutosave(store);
    await rest();
    expect(sent.map(({ design }) => design.name)).toEqual(['Early']);
  });

  it('makes a last save when it is stopped, and then none', async () => {
    const stop = startAutosave(store);
    rename('Last');
    stop();
    await rest(0);
    expect(sent.map(({ design }) => design.name)).toEqual(['Last']);
    rename('After');
    await rest(20_000);
    expect(sent).toHaveLength(1);
  });

  it('sends nothing when nothing was changed', async () => {
    const stop = startAutosave(store);
    await rest(20_000);
    stop();
    await rest();
    expect(sent).toEqual([]);
  });

  it('says within five seconds that no answer comes, and sends the same save again under the same name', async () => {
    answers = [silent, saved];
    startAutosave(store);
    rename('Into silence');
    await rest(5000);
    expect(kind()).toBe('failed');
    await rest(10_000);
    expect(kind()).toBe('saved');
    expect(sent).toHaveLength(2);
    expect(sent[1]?.saveId).toBe(sent[0]?.saveId);
  });

  it('tells the store which of its saves were never answered, and remembers them in the browser', async () => {
    answers = [unreachable, saved];
    startAutosave(store);
    rename('Lost on the way');
    await rest();
    const [key = ''] = browser.local.keys();
    expect(JSON.parse(browser.local.getItem(key) ?? '')).toMatchObject({ unanswered: [sent[0]?.saveId] });
    rename('Later');
    await rest(10_000);
    expect(sent[1]).toMatchObject({ unanswered: [sent[0]?.saveId], design: { name: 'Later' } });
    expect(sent[1]?.saveId).not.toBe(sent[0]?.saveId);
    rename('Answered since');
    await rest();
    expect(sent[2]?.unanswered).toEqual([]);
  });

  it('of two versions keeps what is there when that is pressed, and loses no edit meanwhile', async () => {
    answers = [movedOn, saved];
    startAutosave(store);
    rename('Mine');
    await rest();
    rename('Mine, gone on');
    store.getState().keepThisOne();
    rename('Mine, and on');
    await rest();
    expect(sent[1]).toMatchObject({ baseRevision: 5, settles: ['r1'], design: { name: 'Mine, and on' } });
    expect(kind()).toBe('saved');
    expect(store.getState()).toMatchObject({ revision: 6, settles: [], design: { name: 'Mine, and on' } });
    expect(browser.local.keys()).toEqual([]);
  });

  it('sends what is unsaved when the page goes, without waiting', async () => {
    startAutosave(store);
    rename('Just before');
    browser.listeners.get('pagehide')?.();
    expect(sent.map(({ design }) => design.name)).toEqual(['Just before']);
    const [key = ''] = browser.local.keys();
    expect(JSON.parse(browser.local.getItem(key) ?? '')).toMatchObject({ unanswered: [sent[0]?.saveId] });
  });
});
