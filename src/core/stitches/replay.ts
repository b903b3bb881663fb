import type { PatternRow, Step, Worked } from './step';

/** A place in a row that the next row can work into, in the order in which it was made. */
export type Cell =
  | { made: 'chain' }
  /** `from`: the place below that it was worked into, counted from 0 in the order of the row below as it was made. */
  | { made: 'stitch'; step: Worked; from: number };

export type RowFault =
  /** The repeat does not come out: so many stitches are over after its last full turn. */
  | { code: 'repeat-does-not-come-out'; over: number; repeatStitches: number }
  /** There are fewer stitches below than the row needs before and after its repeat. */
  | { code: 'too-few-stitches'; needs: number; has: number }
  /** A step goes into a chain space where there is a stitch, or the other way round. */
  | { code: 'no-space-here' | 'no-stitch-here'; at: number }
  /** The repeat takes no stitches, so it would never end. */
  | { code: 'repeat-takes-nothing' }
  /** It makes more or fewer places than a straight fabric has. */
  | { code: 'count-drifts'; from: number; to: number }
  /** There was no effort left to work it with. */
  | { code: 'too-much-to-work' };

/** How much may still be worked: a step in a place, or a place made, is one. It is used up by working rows. */
export interface Effort {
  left: number;
}

type RowResult = { ok: true; cells: Cell[]; repeats: number } | { ok: false; fault: RowFault };

interface WorkRowOptions {
  /** Whether the work was turned since the row below, so that it is met from its end. Default true. */
  turned?: boolean;
  /** The most places it may make. A row that makes more is a fault, found without making them. Default: any number. */
  most?: number;
  /** What may be spent on it. Default: as much as it takes. */
  effort?: Effort;
}

/** What a step takes from the row below, in places; a chain space is as many places as it has chains. */
const takesOf = (step: Step, spaceChains: number): number => {
  if ('chain' in step) return 0;
  if ('skip' in step) return step.skip;
  return step.into === 'space' ? step.times * spaceChains : step.times * step.over;
};

/**
 * Works a row over the row below, stitch by stitch, and gives its stitches or the first thing that does not fit.
 *
 * @param below the places of the row below, in the order in which it was made; for row 1 the foundation
 *
 * @example
 * workRow(everywhere(work('sc')), foundation(5)).ok // => true
 * workRow(everywhere({ ...work('sc'), each: 2 }), foundation(5), { most: 5 }) // => { ok: false, fault: { code: 'count-drifts', from: 5, to: 10 } }
 * workRow(everywhere(work('sc', 2)), foundation(5)) // => { ok: false, fault: { code: 'repeat-does-not-come-out', over: 1, repeatStitches: 2 } }
 */
export function workRow(row: PatternRow, below: readonly Cell[], options: WorkRowOptions = {}): RowResult {
  const { most = Infinity } = options;
  const has = below.length;
  const work = new RowInWork(below, options);
  const begun = work.takeAll(row.before);
  if (begun) return { ok: false, fault: begun };
  const endSpace = lastSpace(has, (place) => work.isChain(place));
  const afterTakes = sumOf(row.after, (step) => takesOf(step, endSpace));
  const repeatStitches = sumOf(row.repeat, (step) => takesOf(step, 1));
  if (row.repeat.length > 0 && repeatStitches === 0) return { ok: false, fault: { code: 'repeat-takes-nothing' } };
  const notComingOut = (from: number): RowResult => ({
    ok: false,
    fault: { code: 'repeat-does-not-come-out', over: has - from - afterTakes, repeatStitches },
  });
  let repeats = 0;
  while (row.repeat.length > 0 && has - work.at - afterTakes > 0) {
    const from = work.at;
    const fault = work.takeAll(row.repeat);
    if (fault?.code === 'too-few-stitches') return notComingOut(from);
    if (fault) return { ok: false, fault };
    repeats += 1;
    if (has - work.at < afterTakes) return notComingOut(from);
  }
  const ended = work.takeAll(row.after);
  if (ended) return { ok: false, fault: ended };
  const over = has - work.at;
  if (over > 0) return { ok: false, fault: { code: 'repeat-does-not-come-out', over, repeatStitches } };
  if (work.made > most) return { ok: false, fault: { code: 'count-drifts', from: has, to: work.made } };
  return { ok: true, cells: work.cells, repeats };
}

/**
 * A row while it is worked: what it has made, and how far over the row below it is. Rows of data are worked by `workRow`; whoever reads a row from words, where repeats
 * stand within repeats and end where they end, does its steps one by one.
 *
 * @example
 * new RowInWork(foundation(3)).take(work('sc', 4)) // => { code: 'too-few-stitches', needs: 4, has: 3 }
 */
export class RowInWork {
  readonly cells: Cell[] = [];
  /** Places made, whether they are still kept or not. */
  made = 0;
  /** The next place of the row below. */
  at = 0;
  private readonly turned: boolean;
  private readonly most: number;
  private readonly effort: Effort;

  constructor(
    private readonly below: readonly Cell[],
    { turned = true, most = Infinity, effort = { left: Infinity } }: WorkRowOptions = {},
  ) {
    this.turned = turned;
    this.most = most;
    this.effort = effort;
  }

  /** Does steps one after the other; answers the first thing that does not fit. */
  takeAll(steps: readonly Step[]): RowFault | null {
    for (const step of steps) {
      const fault = this.take(step);
      if (fault) return fault;
    }
    return null;
  }

  /** Places of the row below that are left. */
  get left(): number {
    return this.below.length - this.at;
  }

  /** Chain spaces among them: chains that lie beside one another are one. */
  get spacesLeft(): number {
    let spaces = 0;
    for (let place = this.at; place < this.below.length; place += 1)
      if (this.isChain(place) && (place === this.at || !this.isChain(place - 1))) spaces += 1;
    return spaces;
  }

  /** Works once more into the place that was worked into last, or into none: into a ring, or a turning chain. It takes nothing. */
  add(step: Worked, times: number): RowFault | null {
    if (this.effort.left < 0) return { code: 'too-much-to-work' };
    this.make(times * step.each, { made: 'stitch', step, from: this.indexOf(Math.max(0, this.at - 1)) });
    return null;
  }

  /** Whether a place of the row below is a chain. */
  isChain(place: number): boolean {
    return this.below[this.indexOf(place)]?.made === 'chain';
  }

  /** Where a place of the row below stands in the order in which it was made. */
  private indexOf(place: number): number {
    return this.turned ? this.below.length - 1 - place : place;
  }

  private make(count: number, cell: Cell): void {
    this.made += count;
    const kept = Math.min(this.made, this.most);
    this.effort.left -= Math.max(1, kept - this.cells.length);
    while (this.cells.length < kept) this.cells.push(cell);
  }

  private spaceAt(from: number): number {
    let chains = 0;
    while (from + chains < this.below.length && this.isChain(from + chains)) chains += 1;
    return chains;
  }

  /** Does one step; answers what does not fit. */
  take(step: Step): RowFault | null {
    const has = this.below.length;
    if (this.effort.left < 0) return { code: 'too-much-to-work' };
    this.effort.left -= 1;
    if ('chain' in step) {
      this.make(step.chain, { made: 'chain' });
      return null;
    }
    if ('skip' in step) {
      if (this.at + step.skip > has) return { code: 'too-few-stitches', needs: this.at + step.skip, has };
      this.at += step.skip;
      return null;
    }
    for (let time = 0; time < step.times; time += 1) {
      const { at } = this;
      const takes = step.into === 'space' ? this.spaceAt(at) : step.over;
      if (takes === 0) return { code: 'no-space-here', at: at + 1 };
      if (at + takes > has) return { code: 'too-few-stitches', needs: at + takes, has };
      if (step.into !== 'space' && step.into !== 'stitch' && this.isChain(at))
        return { code: 'no-stitch-here', at: at + 1 };
      this.make(step.each, { made: 'stitch', step, from: this.indexOf(at) });
      this.at += takes;
    }
    return null;
  }
}

/** Places to work row 1 into: chains, or the loops of a foundation. */
export const foundation = (stitchCount: number): Cell[] =>
  Array.from({ length: stitchCount }, (_, index) => ({
    made: 'stitch',
    step: { work: 'sc', into: 'stitch', times: 1, over: 1, each: 1 },
    from: index,
  }));

/** The chains of the last space of a row: what an end that works into a space would take. */
function lastSpace(places: number, isChain: (place: number) => boolean): number {
  let end = places - 1;
  while (end >= 0 && !isChain(end)) end -= 1;
  let chains = 0;
  while (end - chains >= 0 && isChain(end - chains)) chains += 1;
  return chains;
}

const sumOf = <T>(items: readonly T[], value: (item: T) => number): number =>
  items.reduce((sum, item) => sum + value(item), 0);
