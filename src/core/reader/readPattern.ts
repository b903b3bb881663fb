import type { LanguageId } from '@/core/language';
import { foundation, type Cell, type Effort } from '@/core/stitches';
import { checkedSizes } from './sizes';
import { definedWords } from './definitions';
import type { FaultSaid, Mend, ReaderFault } from './fault';
import { ofSize, sizesOf } from './graded';
import { hookFaults } from './hooks';
import { languageOf, readInLanguage } from './inLanguage';
import type { Instruction, TextSpan } from './instruction';
import type { PatternLine, RowLabel } from './lines';
import { logicalLines } from './logicalLines';
import type { ReadPart, ReadPattern } from './read';
import { stitchNamed } from './vocabulary';
import { numberIn } from './tokens';
import { readRowText, type RowText, type WrittenNumber } from './rowText';
import type { TermSet } from './termSet';
import { guessTerms, termFaults } from './guessTerms';
import { workWords } from './workWords';
import { countedAs, type Below, type OwnWords, type Readings, type WorkedRow } from './workedRow';

/** What may be spent on a row, and on all of them, in steps and places. */
const ROW_EFFORT = 60_000;
const WHOLE_EFFORT = 4_000_000;
/** More rows than this are not worked: no bag has them. */
const MOST_ROWS = 5000;
/** Whose words a text is said to be in. */
export type ReadWords = TermSet | LanguageId;
/** More text than this is no pattern. */
export const MOST_TEXT = 400_000;
const MOST_FAULTS = 500;

/**
 * Reads a pattern row by row and works it, stitch by stitch: what can't be read or does not fit is a fault of its own place, and the rest goes on.
 *
 * @param text the pattern; what is longer than `MOST_TEXT` is not read
 * @param said whose words it is in, where she says so; else that is guessed
 * @param size which size is read of a pattern in several, from 0
 *
 * @example
 * readPattern('Ch 26.\nRow 1: sc in 2nd ch from hook and in each ch across. (25)').faults // => []
 * readPattern('Ch 26.\nRow 1: sc in 2nd ch from hook and in each ch across. (26)').faults[0]?.code // => 'count-differs'
 */
export function readPattern(text: string, said: ReadWords | null = null, size = 0): ReadPattern {
  const bounded = text.slice(0, MOST_TEXT);
  const sizes = sizesOf(bounded);
  const one = sizes.length > 1 ? ofSize(bounded, Math.min(size, sizes.length - 1), sizes) : bounded;
  const isEnglish = said === 'us' || said === 'uk';
  const language = isEnglish ? null : (said ?? languageOf(one));
  const read = language
    ? readInLanguage(one, language, (us) => readEnglish(us, 'us'))
    : readEnglish(one, isEnglish ? said : null);
  return { ...read, sizes };
}

/** Reads a pattern in one size, in English. */
function readEnglish(text: string, said: TermSet | null): ReadPattern {
  // Markup that was pasted along says nothing; its room stays, so that places do.
  const whole = text.replace(/<\/?[a-z][^<>\n]{0,300}>/gi, (tag) => ' '.repeat(tag.length));
  const lines = logicalLines(whole);
  const own = definedWords(lines);
  const terms = guessTerms(whole, said);
  const reader = new Reader(own);
  for (const line of lines) reader.line(line, whole);
  const parts = reader.parts.filter(({ rows }) => rows.length > 0);
  const faults = [
    ...reader.faults,
    ...termFaults(lines, terms, own),
    ...hookFaults(whole),
    ...checkedSizes(lines, parts),
  ].sort((one, other) => one.from - other.from);
  const isProse = parts.length === 0;
  return { terms, language: null, sizes: [], parts, faults: faults.slice(0, MOST_FAULTS), isProse };
}

/** “Work over 12 sts”: what a part goes on from. */
const WORK_OVER =
  /\bwork(?:ed|ing)?(?: only)? (?:over|on)(?: the)?(?: next| first| last| cent(?:er|re)| remaining| these)?\s+(\d+)\s+(?:sts?|stitch)/i;

/** What a row could lie over: as it was worked, or as its count is written. */
type Candidates = readonly Below[];

const NOTHING: Below = { cells: null, is: 'row', turned: true, lead: null };

class Reader {
  private part: ReadPart = { title: '', rows: [] };
  readonly parts: ReadPart[] = [this.part];
  readonly faults: ReaderFault[] = [];
  private below: Candidates = [NOTHING];
  private last = 0;
  /** Whether it is known which row comes next. */
  private isKnown = true;
  private rows = new Map<number, { items: Instruction[]; label: RowLabel }>();
  private isSpiral = false;
  /** What the text says itself, and what was found to come out before. */
  private readonly said: Partial<Readings> = {};
  private readonly remembered: Partial<Readings> = {};
  private readonly effort: Effort = { left: WHOLE_EFFORT };
  private rowCount = 0;
  private title = '';

  constructor(private readonly own: OwnWords) {}

  line(line: PatternLine, whole: string): void {
    switch (line.is) {
      case 'heading':
        this.title = line.text;
        this.prose(line.text);
        return;
      case 'prose':
        return this.prose(line.text);
      case 'begin':
        return this.begin(line);
      case 'row':
        return this.row(line);
      case 'again':
        return this.again(line, whole);
    }
  }

  private prose(text: string): void {
    if (
      /\b(?:spiral|continuous rounds?|do not join (?:the )?(?:rounds?|rnds?))\b/i.test(text) &&
      !/\bnot (?:in|a) (?:a )?spiral/i.test(text)
    )
      this.isSpiral = true;
    if (/\bjoin(?:ed)? (?:each |every )?(?:rounds?|rnds?|with)\b/i.test(text) && !/not join/i.test(text))
      this.isSpiral = false;
    // Where the yarn is joined anew, nobody but the maker sees.
    if (/\bre-?join|(?:fasten|cut|break)\b[^.]*\.[^.]*\b(?:join|attach)\b/i.test(text)) this.below = [NOTHING];
    const over = WORK_OVER.exec(text);
    if (over)
      this.below = [{ cells: foundation(Math.min(Number(over[1]), 5000)), is: 'row', turned: true, lead: null }];
    const counts =
      /(?:turning|beginning|starting|beg|t-?)[ -]?ch(?:ain)?s?\b[^.]*?\b(does not|do not|doesn.t|don.t|never)?\s*counts?\b/i.exec(
        text,
      );
    if (counts) {
      this.said.leadStands = counts[1] === undefined;
      this.said.hookStands = counts[1] === undefined;
    }
  }

  private fault(said: FaultSaid, span: TextSpan, row: number | null, mends: Mend[] = []): void {
    this.faults.push({ from: span.from, to: span.to, row, mends, ...said });
  }

  private newPart(): void {
    this.part = { title: this.title, rows: [] };
    this.parts.push(this.part);
    this.rows = new Map();
    this.last = 0;
    this.isKnown = true;
  }

  private begin(line: Extract<PatternLine, { is: 'begin' }>): void {
    if (this.last > 0) {
      this.newPart();
      this.isSpiral = false;
    }
    const { items } = readRowText(line.text, line.textFrom, new Set(this.own.keys()));
    const isRing = items.some(({ do: what }) => what === 'ring' || what === 'join');
    const chain = /\bch(?:ain)?s?\s*[^\w\s]?\s*(\d+|[a-z]+)\b/i.exec(line.text);
    const founded = items.find((item) => item.do === 'foundation');
    const work = items.some(({ do: what }) => ['work', 'repeat', 'increase', 'into'].includes(what));
    if (founded?.do === 'foundation') {
      this.below = [{ cells: foundation(Math.min(founded.count, 5000)), is: 'row', turned: true, lead: null }];
      return;
    }
    if (isRing) {
      this.below = [{ cells: null, is: 'ring', turned: false, lead: null }];
      return;
    }
    if (work) {
      this.work(
        { items, written: [] },
        line,
        { noun: 'row', rows: [], side: null, from: line.from, to: line.to },
        0,
        [0],
      );
      return;
    }
    if (chain) {
      const cells = Array.from({ length: Math.min(numberIn(chain[1] ?? ''), 5000) }, (): Cell => ({ made: 'chain' }));
      this.below = [{ cells, is: 'chain', turned: true, lead: null }];
    }
  }

  private row(line: Extract<PatternLine, { is: 'row' }>): void {
    const { label } = line;
    const read = readRowText(line.text, line.textFrom, new Set(this.own.keys()));
    if (label.rows[0] === 1 && this.last > 0) {
      const isFresh = this.below.every(({ is }) => is === 'row');
      this.newPart();
      if (isFresh) this.below = [NOTHING];
    }
    const numbers = label.rows.length > 0 ? label.rows : [this.last + 1];
    // “Row 6: fold the band”: it is handled, not worked.
    if (read.items[0]?.do === 'note' && /^\W*(?:fold|sew|whip|seam|place|lay|weave|block)/i.test(line.text)) {
      this.last = numbers.at(-1) ?? this.last;
      return;
    }
    this.check(label, numbers);
    this.part.title ||= this.title;
    numbers.forEach((number, index) => {
      this.rows.set(number, { items: read.items, label });
      this.work(read, line, label, index, numbers);
    });
    this.last = numbers.at(-1) ?? this.last;
    this.isKnown = true;
  }

  /** Whether a row's number is the next one. */
  private check(label: RowLabel, numbers: readonly number[]): void {
    const [first] = numbers;
    if (first === undefined || label.rows.length === 0 || !this.isKnown) return;
    const isFirstOfAll = this.last === 0 && this.rows.size === 0;
    if (first === this.last + 1 || (isFirstOfAll && first <= 2)) return;
    this.fault({ code: 'row-number', expected: this.last + 1, written: first }, label, first);
  }

  private again(line: Extract<PatternLine, { is: 'again' }>, whole: string): void {
    const { label } = line;
    const of = line.of.map((row) => (row < 0 ? this.last + 1 + row : row));
    const missing = of.find((row) => !this.rows.has(row));
    if (label) this.check(label, label.rows);
    if (missing !== undefined) {
      if (!this.isKnown) return;
      this.fault({ code: 'row-unknown', asked: missing }, line, label?.rows[0] ?? this.last + 1);
      this.last = label?.rows.at(-1) ?? this.last;
      this.isKnown = label !== null;
      this.below = [NOTHING];
      return;
    }
    if (of.length === 0) return;
    const many = label ? label.rows.length : line.times === null ? 0 : line.times * of.length;
    if (many === 0) {
      this.isKnown = false;
      return;
    }
    const written = readRowText(whole.slice(line.from, line.to), line.from, new Set()).written;
    const numbers = label?.rows.length
      ? label.rows
      : Array.from({ length: Math.min(many, MOST_ROWS) }, (_, index) => this.last + 1 + index);
    numbers.forEach((number, index) => {
      const from = this.rows.get(of[index % of.length] as number);
      if (!from) return;
      const isLast = index === numbers.length - 1;
      this.rows.set(number, from);
      this.work(
        { items: from.items, written: written.length > 1 || isLast ? written : [] },
        line,
        { ...from.label, from: line.from, to: line.to, rows: numbers },
        index,
        numbers,
      );
    });
    this.last = numbers.at(-1) ?? this.last;
  }

  /** Works a row over what lies below, in each way that it can be read, and keeps the first that comes out. */
  private work(read: RowText, line: TextSpan, label: RowLabel, index: number, numbers: readonly number[]): void {
    const number = numbers[index] ?? this.last + 1;
    this.rowCount += 1;
    if (this.rowCount > MOST_ROWS || this.effort.left <= 0) {
      if (this.rowCount === MOST_ROWS + 1 || this.effort.left <= 0) this.fault({ code: 'too-much' }, label, number);
      this.effort.left = 0;
      this.rowCount = MOST_ROWS + 1;
      return;
    }
    const written = writtenFor(read.written, index, numbers.length);
    const isRound = label.noun === 'round';
    let best: { worked: WorkedRow; below: Below; differs: Difference | null; readings: Readings } | null = null;
    for (const below of this.below)
      for (const readings of this.readings(isRound)) {
        const effort = { left: Math.min(ROW_EFFORT, this.effort.left) };
        const spent = effort.left;
        const worked = workWords(read.items, below, readings, this.own, effort);
        this.effort.left -= spent - effort.left;
        const isUnknown =
          below.cells === null && below.is !== 'ring' && !worked.isFoundation && worked.trouble === null;
        const differs = worked.trouble || isUnknown ? null : differenceOf(worked, written);
        const now = { worked, below, differs, readings };
        if (best === null || isBetter(now, best)) best = now;
        if (worked.trouble === null && differs === null) break;
      }
    if (best === null) return;
    this.kept(best, written, read, line, label, number, isRound);
  }

  /** What the words leave open, what was found true before first. */
  private *readings(isRound: boolean): Generator<Readings> {
    const ways = (key: keyof Readings, usual: boolean): boolean[] => {
      // What is said of turning chains is said of rows.
      const said = isRound ? undefined : this.said[key];
      const first = this.remembered[key] ?? usual;
      return said === undefined ? [first, !first] : [said];
    };
    const leads = ways('leadStands', true);
    for (const timesMore of ways('timesMore', true))
      for (const hookStands of ways('hookStands', leads[0] ?? true))
        for (const leadStands of leads) yield { leadStands, hookStands, timesMore };
  }

  private kept(
    {
      worked,
      below,
      differs,
      readings,
    }: { worked: WorkedRow; below: Below; differs: Difference | null; readings: Readings },
    written: readonly WrittenNumber[],
    read: RowText,
    line: TextSpan,
    label: RowLabel,
    number: number,
    isRound: boolean,
  ): void {
    const { trouble } = worked;
    for (const open of worked.open)
      if (trouble === null && differs === null && written.length > 0) this.remembered[open] ??= readings[open];
    if (trouble) {
      const { from, to, ...said } = trouble;
      const isWord = said.code === 'unread' && /^[a-z]/i.test(said.words);
      this.fault(isWord ? { code: 'undefined-word', words: said.words } : said, { from, to }, number);
    } else if (differs) {
      this.fault(
        { code: 'count-differs', written: differs.written, worked: differs.worked, of: differs.of },
        differs,
        number,
        [{ from: differs.from, to: differs.to, text: String(differs.worked) }],
      );
    }
    if (worked.joined && this.isSpiral && isRound) this.fault({ code: 'joined-spiral' }, worked.joined, number);
    const isUnknown = below.cells === null && below.is !== 'ring' && !worked.isFoundation;
    const total = written.length === 1 ? (written[0]?.count ?? null) : null;
    const isRight = trouble === null && differs === null;
    const out = isUnknown ? total : trouble ? total : worked.cells.length;
    this.part.rows.push({
      from: line.from,
      to: line.to,
      noun: label.noun,
      number,
      side: label.side,
      in: below.is === 'ring' ? null : (below.cells?.length ?? null),
      out,
      items: read.items,
      cells: worked.cells,
      names: worked.names,
      isRight,
    });
    const turned = isRound ? worked.turned : true;
    const asWorked: Below = { cells: worked.cells, is: 'row', turned, lead: worked.lead };
    const asWritten: Below | null =
      total === null ? null : { cells: foundation(Math.min(total, 5000)), is: 'row', turned, lead: worked.lead };
    if (isUnknown) this.below = [asWritten ?? { ...NOTHING, turned }];
    else if (trouble) this.below = [asWritten ?? { ...NOTHING, turned }];
    else if (differs && asWritten) this.below = [asWritten, asWorked];
    else this.below = [asWorked];
  }
}

interface Difference extends TextSpan {
  written: number;
  worked: number;
  of: string;
}

/** Fewer troubles are better; of two with none the first stays. */
function isBetter(
  now: { worked: WorkedRow; differs: Difference | null },
  best: { worked: WorkedRow; differs: Difference | null },
): boolean {
  const rank = ({ worked, differs }: typeof now) =>
    worked.trouble ? (worked.trouble.code === 'left-over' ? 2 : 3) : differs ? 1 : 0;
  return rank(now) < rank(best);
}

/** What is written of one row among several: its own number of a list of as many. */
function writtenFor(written: readonly WrittenNumber[], index: number, rows: number): readonly WrittenNumber[] {
  const gap = written.findIndex(({ isAfterGap }) => isAfterGap);
  if (gap > 0) {
    const behind = written.length - gap;
    const own = index < gap ? written[index] : index >= rows - behind ? written[index - rows + written.length] : null;
    return own ? [own] : [];
  }
  if (rows > 1 && written.length === rows && written.every(({ of }, at) => of === '' || at === rows - 1))
    return written.slice(index, index + 1);
  return written;
}

/** What a count is of, by the word for it. */
const nameOf = (of: string): string => {
  const [, post, plain = of, over] =
    /^(f\.?p|b\.?p|(?:front|back)[- ]post )?(.*?)(?:\s?(\d+)\s?tog(?:ether)?s?)?$/.exec(of) ?? [];
  const word = stitchNamed(plain)?.word;
  if (word !== undefined && (post !== undefined || over !== undefined))
    return countedAs({ word, over: Number(over ?? 1), isDeep: post !== undefined });
  const bare = of.replace(/\s*(?:sts?|stitch(?:es)?)$/, '');
  return stitchNamed(of)?.word ?? stitchNamed(bare)?.word ?? bare.replace(/s$/, '');
};

/** Whether a row came out at what is written of it. */
function differenceOf({ cells, names }: WorkedRow, written: readonly WrittenNumber[]): Difference | null {
  const [first] = written;
  if (!first) return null;
  const total = cells.length;
  const stitches = cells.filter(({ made }) => made === 'stitch').length;
  const ofName = (name: string) => names.filter((one) => one === name).length;
  const spaces = cells.filter(({ made }, at) => made === 'chain' && cells[at - 1]?.made !== 'chain').length;
  const turning = ofName('turning');
  const isSpace = (of: string) => /\bch.*(?:sp|loop)|^sp/.test(of);
  const isChain = (of: string) => /^ch(?:ain)?s?$/.test(of);
  const fits = ({ count, of }: WrittenNumber): boolean => {
    if (isSpace(of)) return count === spaces || count === total - stitches;
    if (isChain(of)) return count === total - stitches;
    const name = nameOf(of);
    if (name === '' || name === 'st' || name === 'stitche') return count === total || count === stitches;
    // Shells and other motifs are counted by whoever knows what one is.
    if (stitchNamed(name) === null && !names.includes(name)) return true;
    const named = ofName(name);
    // Clusters and stitches round a post are counted by themselves, and nothing else is meant by them.
    if (/^post | |tog$/.test(name)) return count === named;
    const kinds = new Set(names.filter((one) => one !== 'turning' && one !== 'ch' && one !== 'slst')).size;
    if (kinds > 1 && (count === named || count === named + turning)) return true;
    return count === total || count === stitches;
  };
  /** What the row comes to of what a number counts; of all places or all stitches what is nearer, where it doesn’t say which. */
  const workedOf = ({ count, of }: WrittenNumber): number => {
    const name = nameOf(of);
    if (isSpace(of)) return spaces;
    if (isChain(of)) return total - stitches;
    const isOfAll = name === '' || name === 'st' || name === 'stitche';
    if (!isOfAll && (written.length > 1 || /^post | |tog$/.test(name))) return ofName(name);
    return Math.abs(count - stitches) < Math.abs(count - total) ? stitches : total;
  };
  if (written.length === 1) {
    if (fits(first)) return null;
    return { from: first.from, to: first.to, written: first.count, worked: workedOf(first), of: first.of };
  }
  const sum = written.filter(({ of }) => !isSpace(of)).reduce((all, { count }) => all + count, 0);
  if (written.every(fits) || sum === total || sum === stitches) return null;
  const wrong = written.find((one) => !fits(one)) ?? first;
  return {
    from: wrong.from,
    to: wrong.to,
    written: wrong.count,
    worked: workedOf(wrong),
    of: wrong.of,
  };
}
