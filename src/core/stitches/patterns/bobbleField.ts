import { everywhere, work } from '../step';
import type { StitchPattern } from '../stitch';
import { turningChainOf } from '../turning';

/**
 * Bobbles in staggered rows with plain rows between. A bobble stands out on the far side of the row being worked, so the
 * bobble rows are worked with the other side in front. Common practice, no source; proportions from memory.
 */
export const bobbleField = {
  id: 'bobble-field',
  use: 'fabric',
  base: 'sc',
  repeatStitches: 4,
  edgeStitches: 1,
  turningChain: turningChainOf('sc'),
  setupRows: [],
  rows: [
    everywhere(work('sc')),
    { before: [work('sc', 2)], repeat: [work('bobble'), work('sc', 3)], after: [work('bobble'), work('sc', 2)] },
    everywhere(work('sc')),
    { before: [work('sc', 4)], repeat: [work('bobble'), work('sc', 3)], after: [work('sc')] },
  ],
  firstRowPublic: true,
  inRounds: false,
  nature: {
    widthToSc: 1,
    heightToSc: 1.05,
    yarnToSc: 1.35,
    thicknessToSc: 2,
    openness: 'dense',
    hasUp: false,
    sameOnBothFaces: false,
  },
} as const satisfies StitchPattern;
