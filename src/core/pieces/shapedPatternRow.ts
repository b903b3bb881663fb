import type { ShapedRow } from '@/core/shaping';
import { chain, together, work, type PatternRow, type StitchKind } from '@/core/stitches';

/**
 * A shaped row as steps that can be worked over the row before it: stitches joined or added at both sides, or left unworked there.
 * The rest is one plain stitch all along.
 *
 * @example
 * shapedPatternRow({ stitches: 8, changeEachSide: -1, by: 'decreasing' }, 'sc').before.length // => 1
 */
export function shapedPatternRow({ stitches, changeEachSide, by }: ShapedRow, kind: StitchKind): PatternRow {
  const repeat = [work(kind)];
  const change = Math.abs(changeEachSide);
  switch (by) {
    case 'nothing':
      return { before: [], repeat, after: [] };
    case 'decreasing': {
      // The last stitch is joined of all that are left.
      if (stitches === 1) return { before: [together(kind, 1 + 2 * change)], repeat: [], after: [] };
      const side = [together(kind, change + 1)];
      return { before: side, repeat, after: side };
    }
    case 'leaving':
      return { before: [{ skip: change }], repeat, after: [{ skip: change }] };
    case 'increasing': {
      // Of a single stitch both sides' increases are worked into it.
      if (stitches === 1 + 2 * change) return { before: [{ ...work(kind), each: stitches }], repeat: [], after: [] };
      const side = [{ ...work(kind), each: change + 1 }];
      return { before: side, repeat, after: side };
    }
    case 'adding':
      return { before: [chain(change)], repeat, after: [chain(change)] };
  }
}
