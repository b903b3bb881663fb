import { sizeFieldsOf, type Notion } from '@/core/notions';
import { yarnInStoreG, type StockItem, type StockKind } from '@/core/stock';
import type { LengthUnit } from '@/core/units';
import { STOCK_NAMES, formatQuantity, stockAmount, stockDetail } from '@/core/wording';

/** A line of the table of stores. */
export interface StockRow {
  id: string;
  name: string;
  kind: StockKind | 'piece';
  what: string;
  detail: string;
  amount: string;
  /** What its amount is sorted by. */
  size: number;
  price: number | null;
}

const sizeOf = (item: StockItem): number => {
  switch (item.kind) {
    case 'yarn':
      return yarnInStoreG(item);
    case 'cloth':
      return item.lengthMm;
    case 'remnant':
      return item.outline.length;
    case 'other':
      return item.count;
  }
};

/** What is in store, and her own pieces, as lines of one table. */
export const rowsOf = (stock: readonly StockItem[], notions: readonly Notion[], unit: LengthUnit): StockRow[] => [
  ...stock.map((item): StockRow => ({
    ...{ id: item.id, name: item.name, kind: item.kind, price: item.price },
    ...{ what: STOCK_NAMES[item.kind], detail: stockDetail(item) },
    ...{ amount: stockAmount(item, unit), size: sizeOf(item) },
  })),
  ...notions.map(({ id, name, kind, sizes, count, price }): StockRow => ({
    ...{ id, name, price, kind: 'piece', what: 'Piece' },
    detail: sizeFieldsOf(kind)
      .map(({ field, label, isCount }) =>
        isCount ? `${sizes[field] ?? 0} ${label}` : `${formatQuantity(sizes[field] ?? 0, 'mm', unit)} ${label}`,
      )
      .join(', '),
    ...{ amount: String(count), size: count },
  })),
];
