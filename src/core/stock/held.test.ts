import fc from 'fast-check';
import { expect, it } from 'vitest';
import { held, shoppingList, stockItemSchema, USUAL_STOCK, type BagNeeds } from '.';

const needing = (bag: string, massG: number): BagNeeds => ({
  bag,
  yarns: [{ name: 'Cotton', massG, ballMassG: 50 }],
  pieces: [],
});
const cotton = (openedG: number[]) => [
  stockItemSchema.parse({ ...USUAL_STOCK.yarn, id: 'cotton', name: 'cotton', balls: 0, openedG }),
];
const grams = fc.integer({ min: 1, max: 400 });

it('shares out no more than there is, the one that held first served first, and leaves the rest free', () => {
  fc.assert(
    fc.property(
      fc.array(grams, { minLength: 1, maxLength: 5 }),
      fc.array(grams, { maxLength: 3 }),
      (masses, opened) => {
        const needs = masses.map((massG, index) => needing(`bag ${index}`, massG));
        const [line] = held(needs, cotton(opened), []);
        if (!line) throw new Error('nothing shared out');
        const covered = line.of.map((one) => one.covered);
        expect(line.of.map(({ bag }) => bag)).toEqual(needs.map(({ bag }) => bag));
        expect(covered.reduce((sum, one) => sum + one, 0) + line.free).toBeCloseTo(line.inStore, 9);
        // Whoever lacks something leaves nothing for those behind.
        const lacks = line.of.findIndex((one) => one.covered < one.amount);
        if (lacks >= 0) expect(covered.slice(lacks + 1).every((one) => one === 0)).toBe(true);
        else expect(line.free).toBeCloseTo(line.inStore - masses.reduce((sum, one) => sum + one, 0), 9);
      },
    ),
  );
});

it('what others hold can’t be counted on when buying', () => {
  const stock = cotton([100]);
  const [alone] = shoppingList([needing('mine', 90)], stock, []);
  expect(alone).toMatchObject({ inStore: 100, heldByOthers: 0, toBuy: 0 });
  const [shared] = shoppingList([needing('mine', 90)], stock, [], [needing('theirs', 70)]);
  // Worked by hand: 30 g are free, 60 g are lacking, which are two balls of 50 g.
  expect(shared).toMatchObject({ inStore: 100, heldByOthers: 70, toBuy: 2 });
  const [none] = shoppingList([needing('mine', 90)], stock, [], [needing('theirs', 500)]);
  expect(none).toMatchObject({ heldByOthers: 100, toBuy: 2 });
});

it('pieces are held by their kind and their sizes', () => {
  const snaps = (bag: string, count: number, diameterMm = 18): BagNeeds => ({
    bag,
    yarns: [],
    pieces: [{ name: 'Snap', kind: 'magnetic-snap', sizes: { diameterMm } as never, count }],
  });
  expect(held([snaps('a', 1), snaps('b', 1)], [], []).map(({ of }) => of.map(({ covered }) => covered))).toEqual([
    [0, 0],
  ]);
  expect(held([snaps('a', 1), snaps('b', 1, 14)], [], [])).toHaveLength(2);
});
