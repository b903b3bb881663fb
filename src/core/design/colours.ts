import { z } from 'zod';
import { count, massG, shortText } from './fields';

export const YARN_COLOURS = ['harbour', 'moss', 'madder', 'oat', 'plum', 'slate'] as const;
export type YarnColour = (typeof YARN_COLOURS)[number];

/** What the label says of one ball; null where that was not written down. */
export const ball = {
  ballMassG: massG(5, 5000).nullable(),
  ballLengthM: z
    .number({ error: 'Write the length of one ball, in metres.' })
    .min(5, { error: 'A ball has at least 5 m.' })
    .max(20000, { error: 'A ball has 20 000 m at most.' })
    .nullable(),
};

/** A yarn of another colour, worked at the same gauge. */
const furtherYarnSchema = z.strictObject({ name: shortText(80), colour: z.enum(YARN_COLOURS), ...ball });
export type FurtherYarn = z.infer<typeof furtherYarnSchema>;

/** So many yarns of other colours are in one bag. */
export const MOST_FURTHER_YARNS = 5;
export const furtherYarnsSchema = z
  .array(furtherYarnSchema)
  .max(MOST_FURTHER_YARNS, { error: 'Five more colours are enough for one bag.' });

/** So many rows at most stand in a piece, and a stripe begins at one of them. */
const row = count(1, 1200);

/** Rows, or rounds, that are worked in another yarn: once, or again every so many rows. */
const colourRowSchema = z
  .strictObject({
    /** Which of the further yarns, from 0. */
    yarn: z.number().int().min(0),
    /** The first of them, counted as the piece is worked. */
    fromRow: row,
    rows: row,
    /** It comes again every so many rows, as far as the piece goes. Null: once. */
    everyRows: count(2, 1200).nullable(),
    /** In every piece of the bag alike, or in one of them. */
    piece: z.enum(['all', 'panel', 'front', 'back', 'gusset', 'disc', 'band', 'base', 'sides', 'half-disc']),
  })
  .refine(({ rows, everyRows }) => everyRows === null || rows < everyRows, {
    path: ['everyRows'],
    message: 'It comes again before it has ended. Make it fewer rows, or let it come again later.',
  });
export type ColourRow = z.infer<typeof colourRowSchema>;

/** Where several say a row, the last of them counts. */
export const colourRowsSchema = z.array(colourRowSchema).max(40, { error: 'Forty stripes are enough for one bag.' });

/** A bag in the yarn of its swatch alone. */
export const OF_ONE_COLOUR = { furtherYarns: [] as FurtherYarn[], colourRows: [] as ColourRow[] };
