import type { Flap } from '@/core/design';
import { nearestCount, together, work, type PatternRow, type StitchKind, type StitchPattern } from '@/core/stitches';
import { outlineRows, type OutlineRows, type ShapedRow } from '@/core/shaping';
import { flapOutline } from './shapes';

/** A flap's stitches, row by row. */
export interface FlapRows extends OutlineRows {
  /** Stitches of the bridge, and of the flap where it starts; as many are left at each side of the back. */
  startStitches: number;
  leftEachSide: number;
}

/**
 * The rows of a flap. One narrower than the back is picked up from the middle of its edge, with as many stitches left at each side;
 * from there its outline is followed as near as whole stitches come.
 *
 * @param backStitches stitches of the back's last row
 * @param rowCount rows of the flap, without those over the top
 */
export function flapRowsOf(
  flap: Flap,
  pattern: StitchPattern,
  backStitches: number,
  rowCount: number,
  gauge: { stitchMm: number; rowMm: number },
): FlapRows {
  const startStitches = startCount(flap, pattern, backStitches, gauge.stitchMm);
  const size = { widthMm: startStitches * gauge.stitchMm, lengthMm: rowCount * gauge.rowMm };
  return {
    startStitches,
    leftEachSide: (backStitches - startStitches) / 2,
    ...outlineRows(flapOutline(flap, size), startStitches, rowCount, gauge),
  };
}

/** The count nearest to the wished width that leaves as much at each side and still suits the pattern's repeat. */
function startCount({ kind, widthMm }: Flap, pattern: StitchPattern, backStitches: number, stitchMm: number): number {
  if (widthMm === null || kind === 'none') return backStitches;
  const even = pattern.repeatStitches % 2 === 0 ? pattern.repeatStitches : 2 * pattern.repeatStitches;
  const wished = Math.round((backStitches - widthMm / stitchMm) / even);
  const most = Math.floor((backStitches - (nearestCount(1, pattern) ?? 1)) / even);
  return backStitches - Math.max(0, Math.min(wished, most)) * even;
}

/**
 * A shaped row as steps that can be worked over the row before it: stitches joined at both sides, or left unworked there. The rest
 * is one plain stitch all along.
 *
 * @example
 * shapedPatternRow({ stitches: 8, fewerEachSide: 1, by: 'decreasing' }, 'sc').before.length // => 1
 */
export function shapedPatternRow({ stitches, fewerEachSide, by }: ShapedRow, kind: StitchKind): PatternRow {
  const repeat = [work(kind)];
  // The last stitch is joined of all that are left.
  if (by === 'decreasing' && stitches === 1)
    return { before: [together(kind, 1 + 2 * fewerEachSide)], repeat: [], after: [] };
  if (by === 'nothing') return { before: [], repeat, after: [] };
  const side = by === 'decreasing' ? [together(kind, fewerEachSide + 1)] : [{ skip: fewerEachSide }];
  return { before: side, repeat, after: side };
}
