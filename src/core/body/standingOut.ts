import type { SettledDesign } from '@/core/contents';
import type { PouchStage } from './constructions';
import { bridgeLengthMm, mouthDepthMm, topDepthMm, type Firmness, type Layers } from './folding';
import { lotBehindFrontMm } from './lotInBag';
import type { SectionPoint } from './section';
import { tautLengthMm, tautOver, type TautStretch } from './tautOver';

/** A load that is a hair thicker than planned lies as planned, mm. */
const DUST_MM = 1e-6;

/**
 * The upper corners of things that stand out of the loaded bag, where a flap is drawn over them: x from the middle of the front's fabric,
 * y above the back's upper end, mm. None for a load of which only its thickness is known.
 */
export function standingOut(
  { packed, placed }: Pick<SettledDesign, 'packed' | 'placed'>,
  pouch: PouchStage,
): SectionPoint[] {
  const { layers, depthMm, loadMm, flatFrontMm, sectionMm } = pouch;
  if (packed === null || (depthMm === 0 && packed.thicknessMm > loadMm + DUST_MM)) return [];
  const gapMm = layers.fabricMm / 2 + layers.liningMm;
  const behindFrontMm = lotBehindFrontMm(pouch, packed.thicknessMm);
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

/** The flap's middle line drawn taut over what stands out, from the back's upper end to the same height in front of the bag. */
export function tautBridge(
  layers: Layers,
  loadMm: number,
  depthMm: number,
  corners: readonly SectionPoint[],
): TautStretch[] {
  const backX = mouthDepthMm(layers, loadMm, depthMm);
  const frontX = backX - topDepthMm(layers, loadMm, depthMm);
  return tautOver({ x: backX, y: 0 }, { x: frontX, y: 0 }, corners, layers.liningMm + layers.fabricMm / 2);
}

/**
 * Length of strip that bridges the top, mm: as `bridgeLengthMm` has it, or as far as it is drawn taut over what stands out, whichever
 * is more.
 *
 * @param corners of what stands out, as `standingOut` gives them
 *
 * @example
 * bridgeOverMm({ fabricMm: 0, liningMm: 0 }, 20, 'stiff', 0, [{ x: 0, y: 15 }, { x: 20, y: 15 }]) // => 50
 * bridgeOverMm({ fabricMm: 0, liningMm: 0 }, 20, 'stiff', 0, []) // => 20
 */
export function bridgeOverMm(
  layers: Layers,
  loadMm: number,
  firmness: Firmness,
  depthMm: number,
  corners: readonly SectionPoint[],
): number {
  const plainMm = bridgeLengthMm(layers, loadMm, firmness, depthMm);
  return corners.length === 0 ? plainMm : Math.max(plainMm, tautLengthMm(tautBridge(layers, loadMm, depthMm, corners)));
}
