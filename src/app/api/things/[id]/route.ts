import { forgetRoute } from '@/server/library';
import { getStore } from '@/server/store';

/** Forgets a thing. Bags that carry it keep it. */
export const DELETE = forgetRoute({ shelf: async () => (await getStore()).things, noun: 'thing' });
