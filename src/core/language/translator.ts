import type { Language, Phrase } from './language';

/** A stretch of a text that was translated as one, and where it came from. */
interface Stretch {
  from: number;
  to: number;
  inFrom: number;
  inTo: number;
}

/** A text in other words. */
export interface Translated {
  text: string;
  /** Words that no phrase has; they stand as they were. */
  left: string[];
  stretches: Stretch[];
}

type Way = 'out' | 'in';

/** A phrase ready to be looked for at a place of a text. */
interface Rule {
  pattern: RegExp;
  /** The word that it begins with, in lower case; nothing where that may be any. */
  first: string;
  length: number;
  write: (found: RegExpExecArray) => string;
}

const LENGTH = String.raw`\d[\d.,]*[¼½¾⅛⅜⅝⅞]?\s?(?:mm|cm|in)(?: \(\d[\d.,]*[¼½¾⅛⅜⅝⅞]?\s?(?:mm|cm|in)\))?|[¼½¾⅛⅜⅝⅞]\s?in`;
const US_ORDINAL = String.raw`(\d+)(?:st|nd|rd|th)`;
const WORD = /[\p{L}\p{M}’'-]+/uy;
const SPOT = /\{[nosl]\}/g;
/** What a stitch in a phrase is taken to be as long as, where the longest phrase is tried first: longer than a single word. */
const STITCH_WEIGHT = 10;
const ANYTHING = '';

const quoted = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&').replace(/ /g, '[ \\t]+');

function ordinalUs(value: number): string {
  const lastTwo = value % 100;
  return `${value}${lastTwo >= 11 && lastTwo <= 13 ? 'th' : (['th', 'st', 'nd', 'rd'][value % 10] ?? 'th')}`;
}

/** Translates between the US words of patterns and another language’s, phrase by phrase, the longest first. */
export class Translator {
  private readonly rules: Record<Way, Map<string, Rule[]>>;
  private readonly stitchesOut: Map<string, string>;
  private readonly stitchesIn: Map<string, string>;

  constructor(private readonly language: Language) {
    this.stitchesOut = new Map(language.stitches.map(([us, short]) => [us.toLowerCase(), short]));
    this.stitchesIn = new Map(
      language.stitches.flatMap(([us, ...theirs]) => theirs.map((one) => [one.toLowerCase(), us] as const)),
    );
    this.rules = { out: this.made('out'), in: this.made('in') };
  }

  /** From US words into the language. */
  into = (text: string): Translated => this.run(text, 'out');

  /** From the language into US words. */
  back = (text: string): Translated => this.run(text, 'in');

  private made(way: Way): Map<string, Rule[]> {
    const rules: Rule[] = [];
    const { phrases: own, names } = this.language;
    const phrases: Phrase[] = [
      ...own,
      ...(way === 'out' ? names : []),
      ['{s}', '{s}'],
      ['{n} {s}', '{n} {s}'],
      ['{l}', '{l}'],
      ['{o}', '{o}'],
    ];
    for (const [us, theirs, ...read] of phrases)
      if (way === 'out') rules.push(this.rule(us, theirs, way));
      else for (const one of [theirs, ...read]) rules.push(this.rule(one, us, way));
    rules.sort((one, other) => other.length - one.length);
    // By the word that a text goes on with; rules that may begin with anything are in each list, and all of them alone where no other begins so.
    const keys = new Set(rules.map(({ first }) => first));
    return new Map([...keys].map((key) => [key, rules.filter(({ first }) => first === key || first === ANYTHING)]));
  }

  private rule(from: string, to: string, way: Way): Rule {
    const spots = from.match(SPOT) ?? [];
    let source = '';
    let at = 0;
    for (const spot of from.matchAll(SPOT)) {
      source += this.words(from.slice(at, spot.index), way) + `(${this.spotPattern(spot[0], way)})`;
      at = spot.index + spot[0].length;
    }
    source += this.words(from.slice(at), way);
    const ends = /[\p{L}\d}]$/u.test(from) ? String.raw`(?![\p{L}\p{N}_])` : '';
    const write = (found: RegExpExecArray): string => {
      // Every group of the pattern is a spot’s.
      const out = spots.reduce(
        (text, spot, index) => text.replace(spot, () => this.written(spot, found[index + 1] ?? '', way)),
        to,
      );
      const [first = ''] = found[0];
      const isCapital = first !== first.toLowerCase() && from.charAt(0) === first.toLowerCase();
      return isCapital ? out.charAt(0).toUpperCase() + out.slice(1) : out;
    };
    return {
      pattern: new RegExp(source + ends, 'iuy'),
      first: this.firstOf(from, way),
      length: from.replace(SPOT, '').length + (from.includes('{s}') ? STITCH_WEIGHT : 0),
      write,
    };
  }

  /** The word that a phrase begins with; nothing where it begins with anything that may be something else. */
  private firstOf(phrase: string, way: Way): string {
    WORD.lastIndex = 0;
    const [word] = WORD.exec(phrase) ?? [];
    if (word === undefined) return ANYTHING;
    const isOneOfSeveral = way === 'in' && Object.hasOwn(this.language.readAs, word);
    return isOneOfSeveral ? ANYTHING : word.toLowerCase();
  }

  /** Words of a phrase, a short one or any that is read as the same. */
  private words(text: string, way: Way): string {
    const source = quoted(text);
    if (way === 'out') return source;
    return Object.entries(this.language.readAs).reduce(
      (all, [short, others]) =>
        all.replace(
          new RegExp(String.raw`(?<![\p{L}\\])${short}(?![\p{L}])`, 'gu'),
          `(?:${[short, ...others].join('|')})`,
        ),
      source,
    );
  }

  private spotPattern(spot: string, way: Way): string {
    if (spot === '{n}') return String.raw`\d[\d.,]*(?<![.,])`;
    if (spot === '{l}') return LENGTH;
    if (spot === '{o}')
      return way === 'out' ? US_ORDINAL.replace('(', '(?:') : this.language.ordinal.replace('{n}', String.raw`\d+`);
    const { stitches, together, frontPost, spike } = this.language;
    if (way === 'out') return String.raw`(?:FP|spike )?(?:${stitches.map(([us]) => quoted(us)).join('|')})(?:\d+tog)?`;
    const names = stitches
      .flatMap(([, ...theirs]) => theirs)
      .sort((one, other) => other.length - one.length)
      .map(quoted);
    const joined = [together[1], together[0]].map((one) => quoted(one).replace('\\{n\\}', String.raw`\d+`)).join('|');
    const behind = [frontPost[1], spike[1], frontPost[0], spike[0]].map(quoted).join('|');
    return `(?:${names.join('|')})(?:${joined}|${behind})?`;
  }

  private written(spot: string, value: string, way: Way): string {
    if (spot === '{o}') {
      const number = Number.parseInt(value, 10);
      return way === 'out' ? this.language.ordinal.replace('{n}', String(number)) : ordinalUs(number);
    }
    if (spot !== '{s}') return value;
    return way === 'out' ? this.stitchOut(value) : this.stitchIn(value);
  }

  private stitchOut(value: string): string {
    const [, before = '', name = '', over] = /^(FP|spike )?(.*?)(\d+)?(?:tog)?$/i.exec(value) ?? [];
    const short = this.stitchesOut.get(name.toLowerCase()) ?? name;
    const { together, frontPost, spike } = this.language;
    const behind = before === '' ? '' : /^fp$/i.test(before) ? frontPost[0] : spike[0];
    return short + behind + (over === undefined ? '' : together[0].replace('{n}', over));
  }

  private stitchIn(value: string): string {
    const { together, frontPost, spike } = this.language;
    let name = value.toLowerCase();
    let before = '';
    let over = '';
    for (const one of [together[1], together[0]]) {
      const found = new RegExp(`${quoted(one).replace('\\{n\\}', String.raw`(\d+)`)}$`, 'i').exec(name);
      if (found && over === '') {
        over = `${found[1]}tog`;
        name = name.slice(0, found.index);
      }
    }
    for (const [mark, us] of [
      [frontPost[1], 'FP'],
      [frontPost[0], 'FP'],
      [spike[1], 'spike '],
      [spike[0], 'spike '],
    ] as const)
      if (before === '' && !this.stitchesIn.has(name) && name.endsWith(mark.toLowerCase())) {
        before = us;
        name = name.slice(0, -mark.length);
      }
    return before + (this.stitchesIn.get(name) ?? name) + over;
  }

  private run(text: string, way: Way): Translated {
    const left: string[] = [];
    const stretches: Stretch[] = [];
    let out = '';
    let at = 0;
    const add = (written: string, length: number) => {
      stretches.push({ from: out.length, to: out.length + written.length, inFrom: at, inTo: at + length });
      out += written;
      at += length;
    };
    while (at < text.length) {
      const before = text.charAt(at - 1);
      const isStart = !/[\p{L}\p{N}]/u.test(before) || (/\d/.test(before) && /\p{L}/u.test(text.charAt(at)));
      const found = isStart ? this.at(text, at, way) : null;
      if (found) {
        // A number that a phrase begins with stays a place of its own: it is what is mended.
        const [number = ''] = /^\d+/.exec(found.written) ?? [];
        const lead = text.startsWith(number, at) ? number.length : 0;
        if (lead > 0) add(number, lead);
        add(found.written.slice(lead), found.length - lead);
        continue;
      }
      WORD.lastIndex = at;
      const [word] = WORD.exec(text) ?? [];
      if (word === undefined) {
        add(text.charAt(at), 1);
        continue;
      }
      if (/\p{L}/u.test(word)) left.push(word);
      add(word, word.length);
    }
    return { text: out, left, stretches };
  }

  private at(text: string, at: number, way: Way): { written: string; length: number } | null {
    const byFirst = this.rules[way];
    WORD.lastIndex = at;
    const first = (WORD.exec(text)?.[0] ?? '').toLowerCase();
    for (const { pattern, write } of byFirst.get(first) ?? byFirst.get(ANYTHING) ?? []) {
      pattern.lastIndex = at;
      const found = pattern.exec(text);
      if (found) return { written: write(found), length: found[0].length };
    }
    return null;
  }
}

/**
 * Where a place of a translated text lies in the text that it is from.
 *
 * @param edge whether the place is where something begins, or where it ends
 */
export function placeBefore({ stretches }: Translated, at: number, edge: 'from' | 'to'): number {
  let low = 0;
  let high = stretches.length - 1;
  while (low <= high) {
    const middle = (low + high) >> 1;
    const one = stretches[middle] as Stretch;
    if (edge === 'from' ? at < one.from : at <= one.from) high = middle - 1;
    else if (edge === 'from' ? at >= one.to : at > one.to) low = middle + 1;
    else if (one.to - one.from === one.inTo - one.inFrom) return one.inFrom + (at - one.from);
    else return edge === 'from' ? one.inFrom : one.inTo;
  }
  return stretches.at(-1)?.inTo ?? 0;
}
