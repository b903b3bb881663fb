/** Gives the next number from 0 up to, but not including, 1. */
export type Random = () => number;

/**
 * A source of numbers that look random and are the same again for the same seed, so that a search can be repeated. Not for
 * secrets. Source: the 32-bit generator known as mulberry32, in the public domain; from memory.
 *
 * @param seed any whole number
 *
 * @example
 * seededRandom(7)() === seededRandom(7)() // => true
 */
export function seededRandom(seed: number): Random {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}
