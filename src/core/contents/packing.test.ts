import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { solve } from 'yalps';
import { insideNeeded } from './inside';
import { lotCount, packExactly } from './packExactly';
import { packMany } from './packMany';
import { packQuickly, packThings } from './packThings';
import { placeThings, thingsThatSet, turnedSizes, type Box, type Lot, type Size } from './packTree';
import { seededRandom } from '@/core/random';

const ROOM = { mostAcrossMm: 780, mostThickMm: 190 };
const box = (widthMm: number, heightMm: number, thicknessMm: number, turns: Box['turns'] = 'in-the-plane'): Box => ({
  widthMm,
  heightMm,
  thicknessMm,
  turns,
});
const someBox = (most = 90) =>
  fc.record({
    widthMm: fc.integer({ min: 5, max: most }),
    heightMm: fc.integer({ min: 5, max: most }),
    thicknessMm: fc.integer({ min: 1, max: 30 }),
    turns: fc.constantFrom('as-it-stands' as const, 'in-the-plane' as const, 'any-way' as const),
  });
/** A flat bag that goes round a needs no more cloth than one that goes round b: across, the lot and its thickness; up, half of that. */
const needsNoMore = (a: Size, b: Size) =>
  a.widthMm + a.thicknessMm <= b.widthMm + b.thicknessMm &&
  a.heightMm + a.thicknessMm / 2 <= b.heightMm + b.thicknessMm / 2 &&
  a.thicknessMm <= b.thicknessMm;

type Sides = [across: number, up: number, through: number];

/** All ways to set a box down, by the rule for its kind: written anew, from what the words of the choice say. */
const setDown = ({ widthMm: w, heightMm: h, thicknessMm: t, turns }: Box): Sides[] => {
  const sides = [w, h, t] as const;
  const orders = [0, 1, 2].flatMap((a) => [0, 1, 2].flatMap((b) => (a === b ? [] : [[a, b, 3 - a - b] as const])));
  return orders
    .filter((order) => turns === 'any-way' || order[2] === 2)
    .filter((order) => turns !== 'as-it-stands' || order[0] === 0)
    .map((order) => order.map((side) => sides[side]) as Sides);
};

/** Two lots pushed together along one of the three ways: there they add up, along the others the larger one counts. */
const pushed = (a: Sides, b: Sides, along: number): Sides =>
  a.map((side, way) => (way === along ? side + (b[way] as number) : Math.max(side, b[way] as number))) as Sides;

/** Every size that things can be packed to, found by pushing every two lots together every way, over and over: no pruning at all. */
function everySize(things: readonly Box[]): Size[] {
  const sizes = (lot: readonly Box[]): Sides[] => {
    const [only, ...rest] = lot;
    if (only === undefined) return [];
    if (rest.length === 0) return setDown(only);
    const found: Sides[] = [];
    for (let mask = 0; mask < 2 ** rest.length - 1; mask += 1) {
      const first = [only, ...rest.filter((_, at) => (mask >> at) & 1)];
      const second = rest.filter((_, at) => !((mask >> at) & 1));
      for (const a of sizes(first))
        for (const b of sizes(second)) for (const along of [0, 1, 2]) found.push(pushed(a, b, along));
    }
    return found;
  };
  return sizes(things).map(([widthMm, heightMm, thicknessMm]) => ({ widthMm, heightMm, thicknessMm }));
}

describe('packing exactly', () => {
  it('finds what trying everything finds: no size is better than one of its own', () => {
    fc.assert(
      fc.property(fc.array(someBox(), { minLength: 1, maxLength: 3 }), (things) => {
        const lots = packExactly(things, ROOM);
        for (const size of everySize(things)) expect(lots.some((lot) => needsNoMore(lot, size))).toBe(true);
        for (const lot of lots) expect(lots.filter((other) => other !== lot && needsNoMore(other, lot))).toEqual([]);
      }),
      { numRuns: 40 },
    );
  });

  it('finds, for up to six things, just the sizes that a plain search over all lots finds', () => {
    const isNoLarger = (a: number[], b: number[]) => a.every((size, at) => size <= (b[at] as number));
    const best = (sizes: number[][]) => {
      const different = [...new Map(sizes.map((size) => [size.join(), size])).values()];
      return different.filter((size) => !different.some((other) => other !== size && isNoLarger(other, size)));
    };
    const plainSearch = (things: readonly Box[]): Set<string> => {
      const all = 2 ** things.length - 1;
      const found: number[][][] = [];
      for (let lot = 1; lot <= all; lot += 1) {
        const alone = things.findIndex((_, index) => lot === 2 ** index);
        const sizes =
          alone < 0
            ? []
            : turnedSizes(things[alone] as Box).map(({ widthMm, heightMm, thicknessMm }) => [
                widthMm,
                heightMm,
                thicknessMm,
              ]);
        for (let part = 1; part < lot; part += 1)
          if ((part & lot) === part)
            for (const [w1, h1, t1] of found[part] as [number, number, number][])
              for (const [w2, h2, t2] of found[lot - part] as [number, number, number][])
                sizes.push(
                  [w1 + w2, Math.max(h1, h2), Math.max(t1, t2)],
                  [Math.max(w1, w2), h1 + h2, Math.max(t1, t2)],
                  [Math.max(w1, w2), Math.max(h1, h2), t1 + t2],
                );
        found[lot] = best(
          lot === all ? (sizes as [number, number, number][]).map(([w, h, t]) => [w + t, h + t / 2, t]) : sizes,
        );
      }
      return new Set((found[all] as number[][]).map((size) => size.join()));
    };
    fc.assert(
      fc.property(fc.array(someBox(), { minLength: 4, maxLength: 6 }), (things) => {
        const needs = packExactly(things, { mostAcrossMm: 1e6, mostThickMm: 1e6 }).map(
          ({ widthMm: w, heightMm: h, thicknessMm: t }) => [w + t, h + t / 2, t].join(),
        );
        expect(new Set(needs)).toEqual(plainSearch(things));
        expect(new Set(needs).size).toBe(needs.length);
      }),
      { numRuns: 12 },
    );
  });

  it('lays every thing in once, in one of its turns, none into another, within the size it says', () => {
    fc.assert(
      fc.property(fc.array(someBox(), { minLength: 1, maxLength: 6 }), (things) => {
        for (const lot of packExactly(things, ROOM)) {
          const placed = placeThings(lot);
          expect(placed.map(({ index }) => index).sort()).toEqual(things.map((_, index) => index));
          const end = { x: 0, y: 0, z: 0 };
          for (const one of placed) {
            const turned = turnedSizes(things[one.index] as Box);
            expect(turned).toContainEqual({
              widthMm: one.widthMm,
              heightMm: one.heightMm,
              thicknessMm: one.thicknessMm,
            });
            end.x = Math.max(end.x, one.xMm + one.widthMm);
            end.y = Math.max(end.y, one.yMm + one.heightMm);
            end.z = Math.max(end.z, one.behindMm + one.thicknessMm);
          }
          expect(end).toEqual({ x: lot.widthMm, y: lot.heightMm, z: lot.thicknessMm });
          for (const [at, a] of placed.entries())
            for (const b of placed.slice(at + 1)) {
              const apart =
                a.xMm + a.widthMm <= b.xMm ||
                b.xMm + b.widthMm <= a.xMm ||
                a.yMm + a.heightMm <= b.yMm ||
                b.yMm + b.heightMm <= a.yMm ||
                a.behindMm + a.thicknessMm <= b.behindMm ||
                b.behindMm + b.thicknessMm <= a.behindMm;
              expect(apart).toBe(true);
            }
        }
      }),
      { numRuns: 40 },
    );
  });

  it('says of each size which things set it: without one of them the lot is smaller that way', () => {
    fc.assert(
      fc.property(fc.array(someBox(), { minLength: 2, maxLength: 4 }), (things) => {
        for (const lot of packExactly(things, ROOM).slice(0, 4)) {
          const placed = placeThings(lot);
          const set = new Set(thingsThatSet(lot, 'beside'));
          const along = placed.filter(({ index }) => set.has(index));
          expect(along.length).toBeGreaterThan(0);
          // They reach from one side to the other: some of them, side by side, are as wide as the lot.
          expect(along.reduce((sum, { widthMm }) => sum + widthMm, 0)).toBeGreaterThanOrEqual(lot.widthMm);
        }
      }),
      { numRuns: 40 },
    );
  });

  it('takes a dozen alike things for one sort', () => {
    expect(lotCount(Array<Box>(12).fill(box(86, 54, 1)))).toBe(13);
    const lots = packExactly(Array<Box>(12).fill(box(86, 54, 1)), ROOM);
    expect(
      lots.some(({ widthMm, heightMm, thicknessMm }) => widthMm === 54 && heightMm === 86 && thicknessMm === 12),
    ).toBe(true);
  });

  it('gives nothing for what fits no room', () => {
    expect(packExactly([box(900, 20, 2)], ROOM)).toEqual([]);
  });
});

/**
 * Three flat things side by side can always be taken apart by straight cuts, so a solver that may place them anywhere must find
 * the same least height. Four can lie round each other like the sails of a windmill: there the solver may do better, never worse.
 * Source: geometry; the solver is the yalps package, mixed-integer linear programming.
 */
describe('against a solver that places things anywhere', () => {
  const big = 400;
  function leastHeightMm(things: readonly [number, number][], widthMm: number): number {
    const variables: Record<string, Record<string, number>> = { H: { height: 1 } };
    const constraints: Record<string, { min?: number; max?: number }> = {};
    const binaries: string[] = [];
    const put = (variable: string, constraint: string, factor: number) => {
      (variables[variable] ??= {})[constraint] = factor;
    };
    things.forEach(([w, h], i) => {
      put(`x${i}`, `right${i}`, 1);
      constraints[`right${i}`] = { max: widthMm - w };
      put(`y${i}`, `top${i}`, -1);
      put('H', `top${i}`, 1);
      constraints[`top${i}`] = { min: h };
      for (let j = i + 1; j < things.length; j += 1) {
        const [w2, h2] = things[j] as [number, number];
        const sides: [string, string, string, number][] = [
          ['left', `x${i}`, `x${j}`, w],
          ['right', `x${j}`, `x${i}`, w2],
          ['below', `y${i}`, `y${j}`, h],
          ['above', `y${j}`, `y${i}`, h2],
        ];
        const one = `one${i}${j}`;
        constraints[one] = { min: 1 };
        for (const [side, a, b, size] of sides) {
          const chosen = `${side}${i}${j}`;
          binaries.push(chosen);
          put(chosen, one, 1);
          // a + size <= b + big (1 - chosen)
          put(a, `c${chosen}`, 1);
          put(b, `c${chosen}`, -1);
          put(chosen, `c${chosen}`, big);
          constraints[`c${chosen}`] = { max: big - size };
        }
      }
    });
    const solution = solve({ direction: 'minimize', objective: 'height', constraints, variables, binaries });
    expect(solution.status).toBe('optimal');
    return solution.result;
  }

  const leastCut = (sizes: readonly [number, number][], widthMm: number): number =>
    Math.min(
      ...packExactly(
        sizes.map(([w, h]) => box(w, h, 100, 'as-it-stands')),
        ROOM,
      )
        .filter((lot) => lot.widthMm <= widthMm && lot.thicknessMm === 100)
        .map(({ heightMm }) => heightMm),
    );
  const side = fc.integer({ min: 10, max: 70 });

  it('three things: as low as the solver', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(side, side), { minLength: 2, maxLength: 3 }), (sizes) => {
        expect(leastCut(sizes, 90)).toBeCloseTo(leastHeightMm(sizes, 90), 6);
      }),
      { numRuns: 25 },
    );
  });

  it('four things: as low as the solver, or a windmill', () => {
    const windmill: [number, number][] = [
      [30, 40],
      [25, 60],
      [50, 20],
      [45, 35],
    ];
    expect([leastCut(windmill, 80), Math.round(leastHeightMm(windmill, 80))]).toEqual([95, 80]);
    const columns: [number, number][] = [
      [42, 28],
      [42, 28],
      [17, 63],
      [63, 17],
    ];
    expect(leastCut(columns, 70)).toBeCloseTo(leastHeightMm(columns, 70), 6);
  });
});

describe('packing more than can be gone through', () => {
  const fabric = (lots: readonly Lot[]) =>
    Math.min(...lots.map((lot) => insideNeeded(lot, 15, 'flat')).map(({ widthMm, heightMm }) => widthMm * heightMm));
  const run = (things: readonly Box[], tries: number) => {
    const steps = packMany(things, ROOM, seededRandom(3), tries);
    const shares: number[] = [];
    for (;;) {
      const step = steps.next();
      if (step.done) return { lots: step.value, shares };
      shares.push(step.value);
    }
  };
  const random = seededRandom(11);
  const six = Array.from({ length: 6 }, () =>
    box(20 + Math.floor(random() * 100), 20 + Math.floor(random() * 120), 3 + Math.floor(random() * 25)),
  );

  it('comes within a quarter of the best, where that is known', () => {
    expect(fabric(run(six, 4000).lots)).toBeLessThan(1.25 * fabric(packExactly(six, ROOM)));
  });

  it('says how far it is, up to the whole, and gives the same again for the same chance', () => {
    const { lots, shares } = run(six, 200);
    expect(shares.at(-1)).toBe(1);
    expect([...shares].sort((a, b) => a - b)).toEqual(shares);
    expect(run(six, 200).lots).toEqual(lots);
  });

  it('proves nothing for nine different things, and packs each of them', () => {
    const nine = Array.from({ length: 9 }, (_, index) => box(20 + 7 * index, 90 - 5 * index, 3 + index));
    const { lots, proven } = packQuickly(nine);
    expect(proven).toBe(false);
    expect(packThings(nine.slice(0, 4)).proven).toBe(true);
    for (const lot of lots) expect(new Set(placeThings(lot).map(({ index }) => index)).size).toBe(9);
  });

  it.each([17, 40, 100])('finds a first way for %i things at once, with every one of them in it', (count) => {
    const many = Array.from({ length: count }, (_, index) =>
      box(30 + (index % 60), 100 - (index % 50), 3 + (index % 5)),
    );
    const { lots } = packQuickly(many);
    expect(lots.length).toBeGreaterThan(0);
    for (const lot of lots) {
      expect(new Set(placeThings(lot).map(({ index }) => index)).size).toBe(count);
      // Nothing is packed smaller than it is.
      const volume = many.reduce(
        (sum, { widthMm, heightMm, thicknessMm }) => sum + widthMm * heightMm * thicknessMm,
        0,
      );
      expect(lot.widthMm * lot.heightMm * lot.thicknessMm).toBeGreaterThanOrEqual(volume);
    }
  });
});
