import { z } from 'zod';
import { bodyFields, workedFrom } from './common';
import type { BodyFacts } from './facts';

/** One strip, folded over its base and seamed at both sides; its flap goes on from the back. */
export const foldOverStripSchema = z.strictObject({ kind: z.literal('fold-over-strip'), ...bodyFields, workedFrom });
export type FoldOverStrip = z.infer<typeof foldOverStripSchema>;

export const foldOverStripFacts: BodyFacts = {
  faces: 'strip',
  flapFrom: 'panel',
  wrap: 'flat',
  hasRoundEnds: false,
  seamsAcross: 2,
  sidesLieFlat: true,
  deeperAs: 'boxed-corners',
  depthFrom: 'stitches',
  freeEdges: ['strip', 'mouth', 'flap'],
};
