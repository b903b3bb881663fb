import { useSyncExternalStore } from 'react';

/** Whether a hand holds something down: a button of the mouse, a finger, a pen. */
export interface Hand {
  isDown(): boolean;
  /** Calls when the first hand comes down and when the last is lifted. @returns a function that ends it */
  subscribe(listener: () => void): () => void;
}

/** Watches the hands on a window. */
export function watchHand(target: EventTarget): Hand {
  const down = new Set<number>();
  const listeners = new Set<() => void>();
  const change = (by: () => void) => {
    const before = down.size > 0;
    by();
    if (before !== down.size > 0) [...listeners].forEach((listener) => listener());
  };
  const idOf = (event: Event) => (event as PointerEvent).pointerId;
  // Before anything else hears of it, and whatever stops it on its way.
  target.addEventListener('pointerdown', (event) => change(() => down.add(idOf(event))), true);
  for (const lift of ['pointerup', 'pointercancel'])
    target.addEventListener(lift, (event) => change(() => down.delete(idOf(event))), true);
  // A hand that is lifted over another window is not heard of.
  target.addEventListener('blur', ({ target: left }) => left === target && change(() => down.clear()), true);
  return {
    isDown: () => down.size > 0,
    subscribe: (listener) => {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
  };
}

const NO_HAND: Hand = { isDown: () => false, subscribe: () => () => {} };
let watched: Hand | null = null;

/** The hands on this window; where there is none, no hand is ever down. */
export const handOnWindow = (): Hand =>
  (watched ??= typeof window === 'undefined' ? null : watchHand(window)) ?? NO_HAND;

/** Whether a hand is down, for a part of the screen that holds still meanwhile. */
export const useHandDown = (): boolean =>
  useSyncExternalStore(handOnWindow().subscribe, handOnWindow().isDown, () => false);

/** Resolves when the last hand is lifted; at once where none is down. */
export const lifted = (hand: Hand): Promise<void> =>
  new Promise((resolve) => {
    if (!hand.isDown()) return resolve();
    const stop = hand.subscribe(() => {
      stop();
      resolve();
    });
  });
