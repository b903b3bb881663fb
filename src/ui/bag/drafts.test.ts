import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { fullDesign } from '@/core/testing/designs';
import { fakeBrowser, type FakeBrowser } from '@/ui/testing/browser';
import { dropDraft, keepDraft, takeDraft, type Draft } from './drafts';

let browser: FakeBrowser;
beforeEach(() => {
  browser = fakeBrowser();
});
afterEach(() => vi.unstubAllGlobals());

const draft = (name: string): Draft => ({
  baseRevision: 4,
  design: { ...fullDesign(), name },
  history: { undo: [], redo: [] },
  unanswered: ['s1'],
});

/** The storage of another window: the same local one, a session of its own. */
function otherWindow(): void {
  const { local } = browser;
  browser = fakeBrowser();
  for (const key of local.keys()) browser.local.setItem(key, local.getItem(key) ?? '');
}

describe('work kept in the browser', () => {
  it('is found again by the same window, once', async () => {
    keepDraft('bag', draft('mine'));
    expect((await takeDraft('bag'))?.draft).toEqual(draft('mine'));
    expect(await takeDraft('bag')).toBeNull();
  });

  it('belongs to its bag', async () => {
    keepDraft('bag', draft('mine'));
    expect(await takeDraft('another')).toBeNull();
  });

  it('is gone once the store has it', async () => {
    keepDraft('bag', draft('mine'));
    dropDraft('bag');
    expect(await takeDraft('bag')).toBeNull();
  });

  it('is taken over from a window that is gone', async () => {
    keepDraft('bag', draft('left by a crash'));
    otherWindow();
    expect((await takeDraft('bag'))?.draft.design.name).toBe('left by a crash');
  });

  it('is left alone while its window lives', async () => {
    keepDraft('bag', draft('in work there'));
    const [key] = browser.local.keys();
    otherWindow();
    browser.held.push(`ruelle.draft.${key?.split('.').at(-1)}`);
    expect(await takeDraft('bag')).toBeNull();
    expect(browser.local.keys()).toEqual([key]);
  });

  it('can be put back, to be found at the next opening', async () => {
    keepDraft('bag', draft('older'));
    (await takeDraft('bag'))?.putBack();
    keepDraft('bag', draft('newer'));
    expect((await takeDraft('bag'))?.draft.design.name).toBe('newer');
    expect((await takeDraft('bag'))?.draft.design.name).toBe('older');
  });

  it.each(['not json', '{}', '{"baseRevision":1,"design":{},"history":{"undo":[],"redo":[]}}', 'null'])(
    'is left where it is when it can’t be read, and what can is found beside it: %s',
    async (text) => {
      browser.local.setItem('ruelle.draft.bag.gone', text);
      expect(await takeDraft('bag')).toBeNull();
      browser.local.setItem('ruelle.draft.bag.left', JSON.stringify(draft('readable')));
      expect((await takeDraft('bag'))?.draft.design.name).toBe('readable');
      expect(browser.local.getItem('ruelle.draft.bag.gone')).toBe(text);
    },
  );

  it('is kept as long as the page where the browser has no room for it', async () => {
    browser.local.full = true;
    keepDraft('bag', draft('mine'));
    expect((await takeDraft('bag'))?.draft.design.name).toBe('mine');
  });

  it('is kept as long as the page where the browser’s memory is blocked', async () => {
    const blocked = () => {
      throw new DOMException('blocked', 'SecurityError');
    };
    vi.stubGlobal('localStorage', new Proxy({}, { get: blocked, ownKeys: blocked }));
    vi.stubGlobal('sessionStorage', new Proxy({}, { get: blocked }));
    keepDraft('bag', draft('mine'));
    expect((await takeDraft('bag'))?.draft.design.name).toBe('mine');
    expect(await takeDraft('bag')).toBeNull();
  });
});
