const NOUNS = { st: ['st', 'sts'], ch: ['ch', 'chs'] } as const;

/** What a step goes into: stitches, or the chains of a foundation. */
export type Noun = keyof typeof NOUNS;

/**
 * The next stitches or chains, all at once.
 *
 * @example
 * nextOf(1) // => 'next st'
 * nextOf(3, 'ch') // => 'next 3 chs'
 */
export const nextOf = (count: number, noun: Noun = 'st'): string =>
  count === 1 ? `next ${NOUNS[noun][0]}` : `next ${count} ${NOUNS[noun][1]}`;

/**
 * The next stitches or chains, one after the other.
 *
 * @example
 * eachOf(1) // => 'next st'
 * eachOf(3, 'ch') // => 'each of next 3 chs'
 */
export const eachOf = (count: number, noun: Noun = 'st'): string =>
  count === 1 ? nextOf(1, noun) : `each of ${nextOf(count, noun)}`;

/**
 * @example
 * ordinal(22) // => '22nd'
 * ordinal(11) // => '11th'
 */
export function ordinal(value: number): string {
  const lastTwo = value % 100;
  const suffix = lastTwo >= 11 && lastTwo <= 13 ? 'th' : (['th', 'st', 'nd', 'rd'][value % 10] ?? 'th');
  return `${value}${suffix}`;
}

/** What a piece is counted in: turned rows, or rounds. */
export type Counted = 'row' | 'round';

const NAMES = { row: 'Row', round: 'Round' } as const;

/**
 * One row, or several that are worked alike, by their numbers.
 *
 * @example
 * numbered('row', 4, 4) // => 'Row 4'
 * numbered('round', 2, 9) // => 'Rounds 2 to 9'
 */
export const numbered = (counted: Counted, from: number, to: number): string =>
  from === to ? `${NAMES[counted]} ${from}` : `${NAMES[counted]}s ${from} to ${to}`;

/**
 * Rows that repeat a block of those before, which of them the first and the last are like, and the stitches of each.
 *
 * @param block the rows that are repeated, the last of them right before `from` or whole repeats before it
 *
 * @example
 * repeatedWords('row', 6, 11, { from: 2, to: 5 }, 30) // => 'Rows 6 to 11: repeat rows 2 to 5, row 6 as row 2, row 11 as row 3. (30 sts in every row)'
 * repeatedWords('round', 9, 9, { from: 8, to: 8 }, 30) // => 'Round 9: as round 8. (30 sts)'
 */
export function repeatedWords(
  counted: Counted,
  from: number,
  to: number,
  block: { from: number; to: number },
  stitches: number,
): string {
  const as = (number: number) => block.from + ((number - block.from) % (block.to - block.from + 1));
  const one = (number: number) => `${counted} ${number}`;
  const named = numbered(counted, from, to);
  if (from === to) return `${named}: as ${one(as(from))}. (${stitches} sts)`;
  const all = `(${stitches} sts in every ${counted})`;
  if (block.from === block.to) return `${named}: as ${one(block.from)}. ${all}`;
  return `${named}: repeat ${counted}s ${block.from} to ${block.to}, ${one(from)} as ${one(as(from))}, ${one(to)} as ${one(as(to))}. ${all}`;
}

/**
 * A share in whole percent.
 *
 * @example
 * percent(0.254) // => '25 %'
 */
export const percent = (share: number | undefined): string => `${Math.round((share ?? 0) * 100)} %`;
