import { readRowWords, type Op } from './rowGrammar';
import type { ReaderTerms } from './vocabulary';
import { workOps, type Place } from './workOps';

/** A piece as a stranger made it from the text. */
export interface MadePiece {
  heading: string;
  /** Stitches of each row or round, by its number. */
  counts: Map<number, number>;
  /** Scallops worked on their own, each with the stitches of its rows. */
  scallops: Map<number, number>[];
  /** What could not be done, or did not come out. */
  complaints: string[];
  /** Every line that was not a row, for looking words up. */
  lines: string[];
}

interface ReadRow {
  ops: Op[];
}

const ROW = /^(Row|Round)s? (\d+)(?: to (\d+))?(?: \((?:RS|WS)\))?: (.*)$/;
const COUNTED = /^(.*?)\.? \(([^()]*)\)$/;

/**
 * Reads a piece of a pattern as it is printed and works it, stitch by stitch, from its words alone.
 *
 * @param lines the lines under the piece's heading
 * @param base stitches of the rim that it goes on from, where it does
 */
export function makePiece(
  heading: string,
  lines: readonly string[],
  terms: ReaderTerms,
  base: number | null,
): MadePiece {
  const maker = new Maker(heading, terms, base);
  for (const line of lines) maker.read(line);
  return maker.done();
}

class Maker {
  private readonly piece: MadePiece;
  private below: Place[] | null = null;
  private rows = new Map<number, ReadRow>();
  /** How the next row meets the one below: turned, or on round and round. */
  private turned = false;
  private rounds: 'joined' | 'turned' | 'spiral' | null = null;
  private last = 0;
  private isOff = false;
  /** The row along which scallops are set, and what one of them is worked from. */
  private edge: { row: number; stitches: number; used: number } | null = null;
  private scallop: { from: number; stitches: number; first: Map<number, number> } | null = null;

  constructor(
    heading: string,
    private readonly terms: ReaderTerms,
    private readonly base: number | null,
  ) {
    this.piece = { heading, counts: new Map(), scallops: [], complaints: [], lines: [] };
  }

  done(): MadePiece {
    if (this.edge && this.edge.used > this.edge.stitches)
      this.complain('scallops', `${this.edge.used} of ${this.edge.stitches} stitches used`);
    return this.piece;
  }

  private complain(where: string, what: string): void {
    this.piece.complaints.push(`${where}: ${what}`);
  }

  read(line: string): void {
    try {
      this.line(line);
    } catch (error) {
      this.complain(line, error instanceof Error ? error.message : String(error));
    }
  }

  private line(line: string): void {
    const row = ROW.exec(line);
    if (row) return this.row(row as unknown as RegExpExecArray & string[], line);
    this.piece.lines.push(line);
    let found: RegExpExecArray | null;
    if ((found = /^Ch (\d+)\.$/.exec(line))) this.below = Array<Place>(Number(found[1])).fill('begin');
    else if ((found = /^Ch (\d+), not twisted, and join into a ring with a sl st\.$/.exec(line)))
      this.below = Array<Place>(Number(found[1])).fill('begin');
    else if ((found = /^Go on from the rim of the base: (\d+) sts\.$/.exec(line))) {
      if (Number(found[1]) !== this.base) this.complain(line, `the base has ${this.base}`);
      this.below = Array<Place>(Number(found[1])).fill('st');
    } else if (/^In a spiral: do not join/.test(line)) this.rounds = 'spiral';
    else if (/^In joined rounds, turned:/.test(line)) this.rounds = 'turned';
    else if (/^In joined rounds:/.test(line)) this.rounds = 'joined';
    else if (line === 'End with a sl st in next st, to level the last round.') {
      if (this.rounds !== 'spiral') this.complain(line, 'no spiral');
    } else if ((found = /^Marker at both ends of row (\d+): .+\.$/.exec(line))) {
      if (Number(found[1]) !== this.last) this.complain(line, `said after row ${this.last}`);
    } else if (
      (found = /^In row (\d+): (?:the buttonholes?|both buttonholes|the slots?|the rings?), .+\.$/.exec(line))
    ) {
      if (Number(found[1]) !== this.last + 1) this.complain(line, `said after row ${this.last}`);
    } else if ((found = /leave (one|\d+) sts? of the back and join the yarn.*Work over (\d+) sts/.exec(line)))
      this.onBack(found[1] === 'one' ? 1 : Number(found[1]), Number(found[2]));
    else if ((found = /from there join the yarn.*Work over (\d+) sts/.exec(line))) this.onBack(0, Number(found[1]));
    else if (
      (found =
        /^Scallop 1 of (\d+): (?:sl st in (?:each of )?next (?:(\d+) )?sts?, then )?work over the next (\d+) sts only:$/.exec(
          line,
        ))
    )
      this.firstScallop(/sl st/.test(line) ? Number(found[2] ?? 1) : 0, Number(found[3]));
    else if (
      (found =
        /^Scallop \d+ of \d+: along row (\d+) (?:leave (one|\d+) sts?, )?join the yarn in the next st, same side facing, and work over (\d+) sts as scallop 1\./.exec(
          line,
        ))
    )
      this.nextScallop(
        Number(found[1]),
        found[2] === undefined ? 0 : found[2] === 'one' ? 1 : Number(found[2]),
        Number(found[3]),
      );
    else if (/^Fasten off/.test(line)) this.isOff = true;
    else if (
      !/^Make \d+\.$/.test(line) &&
      !/^Worked between both edges: at the end of every row, before turning, join it/.test(line) &&
      line !== 'Do not fasten off: the sides go on from here.' &&
      line !== 'The scallops are worked in plain stitches.'
    )
      this.complain(line, 'not understood');
  }

  private onBack(left: number, over: number): void {
    if (!this.isOff) this.complain('the flap', 'the yarn was not cut');
    const all = this.below?.length ?? 0;
    if (left + over > all / 2) this.complain('the flap', `${left} and ${over} of a back of ${all / 2}`);
    this.below = Array<Place>(over).fill('st');
    this.rounds = null;
    this.turned = false;
    this.isOff = false;
  }

  private firstScallop(carried: number, over: number): void {
    const below = this.below ?? [];
    this.edge = { row: this.last, stitches: below.length, used: carried + over };
    this.below = Array<Place>(over).fill('st');
    this.scallop = { from: this.last, stitches: over, first: new Map() };
    this.piece.scallops.push(this.scallop.first);
    this.turned = false;
  }

  private nextScallop(row: number, left: number, over: number): void {
    if (!this.edge || !this.scallop) throw new Error('no scallop before it');
    if (row !== this.edge.row) this.complain('scallops', `along row ${row}, not ${this.edge.row}`);
    if (over !== this.scallop.stitches) this.complain('scallops', `over ${over}, not ${this.scallop.stitches}`);
    if (!this.isOff) this.complain('scallops', 'the yarn was not cut');
    this.edge.used += left + over;
    this.piece.scallops.push(new Map(this.scallop.first));
    this.isOff = true;
  }

  private row([, noun, fromText, toText, rest]: string[], line: string): void {
    const [from, to] = [Number(fromText), Number(toText ?? fromText)];
    const counted = COUNTED.exec(rest as string);
    if (!counted) return this.complain(line, 'no count');
    const [, words = '', count = ''] = counted;
    if (from !== this.last + 1) this.complain(line, `comes after ${noun} ${this.last}`);
    if (this.isOff) this.complain(line, 'the yarn is cut');
    const repeat =
      /^repeat (?:row|round)s (\d+) to (\d+), (?:row|round) (\d+) as (?:row|round) (\d+), (?:row|round) (\d+) as (?:row|round) (\d+)$/.exec(
        words,
      );
    const as = /^as (?:row|round) (\d+)$/.exec(words);
    if (repeat) {
      const [first = 0, end = 0, a, asA, b, asB] = repeat.slice(1).map(Number);
      const period = end - first + 1;
      const like = (row: number) => first + ((row - first) % period);
      if (a !== from || b !== to || asA !== like(from) || asB !== like(to))
        this.complain(line, 'the rows named don’t follow');
      for (let row = from; row <= to; row += 1)
        this.work(row, this.known(like(row)), count, line, row - from, to - from);
    } else if (as)
      for (let row = from; row <= to; row += 1)
        this.work(row, this.known(Number(as[1])), count, line, row - from, to - from);
    else {
      const ops = readRowWords(words, this.terms);
      for (let row = from; row <= to; row += 1) {
        this.rows.set(row, { ops });
        this.work(row, { ops }, count, line, row - from, to - from);
      }
    }
    this.last = to;
  }

  private known(row: number): ReadRow {
    const read = this.rows.get(row);
    if (!read) throw new Error(`row ${row} is not written`);
    return read;
  }

  private work(row: number, { ops }: ReadRow, count: string, line: string, index: number, rest: number): void {
    if (this.below === null && !ops.some(({ op }) => op === 'foundation')) throw new Error('nothing to work into');
    const below = this.below ?? [];
    const isRound = this.rounds !== null;
    const meets = this.turned ? [...below].reverse() : below;
    const { made, turned } = workOps(ops, meets, row);
    if (!isRound && !turned && !ops.some(({ op }) => op === 'ring')) this.complain(line, 'no turn');
    if (isRound && this.rounds !== 'spiral' && !ops.some(({ op }) => op === 'join')) this.complain(line, 'not joined');
    if (isRound && this.rounds === 'spiral' && ops.some(({ op }) => op === 'join')) this.complain(line, 'joined');
    if (isRound && turned !== (this.rounds === 'turned')) this.complain(line, 'turned');
    this.turned = turned;
    this.below = made;
    this.last = row;
    (this.scallop?.first ?? this.piece.counts).set(row, made.length);
    this.compare(made.length, count, line, index, rest);
  }

  /** What is written in brackets: one count, or the first of many and the last. */
  private compare(made: number, written: string, line: string, index: number, rest: number): void {
    const [head = ''] = written.split(/ (?!…)(?=[A-Za-z])/);
    if (!head.includes(',') && !head.includes('…')) {
      if (Number(/\d+/.exec(head)?.[0]) !== made) this.complain(line, `makes ${made}`);
      return;
    }
    const [begin = '', end] = head.split(' … ');
    const first = begin.split(', ').map(Number);
    const said = index < first.length ? first[index] : index === rest ? Number(end) : null;
    if (said !== null && said !== made) this.complain(line, `makes ${made} in row ${index + 1} of it`);
    if (end === undefined && first.length !== rest + 1) this.complain(line, 'not as many counts as rows');
  }
}
