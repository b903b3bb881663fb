import type { ColourRow } from './colours';

/**
 * Which yarn a row of a piece is worked in: 0 is the swatch's own, 1 the first of the further ones. Where several stripes say it, the last of them counts.
 *
 * @param row as the piece is worked, from 1
 *
 * @example
 * yarnOfRow([{ yarn: 0, fromRow: 3, rows: 2, everyRows: 6, piece: 'all' }], 'panel', 10) // => 1
 * yarnOfRow([{ yarn: 0, fromRow: 3, rows: 2, everyRows: null, piece: 'flap' }], 'panel', 3) // => 0
 */
export function yarnOfRow(stripes: readonly ColourRow[], piece: string, row: number): number {
  for (let index = stripes.length - 1; index >= 0; index -= 1) {
    const stripe = stripes[index] as ColourRow;
    if ((stripe.piece === 'all' || stripe.piece === piece) && isIn(stripe, row)) return stripe.yarn + 1;
  }
  return 0;
}

function isIn({ fromRow, rows, everyRows }: ColourRow, row: number): boolean {
  const into = row - fromRow;
  return into >= 0 && (everyRows === null ? into : into % everyRows) < rows;
}
