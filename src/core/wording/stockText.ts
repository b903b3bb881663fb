import { ringArea, ringBounds } from '@/core/cutting';
import type { StockItem, StockKind } from '@/core/stock';
import { yarnInStoreG } from '@/core/stock';
import { formatMass, type LengthUnit } from '@/core/units';
import { formatQuantity } from './quantity';

export const STOCK_NAMES: Readonly<Record<StockKind, string>> = {
  yarn: 'Yarn',
  cloth: 'Cloth',
  remnant: 'Remnant',
  other: 'Counted',
};

/**
 * How much there is of something in store.
 *
 * @example
 * stockAmount({ kind: 'other', count: 3 }, 'cm') // => '3'
 */
export function stockAmount(item: StockItem, unit: LengthUnit): string {
  const length = (mm: number) => formatQuantity(mm, 'mm', unit);
  switch (item.kind) {
    case 'yarn':
      return `${formatQuantity(yarnInStoreG(item), 'g', unit)}: ${formatQuantity(item.balls, 'ball', unit)}${item.openedG.length > 0 ? `, ${item.openedG.length} opened` : ''}`;
    case 'cloth':
      return `${length(item.lengthMm)}, ${length(item.widthMm)} wide`;
    case 'remnant': {
      const { widthMm, heightMm } = ringBounds(item.outline);
      return `${length(widthMm)} by ${length(heightMm)}, ${formatQuantity(Math.abs(ringArea(item.outline)), 'mm2', unit)}`;
    }
    case 'other':
      return String(item.count);
  }
}

type Counted = 'g' | 'ball' | 'count';

/**
 * So much of something that is needed or lacking, never told less than it is: yarn in whole grams.
 *
 * @example
 * neededAmount(74.2, 'g', 'cm') // => '75 g'
 */
export const neededAmount = (amount: number, of: Counted, unit: LengthUnit): string =>
  of === 'g' ? formatMass(Math.ceil(amount - 1e-9), unit, { up: true }) : formatQuantity(amount, of, unit);

/**
 * So much of something that there is, never told more of it than there is: yarn in whole grams.
 *
 * @example
 * freeAmount(74.8, 'g', 'cm') // => '74 g'
 */
export const freeAmount = (amount: number, of: Counted, unit: LengthUnit): string =>
  of === 'g' ? formatMass(Math.floor(amount + 1e-9), unit) : formatQuantity(amount, of, unit);

/** What an item is besides its name. */
export function stockDetail(item: StockItem): string {
  switch (item.kind) {
    case 'yarn':
      return [item.colour, item.dyeLot && `lot ${item.dyeLot}`].filter(Boolean).join(', ');
    case 'cloth':
    case 'remnant':
      return item.stuff;
    case 'other':
      return '';
  }
}
