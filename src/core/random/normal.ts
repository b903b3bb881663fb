import type { Random } from './seededRandom';

/**
 * The next number of a normal distribution with mean 0 and standard deviation 1.
 * Source: Box and Muller, A Note on the Generation of Random Normal Deviates, 1958.
 *
 * @param random gives numbers from 0 up to, but not including, 1; two are used
 *
 * @example
 * nextNormal(() => 0.5) .toFixed(3) // => '-1.177'
 */
export function nextNormal(random: Random): number {
  // 1 − u is never 0, whose logarithm there is none of.
  const radius = Math.sqrt(-2 * Math.log(1 - random()));
  const angle = 2 * Math.PI * random();
  return radius * Math.cos(angle);
}
