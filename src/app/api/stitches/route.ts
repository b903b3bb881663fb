import { ownStitchSchema } from '@/core/design';
import { libraryRoutes } from '@/server/library';
import { getStore } from '@/server/store';

/** Patterns of the maker's own, and keeping one. */
export const { GET, POST } = libraryRoutes({
  shelf: async () => (await getStore()).ownStitches,
  schema: ownStitchSchema,
  noun: 'pattern',
});
