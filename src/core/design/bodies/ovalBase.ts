import { z } from 'zod';
import { bodyFields, depthMm, increases, narrowing, roundWalk } from './common';
import type { BodyFacts } from './facts';

/** An oval worked about a chain, then straight sides. */
export const ovalBaseSchema = z.strictObject({
  kind: z.literal('oval-base'),
  ...bodyFields,
  depthMm,
  rounds: z.enum(['joined', 'spiral']),
  increases,
  narrowing,
  roundWalk,
});
export type OvalBase = z.infer<typeof ovalBaseSchema>;

export const ovalBaseFacts: BodyFacts = {
  faces: 'rounds',
  flapFrom: 'sides',
  wrap: 'deep',
  hasRoundEnds: true,
  seamsAcross: 0,
  sidesLieFlat: false,
  deeperAs: null,
  depthFrom: 'rows',
  freeEdges: ['mouth', 'flap'],
};
