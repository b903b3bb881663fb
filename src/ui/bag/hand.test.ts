import { describe, expect, test, vi } from 'vitest';
import { onceLifted, watchHand } from './hand';

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
  test('waits for the screen only where no hand is down', () => {
    const afterPaint = vi.fn();
    const call = () => {};
    onceLifted(watchHand(new EventTarget()), afterPaint)(call, 200);
    expect(afterPaint).toHaveBeenCalledExactlyOnceWith(call, 200);
  });

  test('is asked for once, when the last hand is lifted, and not at the next lifting', () => {
    const window = new EventTarget();
    const hand = watchHand(window);
    const afterPaint = vi.fn();
    tell(window, 'pointerdown');
    onceLifted(hand, afterPaint)(() => {}, 200);
    expect(afterPaint).not.toHaveBeenCalled();
    tell(window, 'pointerup');
    expect(afterPaint).toHaveBeenCalledTimes(1);
    tell(window, 'pointerdown');
    tell(window, 'pointerup');
    expect(afterPaint).toHaveBeenCalledTimes(1);
  });
});
