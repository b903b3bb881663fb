import { z } from 'zod';
import { onOneLine } from './names';

/**
 * A stitch pattern of a maker's own, as it stands in a design: its rows as data, and what of its fabric can't be told from them.
 * Its repeat and its edge stitches are not kept: they are found by working the rows.
 */

/** The name of an own pattern for the program. Branded, and never the name of one of the catalogue. */
export const ownStitchIdSchema = z
  .string()
  .regex(/^own:[\w-]{1,30}$/)
  .brand<'OwnStitchId'>();
type OwnStitchId = z.infer<typeof ownStitchIdSchema>;

export const isOwnStitchId = (id: string): id is OwnStitchId => id.startsWith('own:');

const KINDS = ['sl-st', 'sc', 'esc', 'hdc', 'dc', 'tr', 'herringbone-hdc', 'herringbone-dc', 'bobble'] as const;
const INTO = [
  'stitch',
  'back-loop',
  'third-loop',
  'two-layers',
  'three-loops',
  'space',
  'spike',
  'front-post',
  'front-post-two-below',
] as const;

const few = (most: number) => z.number().int().min(1).max(most);

const stepSchema = z.union([
  z.strictObject({ work: z.enum(KINDS), into: z.enum(INTO), times: few(100), over: few(12), each: few(12) }),
  z.strictObject({ chain: few(50) }),
  z.strictObject({ skip: few(50) }),
]);

const steps = z.array(stepSchema).max(60, { error: 'Sixty steps are the most for one row.' });

const rowSchema = z.strictObject({ before: steps, repeat: steps, after: steps });

const times = z
  .number({ error: 'Write a number here.' })
  .min(0.2, { error: 'This must be at least 20 %.' })
  .max(6, { error: 'This can be 600 % at most.' });

export const ownStitchSchema = z.strictObject({
  id: ownStitchIdSchema,
  name: z
    .string({ error: 'Write a few words here.' })
    .overwrite(onOneLine)
    .trim()
    .min(1, { error: 'Give it a name.' })
    .max(60, { error: 'Keep it to 60 characters.' }),
  base: z.enum(KINDS),
  setupRows: z.array(rowSchema).max(12, { error: 'Twelve rows before the repeat are the most.' }),
  rows: z
    .array(rowSchema)
    .min(1, { error: 'Write at least one row that repeats.' })
    .max(24, { error: 'Twenty-four rows in a repeat are the most.' }),
  firstRowPublic: z.boolean(),
  /** Against single crochet in the same yarn and hook, as she judges it. */
  nature: z.strictObject({
    widthToSc: times,
    heightToSc: times,
    yarnToSc: times,
    thicknessToSc: times,
    openness: z.enum(['dense', 'medium', 'open']),
    hasUp: z.boolean(),
    sameOnBothFaces: z.boolean(),
  }),
});
export type OwnStitch = z.infer<typeof ownStitchSchema>;
