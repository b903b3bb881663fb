import { forgetRoute } from '@/server/library';
import { getStore } from '@/server/store';

/** Forgets a piece. Bags that have it on keep it. */
export const DELETE = forgetRoute({ shelf: async () => (await getStore()).notions, noun: 'piece' });
