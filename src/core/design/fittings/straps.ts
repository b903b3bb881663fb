import { z } from 'zod';
import { MOST_WORN_MM, STRAP_OVERLAP_MM } from '@/core/defaults';
import { STITCH_IDS } from '@/core/stitches/catalogue';
import { count, lengthMm, massG } from '../fields';
import { hungFields, usualHung } from './strapParts';

/**
 * Straps that are worked: in short rows, in long ones, in double thickness, in linen, with an edging along both sides, as a band closed to a
 * tube, as a tube in a spiral, or as an i-cord; and cords of chains: one, two twisted, three plaited.
 */
export const WORKED_STRAP_KINDS = [
  'plain',
  'lengthwise',
  'double',
  'linen',
  'edged',
  'tube',
  'spiral',
  'i-cord',
  'chain-cord',
  'twisted-cord',
  'plaited-cord',
] as const;
export type WorkedStrapKind = (typeof WORKED_STRAP_KINDS)[number];

/** Straps that are bought: by length, or ready-made. */
export const BOUGHT_STRAP_KINDS = ['rope', 'leather', 'webbing', 'metal-chain', 'ready-made'] as const;
export type BoughtStrapKind = (typeof BOUGHT_STRAP_KINDS)[number];

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

const workedFields = {
  ...hungFields,
  /** Wanted. Of a cord it follows from its yarn, and is kept for when it is worked in rows again. */
  widthMm: lengthMm(5, 150),
  /** What the worn length is of: the strap fully pulled, under the weight of this bag, or slack because a tape inside keeps it so. */
  school: z.enum(['pulled', 'loaded', 'slack']),
  /** Null: none was worked. */
  sample: trialSchema.nullable(),
};

const boughtFields = {
  ...hungFields,
  widthMm: lengthMm(2, 150),
  thicknessMm: lengthMm(0.5, 40),
  /** Of one metre, g. Null: it was not weighed. */
  massPerMetreG: massG(1, 3000).nullable(),
};

const worked = <Kind extends WorkedStrapKind>(kind: Kind) => z.strictObject({ kind: z.literal(kind), ...workedFields });
const bought = <Kind extends BoughtStrapKind>(kind: Kind) => z.strictObject({ kind: z.literal(kind), ...boughtFields });

/** Straps: a new kind is a new member here, and a line in core/strap/natures or a file, and one in the catalogue of core/strap. */
export const strapSchema = z.discriminatedUnion('kind', [
  worked('plain'),
  worked('lengthwise'),
  worked('double'),
  worked('linen'),
  worked('edged'),
  worked('tube'),
  worked('spiral'),
  worked('i-cord'),
  worked('chain-cord'),
  worked('twisted-cord'),
  worked('plaited-cord'),
  bought('rope'),
  bought('leather'),
  bought('webbing'),
  bought('metal-chain'),
  /** Bought with its clasps on: as long as it is. */
  z.strictObject({ kind: z.literal('ready-made'), ...boughtFields, lengthMm: lengthMm(100, MOST_WORN_MM) }),
]);
/** Two handles are two straps. */
export const MOST_STRAPS = 4;
export type Strap = z.infer<typeof strapSchema>;
/** A strap that is worked, of whatever kind: all have the same choices. */
export type WorkedStrap = Extract<Strap, { kind: WorkedStrapKind }>;
export type BoughtStrap = Extract<Strap, { kind: BoughtStrapKind }>;
export type StrapTrial = NonNullable<WorkedStrap['sample']>;

/** A strap as it is first added: in short rows, and no trial strip of it was worked. */
export const usualStrap = (): Extract<Strap, { kind: 'plain' }> => ({
  kind: 'plain',
  widthMm: 22,
  wornLengthMm: 1040,
  school: 'pulled',
  sample: null,
  overlapMm: STRAP_OVERLAP_MM,
  ...usualHung(),
});

/** What is usual of each kind that is bought, mm and g. From memory: the label, or the scale, says better. */
export const USUAL_BOUGHT: Readonly<
  Record<BoughtStrapKind, Pick<BoughtStrap, 'widthMm' | 'thicknessMm' | 'massPerMetreG'>>
> = {
  rope: { widthMm: 10, thicknessMm: 10, massPerMetreG: null },
  leather: { widthMm: 20, thicknessMm: 3, massPerMetreG: null },
  webbing: { widthMm: 25, thicknessMm: 2, massPerMetreG: null },
  'metal-chain': { widthMm: 9, thicknessMm: 3, massPerMetreG: null },
  'ready-made': { widthMm: 18, thicknessMm: 3, massPerMetreG: null },
};

/** Whether a strap is worked, and not bought. */
export const isWorkedStrap = (strap: Strap): strap is WorkedStrap =>
  (WORKED_STRAP_KINDS as readonly string[]).includes(strap.kind);
