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
    'is dropped when it can’t be read: %s',
    async (text) => {
      browser.local.setItem('ruelle.draft.bag.gone', text);
      expect(await takeDraft('bag')).toBeNull();
      expect(browser.local.keys()).toEqual([]);
    },
  );

  it('costs nothing when the browser has no room', () => {
    browser.local.full = true;
    expect(() => keepDraft('bag', draft('mine'))).not.toThrow();
  });
});
