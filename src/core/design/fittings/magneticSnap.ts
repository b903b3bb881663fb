import { z } from 'zod';
import { SNAP_INSET_MM } from '@/core/defaults';
import { idSchema, lengthMm } from '../fields';

/** A closure's name for the program. */
export const closureIdSchema = idSchema.brand<'ClosureId'>();
export type ClosureId = z.infer<typeof closureIdSchema>;

/** How large a snap can be, and how near to the flap's edge and how far from it it can be wished, mm. */
export const SNAP_LIMITS = {
  diameterMm: { leastMm: 6, mostMm: 40 },
  insetMm: { leastMm: 3, mostMm: 400 },
} as const;

export const magneticSnapSchema = z.strictObject({
  kind: z.literal('magnetic-snap'),
  id: closureIdSchema,
  diameterMm: lengthMm(SNAP_LIMITS.diameterMm.leastMm, SNAP_LIMITS.diameterMm.mostMm),
  insetMm: lengthMm(SNAP_LIMITS.insetMm.leastMm, SNAP_LIMITS.insetMm.mostMm),
  layout: z.enum(['centre', 'pair']),
  mate: z.enum(['loaded', 'between', 'both']),
});
export type MagneticSnap = z.infer<typeof magneticSnapSchema>;

/** A snap as it is first put on: small, in the middle, at the usual inset. */
export const usualSnap = (): MagneticSnap => ({
  kind: 'magnetic-snap',
  id: closureIdSchema.parse('snap'),
  diameterMm: 14,
  insetMm: SNAP_INSET_MM,
  layout: 'centre',
  mate: 'loaded',
});
