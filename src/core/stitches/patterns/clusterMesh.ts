import { chain, everywhere, inSpace, together, work } from '../step';
import type { StitchPattern } from '../stitch';
import { turningChainOf } from '../turning';

/**
 * A mesh of clusters: four doubles joined at the top over four stitches, with chain spaces beside them, and a plain row
 * between. Open: it wants a lining. Chain a multiple of 5 plus 2. Common practice, no source; proportions from memory.
 */
export const clusterMesh = {
  id: 'cluster-mesh',
  use: 'fabric',
  base: 'sc',
  repeatStitches: 5,
  edgeStitches: 1,
  turningChain: turningChainOf('sc'),
  setupRows: [everywhere(work('sc'))],
  rows: [
    { before: [work('dc')], repeat: [chain(2), together('dc', 4), chain(1), work('dc')], after: [] },
    { before: [work('sc')], repeat: [inSpace('sc', 1), work('sc'), inSpace('sc', 2), work('sc')], after: [] },
  ],
  firstRowPublic: true,
  inRounds: false,
  nature: {
    widthToSc: 1.05,
    heightToSc: 1.5,
    yarnToSc: 0.8,
    thicknessToSc: 1.1,
    openness: 'open',
    hasUp: true,
    sameOnBothFaces: false,
  },
} as const satisfies StitchPattern;
