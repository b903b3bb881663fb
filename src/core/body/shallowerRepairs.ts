import { depthSizeEdits, outsideSizeRepairs, type SettledDesign } from '@/core/contents';
import { LEAST_DEPTH_MM, MOST_DEPTH_MM } from '@/core/defaults';
import type { Repair } from '@/core/problems';

/** A bag that was too deep for its other sizes is made half as deep as the least of them. Ours. */
const USUAL_SHARE = 0.5;

/**
 * What mends a bag that is deeper than it is wide or high: less depth; or, where the depth follows from what goes in, more of the size
 * that falls short, if only one does.
 *
 * @param outside the sizes as planned, mm
 */
export function shallowerRepairs(
  settled: SettledDesign,
  outside: { widthMm: number; heightMm: number; depthMm: number },
): Repair[] {
  const { widthMm, heightMm, depthMm } = outside;
  if (settled.body.sizesFrom === 'contents') {
    const enoughMm = Math.ceil(depthMm / USUAL_SHARE);
    if (heightMm >= depthMm) return outsideSizeRepairs(settled, { widthMm: enoughMm });
    return widthMm >= depthMm ? outsideSizeRepairs(settled, { heightMm: enoughMm }) : [];
  }
  const lessMm = Math.min(MOST_DEPTH_MM, Math.floor(USUAL_SHARE * Math.min(widthMm, heightMm)));
  return lessMm < LEAST_DEPTH_MM
    ? []
    : [
        {
          code: 'bag-deeper',
          values: { depthMm: lessMm },
          edits: [...depthSizeEdits(settled, lessMm), { path: ['body', 'chosenStitches'], value: null }],
        },
      ];
}
