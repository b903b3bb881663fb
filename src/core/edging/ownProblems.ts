import { ownCodes } from '@/core/problems';

/** What the problems of an edging are told from; lengths in mm. */
export interface EdgingProblems {
  'edging-without-edge': object;
  'edging-on-edging': object;
  'edging-not-flat': { flatness: number };
  'seam-beside-border': { takeUpStitches: number };
}

/** What its repairs are. */
export interface EdgingRepairs {
  'edging-off': object;
  'edging-picked-up-flat': object;
  'seam-through-border': object;
}

export const ours = ownCodes<EdgingProblems, EdgingRepairs>();
