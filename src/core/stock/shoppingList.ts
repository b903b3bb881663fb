import { isOfSizes, isSamePiece, type Notion } from '@/core/notions';
import type { BagNeeds } from './bagNeeds';
import { isSameName, yarnInStoreG, type StockItem, type StockYarn } from './stockItem';

/** A line of what is to be bought for several bags together. */
export interface ShoppingLine {
  name: string;
  unit: 'g' | 'count';
  /** What each bag takes of it, g or pieces. */
  of: { bag: string; amount: number }[];
  needed: number;
  /** What lies there, and what of that other bags hold. */
  inStore: number;
  heldByOthers: number;
  /** Whole balls, or pieces; grams where what a ball weighs isn't known. */
  toBuy: number;
  buyUnit: 'ball' | 'g' | 'count';
  /** What that costs; null where no price is known. */
  costs: number | null;
}

/**
 * What has to be bought for several bags out of one store: each thing's needs added up first, then what is in store taken off, and only then whole balls counted, so that
 * what one bag leaves of a ball is there for the next.
 *
 * @param others what bags that are not bought for hold in the same store
 *
 * @example
 * shoppingList([{ bag: 'a', yarns: [{ name: 'Cotton', massG: 60, ballMassG: 50 }], pieces: [] }, { bag: 'b', yarns: [{ name: 'cotton', massG: 35, ballMassG: 50 }], pieces: [] }], [], [])[0].toBuy // => 2
 */
export function shoppingList(
  needs: readonly BagNeeds[],
  stock: readonly StockItem[],
  notions: readonly Notion[],
  others: readonly BagNeeds[] = [],
): ShoppingLine[] {
  return [...yarnLines(needs, stock, others), ...pieceLines(needs, notions, others)];
}

function yarnLines(
  needs: readonly BagNeeds[],
  stock: readonly StockItem[],
  others: readonly BagNeeds[],
): ShoppingLine[] {
  const all = needs.flatMap(({ bag, yarns }) => yarns.map((yarn) => ({ bag, ...yarn })));
  const names = all
    .map(({ name }) => name)
    .filter((name, at, list) => list.findIndex((one) => isSameName(one, name)) === at);
  return names.map((name) => {
    const own = all.filter((one) => isSameName(one.name, name));
    const stored = stock.filter((item): item is StockYarn => item.kind === 'yarn' && isSameName(item.name, name));
    const needed = own.reduce((sum, { massG }) => sum + massG, 0);
    const inStore = stored.reduce((sum, item) => sum + yarnInStoreG(item), 0);
    const ballMassG = own.find((one) => one.ballMassG > 0)?.ballMassG ?? 0;
    const elsewhere = others.flatMap(({ yarns }) => yarns).filter((one) => isSameName(one.name, name));
    const heldByOthers = Math.min(
      inStore,
      elsewhere.reduce((sum, { massG }) => sum + massG, 0),
    );
    const lacks = Math.max(0, needed - (inStore - heldByOthers));
    const toBuy = ballMassG > 0 ? Math.max(0, Math.ceil(lacks / ballMassG - 1e-9)) : Math.ceil(lacks);
    const price = stored.find((item) => item.price !== null)?.price ?? null;
    return {
      name,
      unit: 'g',
      of: own.map(({ bag, massG }) => ({ bag, amount: massG })),
      needed,
      inStore,
      heldByOthers,
      toBuy,
      buyUnit: ballMassG > 0 ? 'ball' : 'g',
      costs: price === null || ballMassG === 0 ? null : toBuy * price,
    };
  });
}

function pieceLines(
  needs: readonly BagNeeds[],
  notions: readonly Notion[],
  others: readonly BagNeeds[],
): ShoppingLine[] {
  const all = needs.flatMap(({ bag, pieces }) => pieces.map((piece) => ({ bag, ...piece })));
  type Piece = BagNeeds['pieces'][number];
  const isLike = (one: Piece, other: Piece) =>
    isSamePiece(one.kind, other.kind) && isOfSizes({ kind: one.kind, ...one.sizes }, other.sizes);
  const firsts = all.filter((piece, at) => all.findIndex((other) => isLike(piece, other)) === at);
  return firsts.map((first) => {
    const own = all.filter((piece) => isLike(first, piece));
    const stored = notions.filter(
      ({ kind, sizes }) => isSamePiece(kind, first.kind) && isOfSizes({ kind: first.kind, ...first.sizes }, sizes),
    );
    const needed = own.reduce((sum, { count }) => sum + count, 0);
    const inStore = stored.reduce((sum, { count }) => sum + count, 0);
    const heldByOthers = Math.min(
      inStore,
      others.flatMap(({ pieces }) => pieces).reduce((sum, piece) => sum + (isLike(first, piece) ? piece.count : 0), 0),
    );
    const toBuy = Math.max(0, needed - (inStore - heldByOthers));
    const price = stored.find((one) => one.price !== null)?.price ?? null;
    return {
      name: first.name,
      unit: 'count',
      of: own.map(({ bag, count }) => ({ bag, amount: count })),
      needed,
      inStore,
      heldByOthers,
      toBuy,
      buyUnit: 'count',
      costs: price === null ? null : toBuy * price,
    };
  });
}

/** What the whole list costs, and the names of what has no price. */
export function shoppingTotal(lines: readonly ShoppingLine[]): { costs: number; unpriced: string[] } {
  return {
    costs: lines.reduce((sum, { costs }) => sum + (costs ?? 0), 0),
    unpriced: lines.filter(({ toBuy, costs }) => toBuy > 0 && costs === null).map(({ name }) => name),
  };
}
