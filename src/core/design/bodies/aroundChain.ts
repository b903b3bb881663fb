import { z } from 'zod';
import { count } from '../fields';
import { bodyFields, narrowing, roundWalk } from './common';
import type { BodyFacts } from './facts';

/** Worked in rounds about a chain, or about a ring that is sewn flat below. */
export const aroundChainSchema = z.strictObject({
  kind: z.literal('around-chain'),
  ...bodyFields,
  start: z.enum(['chain', 'ring']),
  rounds: z.enum(['joined', 'spiral']),
  /** Stitches more at each end of the chain. */
  endStitches: count(0, 2),
  narrowing,
  roundWalk,
});
export type AroundChain = z.infer<typeof aroundChainSchema>;

export const aroundChainFacts: BodyFacts = {
  faces: 'rounds',
  flapFrom: 'sides',
  wrap: 'flat',
  hasRoundEnds: false,
  seamsAcross: 0,
  sidesLieFlat: false,
  deeperAs: null,
  depthFrom: 'stitches',
  freeEdges: ['mouth', 'flap'],
};
