import { z } from 'zod';
import { makingEventSchema } from '@/core/bench';
import { STARTERS, settingsSchema, swatchIdSchema, swatchSchema, type StarterId } from '@/core/design';

/** What the routes take: the shape of each body, and of what stands behind the question mark of an address. */

const starterIds = STARTERS.map(({ id }) => id) as [StarterId, ...StarterId[]];

/** A new bag, from a starter or from a design file that was read in. */
export const newBagSchema = z.union([
  z.strictObject({
    starter: z.enum(starterIds),
    settings: settingsSchema.optional(),
    /** A swatch of the library to plan from; without one the bag is planned roughly, from the yarn's class and the hook. */
    swatchId: swatchIdSchema.optional(),
    yarn: z
      .strictObject({ weightClass: z.number().int().min(0).max(7), hookMm: z.number().min(0.5).max(30) })
      .optional(),
  }),
  z.strictObject({ design: z.unknown() }),
]);

/** Whether a bag is put away. */
export const archiveSchema = z.strictObject({ archived: z.boolean() });

/** A swatch, of which a copy is kept in the library. */
export const newSwatchSchema = z.strictObject({ swatch: swatchSchema });

/** One of a library whose ones name themselves. */
export const keepSchema = <T>(one: z.ZodType<T>) => z.strictObject({ one });

/** A part of a library, and what is searched for in it. */
export const partSchema = z.object({
  search: z.string().max(200).default(''),
  offset: z.coerce.number().int().min(0).max(1_000_000).default(0),
  limit: z.coerce.number().int().min(1).max(100).default(100),
});

/** A part of the shelf. */
export const shelfPartSchema = partSchema.extend({ archived: z.enum(['yes', 'no']).default('no') });

/** What is told of a making, as many things at once as may have waited. */
export const tellSchema = z.strictObject({ events: z.array(makingEventSchema).min(1).max(500) });

/** From where on a making is asked for. */
export const makingPartSchema = z.object({ after: z.coerce.number().int().min(0).default(0) });

/** A part of the bags of which something was told. */
export const makingsPartSchema = z.object({
  offset: z.coerce.number().int().min(0).max(1_000_000).default(0),
  limit: z.coerce.number().int().min(1).max(500).default(200),
});

/** What photos are of. */
export const photosOfSchema = z.object({ of: z.enum(['bag', 'stock']), owner: z.string().regex(/^[\w-]{1,40}$/) });

/** What a photo that is sent is of. */
export const photoToKeepSchema = photosOfSchema.extend({ step: z.string().min(1).max(120).optional() });

/** How large a picture is asked for. */
export const pictureSchema = z.object({ size: z.enum(['whole', 'small']).default('whole') });

/** Whether a photo is taken out. */
export const photoChangeSchema = z.strictObject({ removed: z.boolean() });

/** Which of the copies that are made every night is brought in; none: the one that is sent. */
export const restoreSchema = z.object({ nightly: z.string().max(40).optional() });

/** Whether a copy's takes the place of what is otherwise here. */
export const restoreWaySchema = z.strictObject({ way: z.enum(['add', 'replace']) });

/** The address of this computer on which phones are let in; null: on none. */
export const phonesSchema = z.strictObject({ address: z.string().max(45).nullable() });
