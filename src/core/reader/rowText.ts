import { Lexer, type IToken } from 'chevrotain';
import type { Instruction, InstructionOf, Place, TextSpan, Until } from './instruction';
import { withLoops } from './loops';
import { readPhrase } from './phrase';
import { numberIn, T, TOKENS } from './tokens';
import { STITCH_NAMES } from './vocabulary';

/** A number that is written at a row's end, and of what it is: of all stitches where nothing is said. */
export interface WrittenNumber extends TextSpan {
  count: number;
  of: string;
  /** Of a list of rows some were left out before it: “26, 24, 22 … 12”. */
  isAfterGap?: boolean;
}

/** A row as it was read, before it is worked. */
export interface RowText {
  items: Instruction[];
  /** What is written as its count: one or several; empty where nothing is. */
  written: WrittenNumber[];
}

let lexer: Lexer | null = null;
/** Deeper than this nobody nests repeats. */
const DEEPEST = 60;

/**
 * Reads what is worked in a row. Whatever can't be read is one item of its own, and the rest goes on.
 *
 * @param text the row without its number
 * @param at where it begins in the whole text
 * @param own words that the text defines, in lower case
 *
 * @example
 * readRowText('sc in each st across. (25 sts)', 0, new Set()).written[0]?.count // => 25
 */
export function readRowText(text: string, at: number, own: ReadonlySet<string>): RowText {
  // Of several sizes the first is read.
  const one = text.replace(SIZES, (sizes) => ' '.repeat(sizes.length));
  const { written, rest } = takeCount(one);
  lexer ??= new Lexer([...TOKENS], { ensureOptimizations: false, skipValidations: true });
  const { tokens } = lexer.tokenize(rest);
  for (const token of tokens)
    if (token.tokenType === T.Word && own.has(token.image.toLowerCase())) {
      token.tokenType = T.Own;
      token.tokenTypeIdx = T.Own.tokenTypeIdx as number;
    }
  const items = withLoops(new Structure(tokens, rest).all(), rest);
  return { items: items.map((one) => moved(one, at)), written: written.map((one) => movedSpan(one, at)) };
}

/** “10 (12, 14)”: the other sizes. */
const SIZES = /(?<=\d)\s*\(\s*\d+(?:\s*,\s*\d+)+\s*\)/g;

const movedSpan = <S extends TextSpan>(span: S, by: number): S => ({ ...span, from: span.from + by, to: span.to + by });
const moved = (one: Instruction, by: number): Instruction =>
  one.do === 'repeat' || one.do === 'into'
    ? { ...movedSpan(one, by), items: one.items.map((inner) => moved(inner, by)) }
    : movedSpan(one, by);

/** What counts are of: “st”, “sc”, “ch-sp”; nothing for all. */
const COUNTED = `(?:(?:total )?(?:(?:(?:front|back)[- ]post )?(?:${STITCH_NAMES.map(({ pattern }) => pattern).join('|')})(?: \\d+ together)?(?![a-z])|sts?|stitch(?:es)?|ch[- ]?\\d*[- ]?sps?|[a-z][a-z0-9-]*(?: (?:sts?|crochets?|stitch(?:es)?|trebles?))?(?: sts?)?))`;
const NUMBERS = `=?\\s*\\d+(?:\\s*${COUNTED})?(?:\\s*(?:[,;+&/]|and|…|\\.\\.\\.)+\\s*\\d+(?:\\s*${COUNTED})?)*(?:\\s+(?:total|in all|made|rem(?:ain(?:ing)?)?|each))?`;
const IN_BRACKETS = new RegExp(
  `([(\\[{])\\s*(${NUMBERS})\\s*[)\\]}](?!\\s*(?:\\d+|two|three|four|five|six|x|×|twice|once|times?|in\\b|into\\b|around\\b|across\\b|to\\b|more\\b))`,
  'gi',
);
const AT_END = new RegExp(`(?:\\s[—–-]{1,2}|[.;:=])\\s*(${NUMBERS})\\s*\\.?\\s*$`, 'i');
/** Words that make a bracket with a number no count. */
const NO_COUNT = /\b(?:next|in|from|rows?|rnds?|rounds?|times|count|cm|mm|inch(?:es)?|turn)\b/i;

/** Takes the written count out of a row, its room left blank so that all else stays where it is. */
function takeCount(text: string): { written: WrittenNumber[]; rest: string } {
  let found: { from: number; words: string; whole: [number, number] } | null = null;
  for (const match of text.matchAll(IN_BRACKETS)) {
    const words = match[2] as string;
    if (NO_COUNT.test(words)) continue;
    const begin = match.index;
    found = { from: begin + match[0].indexOf(words), words, whole: [begin, begin + match[0].length] };
  }
  if (!found) {
    const match = AT_END.exec(text);
    // “sc in next 3 sts” after a colon is none; a count has nothing behind it.
    if (match && !NO_COUNT.test(match[1] as string)) {
      const words = match[1] as string;
      const begin = match.index + match[0].indexOf(words);
      const isAlone = /\d+\s*$/.test(words) || /^\s*=?\s*\d+\s+[a-z]/i.test(words);
      if (isAlone && match.index > 0)
        found = { from: begin, words, whole: [match.index, match.index + match[0].length] };
    }
  }
  if (!found) return { written: [], rest: text };
  const written: WrittenNumber[] = [];
  for (const part of found.words.matchAll(/(\d+)\s*([a-z][a-z0-9 -]*)?/gi)) {
    const from = found.from + part.index;
    const of = (part[2] ?? '')
      .trim()
      .toLowerCase()
      .replace(/\s*(?:and|total|in all|made|each|rem(?:ain(?:ing)?)?)$/, '')
      .trim();
    const isAfterGap = /(?:…|\.\.\.)\s*$/.test(found.words.slice(0, part.index));
    written.push({
      ...{ from, to: from + (part[1] as string).length, count: Number(part[1]), of },
      ...(isAfterGap ? { isAfterGap } : {}),
    });
  }
  const [from, to] = found.whole;
  return { written, rest: text.slice(0, from) + ' '.repeat(to - from) + text.slice(to) };
}

/** What is said in a row and changes no count. */
const BESIDE =
  /^\W*(?:place|move|pm\b|mark|remove|do not|don.t|note|change|switch|with\b|using|drop|pick|carry|weave|pull|close|tighten|insert|stuff|start|begin|attach|rejoin|make sure|be careful|right side|wrong side|rs\b|ws\b|u\.?[sk]\b|keep|leave a|leaving a|long tail|colou?r|yarn|mc\b|cc\b|for\b|repeat\b|rep\b|as (?:before|established)|in (?:a )?(?:spiral|continuous)|marker|sew|draw|facing|again|stop|beginning|starting|end(?:ing)?\b|you|this|these|it\b|all\b|a total|total|if\b|until\b|alternat|fold|whip|steam|block|the last (?:one )?in(?:to)? (?:the )?top)/i;

/** A row's brackets and stars, and the phrases between them. */
class Structure {
  private at = 0;
  private depth = 0;

  constructor(
    private readonly tokens: readonly IToken[],
    private readonly text: string,
  ) {}

  all(): Instruction[] {
    const items = this.items('none');
    // A bracket that closes nothing is passed by.
    while (this.at < this.tokens.length) {
      this.at += 1;
      items.push(...this.items('none'));
    }
    return items;
  }

  private peek(ahead = 0): IToken | undefined {
    return this.tokens[this.at + ahead];
  }

  private is(type: (typeof T)[keyof typeof T], ahead = 0): boolean {
    return this.peek(ahead)?.tokenType === type;
  }

  /** Up to what closes them, or to the end. */
  private items(inside: 'none' | 'bracket' | 'star'): Instruction[] {
    const items: Instruction[] = [];
    let phrase: IToken[] = [];
    const flush = () => {
      const [first] = phrase;
      // “sc, inc, repeat around”: all that was said in this row so far.
      if (first && /^rep(?:eat)?$/i.test(first.image) && items.length > 0) {
        const until = new Structure(phrase.slice(1), this.text).until('more');
        if (until) {
          const all = items.splice(0).filter(({ do: what }) => what !== 'note');
          items.push({
            ...spanOf(first, phrase.at(-1) as IToken),
            from: all[0]?.from ?? first.startOffset,
            do: 'repeat',
            items: all,
            until,
          });
          phrase = [];
          return;
        }
      }
      items.push(...this.phrase(phrase));
      phrase = [];
    };
    for (let token = this.peek(); token; token = this.peek()) {
      if (this.is(T.Close)) {
        if (inside !== 'none') break;
        this.at += 1;
        continue;
      }
      if (inside === 'star' && (this.is(T.RepFrom) || this.is(T.Star))) break;
      if (this.is(T.Comma)) {
        flush();
        this.at += 1;
      } else if (this.is(T.Open)) {
        // “rep [sc, inc] around”: the word before a bracket says nothing more than the bracket.
        if (phrase.length === 1 && /^rep(?:eat)?$/i.test(phrase[0]?.image ?? '')) phrase = [];
        flush();
        items.push(...this.bracket());
      } else if (this.is(T.Star)) {
        flush();
        items.push(...this.star());
      } else if (this.is(T.RepFrom)) {
        flush();
        this.at += 1;
        items.push({ ...spanOf(token, token), do: 'unread', words: token.image });
        this.until('more');
      } else {
        phrase.push(token);
        this.at += 1;
      }
    }
    flush();
    return items;
  }

  private phrase(tokens: IToken[]): Instruction[] {
    if (tokens.length === 0) return [];
    const first = tokens[0] as IToken;
    const last = tokens.at(-1) as IToken;
    const span = spanOf(first, last);
    const words = this.text.slice(span.from, span.to);
    const counted = tokens.findIndex(({ image }) => /^counts?$/i.test(image));
    if (counted >= 0) {
      const saysBefore = tokens
        .slice(0, counted)
        .filter(({ image }) => !/^(?:does|do|not|don.t|doesn.t|which|this|that|it|skipped|missed|will)$/i.test(image));
      const note: InstructionOf<'stands'> = { ...span, do: 'stands', ...standsOf(words) };
      // “the skipped chains count”: what counts was said before.
      const before =
        /^(?:skipped|missed)/i.test(words) ||
        (saysBefore.every(
          ({ tokenType }) => tokenType === T.Chain || tokenType === T.Ordinal || tokenType === T.Number,
        ) &&
          !/^ch(?:ain)?\W*\d/i.test(words))
          ? []
          : saysBefore;
      return [...this.phrase(before), note];
    }
    // Said of the stitch that was told already.
    if (
      /^the last (?:one )?in(?:to)? (?:the )?top/i.test(words) ||
      /^the last (?:one )?in(?:to)? (?:the )?top/i.test(this.text.slice(Math.max(0, span.from - 4), span.to))
    )
      return [{ ...span, do: 'note' }];
    const read = readPhrase(tokens);
    if (read.some((one) => one.do === 'unread') && BESIDE.test(words)) return [{ ...span, do: 'note' }];
    return read;
  }

  private bracket(): Instruction[] {
    const open = this.tokens[this.at] as IToken;
    this.at += 1;
    this.depth += 1;
    if (this.depth > DEEPEST) {
      while (this.peek()) this.at += 1;
      return [{ ...spanOf(open, open), do: 'unread', words: open.image }];
    }
    const begun = this.at;
    const items = this.items('bracket');
    const close = this.peek() ?? (this.tokens.at(-1) as IToken);
    this.at += 1;
    this.depth -= 1;
    const span = spanOf(open, close);
    const words = this.text.slice(open.startOffset + 1, close.startOffset);
    const until = this.until('in-all');
    if (until) return [{ ...spanOf(open, this.tokens[this.at - 1] as IToken), do: 'repeat', items, until }];
    const into = this.place();
    if (into) return [{ ...spanOf(open, this.tokens[this.at - 1] as IToken), do: 'into', items, place: into }];
    if (items.length === 1 && items[0]?.do === 'stands') return items;
    // An aside: nothing in it is to be worked, or it can't be read as work.
    const isWork =
      items.length > 0 && items.every((one) => one.do !== 'unread' && one.do !== 'note') && begun < this.at;
    const isAside = /\b(?:rs|ws|right|wrong|inc(?:rease)?s? made|made|i\.e|see|optional|total|side)\b/i.test(words);
    return isWork && !isAside ? items : [{ ...span, do: 'note' }];
  }

  private star(): Instruction[] {
    const first = this.tokens[this.at] as IToken;
    this.at += 1;
    const items = this.items('star');
    if (!this.peek()) return [{ ...spanOf(first, first), do: 'unread', words: first.image }, ...items];
    if (this.is(T.Star)) {
      this.at += 1;
      while (this.is(T.Comma)) this.at += 1;
      if (this.is(T.RepFrom) || /^rep(?:eat)?$/i.test(this.peek()?.image ?? '')) this.at += 1;
      const until = this.until('more') ?? { is: 'end' };
      return [{ ...spanOf(first, this.tokens[this.at - 1] as IToken), do: 'repeat', items, until }];
    }
    if (!this.is(T.RepFrom)) return items;
    this.at += 1;
    // “rep from *, to last 2 sts”, “rep from * to *, across”.
    const until = this.until('more') ?? { is: 'end' };
    return [{ ...spanOf(first, this.tokens[this.at - 1] as IToken), do: 'repeat', items, until }];
  }

  /** How often: nothing where it isn't said here. */
  private until(said: 'in-all' | 'more'): Until | null {
    const token = this.peek();
    if (!token) return null;
    const { image, tokenType } = token;
    const take = (until: Until): Until => {
      this.at += 1;
      return until;
    };
    switch (tokenType) {
      case T.StarTimes:
        return take({ is: 'times', times: numberIn(image), said: 'in-all' });
      case T.Times:
        return take({ is: 'times', times: numberIn(image), said: /in (?:all|total)/i.test(image) ? 'in-all' : said });
      case T.MoreTimes:
        return take({ is: 'times', times: numberIn(image) + (said === 'more' ? 1 : 0), said: 'in-all' });
      case T.Once: {
        const times = /thrice/i.test(image) ? 3 : /twice|two/i.test(image) ? 2 : 1;
        const isMore = said === 'more';
        return take({
          is: 'times',
          times: times + (isMore && /more|once|one/i.test(image) ? 1 : 0),
          said: isMore && !/more|once|one/i.test(image) ? 'more' : 'in-all',
        });
      }
      case T.ToEnd:
        this.at += 1;
        // “across to last st”
        return this.is(T.ToLast) ? this.until(said) : { is: 'end' };
      case T.Around:
        return take({ is: 'end' });
      case T.ToLast: {
        this.at += 1;
        let count = 1;
        let noun: Place['noun'] = 'st';
        if (this.is(T.Number)) {
          count = numberIn(this.peek()?.image ?? '');
          this.at += 1;
        }
        const unit = this.peek();
        // “to last shell”: how many stitches that is, what follows tells.
        if (unit && count === 1 && (unit.tokenType === T.Word || unit.tokenType === T.Own)) {
          this.at += 1;
          return { is: 'end' };
        }
        if (unit && [T.St, T.Chain, T.Space, T.Stitch].includes(unit.tokenType as never)) {
          noun = unit.tokenType === T.Space ? 'sp' : 'st';
          this.at += 1;
        }
        if (this.is(T.Last)) this.at += 1;
        return { is: 'left', count, noun };
      }
      default:
        return null;
    }
  }

  /** “in next st”, after a bracket: all of that goes into one place. */
  private place(): Place | null {
    if (!this.is(T.In)) return null;
    const begun = this.at;
    const tokens: IToken[] = [];
    while (
      this.peek() &&
      !this.is(T.Comma) &&
      !this.is(T.Open) &&
      !this.is(T.Close) &&
      !this.is(T.Star) &&
      !this.is(T.RepFrom)
    ) {
      tokens.push(this.peek() as IToken);
      this.at += 1;
    }
    const [one, ...more] = readPhrase(tokens);
    if (one?.do === 'work' && more.length === 0) return one.place;
    this.at = begun;
    return null;
  }
}

function standsOf(words: string): { counts: boolean; with: number } {
  const counts = !/\bnot?\b|n.t\b/i.test(words.replace(/note/gi, ''));
  const chains = /(?:and|\+|&|plus|,)\s*(?:a\s+)?(?:ch(?:ain)?[- ]?(\d+)|(\d+) ch)/i.exec(words);
  return { counts, with: counts && chains ? Number(chains[1] ?? chains[2]) : 0 };
}

const spanOf = (first: IToken, last: IToken): TextSpan => ({
  from: first.startOffset,
  to: (last.endOffset ?? last.startOffset) + 1,
});
