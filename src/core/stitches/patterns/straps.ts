import { everywhere, work } from '../step';
import type { StitchPattern } from '../stitch';
import { turningChainOf } from '../turning';

/**
 * Double thickness: each stitch goes through a back loop and the free loop below it, so two layers grow as one. As many free
 * loops as stitches must be found in each row, or one was skipped. Common practice, no source; proportions from memory.
 */
export const doubleThickness = {
  id: 'double-thickness',
  use: 'strap',
  base: 'sc',
  repeatStitches: 1,
  edgeStitches: 0,
  turningChain: turningChainOf('sc'),
  setupRows: [everywhere(work('sc', 1, 'back-loop'))],
  rows: [everywhere(work('sc', 1, 'two-layers'))],
  // Through three loops, it closes the edge that would stay split.
  lastRow: everywhere(work('sc', 1, 'three-loops')),
  firstRowPublic: true,
  inRounds: false,
  nature: {
    widthToSc: 1,
    heightToSc: 0.6,
    yarnToSc: 1.9,
    thicknessToSc: 2,
    openness: 'dense',
    hasUp: false,
    sameOnBothFaces: true,
  },
} as const satisfies StitchPattern;

/** A cord: slip stitches back along a chain. Common practice, no source; proportions from memory. */
export const chainCord = {
  id: 'chain-cord',
  use: 'cord',
  base: 'sl-st',
  repeatStitches: 1,
  edgeStitches: 0,
  turningChain: turningChainOf('sl-st'),
  setupRows: [],
  rows: [everywhere(work('sl-st'))],
  firstRowPublic: true,
  inRounds: false,
  nature: {
    widthToSc: 1,
    heightToSc: 0.5,
    yarnToSc: 1.15,
    thicknessToSc: 0.9,
    openness: 'dense',
    hasUp: false,
    sameOnBothFaces: true,
  },
} as const satisfies StitchPattern;

/** A tube worked in a spiral through the third loop, usually of eight. Common practice, no source. */
export const spiralTube = {
  id: 'spiral-tube',
  use: 'strap',
  base: 'hdc',
  repeatStitches: 1,
  edgeStitches: 0,
  turningChain: turningChainOf('hdc'),
  setupRows: [everywhere(work('hdc'))],
  rows: [everywhere(work('hdc', 1, 'third-loop'))],
  firstRowPublic: true,
  inRounds: true,
  nature: {
    widthToSc: 1,
    heightToSc: 1.3,
    yarnToSc: 1.05,
    thicknessToSc: 1.1,
    openness: 'dense',
    hasUp: false,
    sameOnBothFaces: false,
  },
} as const satisfies StitchPattern;
