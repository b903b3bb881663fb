import { ownCodes } from '@/core/problems';

/** What the problems of a plain strap are told from; lengths in mm. */
export interface StrapProblems {
  'strap-not-tried': { share: number };
  'strap-trial-other-stitch': { share: number };
  'strap-trial-other-kind': object;
  'strap-trial-unlike': { seenMm: number; usualMm: number };
  'strap-load': object;
  'strap-load-unknown': object;
  'strap-hangs-shorter': { shorterMm: number };
  'strap-over-strap': object;
  'strap-stretches-much': { share: number };
  'strap-shorter-than-bag': { wornMm: number; widthMm: number };
}

/** What its repairs are. */
export interface StrapRepairs {
  'strap-off': object;
  'strap-measured-slack': object;
  'strap-measured-pulled': object;
  'strap-measured-loaded': object;
  'strap-trial-was-in-this': object;
  'strap-trial-was-of-this': object;
  'strap-trial-anew': object;
}

export const ours = ownCodes<StrapProblems, StrapRepairs>();
