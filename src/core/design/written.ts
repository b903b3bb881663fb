import { z } from 'zod';
import { LANGUAGE_IDS } from '@/core/language';
import { lengthMm, shortText } from './fields';

/** A further size of the same bag: as large as she likes, or so that something goes into it. */
const sizeSchema = z.strictObject({
  /** As it stands in the pattern: "S", "for A5". */
  name: shortText(16),
  of: z.discriminatedUnion('by', [
    z.strictObject({ by: z.literal('outside'), widthMm: lengthMm(20, 800), heightMm: lengthMm(20, 800) }),
    /** It holds one thing of these sizes, and is planned around it. */
    z.strictObject({
      by: z.literal('holds'),
      widthMm: lengthMm(1, 800),
      heightMm: lengthMm(1, 800),
      thicknessMm: lengthMm(0.1, 400),
    }),
  ]),
});
export type FurtherSize = z.infer<typeof sizeSchema>;

/** So many sizes besides the bag's own stand in one pattern. */
export const MOST_FURTHER_SIZES = 6;

/** How the pattern is written when it leaves. */
export const writtenSchema = z.strictObject({
  /** English, in the terms of the settings, or another language. */
  language: z.enum(['en', ...LANGUAGE_IDS]),
  words: z.enum(['short', 'spelled-out']),
  /** Lengths in the unit of the settings, or with the other one beside it. */
  lengths: z.enum(['one', 'both']),
  /** What the bag's own size is called where there are others. */
  ownSize: shortText(16),
  sizes: z.array(sizeSchema).max(MOST_FURTHER_SIZES, { error: 'Seven sizes in one pattern are the most.' }),
});
export type Written = z.infer<typeof writtenSchema>;

/** A pattern in English, its words short, in one unit and one size. */
export const USUAL_WRITTEN: Written = { language: 'en', words: 'short', lengths: 'one', ownSize: 'M', sizes: [] };
