import { joined, turnedSizes, type Lot, type Size, type Box, type Way } from './packTree';

/** A lot larger than this fits no bag that is planned, mm. */
export interface Room {
  mostAcrossMm: number;
  mostThickMm: number;
}

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
  const total = lotCount(things);
  const fronts: Front[] = [];
  for (let code = 1; code < total; code += 1) {
    const counts = sorts.map(({ indexes }, sort) => Math.floor(code / (bases[sort] as number)) % (indexes.length + 1));
    const front = new Front(room, code === total - 1 ? 1 : 0);
    if (counts.reduce((sum, count) => sum + count, 0) === 1)
      front.addThing(counts.indexOf(1), sorts[counts.indexOf(1)]?.sizes ?? []);
    for (const [lesser, rest] of splits(counts, bases))
      front.addJoined(fronts[lesser] as Front, fronts[rest] as Front, lesser, rest);
    fronts[code] = front;
    yield code / (total - 1);
  }
  const whole = fronts[total - 1];
  if (!whole) return [];
  return Array.from({ length: whole.size }, (_, member) => nameThings(fronts, total - 1, member, sorts));
}

/** What a member of a front is made of: a thing of a sort, or two members of the fronts of lesser lots. */
type Made = { sort: number } | { way: Way; lesser: number; first: number; rest: number; second: number };

/** How many numbers stand for a member in `Front.numbers`. */
const WIDE = 3;

/**
 * The sizes of one lot that no other betters in every direction. They lie flat in one list of numbers, width, height, thickness
 * and again, since millions are compared.
 */
class Front {
  private numbers: number[] = [];
  private made: Made[] = [];

  /**
   * @param skew 1 for the lot of everything: what counts then is the bag it needs, and a flat bag needs its thickness across and half
   * of it up besides; 0 for a lesser lot, whose neighbours are not known yet
   */
  constructor(
    private readonly room: Room,
    private readonly skew: 0 | 1,
  ) {}

  get size(): number {
    return this.made.length;
  }

  member(index: number): { size: Size; made: Made } {
    const [across, up, thicknessMm] = this.numbers.slice(index * WIDE) as [number, number, number];
    const widthMm = across - this.skew * thicknessMm;
    const heightMm = up - (this.skew * thicknessMm) / 2;
    return { size: { widthMm, heightMm, thicknessMm }, made: this.made[index] as Made };
  }

  addThing(sort: number, sizes: readonly Size[]): void {
    for (const { widthMm, heightMm, thicknessMm } of sizes)
      if (this.isOpen(widthMm, heightMm, thicknessMm)) this.put(widthMm, heightMm, thicknessMm, { sort });
  }

  /** Joins every member of one lot with every member of another in each way, and keeps what is not bettered. */
  addJoined(a: Front, b: Front, lesser: number, rest: number): void {
    for (let first = 0, one = 0; one < a.numbers.length; first += 1, one += WIDE) {
      const w1 = a.numbers[one] as number;
      const h1 = a.numbers[one + 1] as number;
      const t1 = a.numbers[one + 2] as number;
      for (let second = 0, two = 0; two < b.numbers.length; second += 1, two += WIDE) {
        const w2 = b.numbers[two] as number;
        const h2 = b.numbers[two + 1] as number;
        const t2 = b.numbers[two + 2] as number;
        const w = w1 > w2 ? w1 : w2;
        const h = h1 > h2 ? h1 : h2;
        const t = t1 > t2 ? t1 : t2;
        if (this.isOpen(w1 + w2, h, t)) this.put(w1 + w2, h, t, { way: 'beside', lesser, first, rest, second });
        if (this.isOpen(w, h1 + h2, t)) this.put(w, h1 + h2, t, { way: 'above', lesser, first, rest, second });
        if (this.isOpen(w, h, t1 + t2)) this.put(w, h, t1 + t2, { way: 'behind', lesser, first, rest, second });
      }
    }
  }

  /** Whether a size fits the room and no member is as small in every direction. What betters often is looked at first. */
  private isOpen(widthMm: number, heightMm: number, t: number): boolean {
    const { mostAcrossMm, mostThickMm } = this.room;
    if (widthMm + t > mostAcrossMm || heightMm + t / 2 > mostAcrossMm || t > mostThickMm) return false;
    const { numbers, skew } = this;
    const w = widthMm + skew * t;
    const h = heightMm + (skew * t) / 2;
    for (let at = 0; at < numbers.length; at += WIDE)
      if ((numbers[at] as number) <= w && (numbers[at + 1] as number) <= h && (numbers[at + 2] as number) <= t) {
        if (at > 0) this.swap(at / WIDE, (at / WIDE) >> 1);
        return false;
      }
    return true;
  }

  private swap(a: number, b: number): void {
    const { numbers, made } = this;
    for (let part = 0; part < WIDE; part += 1) {
      const number = numbers[a * WIDE + part] as number;
      numbers[a * WIDE + part] = numbers[b * WIDE + part] as number;
      numbers[b * WIDE + part] = number;
    }
    const one = made[a] as Made;
    made[a] = made[b] as Made;
    made[b] = one;
  }

  private put(widthMm: number, heightMm: number, t: number, made: Made): void {
    const { numbers, skew } = this;
    const w = widthMm + skew * t;
    const h = heightMm + (skew * t) / 2;
    let kept = 0;
    for (let index = 0, at = 0; at < numbers.length; index += 1, at += WIDE) {
      if (w <= (numbers[at] as number) && h <= (numbers[at + 1] as number) && t <= (numbers[at + 2] as number))
        continue;
      if (kept !== index) this.swap(kept, index);
      kept += 1;
    }
    numbers.length = kept * WIDE;
    this.made.length = kept;
    numbers.push(w, h, t);
    this.made.push(made);
  }
}

/** Every way to part a lot into two that are not empty, each once: the codes of both. */
function* splits(counts: readonly number[], bases: readonly number[]): Generator<[number, number]> {
  const whole = counts.reduce((sum, count, sort) => sum + count * (bases[sort] as number), 0);
  const taken = counts.map(() => 0);
  for (;;) {
    let sort = 0;
    while (sort < counts.length && taken[sort] === counts[sort]) taken[sort++] = 0;
    if (sort === counts.length) return;
    taken[sort] = (taken[sort] as number) + 1;
    const part = taken.reduce((sum, count, index) => sum + count * (bases[index] as number), 0);
    if (part * 2 <= whole) yield [part, whole - part];
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
