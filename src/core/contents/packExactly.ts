import { Front, type OnlyFor, type Room } from './packFront';
import { joined, turnedSizes, type Lot, type Size, type Box } from './packTree';

/** Things of one size and one way of turning: which of them is which makes no difference to the packing. */
interface Sort {
  sizes: Size[];
  indexes: number[];
}

/** The same things as sorts, so that a dozen cards are one sort with twelve of it. */
function sortsOf(things: readonly Box[]): Sort[] {
  const sorts = new Map<string, Sort>();
  things.forEach((thing, index) => {
    const key = [thing.widthMm, thing.heightMm, thing.thicknessMm, thing.turns].join();
    const sort = sorts.get(key) ?? { sizes: turnedSizes(thing), indexes: [] };
    sort.indexes.push(index);
    sorts.set(key, sort);
  });
  return [...sorts.values()];
}

/**
 * How many different lots can be taken out of the things: what an exact search has to go through. Eight different things
 * make 256.
 *
 * @example
 * lotCount([{ widthMm: 1, heightMm: 2, thicknessMm: 3, turns: 'any-way' }]) // => 2
 */
export const lotCount = (things: readonly Box[]): number =>
  sortsOf(things).reduce((product, { indexes }) => product * (indexes.length + 1), 1);

/**
 * All the best ways to pack things into a flat bag: lots put beside, above or behind each other, so that no other way needs as small
 * a bag in every direction: across (width and thickness), up (height and half the thickness) and thick. Exact over all arrangements that can be taken apart by straight cuts: every
 * one of up to three things lying flat, and how a bag is packed by hand. Four and more can also lie round each other like the sails
 * of a windmill; that is not looked at.
 *
 * It goes through every lot that can be taken out of the things, the smaller before the larger, and keeps for each the sizes that
 * are not bettered.
 *
 * @param things at least one; of each, a box in mm
 * @param room sizes beyond it are dropped on the way
 * @returns the lots that are not bettered, in no particular order; none when nothing fits the room
 * Source: dynamic programming over subsets for slicing arrangements; the bound on lots is arithmetic.
 *
 * @example
 * [...packExactly([{ widthMm: 60, heightMm: 90, thicknessMm: 10, turns: 'as-it-stands' }], { mostAcrossMm: 800, mostThickMm: 200 })].length // => 1
 */
export function packExactly(things: readonly Box[], room: Room): Lot[] {
  const steps = packStepByStep(things, room);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

/** The same search, giving after each lot the share that is done, so that it can be shown and stopped. */
export function* packStepByStep(things: readonly Box[], room: Room): Generator<number, Lot[]> {
  const sorts = sortsOf(things);
  const bases = sorts.map((_, sort) =>
    sorts.slice(0, sort).reduce((product, { indexes }) => product * (indexes.length + 1), 1),
  );
  const whole = lotCount(things) - 1;
  const lots = Array.from({ length: whole + 1 }, (_, code) =>
    sorts.map(({ indexes }, sort) => Math.floor(code / (bases[sort] as number)) % (indexes.length + 1)),
  );
  const thingsIn = lots.map((counts) => counts.reduce((sum, count) => sum + count, 0));
  const fronts: Front[] = [];
  const begin = (code: number, onlyFor: OnlyFor | null) => {
    const counts = lots[code] as number[];
    const front = new Front(room, code === whole ? 1 : 0, reachOf(sorts, counts), onlyFor);
    const only = thingsIn[code] === 1 ? counts.indexOf(1) : -1;
    if (only >= 0) front.addThing(only, sorts[only]?.sizes ?? []);
    fronts[code] = front;
    return front;
  };
  const join = (code: number, parts: (part: number, rest: number) => boolean = () => true) => {
    for (const [part, rest] of splits(lots[code] as number[], bases))
      if (parts(part, rest))
        (fronts[code] as Front).addJoined(fronts[part] as Front, fronts[rest] as Front, part, rest);
  };

  const lesser = Array.from({ length: whole }, (_, code) => code).slice(1);
  const isNearlyAll = (code: number) => things.length > 2 && thingsIn[code] === things.length - 1;
  let done = 0;
  for (const code of lesser.filter((lot) => !isNearlyAll(lot))) {
    const front = begin(code, null);
    join(code);
    front.close();
    yield (done += 1) / whole;
  }
  // All things but one are only ever joined with that one: what is known of the whole by now bounds what they are looked through for.
  const all = begin(whole, null);
  join(whole, (part, rest) => !isNearlyAll(part) && !isNearlyAll(rest));
  for (const code of lesser.filter(isNearlyAll)) {
    const front = begin(code, { whole: all, joinedWith: fronts[whole - code] as Front });
    join(code);
    front.close();
    join(whole, (part, rest) => part === code || rest === code);
    yield (done += 1) / whole;
  }
  return all.members().map((member) => nameThings(fronts, whole, member, sorts));
}

/** How wide, how high and how thick a lot can become at most: all its things beside, above, or behind each other. */
function reachOf(sorts: readonly Sort[], counts: readonly number[]): Size {
  const sum = (largest: (size: Size) => number) =>
    sorts.reduce((all, { sizes }, sort) => all + (counts[sort] as number) * Math.max(...sizes.map(largest)), 0);
  return {
    widthMm: sum(({ widthMm }) => widthMm),
    heightMm: sum(({ heightMm }) => heightMm),
    thicknessMm: sum(({ thicknessMm }) => thicknessMm),
  };
}

/**
 * Every way to part a lot into two that are not empty: the codes of both, the part first that holds one of the lowest sort. Where both
 * hold one of it, each comes first once.
 */
function* splits(counts: readonly number[], bases: readonly number[]): Generator<[part: number, rest: number]> {
  const lowest = counts.findIndex((count) => count > 0);
  const whole = counts.reduce((sum, count, sort) => sum + count * (bases[sort] as number), 0);
  const taken = counts.map(() => 0);
  for (;;) {
    let sort = 0;
    while (sort < counts.length && taken[sort] === counts[sort]) taken[sort++] = 0;
    if (sort === counts.length) return;
    taken[sort] = (taken[sort] as number) + 1;
    const part = taken.reduce((sum, count, index) => sum + count * (bases[index] as number), 0);
    if (part < whole && (taken[lowest] as number) > 0) yield [part, whole - part];
  }
}

/** Gives every place in a lot the thing that lies there: those of one sort in their order. */
function nameThings(fronts: readonly Front[], code: number, member: number, sorts: readonly Sort[]): Lot {
  const next = sorts.map(() => 0);
  const name = (lot: number, index: number): Lot => {
    const { size, made } = (fronts[lot] as Front).member(index);
    if (!('sort' in made)) return joined(made.way, name(made.lesser, made.first), name(made.rest, made.second));
    const thing = sorts[made.sort]?.indexes[next[made.sort] as number] as number;
    next[made.sort] = (next[made.sort] as number) + 1;
    return { kind: 'thing', index: thing, ...size };
  };
  return name(code, member);
}
