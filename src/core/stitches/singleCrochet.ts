import type { StitchPattern } from './stitch';

/**
 * Single crochet (US), double crochet (UK). Worked into the 2nd chain from the hook.
 * Source: common practice, no source.
 */
export const singleCrochet = {
  id: 'sc',
  repeatStitches: 1,
  edgeStitches: 0,
  turningChain: {
    'does-not-count': { chains: 1, skippedInFoundation: 1 },
    counts: { chains: 1, skippedInFoundation: 1 },
  },
} as const satisfies StitchPattern;
