import { WAYS, joined, turnedSizes, type Lot, type Size, type Box, type Way } from './packTree';

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
    const front = new Front(room, code === total - 1 ? 1 : 0, reachOf(sorts, counts));
    if (counts.reduce((sum, count) => sum + count, 0) === 1)
      front.addThing(counts.indexOf(1), sorts[counts.indexOf(1)]?.sizes ?? []);
    const lowest = counts.findIndex((count) => count > 0);
    for (const [part, rest] of splits(counts, bases, lowest))
      front.addJoined(fronts[part] as Front, fronts[rest] as Front, part, rest);
    front.close();
    fronts[code] = front;
    yield code / (total - 1);
  }
  const whole = fronts[total - 1];
  if (!whole) return [];
  return Array.from(whole.order.subarray(0, whole.size), (member) => nameThings(fronts, total - 1, member, sorts));
}

/** How high and how thick a lot can become at most: all its things above, or behind, each other. */
function reachOf(sorts: readonly Sort[], counts: readonly number[]): { heightMm: number; thicknessMm: number } {
  const sum = (largest: (size: Size) => number) =>
    sorts.reduce((all, { sizes }, sort) => all + (counts[sort] as number) * Math.max(...sizes.map(largest)), 0);
  return { heightMm: sum(({ heightMm }) => heightMm), thicknessMm: sum(({ thicknessMm }) => thicknessMm) };
}

/** What a member of a front is made of: a thing of a sort, or two members of the fronts of lesser lots. */
type Made = { sort: number } | { way: Way; lesser: number; first: number; rest: number; second: number };

/** How a member was made, as a number: a thing, or a way by its place in `WAYS`, plus one. */
const THING = 0;

/** Members that a front has room for at first; it doubles as it fills. */
const FIRST_ROOM = 32;

/** Into so many steps heights and thicknesses are parted, to tell at once of most sizes that they are bettered. */
const STEPS = 96;
const STRIDE = STEPS + 1;
/** With no more members than this they are looked through one by one. */
const MANY = 20;
const NOTHING = new Float64Array(0);

/**
 * The sizes of one lot that no other betters in every direction. They lie in lists of plain numbers, one for each direction,
 * since millions are compared.
 */
class Front {
  /** How many members there are; `order` says where they are in the lists, those that better most often first. */
  size = 0;
  order = new Int32Array(FIRST_ROOM);
  /** How many places of the lists are taken: by members, and by those that were bettered since. */
  private taken = 0;
  /** For the whole, what counts is the bag it needs: its thickness across and half of it up are added to these. */
  private w = new Float64Array(FIRST_ROOM);
  private h = new Float64Array(FIRST_ROOM);
  private t = new Float64Array(FIRST_ROOM);
  private how = new Uint8Array(FIRST_ROOM);
  /** Of a thing its sort; of a joined lot the two members, and the lots they are of. */
  private parts = new Int32Array(FIRST_ROOM * 4);
  /**
   * For every step of height and of thickness, the least width of a member that is no higher and no thicker. Never more than the
   * one for a lesser step. Made once there are many members, and needed only while others are still offered.
   */
  private least = NOTHING;
  private readonly stepsPerHeight: number;
  private readonly stepsPerThickness: number;
  private readonly mostAcrossMm: number;
  private readonly mostThickMm: number;

  /**
   * @param skew 1 for the lot of everything: what counts then is the bag it needs, and a flat bag needs its thickness across and half
   * of it up besides; 0 for a lesser lot, whose neighbours are not known yet
   * @param reach how high and thick the lot can become, mm
   */
  constructor(
    room: Room,
    private readonly skew: 0 | 1,
    reach: { heightMm: number; thicknessMm: number },
  ) {
    this.mostAcrossMm = room.mostAcrossMm;
    this.mostThickMm = room.mostThickMm;
    const thicknessMm = Math.min(reach.thicknessMm, room.mostThickMm);
    this.stepsPerThickness = STEPS / thicknessMm;
    this.stepsPerHeight = STEPS / (Math.min(reach.heightMm, room.mostAcrossMm) + (skew * thicknessMm) / 2);
  }

  /** Says that nothing more will be offered. */
  close(): void {
    this.least = NOTHING;
  }

  /** A member by its place in the lists. */
  member(index: number): { size: Size; made: Made } {
    const thicknessMm = this.t[index] as number;
    const widthMm = (this.w[index] as number) - this.skew * thicknessMm;
    const heightMm = (this.h[index] as number) - (this.skew * thicknessMm) / 2;
    const [lesser, first, rest, second] = this.parts.subarray(4 * index, 4 * index + 4) as unknown as Four;
    const way = WAYS[(this.how[index] as number) - 1];
    const made: Made = way === undefined ? { sort: lesser } : { way, lesser, first, rest, second };
    return { size: { widthMm, heightMm, thicknessMm }, made };
  }

  addThing(sort: number, sizes: readonly Size[]): void {
    for (const { widthMm, heightMm, thicknessMm } of sizes)
      this.offer(widthMm, heightMm, thicknessMm, THING, sort, 0, 0, 0);
  }

  /**
   * Joins every member of one lot with every member of another in each way, and keeps what is not bettered. Three and more lots in
   * one row are met once only: the first of them is none that lies in the same way already.
   */
  addJoined(a: Front, b: Front, lesser: number, rest: number): void {
    const { w: aw, h: ah, t: at, how } = a;
    const { w: bw, h: bh, t: bt } = b;
    for (let one = 0; one < a.size; one += 1) {
      const first = a.order[one] as number;
      const w1 = aw[first] as number;
      const h1 = ah[first] as number;
      const t1 = at[first] as number;
      const way = how[first] as number;
      for (let two = 0; two < b.size; two += 1) {
        const second = b.order[two] as number;
        const w2 = bw[second] as number;
        const h2 = bh[second] as number;
        const t2 = bt[second] as number;
        const w = w1 > w2 ? w1 : w2;
        const h = h1 > h2 ? h1 : h2;
        const t = t1 > t2 ? t1 : t2;
        if (way !== 1) this.offer(w1 + w2, h, t, 1, lesser, first, rest, second);
        if (way !== 2) this.offer(w, h1 + h2, t, 2, lesser, first, rest, second);
        if (way !== 3) this.offer(w, h, t1 + t2, 3, lesser, first, rest, second);
      }
    }
  }

  /** Takes a size in, if it fits the room and no member is as small in every direction; those it betters go. */
  private offer(
    widthMm: number,
    heightMm: number,
    thick: number,
    how: number,
    lesser: number,
    first: number,
    rest: number,
    second: number,
  ): void {
    const across = widthMm + thick;
    const up = heightMm + thick / 2;
    if (across > this.mostAcrossMm || up > this.mostAcrossMm || thick > this.mostThickMm) return;
    const wide = this.skew === 1 ? across : widthMm;
    const high = this.skew === 1 ? up : heightMm;
    const upSteps = (high * this.stepsPerHeight) | 0;
    const thickSteps = (thick * this.stepsPerThickness) | 0;
    const { least } = this;
    const place = (upSteps > STEPS ? STEPS : upSteps) * STRIDE + (thickSteps > STEPS ? STEPS : thickSteps);
    if (least.length > 0 && (least[place] as number) <= wide) return;
    if (this.isBettered(wide, high, thick)) return;
    this.dropBettered(wide, high, thick);
    this.put(wide, high, thick, how);
    this.parts.set([lesser, first, rest, second], 4 * (this.taken - 1));
  }

  /** Whether a member is as small in every direction. One that is comes up sooner the next time. */
  private isBettered(wide: number, high: number, thick: number): boolean {
    const { w, h, t, order, size } = this;
    for (let at = 0; at < size; at += 1) {
      const member = order[at] as number;
      if ((w[member] as number) > wide || (h[member] as number) > high || (t[member] as number) > thick) continue;
      const sooner = at >> 1;
      order[at] = order[sooner] as number;
      order[sooner] = member;
      return true;
    }
    return false;
  }

  private dropBettered(wide: number, high: number, thick: number): void {
    const { w, h, t, order } = this;
    let kept = 0;
    for (let at = 0; at < this.size; at += 1) {
      const member = order[at] as number;
      if ((w[member] as number) >= wide && (h[member] as number) >= high && (t[member] as number) >= thick) continue;
      order[kept] = member;
      kept += 1;
    }
    this.size = kept;
  }

  private put(wide: number, high: number, thick: number, how: number): void {
    if (this.taken === this.w.length) this.makeRoom();
    const member = this.taken;
    this.taken += 1;
    this.w[member] = wide;
    this.h[member] = high;
    this.t[member] = thick;
    this.how[member] = how;
    this.order[this.size] = member;
    this.size += 1;
    if (this.least.length > 0) this.noteLeast(wide, high, thick);
    else if (this.size > MANY) this.noteAll();
  }

  private noteAll(): void {
    this.least = new Float64Array(STRIDE * STRIDE).fill(Infinity);
    for (let at = 0; at < this.size; at += 1) {
      const member = this.order[at] as number;
      this.noteLeast(this.w[member] as number, this.h[member] as number, this.t[member] as number);
    }
  }

  private makeRoom(): void {
    const doubled = <T extends Float64Array | Uint8Array | Int32Array>(list: T, larger: T): T => {
      larger.set(list);
      return larger;
    };
    const room = 2 * this.taken;
    this.w = doubled(this.w, new Float64Array(room));
    this.h = doubled(this.h, new Float64Array(room));
    this.t = doubled(this.t, new Float64Array(room));
    this.how = doubled(this.how, new Uint8Array(room));
    this.order = doubled(this.order, new Int32Array(room));
    this.parts = doubled(this.parts, new Int32Array(4 * room));
  }

  /** Lowers the least widths that a new member betters. They never rise with the steps, so the first that is low enough ends it. */
  private noteLeast(wide: number, high: number, thick: number): void {
    const { least } = this;
    const fromStep = Math.ceil(thick * this.stepsPerThickness);
    for (let up = Math.ceil(high * this.stepsPerHeight); up <= STEPS; up += 1) {
      const row = up * STRIDE;
      if (fromStep > STEPS || (least[row + fromStep] as number) <= wide) return;
      for (let step = fromStep; step <= STEPS && (least[row + step] as number) > wide; step += 1)
        least[row + step] = wide;
    }
  }
}

type Four = [number, number, number, number];

/**
 * Every way to part a lot into two that are not empty: the codes of both, the part first that holds one of the lowest sort. Where both
 * hold one of it, each comes first once.
 */
function* splits(
  counts: readonly number[],
  bases: readonly number[],
  lowest: number,
): Generator<[part: number, rest: number]> {
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
