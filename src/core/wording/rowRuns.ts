import type { ShapedRow } from '@/core/shaping';

/** Rows one after the other in which the same is done at the sides. */
export interface RowRun {
  from: number;
  to: number;
  shape: Pick<ShapedRow, 'changeEachSide' | 'by'>;
  /** Stitches of each of them. */
  counts: number[];
}

/**
 * Puts rows together that are worked alike, word for word.
 *
 * @param breaksAfter rows after which something else has to be said
 */
export function runsOf(
  rows: readonly ShapedRow[],
  firstRow: number,
  breaksAfter: ReadonlyMap<number, unknown> = new Map(),
): RowRun[] {
  const runs: RowRun[] = [];
  let lastIsSingle = false;
  rows.forEach((shape, index) => {
    const { stitches, changeEachSide, by } = shape;
    const last = runs.at(-1);
    const row = firstRow + index;
    const alike = last && last.shape.by === by && last.shape.changeEachSide === changeEachSide;
    const single = isSingle(shape);
    if (alike && !single && !lastIsSingle && !breaksAfter.has(row - 1)) {
      last.to = row;
      last.counts.push(stitches);
    } else runs.push({ from: row, to: row, shape: { changeEachSide, by }, counts: [stitches] });
    lastIsSingle = single;
  });
  return runs;
}

/** A row that is worded on its own: it adds or leaves stitches, or has none between what is done at both sides. */
function isSingle({ stitches, changeEachSide, by }: ShapedRow): boolean {
  if (by === 'leaving' || by === 'adding') return true;
  if (by === 'nothing') return false;
  return stitches <= 2 || stitches - 2 * Math.max(0, changeEachSide) <= 2;
}

/** "39, 37, 35 … 21": the first few of many counts and the last. */
export function countedWords(counts: readonly number[]): string {
  if (new Set(counts).size === 1) return String(counts[0]);
  return counts.length <= 6 ? counts.join(', ') : `${counts.slice(0, 3).join(', ')} … ${counts.at(-1)}`;
}
