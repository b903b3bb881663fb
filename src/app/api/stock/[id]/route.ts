import { forgetRoute } from '@/server/library';
import { getStore } from '@/server/store';

/** Takes an item out of the stores. */
export const DELETE = forgetRoute({ shelf: async () => (await getStore()).stock, noun: 'item' });
