import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { bagNeeds, shoppingList, shoppingTotal, stockItemSchema, USUAL_STOCK, type StockItem } from '.';

const cotton = (balls: number, openedG: number[] = []): StockItem =>
  stockItemSchema.parse({
    ...USUAL_STOCK.yarn,
    id: 'cotton',
    name: 'Cotton',
    price: 4,
    ballMassG: 50,
    balls,
    openedG,
  });
const needs = (bag: string, massG: number) => ({ bag, yarns: [{ name: 'cotton', massG, ballMassG: 50 }], pieces: [] });

describe('one list for several bags', () => {
  it('counts whole balls of all together, less what is in store', () => {
    const [line] = shoppingList([needs('one', 62), needs('two', 71)], [cotton(1, [12])], []);
    // 133 g, of which 62 are there: 71 g are two balls.
    expect(line).toMatchObject({ needed: 133, inStore: 62, toBuy: 2, buyUnit: 'ball', costs: 8 });
    expect(line?.of).toEqual([
      { bag: 'one', amount: 62 },
      { bag: 'two', amount: 71 },
    ]);
  });

  it('never buys more than each bag’s own list would, and always enough', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 1, max: 400, noNaN: true }), { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 0, max: 12 }),
        (masses, balls) => {
          const [line] = shoppingList(
            masses.map((mass, at) => needs(`bag ${at}`, mass)),
            [cotton(balls)],
            [],
          );
          const needed = masses.reduce((sum, mass) => sum + mass, 0);
          const bought = line?.toBuy ?? NaN;
          expect(bought * 50 + balls * 50).toBeGreaterThanOrEqual(needed - 1e-6);
          expect(bought).toBeLessThanOrEqual(masses.reduce((sum, mass) => sum + Math.ceil(mass / 50), 0));
        },
      ),
    );
  });

  it('of real bags names each yarn and piece once, and what has no price', () => {
    const design = bagOf('gusset');
    const plan = planOf(design);
    const both = ['first', 'second'].map((bag) => bagNeeds(bag, plan, (stage) => stage.choice.kind));
    const lines = shoppingList(both, [], []);
    expect(new Set(lines.map(({ name }) => name)).size).toBe(lines.length);
    for (const line of lines) expect(line.of).toHaveLength(2);
    expect(shoppingTotal(lines).unpriced).toEqual(lines.map(({ name }) => name));
  });
});
