/** A number from 0 up to, not including, 1. */
export type Random = () => number;

/** How somebody writes: chosen once for a pattern, as people do. */
export interface Hand {
  terms: 'us' | 'uk';
  word: (stitch: Height) => string;
  label: (noun: 'row' | 'round', number: number, side: string) => string;
  count: (many: number) => string;
  inEach: (stitch: string, round: boolean) => string;
  inNext: (many: number, stitch: string) => string;
  increase: (stitch: string) => string;
  decrease: (stitch: string) => string;
  star: (inside: string, times: number, round: boolean, more: string) => string;
  turn: 'end' | 'end-with-chain' | 'none';
  skip: string;
}

/** Stitches by their height, under their US words. */
export type Height = 'sc' | 'hdc' | 'dc';

const SHORT: Record<'us' | 'uk', Record<Height, string>> = {
  us: { sc: 'sc', hdc: 'hdc', dc: 'dc' },
  uk: { sc: 'dc', hdc: 'htr', dc: 'tr' },
};
const LONG: Record<'us' | 'uk', Record<Height, string>> = {
  us: { sc: 'single crochet', hdc: 'half double crochet', dc: 'double crochet' },
  uk: { sc: 'double crochet', hdc: 'half treble crochet', dc: 'treble crochet' },
};
/** One of several, each as likely. */
export const pick = <T>(random: Random, from: readonly T[]): T => from[Math.floor(random() * from.length)] as T;
/** A whole number, both ends among them. */
export const between = (random: Random, least: number, most: number): number =>
  least + Math.floor(random() * (most - least + 1));

/** Somebody’s way of writing. */
export function someHand(random: Random): Hand {
  const terms = pick(random, ['us', 'us', 'uk'] as const);
  const isWordy = random() < 0.3;
  const word = (stitch: Height) => (isWordy ? LONG : SHORT)[terms][stitch];
  const [row, round] = pick(random, [
    ['Row', 'Rnd'],
    ['Row', 'Round'],
    ['ROW', 'ROUND'],
    ['R', 'Rnd'],
  ] as const);
  const mark = pick(random, [': ', '. ', ' - ', ': ']);
  const label: Hand['label'] = (noun, number, side) =>
    `${noun === 'row' ? row : round}${row === 'R' && noun === 'row' ? '' : ' '}${number}${side}${mark}`;
  const count = pick(random, [
    (many: number) => ` (${many})`,
    (many: number) => ` (${many} sts)`,
    (many: number) => ` [${many} sts]`,
    (many: number) => ` – ${many} sts`,
    (many: number) => ` (${many} stitches)`,
    (many: number) => `. ${many} sts.`,
  ]);
  const across = (isRound: boolean) => (isRound ? pick(random, ['around']) : pick(random, ['across']));
  const inEach = pick(random, [
    (stitch: string, isRound: boolean) => `${stitch} in each st ${across(isRound)}`,
    (stitch: string, isRound: boolean) => `1 ${stitch} in each stitch ${isRound ? 'around' : 'to end'}`,
    (stitch: string, isRound: boolean) => `${stitch} in every st ${across(isRound)}`,
    (stitch: string, isRound: boolean) => `work 1 ${stitch} in each st ${isRound ? 'around' : 'to the end of the row'}`,
  ]);
  const inNext = pick(random, [
    (many: number, stitch: string) => (many === 1 ? `${stitch} in next st` : `${stitch} in next ${many} sts`),
    (many: number, stitch: string) =>
      many === 1 ? `1 ${stitch} in next st` : `1 ${stitch} in each of next ${many} sts`,
    (many: number, stitch: string) =>
      many === 1 ? `${stitch} in the next stitch` : `${stitch} in the next ${many} stitches`,
    (many: number, stitch: string) => (isWordy ? `${stitch} in next ${many} sts` : `${stitch} ${many}`),
    (many: number, stitch: string) => (isWordy ? `${stitch} in next ${many} sts` : `${many} ${stitch}`),
  ]);
  const increase = pick(random, [
    (stitch: string) => `2 ${stitch} in next st`,
    (stitch: string) => `2 ${stitch} in the next st`,
    () => 'inc',
    () => 'inc in next st',
  ]);
  const decrease = pick(random, [
    (stitch: string) => (isWordy ? 'dec over next 2 sts' : `${stitch}2tog`),
    (stitch: string) => (isWordy ? 'dec' : `${stitch}2tog over next 2 sts`),
    () => 'dec',
  ]);
  const star = pick(random, [
    (inside: string, times: number, isRound: boolean, more: string) =>
      `*${inside}; rep from * ${isRound ? 'around' : 'across'}${more}`,
    (inside: string, times: number, isRound: boolean, more: string) =>
      `*${inside}, repeat from * to end${isRound ? ' of round' : ''}${more}`,
    (inside: string, times: number, _: boolean, more: string) => `[${inside}] ${times} times${more}`,
    (inside: string, times: number, _: boolean, more: string) => `(${inside}) x ${times}${more}`,
    (inside: string, times: number, _: boolean, more: string) =>
      `*${inside}; rep from * ${times - 1} more times${more}`,
  ]);
  return {
    terms,
    word,
    label,
    count,
    inEach,
    inNext,
    increase,
    decrease,
    star,
    turn: pick(random, ['end', 'end-with-chain', 'none'] as const),
    skip: terms === 'us' ? 'skip' : 'miss',
  };
}
