/**
 * The row whose middle is nearest to a distance from where row 1 begins. Rows are numbered from 1; a distance
 * before the first row gives 0 or less, so that the caller can say so.
 *
 * @example
 * rowAt(12.4, 5) // => 3
 * rowAt(-1, 5) // => 0
 */
export const rowAt = (distanceMm: number, rowMm: number): number => Math.floor(distanceMm / rowMm) + 1;

/**
 * Distance from where row 1 begins to the middle of a row, mm.
 *
 * @example
 * rowMiddleMm(3, 5) // => 12.5
 */
export const rowMiddleMm = (row: number, rowMm: number): number => (row - 0.5) * rowMm;
