import type { Design } from '@/core/design';

/** What of a design its gauge follows from: the swatch, and what the bag is worked in. */
export type WorkedIn = Pick<
  Design,
  'swatch' | 'stitch' | 'ownStitches' | 'plainEdge' | 'body' | 'worked' | 'corrected'
>;
