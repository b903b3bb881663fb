import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { spread } from '.';

/** The furthest that what is worked so far strays from the even line, in stitches. */
function mostAstray(parts: readonly number[]): number {
  const count = parts.reduce((sum, part) => sum + part, 0);
  let worked = 0;
  return parts.reduce((most, part, place) => {
    worked += part;
    return Math.max(most, Math.abs(worked - ((place + 1) * count) / parts.length));
  }, 0);
}

/** Every way to put so many stitches in so many places. */
function* everyWay(count: number, places: number): Generator<number[]> {
  if (places === 1) return yield [count];
  for (let first = 0; first <= count; first += 1)
    for (const rest of everyWay(count - first, places - 1)) yield [first, ...rest];
}

describe('spread', () => {
  it('strays from the even line no more than the best of all ways', () => {
    for (let places = 1; places <= 6; places += 1)
      for (let count = 0; count <= 7; count += 1) {
        const best = Math.min(...[...everyWay(count, places)].map(mostAstray));
        expect(mostAstray(spread(count, places)), `${count} over ${places}`).toBeCloseTo(best, 12);
      }
  });

  it('uses every stitch once, differs by one at most, and reads the same from either end', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 900 }), fc.integer({ min: 1, max: 600 }), (count, places) => {
        const parts = spread(count, places);
        expect(parts).toHaveLength(places);
        expect(parts.reduce((sum, part) => sum + part, 0)).toBe(count);
        expect(Math.max(...parts) - Math.min(...parts)).toBeLessThanOrEqual(1);
        const mirrored = [...parts].reverse();
        const odd = parts.filter((part, place) => part !== mirrored[place]).length;
        // An odd count over an even number of places has one stitch over for one side of the middle.
        expect(odd).toBe(places % 2 === 0 && count % 2 === 1 ? 2 : 0);
      }),
    );
  });

  it('puts no two doubles together where fewer than half the places have one, and no two skips', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 300 }), fc.integer({ min: 2, max: 600 }), (count, places) => {
        fc.pre(count * 2 < places);
        const parts = spread(count, places);
        for (let place = 1; place < places; place += 1)
          expect((parts[place] as number) + (parts[place - 1] as number)).toBeLessThanOrEqual(1);
      }),
    );
  });

  it('refuses what can’t be spread', () => {
    for (const [count, places] of [
      [1.5, 2],
      [-1, 3],
      [3, 0],
      [NaN, 2],
    ] as const)
      expect(() => spread(count, places)).toThrow(RangeError);
  });
});
