import { BY_SIZE, NUMBER } from '@/core/language';

const ANY_BY_SIZE = new RegExp(BY_SIZE, 'gu');

/** What may differ from one unit to the other: a quantity with its unit, several sizes of it; or a number. */
const BY_UNIT = new RegExp(
  String.raw`(?:${NUMBER})(?: \((?:${NUMBER})(?:, (?:${NUMBER}))*\))?(?:\s?(?:mm/stitch|mm/row|m/g|yd/oz|g/m²|cm²|cm³|in²|in³|mm|cm|in|yd|m|oz|g)(?![\p{L}\d]))?`,
  'gu',
);

/** The words of a line that stay, and the numbers between them. */
interface Cut {
  key: string;
  words: string[];
  numbers: string[];
}

function cut(line: string, by: RegExp): Cut {
  const words: string[] = [];
  const numbers: string[] = [];
  let at = 0;
  for (const found of line.matchAll(by)) {
    words.push(line.slice(at, found.index));
    numbers.push(found[0]);
    at = found.index + found[0].length;
  }
  words.push(line.slice(at));
  return { key: words.join('\u0000'), words, numbers };
}

/** Numbers that all have the same noun behind them share it: "26 (30, 34) sts". */
function withNoun(all: readonly string[], together: (numbers: readonly string[]) => string): string {
  const nouns = all.map((one) => /^\d+( [a-z]+)$/.exec(one)?.[1]);
  const [noun] = nouns;
  if (noun === undefined || nouns.some((one) => one !== noun)) return together(all);
  return together(all.map((one) => one.slice(0, -noun.length))) + noun;
}

/** Writes one line of several that differ in numbers alone. */
function written(cuts: readonly Cut[], together: (numbers: readonly string[]) => string): string {
  const [{ words, numbers } = { words: [''], numbers: [] }] = cuts;
  return words
    .map((word, index) => {
      if (index === numbers.length) return word;
      const all = cuts.map((one) => one.numbers[index] as string);
      return word + (new Set(all).size === 1 ? (all[0] as string) : withNoun(all, together));
    })
    .join('');
}

/**
 * Lines of several sizes as one pattern: "26 (30, 34)" where they differ in numbers, each size's own line where they differ in words.
 *
 * @param sizes the lines of each size, in the same order as `names`
 *
 * @example
 * mergedBySize([['Row 1: 26 sc.'], ['Row 1: 30 sc.']], ['S', 'M']) // => ['Row 1: 26 (30) sc.']
 * mergedBySize([['Turn.', 'Row 2: sc.'], ['Turn.']], ['S', 'M']) // => ['Turn.', 'Size S: Row 2: sc.']
 */
export function mergedBySize(sizes: readonly (readonly string[])[], names: readonly string[]): string[] {
  const cuts = sizes.map((lines) => lines.map((line) => cut(line, ANY_BY_SIZE)));
  const shared = cuts.reduce<string[]>((all, one, index) => {
    const keys = one.map(({ key }) => key);
    return index === 0 ? keys : commonOf(all, keys);
  }, []);
  const at = sizes.map(() => 0);
  const out: string[] = [];
  const ownUntil = (key: string | null): void =>
    cuts.forEach((one, size) => {
      while ((at[size] as number) < one.length && one[at[size] as number]?.key !== key) {
        out.push(`Size ${names[size]}: ${sizes[size]?.[at[size] as number]}`);
        at[size] = (at[size] as number) + 1;
      }
    });
  for (const key of shared) {
    ownUntil(key);
    out.push(
      written(
        cuts.map((one, size) => one[at[size] as number] as Cut),
        ([first, ...others]) => `${first} (${others.join(', ')})`,
      ),
    );
    cuts.forEach((_, size) => (at[size] = (at[size] as number) + 1));
  }
  ownUntil(null);
  return out;
}

/**
 * Lines in one unit, the other one beside every quantity.
 *
 * @example
 * mergedByUnit(['It is 12.0 cm wide.'], ['It is 4¾ in wide.']) // => ['It is 12.0 cm / 4¾ in wide.']
 */
export const mergedByUnit = (lines: readonly string[], others: readonly string[]): string[] =>
  lines.map((line, index) => {
    const [one, other] = [cut(line, BY_UNIT), cut(others[index] ?? line, BY_UNIT)];
    return one.key === other.key ? written([one, other], (all) => all.join(' / ')) : `${line} / ${others[index]}`;
  });

/** The longest run of lines that two have in common, in their order. */
function commonOf(one: readonly string[], other: readonly string[]): string[] {
  const long = Array.from({ length: one.length + 1 }, () => new Uint32Array(other.length + 1));
  for (let i = one.length - 1; i >= 0; i -= 1)
    for (let j = other.length - 1; j >= 0; j -= 1)
      (long[i] as Uint32Array)[j] =
        one[i] === other[j]
          ? (long[i + 1]?.[j + 1] as number) + 1
          : Math.max(long[i + 1]?.[j] as number, long[i]?.[j + 1] as number);
  const common: string[] = [];
  for (let i = 0, j = 0; i < one.length && j < other.length;) {
    if (one[i] === other[j]) {
      common.push(one[i] as string);
      i += 1;
      j += 1;
    } else if ((long[i + 1]?.[j] as number) >= (long[i]?.[j + 1] as number)) i += 1;
    else j += 1;
  }
  return common;
}

/**
 * One size of a pattern of several: the inverse of `mergedBySize`.
 *
 * @param size which one, from 0
 *
 * @example
 * lineOfSize('Row 1: 26 (30, 34) sc.', 1, ['S', 'M', 'L']) // => 'Row 1: 30 sc.'
 * lineOfSize('Size S: turn.', 1, ['S', 'M', 'L']) // => null
 */
export function lineOfSize(line: string, size: number, names: readonly string[]): string | null {
  const own = names.findIndex((name) => line.startsWith(`Size ${name}: `));
  if (own >= 0) return own === size ? line.slice(`Size ${names[own]}: `.length) : null;
  const one = BY_SIZE;
  const graded = new RegExp(`(${one}) \\(((?:${one})(?:, (?:${one})){${names.length - 2}})\\)`, 'gu');
  return line.replace(graded, (_, first: string, others: string) =>
    size === 0 ? first : (others.split(', ')[size - 1] ?? first),
  );
}
