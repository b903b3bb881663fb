import { RowInWork, type Cell, type Effort, type RowFault, type Worked } from '@/core/stitches';
import type { Instruction, InstructionOf, Place, StitchWord, TextSpan } from './instruction';
import { stepOfWord } from './stepOfWord';
import { needsSpace, spacesTaken, takenByAll } from './takenBy';
import { countedAs, type Below, type OwnWords, type Readings, type WorkTrouble, type WorkedRow } from './workedRow';

/**
 * Works a row from its words, over what lies below: the first thing that can't be done ends it.
 */
export function workWords(
  items: readonly Instruction[],
  below: Below,
  readings: Readings,
  own: OwnWords,
  effort: Effort,
): WorkedRow {
  const hand = new Hand(below, readings, own, effort);
  hand.row(items);
  return hand.ended(items);
}

class Stop extends Error {
  constructor(readonly trouble: WorkTrouble) {
    super(trouble.code);
  }
}

class Hand {
  private work: RowInWork;
  private earlier: Cell[] = [];
  private names: string[] = [];
  private counted = 0;
  private last: { stitch: StitchWord; each: number } = { stitch: { word: 'sc', over: 1 }, each: 1 };
  private trouble: WorkTrouble | null = null;
  private turned = false;
  private joined: TextSpan | null = null;
  private isOff = false;
  private lead: Below['lead'] = null;
  private readonly open = new Set<keyof Readings>();
  private isFoundation = false;
  private leaves: number | null | undefined = undefined;
  private isOtherSide = false;
  private intoSpaces = false;
  private leadTook = false;
  private hookSkipped = 0;
  private chainLength = 0;
  private isRing: boolean;
  private isChain: boolean;
  private isUnknown: boolean;

  constructor(
    private readonly below: Below,
    private readonly readings: Readings,
    private readonly own: OwnWords,
    private readonly effort: Effort,
  ) {
    this.isRing = below.is === 'ring';
    this.isChain = below.is === 'chain';
    this.isUnknown = below.cells === null && !this.isRing;
    this.chainLength = below.cells?.length ?? 0;
    this.work = new RowInWork(below.cells ?? [], { turned: below.turned, effort });
  }

  row(items: readonly Instruction[]): void {
    try {
      this.all(this.begun(items), true);
    } catch (stopped) {
      if (!(stopped instanceof Stop)) throw stopped;
      this.trouble = stopped.trouble;
    }
  }

  /** What the row begins with: the yarn carried in, a chain, and what that stands for. */
  private begun(items: readonly Instruction[]): readonly Instruction[] {
    let rest = items.filter(({ do: what }) => what !== 'note' && what !== 'loop');
    while (rest[0]?.do === 'turn' && rest.length > 1) {
      this.turned = false;
      rest = rest.slice(1);
    }
    const [first, second] = rest;
    // Slip stitches before a chain only carry the yarn.
    if (
      first?.do === 'work' &&
      first.stitch.word === 'slst' &&
      second?.do === 'chain' &&
      first.place.which === 'next' &&
      !this.isChain
    ) {
      this.carry(first);
      rest = rest.slice(1);
    }
    const chain = rest[0];
    if (chain?.do !== 'chain') {
      if (this.below.lead) this.stand(this.below.lead.count, this.below.lead.stands, this.below.lead.with, rest[0]);
      return rest;
    }
    const next = rest[1];
    const isHook = (next?.do === 'work' && next.place.which === 'from-hook') || next?.do === 'begin-in';
    if (isHook) {
      // A chain to begin with, or one that widens the row: it comes before what lies below.
      const fresh = Array.from({ length: Math.min(chain.count, 5000) }, (): Cell => ({ made: 'chain' }));
      const met = this.below.turned ? [...(this.below.cells ?? []), ...fresh] : [...fresh, ...(this.below.cells ?? [])];
      this.isUnknown = false;
      this.isChain = true;
      this.isFoundation = this.below.cells === null || this.below.cells.length === 0;
      this.chainLength = met.length;
      this.work = new RowInWork(met, { turned: this.below.turned, effort: this.effort });
      return rest.slice(1);
    }
    if (next?.do === 'stands') {
      this.stand(chain.count, next.counts, next.with, rest[2]);
      return rest.slice(2);
    }
    // A chain alone is one to begin with, or the way to a ring.
    if (next === undefined || next.do === 'join' || next.do === 'ring') {
      this.isFoundation = true;
      return next === undefined ? rest : rest.slice(0, 1);
    }
    if (this.isChain && this.below.cells && this.below.cells.length > 0 && chain.count > 6) return rest;
    this.stand(chain.count, null, 0, next);
    return rest.slice(1);
  }

  /** The yarn is carried on: what was passed comes last in a round. A space that it goes into is begun in. */
  private carry(item: InstructionOf<'work'>): void {
    const { noun, count } = item.place;
    if (noun !== 'sp') return this.put(item, this.work.take({ skip: Math.min(count, this.work.left) }));
    const met = this.below.turned ? [...(this.below.cells ?? [])].reverse() : [...(this.below.cells ?? [])];
    const space = met.findIndex(({ made }) => made === 'chain');
    if (space < 0) throw new Stop({ ...spanOf(item), code: 'no-space' });
    this.work = new RowInWork([...met.slice(space), ...met.slice(0, space)], { turned: false, effort: this.effort });
    while (this.work.left > 0 && this.work.isChain(this.work.at)) this.work.take({ skip: 1 });
    this.intoSpaces = true;
  }

  /** A chain at the beginning: beside the row, or for its first stitch. */
  private stand(count: number, said: boolean | null, besides: number, next: Instruction | undefined): void {
    let stands = said;
    if (stands === null) {
      if (count === 1) stands = false;
      else {
        this.open.add('leadStands');
        stands = this.readings.leadStands;
      }
    }
    if (!stands) return;
    if (!this.isRing && !this.isUnknown) {
      if (this.work.left === 0)
        throw new Stop({ from: next?.from ?? 0, to: next?.to ?? 1, code: 'too-few', needs: 1, has: 0 });
      this.work.take({ skip: 1 });
      this.leadTook = true;
    }
    this.work.add(stepOfWord('dc', {}), 1);
    this.name('turning');
    if (besides > 0) {
      this.work.take({ chain: besides });
      this.name('ch');
    }
  }

  private all(items: readonly Instruction[], isRow = false): void {
    items.forEach((item, index) => {
      const siblings = items.slice(index + 1);
      if (isRow && item.do === 'chain' && this.isTurning(siblings)) return;
      this.one(item, siblings);
    });
  }

  /** Whether a chain at a row's end is what the next one begins with. */
  private isTurning(after: readonly Instruction[]): boolean {
    return (
      after.length > 0 &&
      after.every(({ do: what }) => what === 'turn' || what === 'stands') &&
      after.some(({ do: what }) => what === 'turn')
    );
  }

  private one(item: Instruction, after: readonly Instruction[]): void {
    switch (item.do) {
      case 'chain':
        this.put(item, this.work.take({ chain: Math.min(item.count, 100_000) }));
        this.name('ch');
        return;
      case 'work':
        return this.stitch(item, after);
      case 'increase':
      case 'decrease':
        return this.shape(item, after);
      case 'skip':
        return this.skip(item, after);
      case 'repeat':
        return this.repeat(item, after);
      case 'into':
        return this.into(item, after);
      case 'foundation':
        this.isFoundation = this.below.cells === null || this.isFoundation;
        this.isUnknown = false;
        this.work.add(stepOfWord(item.stitch.word, {}), item.count);
        return this.name(item.stitch.word);
      case 'turn':
        this.turned = true;
        return;
      case 'begin-in': {
        if (!this.isChain) throw new Stop({ ...spanOf(item), code: 'no-chain' });
        this.hookSkipped = item.count - 1;
        this.put(item, this.work.take({ skip: item.count - 1 }));
        const isSaid = after[0]?.do === 'stands';
        if (item.count > 2 && !isSaid) this.open.add('hookStands');
        if (isSaid || item.count > 2 ? this.hookStands(after) : false) {
          this.work.add(stepOfWord('dc', {}), 1);
          this.name('turning');
        }
        return;
      }
      case 'join':
        this.joined = { from: item.from, to: item.to };
        return;
      case 'off':
        this.isOff = true;
        return;
      case 'leave':
        this.leaves = item.count;
        return;
      case 'other-side':
        return this.otherSide();
      case 'ring':
        this.isRing = true;
        return;
      case 'unread':
        throw new Stop({ from: item.from, to: item.to, code: 'unread', words: item.words });
      default:
        return;
    }
  }

  private put(at: TextSpan, fault: RowFault | null): void {
    if (fault === null) return;
    const span = { from: at.from, to: at.to };
    if (fault.code === 'too-few-stitches')
      throw new Stop({ ...span, code: 'too-few', needs: fault.needs, has: fault.has });
    if (fault.code === 'too-much-to-work') throw new Stop({ ...span, code: 'too-much' });
    throw new Stop({ ...span, code: 'no-space' });
  }

  private name(word: string): void {
    const made = this.work.cells.length;
    for (; this.counted < made; this.counted += 1) this.names.push(word);
  }

  private stitch(item: InstructionOf<'work'>, after: readonly Instruction[]): void {
    const isFurther = item.stitch.word === '';
    const stitch = isFurther ? this.last.stitch : item.stitch;
    const each = isFurther ? this.last.each : item.each;
    this.last = { stitch, each };
    const owned = this.own.get(stitch.word);
    const { place } = item;
    // A slip stitch into the first one closes the round.
    if (
      stitch.word === 'slst' &&
      (place.which === 'first' || place.which === 'turning') &&
      this.work.cells.length > 1
    ) {
      this.joined = { from: item.from, to: item.to };
      return;
    }
    if (
      stitch.word === 'slst' &&
      after.some(({ do: what }) => what === 'join') &&
      this.work.left === 0 &&
      place.which === 'next'
    )
      return;
    const makes = each * (owned?.makes ?? 1);
    // Several joined in one place are a cluster of it.
    const takes = owned?.takes ?? (stitch.over > 1 && place.count === 1 && place.which !== 'each' ? 1 : stitch.over);
    this.places(
      item,
      place,
      after,
      (into, times) => {
        const step = stepOfWord(stitch.word, { each: makes, over: takes, into });
        if (into === 'space') return this.put(item, this.work.take({ ...step, times, over: 1 }));
        if (makes === 0) return this.put(item, this.work.take({ skip: takes * times }));
        this.put(item, this.work.take({ ...step, times }));
      },
      takes,
      makes,
      stitch,
    );
  }

  /** Goes to the places that are meant, and works there. */
  private places(
    item: TextSpan,
    place: Place,
    after: readonly Instruction[],
    doIt: (into: Worked['into'], times: number) => void,
    takes: number,
    makes: number,
    stitch: StitchWord,
  ): void {
    const name = countedAs(stitch);
    const step = stepOfWord(stitch.word, { each: makes });
    if (place.which === 'ring' || (this.isRing && this.below.cells === null)) {
      this.isRing = true;
      this.isUnknown = false;
      this.work.add(step, place.which === 'ring' || place.which === 'same' ? 1 : Math.max(1, place.count));
      return this.name(name);
    }
    if (this.isUnknown) {
      this.work.add(step, place.which === 'each' ? 0 : Math.max(1, Math.floor(place.count / takes)));
      return this.name(name);
    }
    switch (place.which) {
      case 'same':
        this.put(item, this.work.add(step, Math.max(1, place.count)));
        return this.name(name);
      case 'first':
        if (this.work.at > 0 && this.leadTook) {
          this.put(item, this.work.add(step, 1));
          return this.name(name);
        }
        break;
      case 'from-hook': {
        if (!this.isChain) throw new Stop({ ...spanOf(item), code: 'no-chain' });
        const passed = place.count - 1;
        this.hookSkipped = passed;
        this.put(item, this.work.take({ skip: passed }));
        const isSaid = after[0]?.do === 'stands';
        if (passed >= 2 || (isSaid && passed >= 1)) {
          if (!isSaid) this.open.add('hookStands');
          if (this.hookStands(after)) {
            this.work.add(stepOfWord('dc', {}), 1);
            this.name('turning');
            // Beyond the height of the stitch they are chains of a mesh, over as many that are passed over below.
            const mesh = passed >= 5 ? Math.floor((passed - 3) / 2) : 0;
            if (mesh > 0) this.work.take({ chain: mesh });
            this.name('ch');
          }
        }
        doIt('stitch', 1);
        return this.name(name);
      }
      case 'turning':
        while (this.work.left > 1 && this.work.isChain(this.work.at)) this.work.take({ skip: 1 });
        break;
      case 'last':
        if (place.noun !== 'sp' && this.work.left !== place.count)
          throw new Stop(
            this.work.left < place.count
              ? { ...spanOf(item), code: 'too-few', needs: place.count, has: this.work.left }
              : { ...spanOf(item), code: 'not-last', said: place.count, left: this.work.left },
          );
        break;
      case 'each': {
        if (place.noun === 'sp') {
          this.intoSpaces = true;
          while (this.work.spacesLeft > place.count) {
            this.toSpace();
            doIt('space', 1);
          }
          return this.name(name);
        }
        const stop = place.count > 0 ? place.count : this.takenBy(after);
        const times = Math.floor((this.work.left - stop) / takes);
        if (times < 0) throw new Stop({ ...spanOf(item), code: 'too-few', needs: stop, has: this.work.left });
        if (times > 0) doIt('stitch', times);
        return this.name(name);
      }
      default:
        break;
    }
    if (place.noun === 'sp') {
      this.intoSpaces = true;
      for (let time = 0; time < Math.min(place.count, 5000); time += 1) {
        this.toSpace();
        doIt('space', 1);
      }
      return this.name(name);
    }
    const times = takes > 1 && place.count >= takes ? place.count / takes : place.count;
    if (!Number.isInteger(times)) throw new Stop({ ...spanOf(item), code: 'too-few', needs: takes, has: place.count });
    doIt('stitch', Math.min(times, 100_000));
    this.name(name);
  }

  /** Whether what was passed over at the hook stands for a stitch: as it is said, or as it is read. */
  private hookStands(after: readonly Instruction[]): boolean {
    const said = after.find(({ do: what }) => what === 'stands');
    return said?.do === 'stands' ? said.counts : this.readings.hookStands;
  }

  /** A space is gone to past the stitches before it. */
  private toSpace(): void {
    while (this.work.left > 0 && !this.work.isChain(this.work.at)) this.work.take({ skip: 1 });
  }

  private shape(item: InstructionOf<'increase' | 'decrease'>, after: readonly Instruction[]): void {
    const { word } = this.last.stitch;
    if (item.do === 'increase') {
      const own = this.own.get('inc')?.makes ?? 2;
      return this.places(
        item,
        item.place,
        after,
        (into, times) => this.put(item, this.work.take(stepOfWord(word, { each: own, times, into }))),
        1,
        own,
        { word, over: 1 },
      );
    }
    const place = item.place.which === 'next' && item.place.count === 1 ? { ...item.place, count: 2 } : item.place;
    this.places(
      item,
      place,
      after,
      (into, times) => this.put(item, this.work.take(stepOfWord(word, { over: 2, times, into }))),
      2,
      1,
      { word, over: 1 },
    );
  }

  private skip(item: InstructionOf<'skip'>, after: readonly Instruction[]): void {
    const { place } = item;
    const said = after[0];
    // “skip first ch (counts as first sc)”
    if (said?.do === 'stands' && said.counts && this.work.cells.length === 0) {
      this.put(item, this.work.take({ skip: Math.max(1, place.count) }));
      this.hookSkipped = Math.max(1, place.count);
      this.work.add(stepOfWord('dc', {}), 1);
      return this.name('turning');
    }
    if (this.isUnknown || this.isRing) return;
    if (place.which === 'first' && this.leadTook && this.work.at === 1) {
      if (place.count > 1) this.put(item, this.work.take({ skip: place.count - 1 }));
      return;
    }
    if (place.noun === 'sp') {
      for (let time = 0; time < Math.max(1, place.count); time += 1) {
        this.toSpace();
        while (this.work.left > 0 && this.work.isChain(this.work.at)) this.work.take({ skip: 1 });
      }
      return;
    }
    this.put(item, this.work.take({ skip: Math.max(1, place.count) }));
  }

  private repeat(item: InstructionOf<'repeat'>, after: readonly Instruction[]): void {
    const { until, items } = item;
    const isSpaces = until.is === 'left' && until.noun === 'sp';
    if (until.is === 'times') {
      let { times } = until;
      if (until.said === 'more') {
        this.open.add('timesMore');
        if (this.readings.timesMore) times += 1;
      }
      for (let time = 0; time < times; time += 1) {
        const made = this.work.cells.length;
        this.all(items);
        // Whatever does nothing needn't be done a million times.
        if (this.work.cells.length === made && this.effort.left-- < 0)
          throw new Stop({ ...spanOf(item), code: 'too-much' });
      }
      return;
    }
    if (this.isUnknown || (this.isRing && this.below.cells === null)) return this.all(items);
    const left = () => (isSpaces ? this.work.spacesLeft : this.work.left);
    const spaces = spacesTaken(after);
    const enough = until.is === 'left' ? until.count : this.takenBy(after);
    let takes = 0;
    while (left() > enough && !(until.is === 'end' && spaces > 0 && this.work.spacesLeft <= spaces)) {
      if (this.intoSpaces && until.is === 'end' && spaces === 0 && this.work.spacesLeft === 0 && needsSpace(items))
        break;
      const before = left();
      try {
        this.all(items);
      } catch (stopped) {
        if (!(stopped instanceof Stop) || stopped.trouble.code !== 'too-few') throw stopped;
        throw new Stop({
          ...spanOf(item),
          code: 'repeat-off',
          over: before - enough,
          takes: takes || takenByAll(items, this.own),
        });
      }
      takes = before - left();
      if (takes === 0) throw new Stop({ ...spanOf(item), code: 'repeat-endless' });
    }
    if (left() < enough && !isSpaces)
      throw new Stop({ ...spanOf(item), code: 'repeat-off', over: left() + takes - enough, takes });
  }

  private into(item: InstructionOf<'into'>, after: readonly Instruction[]): void {
    const once = () => {
      for (const inner of item.items) this.inside(inner);
    };
    const { place } = item;
    if (place.which === 'same') return once();
    if (place.which === 'ring' || this.isRing) {
      this.isRing = true;
      this.isUnknown = false;
      return once();
    }
    if (this.isUnknown) return once();
    const times =
      place.which === 'each'
        ? place.noun === 'sp'
          ? this.work.spacesLeft - place.count
          : this.work.left - (place.count > 0 ? place.count : this.takenBy(after))
        : Math.max(1, place.count);
    if (place.which === 'from-hook') this.put(item, this.work.take({ skip: place.count - 1 }));
    for (let time = 0; time < (place.which === 'from-hook' ? 1 : times); time += 1) {
      if (place.noun === 'sp') {
        this.intoSpaces = true;
        this.toSpace();
        if (this.work.left === 0) throw new Stop({ ...spanOf(item), code: 'no-space' });
        while (this.work.left > 0 && this.work.isChain(this.work.at)) this.work.take({ skip: 1 });
      } else this.put(item, this.work.take({ skip: 1 }));
      once();
    }
  }

  /** Something worked into the place that all of a bracket goes into. */
  private inside(inner: Instruction): void {
    switch (inner.do) {
      case 'chain':
        this.put(inner, this.work.take({ chain: Math.min(inner.count, 1000) }));
        return this.name('ch');
      case 'work': {
        const count = inner.place.which === 'next' ? inner.place.count : 1;
        const times = inner.each * count * (this.own.get(inner.stitch.word)?.makes ?? 1);
        this.last = { stitch: inner.stitch, each: inner.each };
        this.put(inner, this.work.add(stepOfWord(inner.stitch.word, {}), Math.min(times, 10_000)));
        return this.name(inner.stitch.word);
      }
      case 'repeat': {
        const times = inner.until.is === 'times' ? inner.until.times : 1;
        for (let time = 0; time < times; time += 1) for (const one of inner.items) this.inside(one);
        return;
      }
      case 'unread':
        throw new Stop({ from: inner.from, to: inner.to, code: 'unread', words: inner.words });
      default:
        return;
    }
  }

  private otherSide(): void {
    if (!this.isChain) return;
    this.earlier.push(...this.work.cells);
    this.counted = 0;
    this.isOtherSide = true;
    const places = Math.max(0, this.chainLength - this.hookSkipped - 1);
    this.work = new RowInWork(
      Array.from({ length: places }, (): Cell => ({ made: 'stitch', step: stepOfWord('sc', {}), from: 0 })),
      { turned: false, effort: this.effort },
    );
  }

  /** What follows takes so many places, as far as that is said. */
  private takenBy(after: readonly Instruction[]): number {
    return after.some(({ do: what }) => what === 'other-side')
      ? takenByAll(
          after.slice(
            0,
            after.findIndex(({ do: what }) => what === 'other-side'),
          ),
          this.own,
        )
      : takenByAll(after, this.own);
  }

  ended(items: readonly Instruction[]): WorkedRow {
    if (this.trouble === null && !this.isUnknown && !this.isRing) {
      const { left } = this.work;
      const isLeft = this.leaves === null || this.leaves === left;
      // A chain's first is passed over at the hook, said or not.
      const isHook = this.isChain && left === 1 && this.hookSkipped === 0 && !this.isFoundation;
      const isLenient =
        isHook || (this.isOtherSide && left <= 1) || (this.intoSpaces && this.work.spacesLeft === 0) || left === 0;
      const end = items.filter(({ do: what }) => what !== 'note').at(-1);
      if (!isLeft && !isLenient && !this.onlyBegins(items))
        this.trouble = { from: end?.from ?? 0, to: end?.to ?? 1, code: 'left-over', left };
    }
    const chain = items.findLast(({ do: what }) => what === 'chain');
    const at = chain ? items.indexOf(chain) : -1;
    if (chain?.do === 'chain' && at > 0 && this.isTurning(items.slice(at + 1))) {
      const note = items.slice(at + 1).find(({ do: what }) => what === 'stands');
      this.lead = {
        count: chain.count,
        stands: note?.do === 'stands' ? note.counts : null,
        with: note?.do === 'stands' ? note.with : 0,
      };
    }
    return {
      cells: [...this.earlier, ...this.work.cells],
      names: this.names,
      trouble: this.trouble,
      turned: this.turned,
      joined: this.joined,
      isOff: this.isOff,
      lead: this.lead,
      open: this.open,
      isFoundation: this.isFoundation,
    };
  }

  /** A chain and nothing else: it begins a piece. */
  private onlyBegins(items: readonly Instruction[]): boolean {
    return items.every(({ do: what }) =>
      ['chain', 'turn', 'join', 'ring', 'note', 'off', 'loop', 'stands'].includes(what),
    );
  }
}

const spanOf = ({ from, to }: TextSpan): TextSpan => ({ from, to });
