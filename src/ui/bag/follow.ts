import { createStore } from 'zustand/vanilla';
import { whenIdle } from '@/ui/browser/whenIdle';
import { lifted, type Hand } from './hand';

/**
 * The steps in which the screen follows the bag, in their order: the section first; then the numbers beside the drawing, in three parts, so that no frame
 * has all of them to draw; the folded bag in space, which is a frame's work of its own; and last what is out of sight, which waits for the hand to be lifted.
 */
const STEPS = ['section', 'numbers-1', 'numbers-2', 'numbers-3', 'folded', 'unseen'] as const;
export type FollowStep = (typeof STEPS)[number];

/** How often the screen follows a drag at most, ms: five times a second, faster than anyone reads. */
const FOLLOW_MS = 200;

/** What is followed: how it is now, and word of its changes. */
export interface Source<T> {
  getState(): T;
  /** @returns a function that ends it */
  subscribe(listener: () => void): () => void;
}

/** The screen, as who waits for it sees it. */
export interface Screen {
  /** The time, ms. */
  now(): number;
  /** Resolves when what has just changed has been painted and nothing more pressing is to be done, and not before that time, ms. */
  painted(notBeforeMs?: number): Promise<void>;
}

/**
 * Follows a store a painted frame behind it and further: what is under the maker's hand comes first, and all else step by step, a frame apart, so that a step of
 * a drag costs no more than its drawing. All steps of one walk show the same state. What comes between the beginnings of two walks is passed over; what
 * comes last is always followed.
 *
 * @param leader what is followed; every step begins as it is now
 * @returns what there is to follow, by its step
 */
export function follow<T>(leader: Source<T>, screen: Screen, hand: Hand): Record<FollowStep, Source<T>> {
  const followers = STEPS.map((step) => ({ step, ...follower(leader.getState()) }));
  let isBegun = false;
  let nextWalkMs = -Infinity;
  let walks = 0;

  const walk = async () => {
    isBegun = true;
    await screen.painted(nextWalkMs);
    isBegun = false;
    nextWalkMs = screen.now() + FOLLOW_MS;
    const state = leader.getState();
    const number = (walks += 1);
    for (const { step, show } of followers) {
      if (step !== 'section') await screen.painted();
      if (step === 'unseen' && hand.isDown()) whenLifted(() => show(leader.getState(), walks));
      else show(state, number);
    }
  };

  let isAwaitingLift = false;
  const whenLifted = (call: () => void) => {
    if (isAwaitingLift) return;
    isAwaitingLift = true;
    void lifted(hand)
      .then(() => screen.painted())
      .then(() => {
        isAwaitingLift = false;
        call();
      });
  };

  leader.subscribe(() => {
    if (!isBegun) void walk();
  });
  return Object.fromEntries(followers.map(({ step, source }) => [step, source])) as Record<FollowStep, Source<T>>;
}

/** Something to follow that is shown a state from time to time. Of two walks that go on at once, the later counts. */
function follower<T>(first: T): { source: Source<T>; show: (state: T, walk: number) => void } {
  const { getState, setState, subscribe } = createStore<T>()(() => first);
  let last = 0;
  const show = (state: T, walk: number) => {
    if (walk < last) return;
    last = walk;
    setState(state, true);
  };
  return { source: { getState, subscribe }, show };
}

/** A follower that finds no idle moment goes on after so many ms all the same. */
const MOST_WAIT_MS = 120;

/** The browser's screen: a timer runs between frames, never within one, and then an idle moment comes after one. */
export const browserScreen: Screen = {
  now: () => performance.now(),
  painted: (notBeforeMs = -Infinity) =>
    new Promise((resolve) =>
      requestAnimationFrame(() =>
        setTimeout(() => whenIdle(resolve, MOST_WAIT_MS), Math.max(0, notBeforeMs - performance.now())),
      ),
    ),
};
