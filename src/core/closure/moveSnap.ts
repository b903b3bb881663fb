import type { MagneticSnap } from '@/core/design';
import type { DesignEdit } from '@/core/problems';
import type { FlapStage, PouchStage } from '@/core/stages';

/** The least and the most that a snap can be wished in from the flap's edge, mm, as the file takes it. */
const LEAST_INSET_MM = 3;
const MOST_INSET_MM = 400;

/**
 * How far in from the flap's edge a snap can be moved, mm: onto the flap, not beyond.
 *
 * @example
 * snapReach({ bridgeRows: 4, flapRows: 16 }, { rowMm: 5 }) // => { leastMm: 3, mostMm: 97.5 }
 */
export const snapReach = (
  { bridgeRows, flapRows }: Pick<FlapStage, 'bridgeRows' | 'flapRows'>,
  { rowMm }: Pick<PouchStage, 'rowMm'>,
): { leastMm: number; mostMm: number } => ({
  leastMm: LEAST_INSET_MM,
  mostMm: Math.max(LEAST_INSET_MM, Math.min(MOST_INSET_MM, (bridgeRows + flapRows - 0.5) * rowMm)),
});

/**
 * The edits that move a snap along the fabric, its mate with it.
 *
 * @param fromInsetMm where it was when it was taken hold of, from the flap's edge
 * @param towardsEdgeMm by how much it is moved, mm of fabric
 */
export function moveSnapEdits(
  flap: Pick<FlapStage, 'bridgeRows' | 'flapRows'>,
  pouch: Pick<PouchStage, 'rowMm'>,
  fromInsetMm: MagneticSnap['insetMm'],
  towardsEdgeMm: number,
): DesignEdit[] {
  const { leastMm, mostMm } = snapReach(flap, pouch);
  const insetMm = Math.max(leastMm, Math.min(mostMm, fromInsetMm - towardsEdgeMm));
  return [{ path: ['closures', 0, 'insetMm'], value: Math.round(insetMm * 10) / 10 }];
}
