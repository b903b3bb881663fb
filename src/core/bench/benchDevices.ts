/** What a scale and a tape on a serial line say, and what of it is taken. Whatever model it is, it speaks lines like these. */

const NUMBER = String.raw`(-?\d+(?:\.\d+)?)`;

/**
 * A line of a scale as grams; null where it is none.
 *
 * @example
 * readScaleLine('W 41.3 g') // => 41.3
 * readScaleLine('W 1.5 oz') // => 42.52
 * readScaleLine('ERR') // => null
 */
export function readScaleLine(line: string): number | null {
  const [, digits, unit] = new RegExp(`^W ${NUMBER} (g|oz)$`).exec(line.trim()) ?? [];
  if (digits === undefined) return null;
  return unit === 'oz' ? Math.round(Number(digits) * G_PER_OUNCE * 100) / 100 : Number(digits);
}

/** International avoirdupois pound of 1959, 453.59237 g, by sixteen. */
const G_PER_OUNCE = 28.349523125;

/**
 * A line of a tape as millimetres; null where it is none.
 *
 * @example
 * readTapeLine('L 118.5 mm') // => 118.5
 * readTapeLine('L 4 in') // => 101.6
 */
export function readTapeLine(line: string): number | null {
  const [, digits, unit] = new RegExp(`^L ${NUMBER} (mm|in)$`).exec(line.trim()) ?? [];
  if (digits === undefined) return null;
  return unit === 'in' ? Math.round(Number(digits) * 254) / 10 : Number(digits);
}

/** So many readings are taken together. Ours. */
const TOGETHER = 6;
/** What holds still differs by no more than this from reading to reading, and is more than that. Ours. */
const STEADY_G = 1;
const LEAST_G = 1;
const STEADY_MM = 2;
const LEAST_TAPE_MM = 5;

/**
 * The last readings of a scale as one, once they hold still, to half a gram: a kitchen scale knows no better.
 *
 * @example
 * heldG([41.2, 41.4, 41.3, 41.3, 41.2, 41.4]) // => 41.5
 * heldG([10, 20, 30, 40, 41, 41]) // => null
 */
export const heldG = (readings: readonly number[]): number | null => held(readings, STEADY_G, LEAST_G, 2);

/**
 * The last readings of a tape as one, once they hold still, to half a millimetre.
 *
 * @example
 * heldTapeMm([118.2, 118.4, 118.4, 118.3, 118.6, 118.5]) // => 118.5
 */
export const heldTapeMm = (readings: readonly number[]): number | null => held(readings, STEADY_MM, LEAST_TAPE_MM, 2);

function held(readings: readonly number[], steady: number, least: number, perUnit: number): number | null {
  const last = readings.slice(-TOGETHER);
  if (last.length < TOGETHER || Math.max(...last) - Math.min(...last) > steady) return null;
  const mean = last.reduce((sum, one) => sum + one, 0) / last.length;
  return mean < least ? null : Math.round(perUnit * mean) / perUnit;
}

/** Two presses that come sooner after one another than this are one: the contact bounced, ms. From memory. */
export const BOUNCE_MS = 60;

/**
 * Whether a press of a clicker counts: not where its contact bounced, nor where its clock went back.
 *
 * @example
 * isPress(null, 1000) // => true
 * isPress(1000, 1020) // => false
 */
export const isPress = (lastMs: number | null, nowMs: number): boolean =>
  lastMs === null || nowMs - lastMs >= BOUNCE_MS || nowMs < lastMs;
