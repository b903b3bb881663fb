import { thingSchema } from '@/core/design';
import { libraryRoutes } from '@/server/library';
import { getStore } from '@/server/store';

/** Things that the maker has listed before, and keeping one. */
export const { GET, POST } = libraryRoutes({
  shelf: async () => (await getStore()).things,
  schema: thingSchema,
  noun: 'thing',
});
