import type { StitchPattern } from './stitch';

/**
 * Half double crochet (US), half treble (UK). Into the 2nd chain from the hook where the turning chain does not
 * count, into the 3rd where it does.
 * Source: common practice, no source.
 */
export const halfDoubleCrochet = {
  id: 'hdc',
  repeatStitches: 1,
  edgeStitches: 0,
  turningChain: {
    'does-not-count': { chains: 1, skippedInFoundation: 1 },
    counts: { chains: 2, skippedInFoundation: 2 },
  },
} as const satisfies StitchPattern;
