import { everywhere, work } from '../step';
import type { StitchPattern } from '../stitch';
import { turningChainOf } from '../turning';

/**
 * Plain and spike sc by turns: every second stitch is drawn out from the row below the last. Turned, the same row sets its
 * spikes between those of the row before. Thick and dense. Common practice, no source; proportions from memory.
 */
export const spikes = {
  id: 'spikes',
  use: 'fabric',
  base: 'sc',
  repeatStitches: 2,
  edgeStitches: 0,
  turningChain: turningChainOf('sc'),
  setupRows: [everywhere(work('sc'))],
  rows: [everywhere(work('sc'), work('sc', 1, 'spike'))],
  firstRowPublic: true,
  inRounds: false,
  nature: {
    widthToSc: 1,
    heightToSc: 0.85,
    yarnToSc: 1.3,
    thicknessToSc: 1.3,
    openness: 'dense',
    hasUp: true,
    sameOnBothFaces: true,
  },
} as const satisfies StitchPattern;
