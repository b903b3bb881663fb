import { z } from 'zod';
import { count, idSchema, shortText } from '@/core/design';
import type { DesignEdit } from '@/core/problems';
import { isSamePiece, sizeFieldsOf, SIZE_FIELDS } from './sizeFields';
import type { PieceSizes } from './genericSizes';

/** A piece's name for the program. Branded, so that it never passes for a closure's. */
export const notionIdSchema = idSchema.brand<'NotionId'>();
export type NotionId = z.infer<typeof notionIdSchema>;

/** What one of something costs, in the maker's own money; null where she did not write it down. */
export const priceSchema = z
  .number({ error: 'Write a price here.' })
  .min(0, { error: 'A price is nought or more.' })
  .max(100_000, { error: 'This can be 100 000 at most.' })
  .nullable();

const KINDS = Object.keys(SIZE_FIELDS) as [keyof typeof SIZE_FIELDS, ...(keyof typeof SIZE_FIELDS)[]];

/** A piece of hers: what it is, and its sizes as she measured them, mm; holes are counted. */
export const notionSchema = z
  .strictObject({
    id: notionIdSchema,
    name: shortText(60),
    kind: z.enum(KINDS, { error: 'Choose what it is.' }),
    /** How many of it she has, and what one costs in her own money; null where she did not write that down. */
    count: count(0, 99_999).default(0),
    price: priceSchema.default(null),
    sizes: z.record(
      z.string().max(20),
      z
        .number({ error: 'Write a length here.' })
        .min(0, { error: 'A size is nought or more.' })
        .max(1000, { error: 'This can be {mm:1000} at most.' }),
    ),
  })
  .superRefine(({ kind, sizes }, context) => {
    const fields = sizeFieldsOf(kind).map(({ field }) => field);
    const strange = Object.keys(sizes).filter((field) => !fields.includes(field));
    if (strange.length > 0 || Object.keys(sizes).length !== fields.length)
      context.addIssue({ code: 'custom', path: ['sizes'], message: 'All of its sizes are needed, and no others.' });
  });
export type Notion = z.infer<typeof notionSchema>;

/** The sizes of something that is put on a bag, as a piece has them; null of what is not bought by its size, or has one that is not said. */
export function sizesOf(choice: { kind: string }): PieceSizes | null {
  const fields = sizeFieldsOf(choice.kind);
  const sizes = fields.map(({ field }) => [field, (choice as Record<string, unknown>)[field]] as const);
  return fields.length > 0 && sizes.every(([, value]) => typeof value === 'number')
    ? (Object.fromEntries(sizes) as PieceSizes)
    : null;
}

/**
 * The edits that give something on a bag the sizes of a piece.
 *
 * @param path where its choices stand in the design
 *
 * @example
 * sizesEdits(['hardware', 0], { headMm: 9, shankMm: 12 }) // => [{ path: ['hardware', 0, 'headMm'], value: 9 }, { path: ['hardware', 0, 'shankMm'], value: 12 }]
 */
export const sizesEdits = (path: readonly (string | number)[], sizes: PieceSizes): DesignEdit[] =>
  Object.entries(sizes).map(([field, value]) => ({ path: [...path, field], value }));

/**
 * Whether something on a bag is such a piece: all sizes alike, to a hundredth of a millimetre.
 *
 * @example
 * isOfSizes({ kind: 'press-stud', diameterMm: 13 }, { diameterMm: 13 }) // => true
 */
export const isOfSizes = (choice: { kind: string }, sizes: PieceSizes): boolean =>
  Object.entries(sizes).every(
    ([field, value]) => Math.abs(Number((choice as Record<string, unknown>)[field]) - value) < 0.01,
  );

/** Of her pieces those that can be taken for what is put on. */
export const fittingNotions = (notions: readonly Notion[], kind: string): Notion[] =>
  notions.filter((notion) => isSamePiece(notion.kind, kind));
