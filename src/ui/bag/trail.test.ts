import { describe, expect, test } from 'vitest';
import { createStore } from 'zustand/vanilla';
import { trail } from './trail';

/** A screen that paints when it is told to. */
function screen() {
  const calls: (() => void)[] = [];
  return {
    afterPaint: (call: () => void) => void calls.push(call),
    paint: () => calls.splice(0).forEach((call) => call()),
  };
}

describe('a trailing store', () => {
  test('begins as its leader, and follows it once the screen has been painted', () => {
    const leader = createStore(() => ({ row: 3 }));
    const { afterPaint, paint } = screen();
    const { follower } = trail(leader, afterPaint);
    expect(follower.getState()).toEqual({ row: 3 });
    leader.setState({ row: 4 });
    expect(follower.getState()).toEqual({ row: 3 });
    paint();
    expect(follower.getState()).toEqual({ row: 4 });
  });

  test('passes over what came between, but never misses the last', () => {
    const leader = createStore(() => ({ row: 0 }));
    const { afterPaint, paint } = screen();
    const { follower } = trail(leader, afterPaint);
    const seen: number[] = [];
    follower.subscribe(({ row }) => seen.push(row));
    for (let row = 1; row <= 5; row += 1) leader.setState({ row });
    paint();
    leader.setState({ row: 6 });
    paint();
    expect(seen).toEqual([5, 6]);
  });

  test('hands on the very same parts, so that what has not changed is not drawn again', () => {
    const leader = createStore(() => ({ figures: { a: 1 }, row: 0 }));
    const { afterPaint, paint } = screen();
    const { follower } = trail(leader, afterPaint);
    const before = follower.getState().figures;
    leader.setState({ row: 1 });
    paint();
    expect(follower.getState().figures).toBe(before);
  });

  test('stops when it is told to', () => {
    const leader = createStore(() => ({ row: 0 }));
    const { afterPaint, paint } = screen();
    const { follower, stop } = trail(leader, afterPaint);
    stop();
    leader.setState({ row: 1 });
    paint();
    expect(follower.getState()).toEqual({ row: 0 });
  });
});
