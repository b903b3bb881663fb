import { insideNeeded, type Wrap } from './inside';
import type { Lot, Size } from './packTree';

/** The inside of a bag, mm; a flat one has no depth of its own. */
export interface Inside {
  widthMm: number;
  heightMm: number;
  depthMm: number | null;
}

/**
 * Fabric that a bag round a lot takes besides its flap, mm²: front, back, and what lies between them: the way over the top of a flat
 * bag, the gusset or base and sides of a deep one.
 * Source: geometry.
 *
 * @example
 * fabricRoundMm2({ widthMm: 70, heightMm: 140, thicknessMm: 0 }, 0, 'flat') // => 19600
 * fabricRoundMm2({ widthMm: 70, heightMm: 140, thicknessMm: 20 }, 0, 'deep') // => 26600
 */
export function fabricRoundMm2(lot: Size, easeMm: number, wrap: Wrap): number {
  const { widthMm, heightMm, depthMm } = insideNeeded(lot, easeMm, wrap);
  if (depthMm === null) return widthMm * (2 * heightMm + (Math.PI / 2) * lot.thicknessMm);
  if (wrap === 'round') return (Math.PI / 2) * widthMm ** 2 + Math.PI * widthMm * depthMm;
  return 2 * widthMm * heightMm + (widthMm + 2 * heightMm) * depthMm;
}

/** By how much a lot is too wide, too tall and too thick for an inside, mm; 0 where it fits. */
export function shortBy(lot: Size, inside: Inside, wrap: Wrap): { widthMm: number; heightMm: number; depthMm: number } {
  const needed = insideNeeded(lot, 0, wrap);
  return {
    widthMm: Math.max(0, needed.widthMm - inside.widthMm),
    heightMm: Math.max(0, needed.heightMm - inside.heightMm),
    depthMm: Math.max(0, (needed.depthMm ?? 0) - (inside.depthMm ?? Infinity)),
  };
}

/** The packing that she settled on, or the one nearest to it that there still is. */
export const nearestPacking = (lots: readonly Lot[], chosen: Size): Lot | null =>
  leastBy(lots, (lot) =>
    Math.hypot(lot.widthMm - chosen.widthMm, lot.heightMm - chosen.heightMm, lot.thicknessMm - chosen.thicknessMm),
  );

/** The packing round which a bag takes the least fabric. */
export const packingOfLeastFabric = (lots: readonly Lot[], easeMm: number, wrap: Wrap): Lot | null =>
  leastBy(lots, (lot) => fabricRoundMm2(lot, easeMm, wrap));

/**
 * The packing for a bag of given size: the thinnest that fits with its ease, else the thinnest that fits without, else the one that
 * lacks least.
 */
export function packingForInside(lots: readonly Lot[], inside: Inside, easeMm: number, wrap: Wrap): Lot | null {
  const eased: Inside = {
    widthMm: inside.widthMm - easeMm,
    heightMm: inside.heightMm - easeMm,
    depthMm: inside.depthMm === null ? null : inside.depthMm - easeMm,
  };
  const lacks = (room: Inside) => (lot: Lot) => {
    const { widthMm, heightMm, depthMm } = shortBy(lot, room, wrap);
    return widthMm + heightMm + depthMm;
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
