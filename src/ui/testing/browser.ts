import { vi } from 'vitest';

/** A browser's storage, in memory. `full` makes every write fail, as a full disk does. */
class FakeStorage {
  private readonly items = new Map<string, string>();
  full = false;

  getItem = (key: string): string | null => this.items.get(key) ?? null;
  removeItem = (key: string): void => {
    this.items.delete(key);
    Reflect.deleteProperty(this, key);
  };
  setItem = (key: string, value: string): void => {
    if (this.full) throw new Error('QuotaExceededError');
    this.items.set(key, value);
    // What Object.keys sees of a real storage.
    Object.defineProperty(this, key, {
      configurable: true,
      enumerable: true,
      get: () => this.getItem(key),
    });
  };
  keys = (): string[] => [...this.items.keys()];
}

export interface FakeBrowser {
  local: FakeStorage;
  session: FakeStorage;
  /** The names of locks that living windows hold. */
  held: string[];
  /** What listens to the window, by event. */
  listeners: Map<string, () => void>;
}

/** Stands in for the parts of a browser that the open bag uses. Undone by `vi.unstubAllGlobals()`. */
export function fakeBrowser(): FakeBrowser {
  const browser: FakeBrowser = { local: new FakeStorage(), session: new FakeStorage(), held: [], listeners: new Map() };
  vi.stubGlobal('localStorage', browser.local);
  vi.stubGlobal('sessionStorage', browser.session);
  vi.stubGlobal('navigator', {
    locks: {
      query: async () => ({ held: browser.held.map((name) => ({ name })) }),
      request: async (name: string, { signal }: { signal?: AbortSignal }, held: () => Promise<void>) => {
        if (browser.held.includes(name))
          return new Promise<void>((_, reject) =>
            signal?.addEventListener('abort', () => reject(signal.reason as Error)),
          );
        browser.held.push(name);
        return held();
      },
    },
  });
  vi.stubGlobal('window', {
    addEventListener: (event: string, listener: () => void) => browser.listeners.set(event, listener),
    removeEventListener: (event: string) => browser.listeners.delete(event),
  });
  return browser;
}
