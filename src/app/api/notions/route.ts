import { notionSchema } from '@/core/notions';
import { libraryRoutes } from '@/server/library';
import { getStore } from '@/server/store';

/** Pieces of hers: snaps, rings, buttons, by their sizes; and keeping one. */
export const { GET, POST } = libraryRoutes({
  shelf: async () => (await getStore()).notions,
  schema: notionSchema,
  noun: 'piece',
});
