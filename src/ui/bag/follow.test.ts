import { describe, expect, test } from 'vitest';
import { createStore } from 'zustand/vanilla';
import { follow, type FollowStep } from './follow';
import { watchHand } from './hand';

const ALL: FollowStep[] = ['section', 'numbers-1', 'numbers-2', 'numbers-3', 'folded', 'unseen'];

/** A screen that paints when it is told to, and whose clock stands still otherwise. */
function screen() {
  let nowMs = 0;
  const waiting: { resolve: () => void; notBeforeMs: number }[] = [];
  return {
    now: () => nowMs,
    painted: (notBeforeMs = -Infinity) => new Promise<void>((resolve) => waiting.push({ resolve, notBeforeMs })),
    /** Paints a frame so many ms later. */
    paint: async (ms = 16) => {
      nowMs += ms;
      const due = waiting.filter(({ notBeforeMs }) => notBeforeMs <= nowMs);
      for (const one of due) waiting.splice(waiting.indexOf(one), 1);
      due.forEach(({ resolve }) => resolve());
      // What goes on has gone on before the next frame.
      await new Promise((resolve) => setTimeout(resolve));
    },
  };
}

function followed() {
  const leader = createStore(() => ({ row: 0 }));
  const window = new EventTarget();
  const { now, painted, paint } = screen();
  const steps = follow(leader, { now, painted }, watchHand(window));
  const shown = () => ALL.map((step) => steps[step].getState().row);
  const hand = (kind: 'pointerdown' | 'pointerup') =>
    window.dispatchEvent(Object.assign(new Event(kind), { pointerId: 1 }));
  return { leader, steps, paint, shown, hand };
}

describe('what follows the bag', () => {
  test('comes step by step, a painted frame apart, in its order', async () => {
    const { leader, paint, shown } = followed();
    leader.setState({ row: 4 });
    expect(shown()).toEqual([0, 0, 0, 0, 0, 0]);
    const seen: number[][] = [];
    for (let frame = 0; frame < 6; frame += 1) {
      await paint();
      seen.push(shown());
    }
    expect(seen).toEqual([
      [4, 0, 0, 0, 0, 0],
      [4, 4, 0, 0, 0, 0],
      [4, 4, 4, 0, 0, 0],
      [4, 4, 4, 4, 0, 0],
      [4, 4, 4, 4, 4, 0],
      [4, 4, 4, 4, 4, 4],
    ]);
  });

  test('shows one state in all steps of a walk, and the last in the end, at most five times a second', async () => {
    const { leader, steps, paint, shown } = followed();
    const seen: number[] = [];
    steps['numbers-2'].subscribe(() => seen.push(steps['numbers-2'].getState().row));
    for (let row = 1; row <= 60; row += 1) {
      leader.setState({ row });
      await paint();
    }
    // 60 frames are just under a second.
    expect(seen.length).toBeGreaterThanOrEqual(4);
    expect(seen.length).toBeLessThanOrEqual(5);
    for (let frame = 0; frame < 30; frame += 1) await paint();
    expect(shown()).toEqual([60, 60, 60, 60, 60, 60]);
    expect(seen.at(-1)).toBe(60);
  });

  test('waits with what is out of sight while a hand is down, and shows it then as it is', async () => {
    const { leader, paint, shown, hand } = followed();
    hand('pointerdown');
    leader.setState({ row: 1 });
    for (let frame = 0; frame < 20; frame += 1) await paint();
    expect(shown()).toEqual([1, 1, 1, 1, 1, 0]);
    leader.setState({ row: 2 });
    for (let frame = 0; frame < 20; frame += 1) await paint();
    expect(shown()).toEqual([2, 2, 2, 2, 2, 0]);
    hand('pointerup');
    await paint();
    await paint();
    expect(shown()).toEqual([2, 2, 2, 2, 2, 2]);
    leader.setState({ row: 3 });
    for (let frame = 0; frame < 20; frame += 1) await paint();
    expect(shown()).toEqual([3, 3, 3, 3, 3, 3]);
  });

  test('hands on the very same parts, so that what has not changed is not drawn again', async () => {
    const leader = createStore(() => ({ figures: { a: 1 }, row: 0 }));
    const { now, painted, paint } = screen();
    const { section } = follow(leader, { now, painted }, watchHand(new EventTarget()));
    const before = section.getState().figures;
    leader.setState({ row: 1 });
    await paint();
    expect(section.getState().row).toBe(1);
    expect(section.getState().figures).toBe(before);
  });
});
