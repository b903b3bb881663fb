import { everywhere, work } from '../step';
import type { StitchPattern } from '../stitch';
import { turningChainOf } from '../turning';

/**
 * Drops: trebles raised round the posts of stitches two rows below, on a plain ground. They hang one way, so front and flap
 * show them upside down to the back. Common practice, no source; proportions from memory.
 */
export const raisedDrops = {
  id: 'raised-drops',
  use: 'fabric',
  base: 'sc',
  repeatStitches: 4,
  edgeStitches: 0,
  turningChain: turningChainOf('sc'),
  setupRows: [],
  rows: [
    everywhere(work('sc')),
    everywhere(work('sc')),
    everywhere(work('sc', 2), work('tr', 1, 'front-post-two-below'), work('sc')),
    everywhere(work('sc')),
  ],
  firstRowPublic: true,
  inRounds: false,
  nature: {
    widthToSc: 1,
    heightToSc: 1,
    yarnToSc: 1.15,
    thicknessToSc: 1.5,
    openness: 'dense',
    hasUp: true,
    sameOnBothFaces: false,
  },
} as const satisfies StitchPattern;
