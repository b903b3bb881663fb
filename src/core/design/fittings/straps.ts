import { z } from 'zod';
import { MOST_WORN_MM, STRAP_OVERLAP_MM } from '@/core/defaults';
import { STITCH_IDS } from '@/core/stitches/catalogue';
import { count, lengthMm, massG } from '../fields';

/** Straps that are worked: in short rows, in long ones, in double thickness, in linen, as a band closed to a tube, or as a tube in a spiral. */
export const WORKED_STRAP_KINDS = ['plain', 'lengthwise', 'double', 'linen', 'tube', 'spiral'] as const;
export type WorkedStrapKind = (typeof WORKED_STRAP_KINDS)[number];

/** A short trial strip: the kind of strap that it is a trial of, the stitch it was worked in, its rows, and how long and wide it lies slack, under known weights, and fully pulled. */
const trialSchema = z
  .strictObject({
    of: z.enum(WORKED_STRAP_KINDS),
    stitch: z.enum(STITCH_IDS),
    /** Rows or rounds along it; of a strap in long rows, its stitches. */
    rows: count(4, 400),
    slackMm: lengthMm(20, 2000),
    slackWidthMm: lengthMm(2, 200).nullable(),
    /** With a weight hung on it. */
    loaded: z
      .array(z.strictObject({ massG: massG(10, 20000), lengthMm: lengthMm(20, 3000) }))
      .max(6, { error: 'Six weights are enough for one strip.' }),
    /** Pulled by hand as far as it will go. Null: not measured. */
    pulledMm: lengthMm(20, 3000).nullable(),
    pulledWidthMm: lengthMm(2, 200).nullable(),
  })
  .superRefine((trial, { addIssue }) => {
    const { slackMm, pulledMm, slackWidthMm, pulledWidthMm, loaded } = trial;
    const fault = (path: (string | number)[], message: string) => addIssue({ code: 'custom', path, message });
    if (pulledMm !== null && pulledMm < slackMm) fault(['pulledMm'], 'Pulled, the strap can’t be shorter than slack.');
    if (slackWidthMm !== null && pulledWidthMm !== null && pulledWidthMm > slackWidthMm)
      fault(['pulledWidthMm'], 'Pulled, the strap can’t be wider than slack.');
    loaded.forEach((reading, index) => {
      const path = ['loaded', index, 'lengthMm'];
      if (reading.lengthMm < slackMm) fault(path, 'Under a weight the strap can’t be shorter than slack.');
      else if (pulledMm !== null && reading.lengthMm > pulledMm)
        fault(path, 'Under a weight the strap can’t be longer than fully pulled.');
      else if (loaded.some((other) => other.massG < reading.massG && other.lengthMm > reading.lengthMm))
        fault(path, 'Under more weight the strap can’t be shorter than under less.');
    });
  });

const strapFields = {
  widthMm: lengthMm(5, 150),
  wornLengthMm: lengthMm(50, MOST_WORN_MM),
  /** What the worn length is of: the strap fully pulled, under the weight of this bag, or slack because a tape inside keeps it so. */
  school: z.enum(['pulled', 'loaded', 'slack']),
  /** Null: none was worked. */
  sample: trialSchema.nullable(),
  overlapMm: lengthMm(5, 100),
};

const worked = <Kind extends WorkedStrapKind>(kind: Kind) => z.strictObject({ kind: z.literal(kind), ...strapFields });

/** Straps: a new kind is a new member here, and a line in core/strap/natures and in the catalogue of core/strap. */
export const strapSchema = z.discriminatedUnion('kind', [
  worked('plain'),
  worked('lengthwise'),
  worked('double'),
  worked('linen'),
  worked('tube'),
  worked('spiral'),
]);
/** Two handles are two straps. */
export const MOST_STRAPS = 4;
export type Strap = z.infer<typeof strapSchema>;
/** A strap that is worked, of whatever kind: all have the same choices. */
export type WorkedStrap = Strap;
export type StrapTrial = NonNullable<WorkedStrap['sample']>;

/** A strap as it is first added: in short rows, and no trial strip of it was worked. */
export const usualStrap = (): Extract<Strap, { kind: 'plain' }> => ({
  kind: 'plain',
  widthMm: 22,
  wornLengthMm: 1040,
  school: 'pulled',
  sample: null,
  overlapMm: STRAP_OVERLAP_MM,
});
