import { halfDoubleCrochet } from './halfDoubleCrochet';
import { singleCrochet } from './singleCrochet';
import type { StitchPattern } from './stitch';

/** Every stitch pattern the app knows. A new one is a new file and a line here. */
export const STITCHES = {
  sc: singleCrochet,
  hdc: halfDoubleCrochet,
} as const satisfies Record<string, StitchPattern>;

export type StitchId = keyof typeof STITCHES;

export const STITCH_IDS = Object.keys(STITCHES) as [StitchId, ...StitchId[]];
