import type { SettledDesign } from '@/core/contents';
import { withinBaseMm, type SectionPoint } from '@/core/section';
import type { PouchStage } from '@/core/stages';
import { lotBehindFrontMm } from './lotInBag';

/** A load that is a hair thicker than planned lies as planned, mm. */
const DUST_MM = 1e-6;

/**
 * The upper corners of things that stand out of the loaded bag, where a flap is drawn over them: x from the middle of the front's fabric,
 * y above the back's upper end, mm. None for a load of which only its thickness is known.
 */
export function standingOut(
  { packed, placed, besideMm }: Pick<SettledDesign, 'packed' | 'placed' | 'besideMm'>,
  pouch: PouchStage,
): SectionPoint[] {
  const { layers, depthMm, loadMm, flatFrontMm, sectionMm } = pouch;
  if (packed === null || (depthMm === 0 && packed.thicknessMm > loadMm + DUST_MM)) return [];
  const gapMm = layers.fabricMm / 2 + withinBaseMm(layers);
  const behindFrontMm = lotBehindFrontMm(pouch, packed.thicknessMm, besideMm);
  // Things stand where a round base stops to bend, or on the floor of a deep one.
  const backEndMm = flatFrontMm.loaded - (depthMm > 0 ? gapMm : 0) + sectionMm.back - sectionMm.front;
  return placed.flatMap(({ yMm, heightMm, behindMm, thicknessMm }) => {
    const y = yMm + heightMm - backEndMm;
    const x = behindFrontMm + behindMm;
    return y > 0
      ? [
          { x, y },
          { x: x + thicknessMm, y },
        ]
      : [];
  });
}
