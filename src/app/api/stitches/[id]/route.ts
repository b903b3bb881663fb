import { forgetRoute } from '@/server/library';
import { getStore } from '@/server/store';

/** Forgets a pattern. Bags that are worked in it keep it. */
export const DELETE = forgetRoute({ shelf: async () => (await getStore()).ownStitches, noun: 'pattern' });
