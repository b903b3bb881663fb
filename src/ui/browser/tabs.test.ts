import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { fakeBrowser, type FakeBrowser } from '@/ui/testing/browser';

let browser: FakeBrowser;
beforeEach(() => {
  vi.resetModules();
  browser = fakeBrowser();
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

/** The module as a page that was just loaded has it. */
const page = () => import('./tabs');

/** The name of a window, and the page of another that was made by duplicating it. */
async function duplicated() {
  const first = await page();
  await first.claimTab();
  const name = first.tabName();
  vi.resetModules();
  const duplicate = await page();
  await duplicate.claimTab();
  return { name, duplicate };
}

describe('the name of a window', () => {
  it('stays the same after a reload, and is held as long as the page lives', async () => {
    const { claimTab, tabName, livingTabs } = await page();
    await claimTab();
    const name = tabName();
    expect([...(await livingTabs())]).toEqual([name]);
    vi.resetModules();
    browser.held.length = 0;
    const reloaded = await page();
    await reloaded.claimTab();
    expect(reloaded.tabName()).toBe(name);
  });

  it('is a new one in a window that was duplicated, whose memory came from another', async () => {
    const { name, duplicate } = await duplicated();
    expect(duplicate.tabName()).not.toBe(name);
    expect([...(await duplicate.livingTabs())].sort()).toEqual([name, duplicate.tabName()].sort());
  });

  it('is claimed once, however many bags are opened one after the other', async () => {
    const { claimTab, tabName } = await page();
    await claimTab();
    const name = tabName();
    await claimTab();
    expect(tabName()).toBe(name);
  });
});

describe('where the browser can’t say which windows live', () => {
  beforeEach(() => {
    vi.useFakeTimers();
    vi.stubGlobal('navigator', {});
  });

  it('each says so itself, until it is gone', async () => {
    const { claimTab, tabName, livingTabs } = await page();
    await claimTab();
    await vi.advanceTimersByTimeAsync(60_000);
    expect([...(await livingTabs())]).toEqual([tabName()]);
    browser.listeners.get('pagehide')?.();
    expect([...(await livingTabs())]).toEqual([]);
  });

  it('one that crashed counts as gone after a while', async () => {
    const { claimTab, livingTabs } = await page();
    browser.local.setItem('ruelle.alive.crashed', String(Date.now()));
    await claimTab();
    expect(await livingTabs()).toContain('crashed');
    await vi.advanceTimersByTimeAsync(10_000);
    expect(await livingTabs()).not.toContain('crashed');
  });

  it('a duplicate has a name of its own', async () => {
    const { name, duplicate } = await duplicated();
    expect(duplicate.tabName()).not.toBe(name);
  });
});
