import { z } from 'zod';
import { lengthMm } from '../fields';
import { bandJoined, bodyFields, depthMm, stripTrial, increases } from './common';
import type { BodyFacts } from './facts';

/** Two discs and a band round part of their rims. Its width is its diameter. */
export const roundPurseSchema = z.strictObject({
  kind: z.literal('round-purse'),
  ...bodyFields,
  depthMm,
  /** How much of the rim is left open. */
  openMm: lengthMm(10, 2000),
  /** Whether each round of the discs is closed with a slip stitch, or they run on. */
  rounds: z.enum(['joined', 'spiral']),
  increases,
  bandJoined,
  stripTrial,
});
export type RoundPurse = z.infer<typeof roundPurseSchema>;

export const roundPurseFacts: BodyFacts = {
  faces: 'discs',
  flapFrom: null,
  wrap: 'round',
  hasRoundEnds: false,
  seamsAcross: 0,
  sidesLieFlat: false,
  deeperAs: null,
  depthFrom: 'stitches',
  freeEdges: ['band'],
};
