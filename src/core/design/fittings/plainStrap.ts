import { z } from 'zod';
import { MOST_WORN_MM, STRAP_OVERLAP_MM } from '@/core/defaults';
import { STITCH_IDS } from '@/core/stitches/catalogue';
import { count, lengthMm } from '../fields';

export const plainStrapSchema = z.strictObject({
  kind: z.literal('plain'),
  widthMm: lengthMm(5, 150),
  wornLengthMm: lengthMm(50, MOST_WORN_MM),
  school: z.enum(['pulled', 'slack']),
  /** A short trial strip: the stitch it was worked in, its rows, and its length lying slack and fully pulled. Null: none was worked. */
  sample: z
    .strictObject({
      stitch: z.enum(STITCH_IDS),
      rows: count(4, 400),
      slackMm: lengthMm(20, 2000),
      pulledMm: lengthMm(20, 3000),
    })
    .refine((sample) => sample.pulledMm >= sample.slackMm, {
      path: ['pulledMm'],
      error: 'Pulled, the strip can’t be shorter than slack.',
    })
    .nullable(),
  overlapMm: lengthMm(5, 100),
});
export type PlainStrap = z.infer<typeof plainStrapSchema>;

/** A strap as it is first added: no trial strip of it was worked. */
export const usualStrap = (): PlainStrap => ({
  kind: 'plain',
  widthMm: 22,
  wornLengthMm: 1040,
  school: 'pulled',
  sample: null,
  overlapMm: STRAP_OVERLAP_MM,
});
