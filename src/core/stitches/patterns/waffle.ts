import { everywhere, work } from '../step';
import type { StitchPattern } from '../stitch';
import { turningChainOf } from '../turning';

/**
 * Waffle: posts and plain doubles in threes, raised round sunken squares. Thick, takes much yarn. Common practice, no
 * source; proportions from memory.
 */
export const waffle = {
  id: 'waffle',
  use: 'fabric',
  base: 'dc',
  repeatStitches: 3,
  edgeStitches: 2,
  turningChain: turningChainOf('dc'),
  setupRows: [everywhere(work('dc'))],
  rows: [
    { before: [work('dc')], repeat: [work('dc', 1, 'front-post'), work('dc', 2)], after: [work('dc')] },
    { before: [work('dc')], repeat: [work('dc', 2, 'front-post'), work('dc')], after: [work('dc')] },
  ],
  firstRowPublic: true,
  inRounds: false,
  nature: {
    widthToSc: 1.05,
    heightToSc: 1.75,
    yarnToSc: 1.4,
    thicknessToSc: 1.8,
    openness: 'medium',
    hasUp: false,
    sameOnBothFaces: false,
  },
} as const satisfies StitchPattern;
