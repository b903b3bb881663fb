import { LARGEST_BAG_MM, THICKEST_LOAD_MM } from '@/core/defaults';
import { lotCount, packStepByStep } from './packExactly';
import type { Room } from './packFront';
import { packMany } from './packMany';
import { turnedSizes, type Lot, type Box } from './packTree';
import { seededRandom } from '@/core/random';

/** The ways to pack a bag's things, and whether they are proven to be the best ones. */
export interface Packings {
  lots: Lot[];
  proven: boolean;
}

/** What can be packed at all. */
const ROOM: Room = { mostAcrossMm: LARGEST_BAG_MM, mostThickMm: THICKEST_LOAD_MM };

/** Up to so many different lots, all are gone through: eight different things make 256. */
const MOST_LOTS_EXACT = 256;

/** Up to so many, that takes no longer than a blink and can be done while she types: five different things. */
const MOST_LOTS_AT_ONCE = 32;

const TRIES = { thorough: 30_000, quick: 150 } as const;
const SEED = 216;

/**
 * The best ways to pack things into a flat bag, step by step: exact for up to eight different ones, beyond that by trying. The
 * same things always give the same.
 *
 * @returns after each step the share that is done; at the end the packings
 */
export function* packStepwise(things: readonly Box[]): Generator<number, Packings> {
  if (things.length === 0) return { lots: [], proven: true };
  if (lotCount(things) <= MOST_LOTS_EXACT) return { lots: yield* packStepByStep(things, ROOM), proven: true };
  return { lots: yield* packMany(things, ROOM, seededRandom(SEED), TRIES.thorough), proven: false };
}

/**
 * The best ways to pack things, at once. Eight different things can take a fifth of a second, more than eight a second or two.
 *
 * @example
 * packThings([{ widthMm: 60, heightMm: 90, thicknessMm: 10, turns: 'as-it-stands' }]).lots[0].thicknessMm // => 10
 */
export const packThings = (things: readonly Box[]): Packings => runOut(packStepwise(things));

/**
 * Ways to pack things while she types: exact where that takes no time, else a first try that a thorough search betters later.
 *
 * @example
 * packQuickly([]).proven // => true
 */
export function packQuickly(things: readonly Box[]): Packings {
  if (things.length === 0 || lotCount(things) <= MOST_LOTS_AT_ONCE) return packThings(things);
  return { lots: runOut(packMany(things, ROOM, seededRandom(SEED), TRIES.quick)), proven: false };
}

/** Whether a thing goes into the largest bag that is planned, whichever way it may be turned. */
export const fitsLargestBag = (thing: Box): boolean =>
  turnedSizes(thing).some(
    ({ widthMm, heightMm, thicknessMm }) =>
      widthMm + thicknessMm <= ROOM.mostAcrossMm &&
      heightMm + thicknessMm / 2 <= ROOM.mostAcrossMm &&
      thicknessMm <= ROOM.mostThickMm,
  );

function runOut<T>(steps: Generator<unknown, T>): T {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
