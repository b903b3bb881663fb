/** Something that keeps texts under names. */
interface BrowserMemory {
  get(key: string): string | null;
  /** Tells whether it was kept: a browser may have no room, or not be allowed to. */
  set(key: string, text: string): boolean;
  remove(key: string): void;
  keys(): string[];
}

/**
 * A memory of the browser that never throws. Where the browser has none, or may not use it, texts are kept as long as the page is open.
 *
 * @param storage asks for the browser's own; it may throw, and may answer otherwise another time
 */
function memoryOf(storage: () => Storage): BrowserMemory {
  const page = new Map<string, string>();
  const attempt = <T>(work: (own: Storage) => T, without: () => T): T => {
    try {
      return work(storage());
    } catch {
      return without();
    }
  };
  return {
    get: (key) =>
      page.get(key) ??
      attempt(
        (own) => own.getItem(key),
        () => null,
      ),
    set: (key, text) =>
      attempt(
        (own) => {
          own.setItem(key, text);
          page.delete(key);
          return true;
        },
        () => {
          page.set(key, text);
          return false;
        },
      ),
    remove: (key) => {
      page.delete(key);
      attempt(
        (own) => own.removeItem(key),
        () => undefined,
      );
    },
    keys: () => [
      ...new Set([
        ...page.keys(),
        ...attempt(
          (own) => Object.keys(own),
          () => [],
        ),
      ]),
    ],
  };
}

/** What outlives the window, shared by all of them. */
export const localMemory = memoryOf(() => localStorage);

/** What a window knows of itself, the same after a reload. */
export const windowMemory = memoryOf(() => sessionStorage);
