import fc from 'fast-check';
import { parse } from 'csv-parse/sync';
import { describe, expect, it } from 'vitest';
import { usualHookTape, type Design } from '@/core/design';
import { CLOSURES } from '@/core/closure';
import { notionIdSchema, type Notion } from '@/core/notions';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { MOST_STOCK_ROWS, STOCK_COLUMNS, readStockCsv, stockAsCsv } from './stockCsv';
import { bagCost, stockIdSchema, yarnInStoreG, type StockItem } from '.';

let made = 0;
const newId = () => `new-${(made += 1)}`;
const id = fc.stringMatching(/^[a-z]{3,12}$/).map((name) => stockIdSchema.parse(name));
const name = fc.string({ minLength: 1, maxLength: 30 }).map((one) => one.replace(/\s+/g, ' ').trim() || 'Name');
const price = fc.option(
  fc.integer({ min: 0, max: 9999 }).map((cents) => cents / 100),
  { nil: null },
);
const words = fc.constantFrom('', 'blue', '=1+2', '-7 B', '@home', 'a, "b"; c', 'grün');
const corner = fc.tuple(fc.integer({ min: 0, max: 900 }), fc.integer({ min: 0, max: 900 }));
const stuff = fc.constantFrom('cloth' as const, 'felt' as const, 'fleece' as const, 'vinyl' as const);
const anyItem: fc.Arbitrary<StockItem> = fc.oneof(
  fc.record({
    ...{ id, name, price, kind: fc.constant('yarn' as const), colour: words, dyeLot: words },
    weightClass: fc.option(fc.integer({ min: 0, max: 7 }), { nil: null }),
    ballMassG: fc.integer({ min: 0, max: 500 }),
    ballLengthM: fc.integer({ min: 0, max: 900 }),
    balls: fc.integer({ min: 0, max: 99 }),
    openedG: fc.array(fc.integer({ min: 0, max: 99 }), { maxLength: 4 }),
  }),
  fc.record({
    ...{ id, name, price, kind: fc.constant('cloth' as const), stuff },
    widthMm: fc.integer({ min: 50, max: 4000 }),
    lengthMm: fc.integer({ min: 0, max: 9000 }),
  }),
  fc.record({
    ...{ id, name, price, kind: fc.constant('remnant' as const), stuff },
    outline: fc.array(corner, { minLength: 3, maxLength: 8 }),
  }),
  fc.record({ id, name, price, kind: fc.constant('other' as const), count: fc.integer({ min: 0, max: 999 }) }),
);
const withoutIds = (items: readonly StockItem[]) => items.map((item) => ({ ...item, id: '' }));

describe('stores as a table', () => {
  it('come back as they left, whatever they are called', () => {
    fc.assert(
      fc.property(fc.array(anyItem, { maxLength: 12 }), (items) => {
        const read = readStockCsv(stockAsCsv(items), newId);
        if (!read.ok) throw new Error(read.sentence);
        expect(read.faults).toEqual([]);
        expect(withoutIds(read.items)).toEqual(withoutIds(items).map((item) => ({ ...item, name: item.name.trim() })));
      }),
    );
  });

  it('are read alike by another reader of such tables, and hold nothing that a spreadsheet would reckon', () => {
    fc.assert(
      fc.property(fc.array(anyItem, { minLength: 1, maxLength: 8 }), (items) => {
        const rows: string[][] = parse(stockAsCsv(items));
        expect(rows[0]).toEqual([...STOCK_COLUMNS]);
        expect(rows).toHaveLength(items.length + 1);
        for (const row of rows.slice(1))
          for (const cell of row) if (Number.isNaN(Number(cell))) expect(cell).not.toMatch(/^[=+\-@]/);
      }),
    );
  });

  it('with semicolons and commas for decimals are read; a bad row is told, and costs only itself', () => {
    const read = readStockCsv(
      '\uFEFFName;Kind;price;count\nBuckles;other;2,50;4\nNothing;sock;1;1\nPins;other;;x\n\n',
      newId,
    );
    if (!read.ok) throw new Error(read.sentence);
    expect(withoutIds(read.items)).toEqual([{ id: '', kind: 'other', name: 'Buckles', price: 2.5, count: 4 }]);
    expect(read.faults.map(({ row }) => row)).toEqual([3, 4]);
  });

  it('without the columns, or with too many rows, are refused in a sentence', () => {
    expect(readStockCsv('a,b\n1,2', newId)).toMatchObject({ ok: false });
    const long = `kind,name,count\n${'other,Pin,1\n'.repeat(MOST_STOCK_ROWS + 5)}`;
    expect(readStockCsv(long, newId)).toMatchObject({ ok: false });
  });
});

it('yarn in store is whole balls and what is left of opened ones', () => {
  expect(yarnInStoreG({ ballMassG: 50, balls: 3, openedG: [21, 8] })).toBe(179);
});

describe('what a bag costs', () => {
  const bag: Design = { ...bagOf('fold-over-strip'), closures: [] };
  const snapped: Design = { ...bag, closures: [CLOSURES['magnetic-snap'].usual(bag)] };
  const [snap] = snapped.closures;
  const notion = (change: Partial<Notion> = {}): Notion => ({
    ...{ id: notionIdSchema.parse('snap'), name: 'Snap', kind: 'magnetic-snap' as const, count: 3, price: 1.5 },
    sizes: { diameterMm: (snap as { diameterMm: number }).diameterMm, prongMm: (snap as { prongMm: number }).prongMm },
    ...change,
  });
  const yarn = (name: string): StockItem => ({
    ...{ id: stockIdSchema.parse('yarn'), kind: 'yarn', name, price: 4, colour: '', weightClass: null, dyeLot: '' },
    ...{ ballMassG: 50, ballLengthM: 90, balls: 2, openedG: [20] },
  });
  const cost = (design: Design, stock: StockItem[], notions: Notion[]) =>
    bagCost(planOf(design), stock, notions, ({ choice }) => choice.kind);

  it('is its balls and its pieces, times what one costs', () => {
    const plan = planOf(snapped);
    const balls = plan.yarn.lots[0]?.balls.value ?? NaN;
    const { lines, total, unpriced } = cost(snapped, [yarn(plan.yarn.lots[0]?.name.toUpperCase() ?? '')], [notion()]);
    expect(lines.map(({ count, each }) => [count, each])).toEqual([
      [balls, 4],
      [1, 1.5],
    ]);
    expect(total?.value).toBeCloseTo(4 * balls + 1.5, 9);
    expect(unpriced).toEqual([]);
    // Two balls and 20 g of a third.
    expect(lines.map(({ inStore }) => inStore)).toEqual([2, 3]);
  });

  it('leaves out, and names, what has no price; a piece of other sizes is another one', () => {
    const { total, unpriced, lines } = cost(snapped, [], [notion({ sizes: { diameterMm: 5, prongMm: 5 } })]);
    expect(total).toBe(null);
    expect(unpriced).toHaveLength(2);
    expect(lines.every(({ sum }) => sum === null)).toBe(true);
  });

  it('asks nothing for what is not bought by its size', () => {
    const taped = { ...bag, closures: [usualHookTape()] };
    expect(cost(taped, [], []).lines.map(({ name: of }) => of)).not.toContain('hook-tape');
  });
});
