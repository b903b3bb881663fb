import { z } from 'zod';
import { idSchema, lengthMm } from '../fields';

/** A closure's name for the program. */
export const closureIdSchema = idSchema.brand<'ClosureId'>();
export type ClosureId = z.infer<typeof closureIdSchema>;

/** How near to the flap's edge and how far from it what closes a flap can be wished, mm. */
export const INSET_LIMITS = { leastMm: 3, mostMm: 400 } as const;

/** What everything has that closes a flap: one part on the flap, and its mate on the front where the flap brings it. */
export const onFlapFields = {
  id: closureIdSchema,
  /** In from the flap's edge, to the middle. */
  insetMm: lengthMm(INSET_LIMITS.leastMm, INSET_LIMITS.mostMm),
  /** One in the middle, or two a quarter of the width in from either side. */
  layout: z.enum(['centre', 'pair']),
  /** Where the mate is set: for the loaded bag, halfway between empty and loaded, or one for each. */
  mate: z.enum(['loaded', 'between', 'both']),
};

/** The choices that are so of whatever closes a flap. */
export interface OnFlap {
  kind: string;
  insetMm: number;
  layout: 'centre' | 'pair';
  mate: 'loaded' | 'between' | 'both';
}
