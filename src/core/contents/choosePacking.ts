import { insideNeeded } from './inside';
import type { Lot, Size } from './packTree';

/**
 * Fabric that a fold-over bag round a lot takes besides its flap, mm²: front, back, and the way over the top.
 * Source: geometry.
 *
 * @example
 * fabricRoundMm2({ widthMm: 70, heightMm: 140, thicknessMm: 0 }, 0) // => 19600
 */
export function fabricRoundMm2(lot: Size, easeMm: number): number {
  const { widthMm, heightMm } = insideNeeded(lot, easeMm);
  return widthMm * (2 * heightMm + (Math.PI / 2) * lot.thicknessMm);
}

/** By how much a lot is too wide and too tall for an inside, mm; 0 where it fits. */
export function shortBy(
  lot: Size,
  inside: { widthMm: number; heightMm: number },
): { widthMm: number; heightMm: number } {
  const needed = insideNeeded(lot, 0);
  return {
    widthMm: Math.max(0, needed.widthMm - inside.widthMm),
    heightMm: Math.max(0, needed.heightMm - inside.heightMm),
  };
}

/** The packing that she settled on, or the one nearest to it that there still is. */
export const nearestPacking = (lots: readonly Lot[], chosen: Size): Lot | null =>
  leastBy(lots, (lot) =>
    Math.hypot(lot.widthMm - chosen.widthMm, lot.heightMm - chosen.heightMm, lot.thicknessMm - chosen.thicknessMm),
  );

/** The packing round which a bag takes the least fabric. */
export const packingOfLeastFabric = (lots: readonly Lot[], easeMm: number): Lot | null =>
  leastBy(lots, (lot) => fabricRoundMm2(lot, easeMm));

/**
 * The packing for a bag of given size: the thinnest that fits with its ease, else the thinnest that fits without, else the one that
 * lacks least.
 */
export function packingForInside(
  lots: readonly Lot[],
  inside: { widthMm: number; heightMm: number },
  easeMm: number,
): Lot | null {
  const eased = { widthMm: inside.widthMm - easeMm, heightMm: inside.heightMm - easeMm };
  const lacks = (room: typeof inside) => (lot: Lot) => {
    const { widthMm, heightMm } = shortBy(lot, room);
    return widthMm + heightMm;
  };
  for (const room of [eased, inside]) {
    const fitting = lots.filter((lot) => lacks(room)(lot) === 0);
    if (fitting.length > 0) return leastBy(fitting, ({ thicknessMm }) => thicknessMm);
  }
  return leastBy(lots, lacks(inside));
}

/** The first of those with the least measure. */
function leastBy<T>(items: readonly T[], measure: (item: T) => number): T | null {
  let best: T | null = null;
  let least = Infinity;
  for (const item of items) {
    const value = measure(item);
    if (value < least) [best, least] = [item, value];
  }
  return best;
}
