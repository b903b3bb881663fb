import { createStore, type StoreApi } from 'zustand/vanilla';

/** How often the numbers follow a drag at most, ms: five times a second, faster than anyone reads. */
const FOLLOW_MS = 200;

/** Asks to be called when what has just changed has been painted, and at the earliest after so many ms. */
export type AfterPaint = (call: () => void, ms: number) => void;

/**
 * A follower of a store, a painted frame behind it: the drawing under the maker's hand comes first, and the tickets, the
 * ledger and the slips beside it follow, so that a step of a drag costs no more than its drawing. What comes last is always
 * followed.
 *
 * @param leader the store that is followed; the follower begins as it is now
 * @param afterPaint how to wait for the screen
 * @returns the follower, and a function that stops it
 */
export function trail<T>(leader: StoreApi<T>, afterPaint: AfterPaint): { follower: StoreApi<T>; stop: () => void } {
  const follower = createStore<T>()(() => leader.getState());
  let waiting = false;
  const stop = leader.subscribe(() => {
    if (waiting) return;
    waiting = true;
    afterPaint(() => {
      waiting = false;
      follower.setState(leader.getState(), true);
    }, FOLLOW_MS);
  });
  return { follower, stop };
}

/** A follower that finds no idle moment goes on after so many ms all the same. */
const MOST_WAIT_MS = 120;

/** Calls when the browser has nothing more pressing to do: what is under the hand comes first. Where it can't say so, at once. */
const whenIdle = (call: () => void): void => {
  if (typeof requestIdleCallback === 'function') requestIdleCallback(() => call(), { timeout: MOST_WAIT_MS });
  else call();
};

/** Waits for the browser: a timer runs between frames, never within one, and then for an idle moment after one. */
export const afterBrowserPaint = (): AfterPaint => {
  let lastMs = -Infinity;
  return (call, ms) =>
    requestAnimationFrame(() => {
      const waitMs = Math.max(0, lastMs + ms - performance.now());
      setTimeout(
        () =>
          whenIdle(() => {
            lastMs = performance.now();
            call();
          }),
        waitMs,
      );
    });
};
