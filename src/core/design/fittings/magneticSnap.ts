import { z } from 'zod';
import { SNAP_INSET_MM } from '@/core/defaults';
import { lengthMm } from '../fields';
import { PRONG_LIMITS } from './flapClosures';
import { USUAL_ACROSS, closureIdSchema, onFlapFields } from './onFlap';

/** How large a snap can be, mm. */
const DIAMETER = { leastMm: 6, mostMm: 40 } as const;

export const magneticSnapSchema = z.strictObject({
  kind: z.literal('magnetic-snap'),
  ...onFlapFields,
  diameterMm: lengthMm(DIAMETER.leastMm, DIAMETER.mostMm),
  /** Held by prongs through the fabric, sewn on through its rim, or shut in between two layers. */
  fixing: z.enum(['prongs', 'sewn', 'between-layers'], { error: 'Choose how it is held.' }),
  /** How long its prongs are, where it has any. */
  prongMm: lengthMm(PRONG_LIMITS.leastMm, PRONG_LIMITS.mostMm),
});
export type MagneticSnap = z.infer<typeof magneticSnapSchema>;

/** Prongs of a small snap. From memory. */
export const USUAL_PRONG_MM = 9;

/** A snap as it is first put on: small, in the middle, at the usual inset. */
export const usualSnap = (): MagneticSnap => ({
  kind: 'magnetic-snap',
  id: closureIdSchema.parse('snap'),
  diameterMm: 14,
  insetMm: SNAP_INSET_MM,
  ...USUAL_ACROSS,
  mate: 'loaded',
  fixing: 'prongs',
  prongMm: USUAL_PRONG_MM,
});
