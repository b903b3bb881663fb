import { offsetRing, ringBounds, type Ring } from '@/core/cutting';
import type { DropInLining } from '@/core/design';
import type { PouchStage } from '@/core/stages';
import type { Wall } from './dropInWalls';

/** Lines that lie nearer are one, mm. */
const SAME_MM = 0.05;

/**
 * The outside of the crochet that a piece of a drop-in lining goes into, about the piece as it lies: as much larger as the fabric and half of the ease on
 * every side, and up to the mouth where the lining ends below it.
 *
 * @example
 * aroundLining({ hemAt: 'top', seam: [[-50, 0], [50, 0], [50, 80], [-50, 80]] }, { easeMm: 4, belowMm: 8 }, { fabricMm: 3, borderMm: 0 }) // => [[55, 90], [-55, 90], [-55, -5], [55, -5]]
 */
export function aroundLining(
  { hemAt, seam }: Pick<Wall, 'hemAt' | 'seam'>,
  { easeMm, belowMm }: Pick<DropInLining, 'easeMm' | 'belowMm'>,
  { fabricMm, borderMm }: { fabricMm: number; borderMm: PouchStage['borders']['frontMm'] },
): Ring | null {
  const ring = offsetRing(seam, fabricMm + easeMm / 2, 'mitred');
  if (!ring || hemAt === 'none') return ring;
  const { lowMm, highMm } = ringBounds(ring);
  // From its lowest line up it has grown below already; from its middle both ways it has not.
  const grownMm = hemAt === 'top' ? belowMm + borderMm - fabricMm : easeMm / 2 + belowMm + borderMm;
  return ring.map(([x, y]) => {
    if (y > highMm - SAME_MM) return [x, y + grownMm] as const;
    return hemAt === 'both' && y < lowMm + SAME_MM ? ([x, y - grownMm] as const) : ([x, y] as const);
  });
}
