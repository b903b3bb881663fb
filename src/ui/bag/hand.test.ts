import { describe, expect, test, vi } from 'vitest';
import { lifted, watchHand } from './hand';

const tell = (target: EventTarget, kind: string, pointerId = 1) =>
  target.dispatchEvent(Object.assign(new Event(kind), { pointerId }));

describe('a hand on the window', () => {
  test('is down from the first that comes down to the last that is lifted', () => {
    const window = new EventTarget();
    const hand = watchHand(window);
    const heard = vi.fn(() => hand.isDown());
    hand.subscribe(heard);
    expect(hand.isDown()).toBe(false);
    tell(window, 'pointerdown', 1);
    tell(window, 'pointerdown', 2);
    tell(window, 'pointerup', 1);
    expect(hand.isDown()).toBe(true);
    tell(window, 'pointercancel', 2);
    expect(hand.isDown()).toBe(false);
    expect(heard.mock.results.map(({ value }) => value)).toEqual([true, false]);
  });

  test('that leaves the window is down no more', () => {
    const window = new EventTarget();
    const hand = watchHand(window);
    tell(window, 'pointerdown');
    tell(window, 'blur');
    expect(hand.isDown()).toBe(false);
  });

  test('is no longer told to who has ended it', () => {
    const window = new EventTarget();
    const hand = watchHand(window);
    const heard = vi.fn();
    hand.subscribe(heard)();
    tell(window, 'pointerdown');
    expect(heard).not.toHaveBeenCalled();
  });
});

describe('what waits for the hand to be lifted', () => {
  test('does not wait where no hand is down', async () => {
    await lifted(watchHand(new EventTarget()));
  });

  test('goes on when the last hand is lifted', async () => {
    const window = new EventTarget();
    const hand = watchHand(window);
    const goOn = vi.fn();
    tell(window, 'pointerdown', 1);
    tell(window, 'pointerdown', 2);
    const waiting = lifted(hand).then(goOn);
    tell(window, 'pointerup', 1);
    await Promise.resolve();
    expect(goOn).not.toHaveBeenCalled();
    tell(window, 'pointerup', 2);
    await waiting;
    expect(goOn).toHaveBeenCalledTimes(1);
  });
});
