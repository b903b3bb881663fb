import type { BesideMm } from '@/core/contents';
import { factsOf } from '@/core/design';
import { mouthDepthMm, withinFacesMm } from '@/core/section';
import type { PouchStage } from '@/core/stages';

/**
 * How far behind the middle of the front's fabric what goes in begins, mm. It leans to the front; in a bag with round ends it stands in the
 * middle, where they leave it the most room.
 *
 * @param thicknessMm of all that goes in, packed
 * @param besideMm of what lies in pockets in front of it and behind
 */
export function lotBehindFrontMm(
  { kind, layers, depthMm, loadMm }: Pick<PouchStage, 'kind' | 'layers' | 'depthMm' | 'loadMm'>,
  thicknessMm: number,
  besideMm: BesideMm,
): number {
  const sheetMm = layers.fabricMm / 2 + withinFacesMm(layers) + besideMm.front;
  if (!factsOf(kind).hasRoundEnds) return sheetMm;
  return Math.max(sheetMm, (mouthDepthMm(layers, loadMm, depthMm) - thicknessMm) / 2);
}
