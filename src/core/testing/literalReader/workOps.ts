import type { Op, Target } from './rowGrammar';

/** What lies below and can be worked into: a stitch, a chain over nothing, a turning chain that counts, a chain to begin with. */
export type Place = 'st' | 'ch' | 'tch' | 'begin';

interface WorkedOps {
  /** What was made, in the order of making. */
  made: Place[];
  turned: boolean;
}

/**
 * Works the ops of a row over what lies below, as somebody does who knows nothing but the words.
 *
 * @param below the places in the order in which they are met
 * @param row the number of the row, of which a post two rows below needs two before it
 * @throws Error with what can't be done
 */
export function workOps(ops: readonly Op[], below: readonly Place[], row: number): WorkedOps {
  const [first, second] = ops;
  // Slip stitches before the row's own chain only carry the yarn in.
  const carries =
    first?.op === 'stitch' && first.name === 'sl st' && second?.op === 'chain' && second.stands === 'beside'
      ? first.target.count
      : 0;
  if (carries > below.length) throw new Error(`${carries} slip stitches into ${below.length}`);
  const hand = new Hand(below.slice(carries), row);
  hand.work(carries > 0 ? ops.slice(1) : ops);
  return hand.end();
}

class Hand {
  private made: Place[] = [];
  private firstName: string | null = null;
  private turned = false;
  private leftUnworked = 0;
  private tookTurningChain = false;
  private saidTurningChain = false;
  private otherSide = false;
  private chainsBefore = 0;
  private readonly beginning: number;

  constructor(
    private places: Place[],
    private readonly row: number,
  ) {
    this.beginning = places.length;
  }

  work(ops: readonly Op[]): void {
    for (const op of ops) this.one(op);
  }

  private one(op: Op): void {
    switch (op.op) {
      case 'chain':
        if (op.stands === 'beside') return;
        if (op.stands === 'first') this.make('tch', null, 1);
        else if (this.made.length === 0) this.chainsBefore += op.count;
        else for (let chain = 0; chain < op.count; chain += 1) this.make('ch', null, 1);
        return;
      case 'skip':
        if (op.first && this.made.length > 1) throw new Error('“first” is no longer first');
        this.laidChains();
        this.take(op.count, op.noun);
        if (op.stands) this.make('tch', null, 1);
        return;
      case 'from-hook':
        return this.fromHook(op);
      case 'foundation':
        if (this.places.length > 0 && this.row > 1) throw new Error('foundation stitches before the end of the row');
        this.places = this.row === 1 ? [] : this.places;
        return this.make('st', op.name, op.count);
      case 'stitch':
        this.laidChains();
        return this.stitch(op.name, op.each, op.target);
      case 'group':
        for (let time = 0; time < op.times; time += 1) this.work(op.items);
        return;
      case 'star':
        return this.star(op);
      case 'leave':
        this.leftUnworked = op.count;
        return;
      case 'other-side': {
        if (this.places.length > 0) throw new Error('the first side of the chain is not done');
        this.otherSide = true;
        this.places = Array<Place>(this.beginning - 1 - this.passed).fill('begin');
        return;
      }
      case 'in-turning-chain':
        this.saidTurningChain = true;
        return;
      case 'join':
        if (op.name !== this.firstName) throw new Error(`joined in a ${op.name}, and the first is a ${this.firstName}`);
        return;
      case 'turn':
        this.turned = true;
        return;
      case 'ring':
        return;
    }
  }

  /** Chains passed over at the hook. */
  private passed = 0;

  private fromHook(op: Extract<Op, { op: 'from-hook' }>): void {
    const passed = op.chain - 1;
    if (this.chainsBefore > 0) {
      // New chains at the row's beginning: they come before what lies below.
      this.places.unshift(...Array<Place>(this.chainsBefore).fill('begin'));
      this.chainsBefore = 0;
    } else if (this.places[0] !== 'begin') throw new Error('no chain at the hook');
    this.places.splice(0, passed);
    this.passed = passed;
    if (op.stands) this.make('tch', null, 1);
    if (op.name === null) return;
    this.take(1, 'ch');
    this.make('st', op.name, op.each);
    const more = op.more === 'all' ? this.places.length : op.more;
    for (let time = 0; time < more; time += 1) {
      this.take(1, 'ch');
      this.make('st', op.name, op.each);
    }
  }

  private stitch(name: string, each: number, { how, which, count, noun, deep }: Target): void {
    if (deep && this.row < 3) throw new Error('nothing two rows below');
    if (which === 'last' && this.left(noun) !== count)
      throw new Error(`“last ${count}”, and ${this.left(noun)} are left`);
    if (how === 'over') {
      const over = Number(/(\d+)tog$/.exec(name)?.[1] ?? 0);
      if (over !== count) throw new Error(`${name} over ${count}`);
      this.take(count, noun);
      return this.make('st', name, each);
    }
    const times = which === 'all' ? this.left(noun) : which === 'all-but' ? this.left(noun) - count : count;
    if (times < 0) throw new Error(`fewer than ${count} are left`);
    for (let time = 0; time < times; time += 1) {
      const places = this.take(1, noun);
      if (how !== 'in' && places[0] === 'ch') throw new Error(`${name} ${how} at a chain`);
      this.make('st', name, each);
    }
  }

  private star({ items, until }: Extract<Op, { op: 'star' }>): void {
    if (until.kind === 'times') {
      for (let time = 0; time < until.times; time += 1) this.work(items);
      return;
    }
    this.laidChains();
    const enough = until.kind === 'end' ? 0 : until.count;
    let guard = 0;
    const left = () => (until.kind === 'left' ? this.left(until.noun) : this.left('st'));
    while (left() > enough) {
      this.work(items);
      if ((guard += 1) > 5000) throw new Error('a repeat without end');
    }
    if (left() < enough) throw new Error('the repeat does not come out');
  }

  /** Chains before a row's first stitch that nothing is said of. */
  private laidChains(): void {
    if (this.chainsBefore === 0) return;
    for (let chain = 0; chain < this.chainsBefore; chain += 1) this.make('ch', null, 1);
    this.chainsBefore = 0;
  }

  private left(noun: Target['noun']): number {
    if (noun !== 'ch-sp') return this.places.length;
    return this.places.filter((place, index) => place === 'ch' && this.places[index - 1] !== 'ch').length;
  }

  private take(count: number, noun: Target['noun']): Place[] {
    const taken: Place[] = [];
    for (let time = 0; time < count; time += 1) {
      const place = this.places[0];
      if (place === undefined) throw new Error(`nothing left to work into${count > 1 ? ` (${time} of ${count})` : ''}`);
      if (noun === 'ch-sp' && place !== 'ch') throw new Error('no chain space here');
      if (noun === 'ch' && place !== 'begin') throw new Error('no chain here');
      taken.push(this.places.shift() as Place);
      if (noun === 'ch-sp') while (this.places[0] === 'ch') this.places.shift();
      if (place === 'tch') this.tookTurningChain = true;
    }
    return taken;
  }

  private make(place: Place, name: string | null, count: number): void {
    if (this.firstName === null && name !== null) this.firstName = name;
    for (let time = 0; time < count; time += 1) this.made.push(place);
  }

  end(): WorkedOps {
    const left = this.places.length;
    const allowed = this.otherSide && left === 1 ? 1 : this.leftUnworked;
    if (left !== allowed) throw new Error(`${left} left over, ${allowed} to be left`);
    if (this.tookTurningChain !== this.saidTurningChain)
      throw new Error(this.saidTurningChain ? 'no turning chain to work into' : 'works into a turning chain unsaid');
    return { made: this.made, turned: this.turned };
  }
}
