import { chain, inSpace, skip, work } from '../step';
import type { StitchPattern } from '../stitch';
import { turningChainOf } from '../turning';

/**
 * Linen: one sc, one chain; the next row puts its sc into the chain spaces. Woven to look at, drapes, the same on both
 * faces. Common practice, no source; proportions from memory.
 */
export const linen = {
  id: 'linen',
  use: 'fabric',
  base: 'sc',
  repeatStitches: 2,
  edgeStitches: 1,
  turningChain: turningChainOf('sc'),
  setupRows: [{ before: [work('sc')], repeat: [chain(1), skip(1), work('sc')], after: [] }],
  rows: [
    { before: [work('sc')], repeat: [inSpace('sc', 1), chain(1), skip(1)], after: [inSpace('sc', 1), work('sc')] },
    { before: [work('sc'), chain(1), skip(1)], repeat: [inSpace('sc', 1), chain(1), skip(1)], after: [work('sc')] },
  ],
  firstRowPublic: true,
  inRounds: false,
  nature: {
    widthToSc: 1,
    heightToSc: 0.9,
    yarnToSc: 0.9,
    thicknessToSc: 0.9,
    openness: 'medium',
    hasUp: false,
    sameOnBothFaces: true,
  },
} as const satisfies StitchPattern;
