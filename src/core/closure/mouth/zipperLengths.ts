/** Lengths that zippers are sold in, from stop to stop: in centimetres, and in inches. From memory. */
const STANDARD = {
  cm: [10, 12, 14, 15, 16, 18, 20, 22, 23, 25, 28, 30, 35, 40, 45, 50, 55, 60, 65, 70, 75, 80, 90, 100],
  in: [4, 5, 6, 7, 8, 9, 10, 11, 12, 14, 16, 18, 20, 22, 24, 26, 28, 30, 36, 40],
} as const;

const MM = { cm: 10, in: 25.4 } as const;

/**
 * The longest length that a zipper is sold in up to so much; null where none is so short.
 *
 * @example
 * longestStandardMm(230, 'cm') // => 230
 * longestStandardMm(229, 'in') // => 228.6
 * longestStandardMm(90, 'cm') // => null
 */
export function longestStandardMm(mostMm: number, unit: 'cm' | 'in'): number | null {
  const lengths = STANDARD[unit].map((length) => length * MM[unit]).filter((mm) => mm <= mostMm + 1e-9);
  return lengths.at(-1) ?? null;
}

/**
 * The shortest length that a zipper is sold in from so much on; null where none is so long.
 *
 * @example
 * shortestStandardMm(131, 'cm') // => 140
 * shortestStandardMm(1100, 'in') // => null
 */
export function shortestStandardMm(leastMm: number, unit: 'cm' | 'in'): number | null {
  const length = STANDARD[unit].find((one) => one * MM[unit] >= leastMm - 1e-9);
  return length === undefined ? null : length * MM[unit];
}
