import { z } from 'zod';
import {
  LEAST_CHOSEN_STITCHES,
  LEAST_DEPTH_MM,
  LEAST_NARROWING,
  LEAST_SIZE_MM,
  MOST_CHOSEN_ROWS,
  MOST_CHOSEN_STITCHES,
  MOST_DEPTH_MM,
  MOST_NARROWING,
  MOST_SIZE_MM,
} from '@/core/defaults';
import { count, lengthMm } from '../fields';

/** Ways of joining two edges. */
export const SEAM_KINDS = ['whip', 'through-the-edge', 'mattress', 'slip-stitch', 'sc-join', 'outer-loops'] as const;
export type SeamKind = (typeof SEAM_KINDS)[number];

/** Twice what one part is planned with, so that a fold can be moved all the way without running into a limit of the file. */
export const chosenRows = count(1, MOST_CHOSEN_ROWS).nullable();

/** What every body has, whatever it is made of. */
export const bodyFields = {
  /** What the bag's sizes are from: outside or inside sizes that she wishes for, or what goes in. */
  sizesFrom: z.enum(['outside', 'inside', 'contents']),
  widthMm: lengthMm(LEAST_SIZE_MM, MOST_SIZE_MM),
  heightMm: lengthMm(LEAST_SIZE_MM, MOST_SIZE_MM),
  /** A count she settled on instead of the one that follows from the width. */
  chosenStitches: count(LEAST_CHOSEN_STITCHES, MOST_CHOSEN_STITCHES).nullable(),
  /** Rows she settled on by moving a line on the drawing. Null: it follows from the sizes. */
  chosenRows: z.strictObject({
    front: chosenRows,
    back: chosenRows,
    bridge: count(0, MOST_CHOSEN_ROWS).nullable(),
    flap: chosenRows,
  }),
  seam: z.strictObject({
    kind: z.enum(SEAM_KINDS, { error: 'Choose a seam.' }),
    /** Sewn inside out and turned, or left showing. */
    finish: z.enum(['turned', 'showing']),
    takeUpStitches: z
      .number()
      .min(0, { error: 'A seam takes nothing or more.' })
      .max(2, { error: 'A seam takes 2 stitches at most.' }),
  }),
};

/** Depth outside, from front to back. */
export const depthMm = lengthMm(LEAST_DEPTH_MM, MOST_DEPTH_MM);

/** A short trial of a narrow strip, which works up differently from a wide panel. Null: none was worked. */
export const stripTrial = z.strictObject({ rows: count(4, 400), lengthMm: lengthMm(20, 2000) }).nullable();

/** A gusset or a band is worked by itself and sewn in; or joined to the edges on both its sides as it is worked, row by row. */
export const bandJoined = z.enum(['sewn', 'as-worked'], { error: 'Choose how it is joined.' });

/** Which stitches of a round are increases: in line with those below, which makes corners, or between them. */
export const increases = z.enum(['staggered', 'stacked', 'as-needed']);

/** The last round narrows the mouth: in each face, of every so many pairs of stitches one is worked together. Null: it does not. */
export const narrowing = count(LEAST_NARROWING, MOST_NARROWING).nullable();

/** How far the start of a round has walked, once she has measured it: over so many rounds, by so many stitches. */
export const roundWalk = z
  .strictObject({
    rounds: count(1, 200),
    stitches: z.number().min(-100, { error: 'That is too far.' }).max(100, { error: 'That is too far.' }),
  })
  .nullable();

/** Which end of the strip is worked first. */
export const workedFrom = z.enum(['front-edge', 'flap-edge']);
