import { z } from 'zod';
import { lengthMm } from '../fields';

/** What a button has. */
export const buttonFields = {
  diameterMm: lengthMm(8, 60),
  thicknessMm: lengthMm(1, 30),
};

/** What a hole for a button has besides. */
export const buttonholeFields = {
  ...buttonFields,
  /** How much smaller than the button the hole is made, since it gives: a share of diameter and thickness. */
  giveShare: z
    .number({ error: 'Write a share.' })
    .min(0, { error: 'A hole gives nothing or more.' })
    .max(0.4, { error: 'A hole gives four tenths at most.' }),
};

/** A button as it is first put on. Sizes from memory. */
export const USUAL_BUTTON = { diameterMm: 23, thicknessMm: 4, giveShare: 0.12 };
