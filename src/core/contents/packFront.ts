import { WAYS, type Size, type Way } from './packTree';

/** A lot larger than this fits no bag that is planned, mm. */
export interface Room {
  mostAcrossMm: number;
  mostThickMm: number;
}

/** The one use of a lot: to be joined with another into the whole. */
export interface OnlyFor {
  whole: Front;
  joinedWith: Front;
}

/** What a member of a front is made of: a thing of a sort, or two members of the fronts of lesser lots. */
type HowMade = { sort: number } | { way: Way; lesser: number; first: number; rest: number; second: number };

/** How a member was made, as a number: a thing, or a way by its place in `WAYS`, plus one. */
const THING = 0;
const BESIDE = 1;
const ABOVE = 2;
const BEHIND = 3;
/** A set of ways as bits. */
const bit = (way: number): number => 1 << way;

/** Members that a front has room for at first; it doubles as it fills. */
const FIRST_ROOM = 32;
/** With no more members than this they are looked through one by one. */
const MANY = 20;
/** Members in a block of a front that is closed. */
const BLOCK = 8;

/** Into so many steps heights and thicknesses are parted, to tell at once of most sizes that they are bettered. */
const STEPS = 64;
const STRIDE = STEPS + 1;

/** Finer steps of width, height and thickness, so that all three of a size go into one number, with a free bit above each. */
const FINE_STEPS = 511;
const FINE_BITS = 10;
/** The free bits. */
const FREE = (1 << (FINE_BITS - 1)) | (1 << (2 * FINE_BITS - 1)) | (1 << (3 * FINE_BITS - 1));

/** What a front knows of its members by steps of height and thickness, to tell of most sizes that they are bettered. */
interface Table {
  /** The least width of a member that is no higher and no thicker. Never more than the one for a lesser step. */
  least: Float64Array;
  /** The member that last bettered a size of these steps, or was the last to come in there; -1 before there is one. */
  witness: Int32Array;
}

/**
 * The sizes of one lot that no other betters in every direction. They lie in lists of plain numbers, width, height and thickness of
 * each behind one another, since millions are compared.
 */
export class Front {
  /** How many members there are; `order` says where they are in the lists, those that better most often first. */
  size = 0;
  private order = new Int32Array(FIRST_ROOM);
  /** The members in that order, each as one number: most can be told from it alone neither to better a size nor to be bettered by it. */
  private inSteps = new Int32Array(FIRST_ROOM);
  /** How many places of the lists are taken: by members, and by those that were bettered since. */
  private taken = 0;
  /** For the whole, what counts is the bag it needs: its thickness across and half of it up are added to these. */
  private sizes = new Float64Array(3 * FIRST_ROOM);
  private how = new Uint8Array(FIRST_ROOM);
  /** Of a thing its sort; of a joined lot the two members, and the lots they are of. */
  private parts = new Int32Array(4 * FIRST_ROOM);
  /** Made once there are many members, and needed only while others are still offered. */
  private table: Table | null = null;
  /** Of every block of members of a closed front, and of all, the least width, height and thickness. */
  private corners = new Float64Array(0);
  private readonly corner: [wide: number, high: number, thick: number] = [Infinity, Infinity, Infinity];
  private readonly stepsPerHeight: number;
  private readonly stepsPerThickness: number;
  private readonly fineStepsPerWidth: number;
  private readonly fineStepsPerHeight: number;
  private readonly fineStepsPerThickness: number;
  private readonly mostAcrossMm: number;
  private readonly mostThickMm: number;

  /**
   * @param skew 1 for the lot of everything: what counts then is the bag it needs, and a flat bag needs its thickness across and half
   * of it up besides; 0 for a lesser lot, whose neighbours are not known yet
   * @param reach how wide, high and thick the lot can become, mm
   * @param onlyFor where the lot has one use only: what can't serve that is not kept
   */
  constructor(
    room: Room,
    private readonly skew: 0 | 1,
    reach: Size,
    private readonly onlyFor: OnlyFor | null,
  ) {
    this.mostAcrossMm = room.mostAcrossMm;
    this.mostThickMm = room.mostThickMm;
    const thicknessMm = Math.min(reach.thicknessMm, room.mostThickMm);
    this.stepsPerThickness = STEPS / thicknessMm;
    const high = Math.min(reach.heightMm, room.mostAcrossMm) + (skew * thicknessMm) / 2;
    const wide = Math.min(reach.widthMm, room.mostAcrossMm) + skew * thicknessMm;
    this.stepsPerHeight = STEPS / high;
    this.fineStepsPerWidth = FINE_STEPS / wide;
    this.fineStepsPerHeight = FINE_STEPS / high;
    this.fineStepsPerThickness = FINE_STEPS / thicknessMm;
  }

  /** Says that nothing more will be offered: the members are put in order, in blocks whose least sizes are noted. */
  close(): void {
    const { sizes, how, parts, size } = this;
    const order = this.order
      .slice(0, size)
      .sort(
        (a, b) =>
          (sizes[3 * a + 2] as number) - (sizes[3 * b + 2] as number) ||
          (sizes[3 * a] as number) - (sizes[3 * b] as number),
      );
    this.sizes = new Float64Array(3 * size);
    this.how = new Uint8Array(size);
    this.parts = new Int32Array(4 * size);
    for (let at = 0; at < size; at += 1) {
      const member = order[at] as number;
      for (let part = 0; part < 3; part += 1) this.sizes[3 * at + part] = sizes[3 * member + part] as number;
      for (let part = 0; part < 4; part += 1) this.parts[4 * at + part] = parts[4 * member + part] as number;
      this.how[at] = how[member] as number;
      order[at] = at;
    }
    this.order = order;
    this.table = null;
    this.corners = new Float64Array(3 * Math.ceil(this.size / BLOCK)).fill(Infinity);
    for (let at = 0; at < 3 * size; at += 1) {
      const measure = this.sizes[at] as number;
      const direction = at % 3;
      const so = 3 * Math.floor(at / (3 * BLOCK)) + direction;
      if (measure < (this.corners[so] as number)) this.corners[so] = measure;
      if (measure < (this.corner[direction] as number)) this.corner[direction] = measure;
    }
  }

  /** The places of all members. */
  members(): number[] {
    return Array.from(this.order.subarray(0, this.size));
  }

  /** A member by its place in the lists. */
  member(index: number): { size: Size; made: HowMade } {
    const [wide, high, thicknessMm] = this.sizes.subarray(3 * index, 3 * index + 3) as unknown as Three;
    const size = {
      widthMm: wide - this.skew * thicknessMm,
      heightMm: high - (this.skew * thicknessMm) / 2,
      thicknessMm,
    };
    const [lesser, first, rest, second] = this.parts.subarray(4 * index, 4 * index + 4) as unknown as Four;
    const way = WAYS[(this.how[index] as number) - 1];
    return { size, made: way === undefined ? { sort: lesser } : { way, lesser, first, rest, second } };
  }

  addThing(sort: number, sizes: readonly Size[]): void {
    for (const { widthMm, heightMm, thicknessMm } of sizes)
      if (this.isWorthwhile(widthMm, heightMm, thicknessMm))
        this.offer(widthMm, heightMm, thicknessMm, THING, sort, 0, 0, 0);
  }

  /**
   * Joins every member of one closed lot with every member of another in each way, and keeps what is not bettered. Three and more lots in
   * one row are met once only: the first of them is none that lies in the same way already.
   */
  addJoined(a: Front, b: Front, lesser: number, rest: number): void {
    const ac = a.corners;
    const bc = b.corners;
    for (let one = 0; one < ac.length; one += 3)
      for (let two = 0; two < bc.length; two += 3) {
        const ways = this.waysWorthwhile(
          ac[one] as number,
          ac[one + 1] as number,
          ac[one + 2] as number,
          bc[two] as number,
          bc[two + 1] as number,
          bc[two + 2] as number,
        );
        if (ways !== 0) this.addBlocks(a, (one / 3) * BLOCK, b, (two / 3) * BLOCK, ways, lesser, rest);
      }
  }

  /** Joins the members of two blocks, in those ways that are bits of `ways`. */
  private addBlocks(
    a: Front,
    fromA: number,
    b: Front,
    fromB: number,
    ways: number,
    lesser: number,
    rest: number,
  ): void {
    const toA = Math.min(fromA + BLOCK, a.size);
    const toB = Math.min(fromB + BLOCK, b.size);
    for (let one = fromA; one < toA; one += 1) {
      const w1 = a.sizes[3 * one] as number;
      const h1 = a.sizes[3 * one + 1] as number;
      const t1 = a.sizes[3 * one + 2] as number;
      const here = ways & ~bit(a.how[one] as number);
      const beside = (here & bit(BESIDE)) !== 0;
      const above = (here & bit(ABOVE)) !== 0;
      const behind = (here & bit(BEHIND)) !== 0;
      for (let two = fromB; two < toB; two += 1) {
        const w2 = b.sizes[3 * two] as number;
        const h2 = b.sizes[3 * two + 1] as number;
        const t2 = b.sizes[3 * two + 2] as number;
        const w = w1 > w2 ? w1 : w2;
        const h = h1 > h2 ? h1 : h2;
        const t = t1 > t2 ? t1 : t2;
        if (beside && this.isWorthwhile(w1 + w2, h, t)) this.offer(w1 + w2, h, t, BESIDE, lesser, one, rest, two);
        if (above && this.isWorthwhile(w, h1 + h2, t)) this.offer(w, h1 + h2, t, ABOVE, lesser, one, rest, two);
        if (behind && this.isWorthwhile(w, h, t1 + t2)) this.offer(w, h, t1 + t2, BEHIND, lesser, one, rest, two);
      }
    }
  }

  /** The ways in which two sizes may be joined here, as bits: all but those of which it can be told at once that they are bettered. */
  private waysWorthwhile(w1: number, h1: number, t1: number, w2: number, h2: number, t2: number): number {
    const w = w1 > w2 ? w1 : w2;
    const h = h1 > h2 ? h1 : h2;
    const t = t1 > t2 ? t1 : t2;
    return (
      (this.isWorthwhile(w1 + w2, h, t) ? bit(BESIDE) : 0) |
      (this.isWorthwhile(w, h1 + h2, t) ? bit(ABOVE) : 0) |
      (this.isWorthwhile(w, h, t1 + t2) ? bit(BEHIND) : 0)
    );
  }

  /** Whether a size fits the room and can't be told at once to be bettered. */
  private isWorthwhile(widthMm: number, heightMm: number, thick: number): boolean {
    const across = widthMm + thick;
    const up = heightMm + thick / 2;
    if (across > this.mostAcrossMm || up > this.mostAcrossMm || thick > this.mostThickMm) return false;
    if (this.table === null) return true;
    const place = this.placeOf(this.skew === 1 ? up : heightMm, thick);
    return (this.table.least[place] as number) > (this.skew === 1 ? across : widthMm);
  }

  /** Whether a size, joined with the least of the other lot in any way, can still be a member of the whole. */
  private isOfUse(widthMm: number, heightMm: number, thick: number, { whole, joinedWith }: OnlyFor): boolean {
    const [wide, high, deep] = joinedWith.corner;
    return whole.waysWorthwhile(widthMm, heightMm, thick, wide, high, deep) !== 0;
  }

  /** The place in the table of a height and a thickness, as they count here. */
  private placeOf(high: number, thick: number): number {
    const upSteps = (high * this.stepsPerHeight) | 0;
    const thickSteps = (thick * this.stepsPerThickness) | 0;
    return (upSteps > STEPS ? STEPS : upSteps) * STRIDE + (thickSteps > STEPS ? STEPS : thickSteps);
  }

  /** Takes a worthwhile size in, if no member is as small in every direction; those it betters go. */
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
    if (this.onlyFor !== null && !this.isOfUse(widthMm, heightMm, thick, this.onlyFor)) return;
    const wide = this.skew === 1 ? widthMm + thick : widthMm;
    const high = this.skew === 1 ? heightMm + thick / 2 : heightMm;
    const { table, sizes } = this;
    const place = table === null ? 0 : this.placeOf(high, thick);
    if (table !== null) {
      // It may have been bettered itself since: what betters it betters this size too.
      const at = 3 * (table.witness[place] as number);
      if (
        at >= 0 &&
        (sizes[at] as number) <= wide &&
        (sizes[at + 1] as number) <= high &&
        (sizes[at + 2] as number) <= thick
      )
        return;
    }
    const better = this.betterThan(wide, high, thick);
    if (table !== null) table.witness[place] = better < 0 ? this.taken : better;
    if (better >= 0) return;
    this.put(wide, high, thick, how);
    this.parts.set([lesser, first, rest, second], 4 * (this.taken - 1));
  }

  /**
   * A member that is as small in every direction, or -1; then those that the size betters are gone. A member that is comes up
   * sooner the next time. Once one is met that is bettered by the size, none can be that betters it.
   */
  private betterThan(wide: number, high: number, thick: number): number {
    const { sizes, order, inSteps, size } = this;
    const steps = this.stepsOf(wide, high, thick);
    let kept = 0;
    for (let at = 0; at < size; at += 1) {
      const member = order[at] as number;
      const its = inSteps[at] as number;
      // A free bit stays where the number below it is no less: all three at once.
      if ((((steps | FREE) - its) & FREE) === FREE) {
        const betters =
          (sizes[3 * member] as number) <= wide &&
          (sizes[3 * member + 1] as number) <= high &&
          (sizes[3 * member + 2] as number) <= thick;
        if (betters) {
          const sooner = at >> 1;
          order[at] = order[sooner] as number;
          inSteps[at] = inSteps[sooner] as number;
          order[sooner] = member;
          inSteps[sooner] = its;
          return member;
        }
      }
      if ((((its | FREE) - steps) & FREE) === FREE) {
        const isBettered =
          (sizes[3 * member] as number) >= wide &&
          (sizes[3 * member + 1] as number) >= high &&
          (sizes[3 * member + 2] as number) >= thick;
        if (isBettered) continue;
      }
      if (kept < at) {
        order[kept] = member;
        inSteps[kept] = its;
      }
      kept += 1;
    }
    this.size = kept;
    return -1;
  }

  /** A size as one number. */
  private stepsOf(wide: number, high: number, thick: number): number {
    const across = (wide * this.fineStepsPerWidth) | 0;
    const up = (high * this.fineStepsPerHeight) | 0;
    const through = (thick * this.fineStepsPerThickness) | 0;
    return (
      ((across > FINE_STEPS ? FINE_STEPS : across) << (2 * FINE_BITS)) |
      ((up > FINE_STEPS ? FINE_STEPS : up) << FINE_BITS) |
      (through > FINE_STEPS ? FINE_STEPS : through)
    );
  }

  private put(wide: number, high: number, thick: number, how: number): void {
    if (this.taken === this.how.length) this.makeRoom();
    const member = this.taken;
    this.taken += 1;
    this.sizes[3 * member] = wide;
    this.sizes[3 * member + 1] = high;
    this.sizes[3 * member + 2] = thick;
    this.how[member] = how;
    this.order[this.size] = member;
    this.inSteps[this.size] = this.stepsOf(wide, high, thick);
    this.size += 1;
    if (this.table !== null) this.noteLeast(this.table.least, wide, high, thick);
    else if (this.size > MANY) this.noteAll();
  }

  private noteAll(): void {
    const least = new Float64Array(STRIDE * STRIDE).fill(Infinity);
    this.table = { least, witness: new Int32Array(STRIDE * STRIDE).fill(-1) };
    for (const member of this.members())
      this.noteLeast(least, ...(this.sizes.subarray(3 * member, 3 * member + 3) as unknown as Three));
  }

  private makeRoom(): void {
    const doubled = <T extends Float64Array | Uint8Array | Int32Array>(list: T, larger: T): T => {
      larger.set(list);
      return larger;
    };
    const room = 2 * this.taken;
    this.sizes = doubled(this.sizes, new Float64Array(3 * room));
    this.how = doubled(this.how, new Uint8Array(room));
    this.order = doubled(this.order, new Int32Array(room));
    this.inSteps = doubled(this.inSteps, new Int32Array(room));
    this.parts = doubled(this.parts, new Int32Array(4 * room));
  }

  /** Lowers the least widths that a new member betters. They never rise with the steps, so the first that is low enough ends it. */
  private noteLeast(least: Float64Array, wide: number, high: number, thick: number): void {
    const fromStep = Math.ceil(thick * this.stepsPerThickness);
    for (let up = Math.ceil(high * this.stepsPerHeight); up <= STEPS; up += 1) {
      const row = up * STRIDE;
      if (fromStep > STEPS || (least[row + fromStep] as number) <= wide) return;
      for (let step = fromStep; step <= STEPS && (least[row + step] as number) > wide; step += 1)
        least[row + step] = wide;
    }
  }
}

type Three = [number, number, number];
type Four = [number, number, number, number];
