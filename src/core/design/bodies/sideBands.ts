import { z } from 'zod';
import { bandJoined, bodyFields, depthMm, stripTrial, workedFrom } from './common';
import type { BodyFacts } from './facts';

/**
 * One strip, folded under its base, and a band in each side instead of a seam: the band's end lies across the base fold, its long edges along
 * front and back.
 */
export const sideBandsSchema = z.strictObject({
  kind: z.literal('side-bands'),
  ...bodyFields,
  workedFrom,
  depthMm,
  bandJoined,
  stripTrial,
});
export type SideBands = z.infer<typeof sideBandsSchema>;

export const sideBandsFacts: BodyFacts = {
  faces: 'strip',
  flapFrom: 'panel',
  wrap: 'deep',
  hasRoundEnds: false,
  seamsAcross: 2,
  sidesLieFlat: false,
  deeperAs: null,
  depthFrom: 'its-strip',
  freeEdges: ['mouth', 'flap', 'band'],
};
