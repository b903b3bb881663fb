import { z } from 'zod';
import { makingEventSchema } from '@/core/bench';
import { ownStitchSchema, swatchSchema, thingSchema } from '@/core/design';
import { notionSchema } from '@/core/notions';
import { stockItemSchema } from '@/core/stock';
import { PHOTO_OF } from '../photoRepository';

/** A copy of everything, as files in a ZIP: open JSON and pictures, and a list of them with the hash of each. */

export const BACKUP_FORMAT = 'ruelle-backup';
export const BACKUP_VERSION = 1;

/** What is kept apart from any bag, each in a file of its own. */
export const LIBRARIES = {
  swatches: { table: 'Swatch', schema: swatchSchema },
  things: { table: 'Thing', schema: thingSchema },
  'own-stitches': { table: 'OwnStitch', schema: ownStitchSchema },
  pieces: { table: 'Notion', schema: notionSchema },
  stores: { table: 'Stock', schema: stockItemSchema },
} as const;
export type LibraryName = keyof typeof LIBRARIES;
export const LIBRARY_NAMES = Object.keys(LIBRARIES) as LibraryName[];

const id = z.string().regex(/^[\w-]{1,40}$/);
const time = z.iso.datetime({ offset: true });

export const manifestSchema = z.object({
  format: z.literal(BACKUP_FORMAT),
  version: z.number().int(),
  madeAt: time,
  files: z.array(z.object({ path: z.string(), bytes: z.number(), sha256: z.string() })),
});
export type Manifest = z.infer<typeof manifestSchema>;

/** What is kept of a bag beside its design: whether it is put away, what was told of its making, what can be undone, and saves that were refused. */
export const besidesSchema = z.object({
  archived: z.boolean(),
  createdAt: time,
  updatedAt: time,
  /** Those that a newer Ruelle told are passed over one by one. */
  making: z.array(z.unknown()),
  history: z.unknown().nullable(),
  refused: z.array(z.object({ id, baseRevision: z.number().int(), design: z.string(), createdAt: time })),
});
export type Besides = z.infer<typeof besidesSchema>;
export const readMaking = (events: readonly unknown[]) =>
  events.flatMap((event) => {
    const read = makingEventSchema.safeParse(event);
    return read.success ? [read.data] : [];
  });

export const photoListSchema = z.array(
  z.object({
    id,
    of: z.enum(PHOTO_OF),
    ownerId: id,
    step: z.string().max(120).nullable(),
    createdAt: time,
  }),
);
export type PhotoInBackup = z.infer<typeof photoListSchema>[number];

/** Where each thing lies in a copy. What lies anywhere else is none of it. */
export const PATHS = {
  manifest: 'manifest.json',
  design: (bagId: string) => `bags/${bagId}.ruelle.json`,
  besides: (bagId: string) => `bags/${bagId}.besides.json`,
  library: (name: LibraryName) => `library/${name}.json`,
  photos: 'photos/photos.json',
  picture: (photoId: string) => `photos/${photoId}.jpg`,
} as const;

/** Paths that a copy can have, and nothing else. */
export const IS_PATH =
  /^(manifest\.json|bags\/[\w-]{1,40}\.(ruelle|besides)\.json|library\/[a-z-]{1,20}\.json|photos\/photos\.json|photos\/[\w-]{1,40}\.jpg)$/;
