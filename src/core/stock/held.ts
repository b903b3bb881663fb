import type { Notion } from '@/core/notions';
import type { BagNeeds } from './bagNeeds';
import { shoppingList, type ShoppingLine } from './shoppingList';
import type { StockItem } from './stockItem';

/** Something in the stores that bags hold for themselves. */
export interface HeldLine extends Pick<ShoppingLine, 'name' | 'unit' | 'inStore'> {
  /** What each bag holds of it, the one that held first served first; and how much of that is there. */
  of: { bag: string; amount: number; covered: number }[];
  /** What no bag holds. */
  free: number;
}

/**
 * How the stores are shared out among bags that hold what they need: each takes of what those before it leave, so that nothing is counted twice.
 *
 * @param needs of each bag, the one that held first first
 * @returns only what at least one of them needs
 *
 * @example
 * held([{ bag: 'a', yarns: [{ name: 'Cotton', massG: 60, ballMassG: 50 }], pieces: [] }, { bag: 'b', yarns: [{ name: 'cotton', massG: 55, ballMassG: 50 }], pieces: [] }], [{ kind: 'yarn', name: 'Cotton', ballMassG: 50, balls: 2, openedG: [] }], [])[0].of.map(({ covered }) => covered) // => [60, 40]
 */
export const held = (needs: readonly BagNeeds[], stock: readonly StockItem[], notions: readonly Notion[]): HeldLine[] =>
  shoppingList(needs, stock, notions).map(({ name, unit, inStore, needed, of }) => {
    let left = inStore;
    const shares = of.map(({ bag, amount }) => {
      const covered = Math.min(amount, left);
      left -= covered;
      return { bag, amount, covered };
    });
    return { name, unit, inStore, of: shares, free: Math.max(0, inStore - needed) };
  });
