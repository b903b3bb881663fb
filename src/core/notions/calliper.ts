/**
 * Reads a line as a calliper sends it: how far its jaws stand apart, in mm; from inches where it is set to those.
 *
 * @returns null for a line that is broken off, or no reading
 *
 * @example
 * readCalliperLine('D 13.42 mm') // => 13.42
 * readCalliperLine('D 0.5000 in') // => 12.7
 * readCalliperLine('D 13.') // => null
 */
export function readCalliperLine(line: string): number | null {
  const [, digits, unit] = /^D (-?\d+(?:\.\d+)?) (mm|in)$/.exec(line.trim()) ?? [];
  if (digits === undefined) return null;
  return unit === 'in' ? Math.round(Number(digits) * 25.4 * 100) / 100 : Number(digits);
}

/** Readings that are taken together, and how far apart the least and the most of them may be, mm. Ours. */
const TOGETHER = 6;
const STEADY_MM = 0.15;

/**
 * The last readings as one, once they hold still: their mean, to a tenth of a millimetre.
 *
 * @returns null while they move, are too few, or say that the jaws are shut
 *
 * @example
 * heldMm([13.4, 13.42, 13.4, 13.38, 13.41, 13.4]) // => 13.4
 * heldMm([13.4, 12.1, 10, 9, 8, 7]) // => null
 */
export function heldMm(readings: readonly number[]): number | null {
  const last = readings.slice(-TOGETHER);
  if (last.length < TOGETHER || Math.max(...last) - Math.min(...last) > STEADY_MM) return null;
  const mean = last.reduce((sum, mm) => sum + mm, 0) / last.length;
  return mean < 0.2 ? null : Math.round(10 * mean) / 10;
}
