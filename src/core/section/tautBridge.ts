import { bridgeLengthMm, mouthDepthMm, topDepthMm, type Firmness, type Layers } from './folding';
import type { SectionPoint } from './sectionPiece';
import { tautLengthMm, tautOver, type TautStretch } from './tautOver';

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
