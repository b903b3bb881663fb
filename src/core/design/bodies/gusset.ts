import { z } from 'zod';
import { lengthMm } from '../fields';
import { bandJoined, bodyFields, depthMm, stripTrial } from './common';
import type { BodyFacts } from './facts';

/** Front and back, each worked from the base up, and a strip round side, base and side between them. */
export const gussetSchema = z.strictObject({
  kind: z.literal('gusset'),
  ...bodyFields,
  depthMm,
  /** Radius of the lower corners; nought where they are square. */
  radiusMm: lengthMm(0, 400),
  /** In short rows across the strip, or in long ones along it. */
  gussetWorked: z.enum(['crosswise', 'lengthwise']),
  bandJoined,
  stripTrial,
});
export type Gusset = z.infer<typeof gussetSchema>;

export const gussetFacts: BodyFacts = {
  faces: 'panels',
  flapFrom: 'back',
  wrap: 'deep',
  hasRoundEnds: false,
  seamsAcross: 2,
  sidesLieFlat: false,
  deeperAs: null,
  depthFrom: 'its-strip',
  freeEdges: ['mouth', 'flap', 'band'],
};
