import { z } from 'zod';
import { bodyFields, depthMm, workedFrom } from './common';
import type { BodyFacts } from './facts';

/** A strip as before, its lower corners folded to points and seamed across, so that it stands. */
export const boxedCornersSchema = z.strictObject({
  kind: z.literal('boxed-corners'),
  ...bodyFields,
  workedFrom,
  depthMm,
});
export type BoxedCorners = z.infer<typeof boxedCornersSchema>;

export const boxedCornersFacts: BodyFacts = {
  faces: 'strip',
  flapFrom: 'panel',
  wrap: 'deep',
  hasRoundEnds: false,
  seamsAcross: 2,
  sidesLieFlat: false,
  deeperAs: null,
  depthFrom: 'measure',
  freeEdges: ['strip', 'mouth', 'flap'],
};
