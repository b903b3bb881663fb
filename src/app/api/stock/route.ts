import { stockItemSchema } from '@/core/stock';
import { libraryRoutes } from '@/server/library';
import { getStore } from '@/server/store';

/** What she has in store; and keeping one item of it. */
export const { GET, POST } = libraryRoutes({
  shelf: async () => (await getStore()).stock,
  schema: stockItemSchema,
  noun: 'item',
});
