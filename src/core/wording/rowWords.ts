import type { Step } from '@/core/stitches';
import type { Noun } from './counting';
import { stepWords } from './stitchText';
import type { TermSet } from './terms';

/** Steps, and groups of them that are done so many times. */
type Part = Step | { times: number; parts: Part[] };

/** The longest run of different steps that is looked at as a repeat. */
const LONGEST_REPEAT = 12;

/**
 * Steps of a row in words, what is repeated put between a star and “rep from *”, or in brackets where more than one stretch is.
 *
 * @example
 * stepsWords([work('sc', 2), together('sc', 2), work('sc', 2), together('sc', 2)], 'us') // => '*sc in each of next 2 sts, sc2tog over next 2 sts; rep from * once more'
 */
export const stepsWords = (steps: readonly Step[], terms: TermSet, noun: Noun = 'st'): string =>
  partsWords(grouped(steps), terms, noun);

/**
 * Steps within a stretch that is told with a star already: what is repeated in them stands in brackets.
 *
 * @example
 * innerWords([work('sc'), { ...work('sc'), each: 2 }, work('sc'), { ...work('sc'), each: 2 }], 'us') // => '[sc in next st, 2 sc in next st] 2 times'
 */
export const innerWords = (steps: readonly Step[], terms: TermSet, noun: Noun = 'st'): string =>
  grouped(steps)
    .map((part) => ('parts' in part ? bracketed(part, terms, noun) : stepWords(part, terms, noun)))
    .join(', ');

/** The same for parts that are grouped already: the outermost single group is told with a star, those inside it in brackets. */
export function partsWords(parts: readonly Part[], terms: TermSet, noun: Noun = 'st'): string {
  const groups = parts.filter((part) => 'parts' in part).length;
  return parts
    .map((part) => {
      if (!('parts' in part)) return stepWords(part, terms, noun);
      const inner = part.parts
        .map((one) => ('parts' in one ? bracketed(one, terms, noun) : stepWords(one, terms, noun)))
        .join(', ');
      if (groups > 1) return bracketed(part, terms, noun);
      return `*${inner}; rep from * ${part.times === 2 ? 'once more' : `${part.times - 1} more times`}`;
    })
    .join(', ');
}

const bracketed = (part: { times: number; parts: Part[] }, terms: TermSet, noun: Noun): string =>
  `[${part.parts.map((one) => ('parts' in one ? bracketed(one, terms, noun) : stepWords(one, terms, noun))).join(', ')}] ${part.times} times`;

/** Finds what is repeated: the stretch that saves the most words, then what lies before and after it. */
function grouped(steps: readonly Step[]): Part[] {
  const keys = steps.map((step) => JSON.stringify(step));
  let best: { from: number; length: number; times: number } | null = null;
  for (let length = 1; length <= Math.min(LONGEST_REPEAT, Math.floor(steps.length / 2)); length += 1)
    for (let from = 0; from + 2 * length <= steps.length; from += 1) {
      let times = 1;
      while (same(keys, from, from + times * length, length)) times += 1;
      const saves = (times - 1) * length - 1;
      if (times > 1 && saves > 0 && (best === null || saves > (best.times - 1) * best.length - 1))
        best = { from, length, times };
    }
  if (best === null) return [...steps];
  const { from, length, times } = best;
  return [
    ...grouped(steps.slice(0, from)),
    { times, parts: [...steps.slice(from, from + length)] },
    ...grouped(steps.slice(from + times * length)),
  ];
}

function same(keys: readonly string[], a: number, b: number, length: number): boolean {
  if (b + length > keys.length) return false;
  for (let at = 0; at < length; at += 1) if (keys[a + at] !== keys[b + at]) return false;
  return true;
}
