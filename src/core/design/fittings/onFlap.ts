import { z } from 'zod';
import { count, idSchema, lengthMm } from '../fields';

/** A closure's name for the program. */
export const closureIdSchema = idSchema.brand<'ClosureId'>();
export type ClosureId = z.infer<typeof closureIdSchema>;

/** How near to the flap's edge and how far from it what closes a flap can be wished, mm. */
export const INSET_LIMITS = { leastMm: 3, mostMm: 400 } as const;

/** How far in from the row's ends a pair can be wished, mm. */
export const IN_LIMITS = { leastMm: 3, mostMm: 400 } as const;

/** How many are set beside each other, and where along the row: always mirrored, as many stitches from one end as from the other. */
export const acrossFields = {
  /** One in the middle; two, as far in from either end; or several, each in the middle of as wide a share of the row. */
  layout: z.enum(['centre', 'pair', 'even']),
  /** Of a pair: in from the row's ends, to the middle of each. Null: a quarter of the row. */
  inMm: lengthMm(IN_LIMITS.leastMm, IN_LIMITS.mostMm).nullable(),
  /** Of several. */
  count: count(2, 9),
};

/** The choices by which something is set along a row. */
export interface Across {
  layout: 'centre' | 'pair' | 'even';
  inMm: number | null;
  count: number;
}

/** One in the middle, as most are first set. */
export const USUAL_ACROSS: Across = { layout: 'centre', inMm: null, count: 3 };

/** What everything has that closes a flap: one part on the flap, and its mate on the front where the flap brings it. */
export const onFlapFields = {
  id: closureIdSchema,
  /** In from the flap's edge, to the middle. */
  insetMm: lengthMm(INSET_LIMITS.leastMm, INSET_LIMITS.mostMm),
  ...acrossFields,
  /** Where the mate is set: for the loaded bag, halfway between empty and loaded, or one for each. */
  mate: z.enum(['loaded', 'between', 'both']),
};

/** The choices that are so of whatever closes a flap. */
export interface OnFlap extends Across {
  kind: string;
  insetMm: number;
  mate: 'loaded' | 'between' | 'both';
}
