import type { RowToWork } from '@/core/pieces';

/** What may have happened where a count differs from what is planned, the likeliest first; each says where to look. */
export type CountCause =
  /** It is what the row before has: nothing was done at the sides. */
  | { kind: 'shaping-forgotten'; perSide: number }
  /** One of both sides was shaped, the other not. */
  | { kind: 'one-side'; perSide: number }
  /** It is what the next row has: a row more is worked than counted. */
  | { kind: 'row-ahead' }
  /** Whole repeats are missing, or too many. */
  | { kind: 'repeats'; repeats: number; stitches: number }
  /** The turning chain counts as a stitch: it was passed by at the end of the row, or worked into besides its first stitch. */
  | { kind: 'turning-chain' }
  /** A stitch too few or too many at an end. */
  | { kind: 'ends' }
  /** The stitch that closes a round was worked into, or the first one passed over. */
  | { kind: 'join' }
  /** Nothing tells where. */
  | { kind: 'somewhere' };

export interface CountCheck {
  /** Counted less planned. */
  off: number;
  causes: CountCause[];
}

/** How many are lost or won at both ends together, at most. */
const MOST_AT_ENDS = 2;

/**
 * What she counted against what is planned, and where the slip probably is. From the counts alone: it looks for the slips that makers make that come to just this number.
 *
 * Source: common practice, no source (ends and turning chains first, then shaping, then a repeat); the numbers are arithmetic.
 *
 * @param after stitches of the row after this one; null where it is the last
 * @param repeatStitches stitches of a repeat of the pattern; 1 in one plain stitch
 * @param turningChainCounts whether a chain stands for the first stitch of the row
 *
 * @example
 * countCheck({ counted: 57, row: { counted: 'row', stitches: 58, before: 58, by: 'nothing', changeEachSide: 0 }, after: 58, repeatStitches: 1, turningChainCounts: true }) // => { off: -1, causes: [{ kind: 'turning-chain' }, { kind: 'ends' }] }
 * countCheck({ counted: 38, row: { counted: 'row', stitches: 36, before: 38, by: 'decreasing', changeEachSide: -1 }, after: 34, repeatStitches: 1, turningChainCounts: false }).causes[0] // => { kind: 'shaping-forgotten', perSide: 1 }
 */
export function countCheck({
  counted,
  row,
  after,
  repeatStitches,
  turningChainCounts,
}: {
  counted: number;
  row: Pick<RowToWork, 'counted' | 'stitches' | 'before' | 'by' | 'changeEachSide'>;
  after: number | null;
  repeatStitches: number;
  turningChainCounts: boolean;
}): CountCheck {
  const off = counted - row.stitches;
  if (off === 0) return { off, causes: [] };
  const perSide = Math.abs(row.changeEachSide);
  const isShaped = row.by !== 'nothing' && perSide > 0;
  const causes: CountCause[] = [];
  if (isShaped && counted === row.before) causes.push({ kind: 'shaping-forgotten', perSide });
  if (isShaped && counted === row.before + row.changeEachSide) causes.push({ kind: 'one-side', perSide });
  if (after !== null && after !== row.stitches && counted === after) causes.push({ kind: 'row-ahead' });
  if (repeatStitches > 1 && off % repeatStitches === 0)
    causes.push({ kind: 'repeats', repeats: Math.abs(off) / repeatStitches, stitches: repeatStitches });
  if (Math.abs(off) <= MOST_AT_ENDS) {
    if (row.counted === 'round') causes.push({ kind: 'join' });
    else {
      if (turningChainCounts) causes.push({ kind: 'turning-chain' });
      causes.push({ kind: 'ends' });
    }
  }
  return { off, causes: causes.length > 0 ? causes : [{ kind: 'somewhere' }] };
}
