import { isRaised } from './step';
import type { StitchPattern } from './stitch';
import { isPlainAt, workPattern } from './workPattern';

/** Where a place lies among the motifs of a row: on one of them, or between one and the next; counted from the edge that stitches are counted from. */
export type MotifPlace = { kind: 'on'; motif: number; of: number } | { kind: 'between'; after: number; of: number };

/** How far from a motif's middle a place is still on it, in stitches. Ours. */
const ON_MOTIF = 0.75;

/**
 * Where a place lies among what stands out of a field (bobbles, clusters, posts), in the raised row that is nearest to its own.
 *
 * @param stitches of the row
 * @param atStitches from the edge that they are counted from, in stitches
 * @returns null in a fabric that is the same all over, or where the row's count does not suit the pattern
 *
 * @example
 * motifAt(STITCHES['bobble-field'], 29, 2, 14.5) // => { kind: 'on', motif: 4, of: 7 }
 * motifAt(STITCHES['bobble-field'], 29, 4, 14.5) // => { kind: 'between', after: 3, of: 6 }
 * motifAt(STITCHES.sc, 15, 4, 7.5) // => null
 */
export function motifAt(pattern: StitchPattern, stitches: number, row: number, atStitches: number): MotifPlace | null {
  const period = pattern.rows.length;
  const raised = [...Array(period).keys()]
    .flatMap((away) => [row + away, row - away])
    .find((one) => one >= 1 && !isPlainAt(pattern, one));
  if (raised === undefined) return null;
  // Two turns of the pattern: rows that repeat after an odd number are met from either side.
  const setup = pattern.setupRows.length;
  const within = raised <= setup ? raised : setup + 1 + ((raised - 1 - setup) % (2 * period));
  const worked = workPattern(pattern, stitches, within);
  if (!worked.ok) return null;
  const cells = worked.rows[within - 1] ?? [];
  const middles = cells.flatMap((cell, index) =>
    cell.made === 'stitch' && isRaised(cell.step) ? [raised % 2 === 1 ? index + 0.5 : stitches - index - 0.5] : [],
  );
  if (middles.length < 2) return null;
  middles.sort((a, b) => a - b);
  const on = middles.findIndex((middle) => Math.abs(middle - atStitches) <= ON_MOTIF);
  if (on >= 0) return { kind: 'on', motif: on + 1, of: middles.length };
  return { kind: 'between', after: middles.filter((middle) => middle < atStitches).length, of: middles.length };
}
