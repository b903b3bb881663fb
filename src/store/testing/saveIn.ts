import { writtenSave, type Save } from '@/core/design';
import type { BagId, Store } from '..';

/** Saves a design in a store, as a window would. */
export const saveIn = ({ bags }: Pick<Store, 'bags'>, id: BagId, save: Save) => bags.save(id, writtenSave(save));
