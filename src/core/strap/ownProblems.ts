import { ownCodes } from '@/core/problems';

/** What the problems of a strap are told from; lengths in mm. */
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
  'strap-shorter-than-hardware': { wornMm: number; hardwareMm: number };
  'strap-has-no-drop': object;
  'strap-mouth-too-high': object;
  'strap-face-is-round': object;
  'strap-cannot-grow': object;
  'strap-mouth-too-narrow': { stitches: number; topStitches: number };
  'strap-feet-cross': { inStitches: number; mostStitches: number; ofStitches: number };
  'strap-ring-narrow': { innerMm: number; widthMm: number };
  'strap-ring-wide': { innerMm: number; widthMm: number };
  'strap-bow-short': { tieMm: number; takesMm: number };
  'strap-let-out-beyond': { longerMm: number; mostMm: number };
  'strap-holes-beyond': { alongMm: number; strapMm: number };
  'strap-handles-unlike': { firstMm: number; secondMm: number };
  'strap-handles-apart': { firstStitches: number; secondStitches: number };
  'strap-ready-made-unlike': { lengthMm: number; wornMm: number };
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
  'strap-given-by-tape': object;
  'strap-to-sides': object;
  'strap-sewn-on': object;
  'strap-feet-in': { inStitches: number };
  'strap-ring-of': { innerMm: number };
  'strap-tie-left': { tieMm: number };
  'strap-let-out-by': { mostMm: number };
  'strap-as-ready-made': { wornMm: number };
  'strap-ready-made-of': { lengthMm: number };
  'strap-like-the-other': object;
}

export const ours = ownCodes<StrapProblems, StrapRepairs>();
