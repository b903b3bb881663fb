import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { STITCHES, STITCH_IDS, nearestCount, startingChain } from '.';

describe('startingChain', () => {
  // Common practice, no source: sc or hdc into the 2nd chain, 26 → 25 and 100 → 99; hdc into the 3rd, counting, S + 1.
  it.each([
    [25, 'sc', 'does-not-count', 26],
    [99, 'sc', 'does-not-count', 100],
    [25, 'hdc', 'does-not-count', 26],
    [30, 'hdc', 'counts', 31],
    [30, 'sc', 'counts', 30],
  ] as const)('%d %s, turning chain %s: %d chains', (count, stitch, school, chains) => {
    expect(startingChain(count, STITCHES[stitch], school, 'chain')).toBe(chains);
  });

  it('gives back its stitches when the first row is worked into it', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 600 }),
        fc.constantFrom(...STITCH_IDS),
        fc.constantFrom('counts' as const, 'does-not-count' as const),
        (count, id, school) => {
          const chains = startingChain(count, STITCHES[id], school, 'chain');
          const { inRounds, turningChain } = STITCHES[id];
          // In a ring every chain takes a stitch.
          const worked = inRounds
            ? chains
            : chains - turningChain[school].skippedInFoundation + (school === 'counts' ? 1 : 0);
          expect(worked).toBe(count);
        },
      ),
    );
  });

  it('needs no chain for foundation stitches', () => {
    expect(startingChain(30, STITCHES.sc, 'does-not-count', 'foundation-stitches')).toBe(0);
  });

  it('refuses half a stitch', () => {
    expect(() => startingChain(2.5, STITCHES.sc, 'counts', 'chain')).toThrow(RangeError);
    expect(() => startingChain(0, STITCHES.sc, 'counts', 'chain')).toThrow(RangeError);
  });
});

describe('nearestCount', () => {
  it('is the nearest count that the repeat allows', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 300, noNaN: true }),
        fc.integer({ min: 1, max: 9 }),
        fc.integer({ min: 0, max: 4 }),
        (wished, repeatStitches, edgeStitches) => {
          const count = nearestCount(wished, { repeatStitches, edgeStitches });
          const allowed = Array.from({ length: 400 }, (_, index) => edgeStitches + (index + 1) * repeatStitches);
          const least = Math.min(...allowed.map((candidate) => Math.abs(candidate - wished)));
          if (count === null) expect(wished).toBeLessThan(edgeStitches + repeatStitches);
          else {
            expect((count - edgeStitches) % repeatStitches).toBe(0);
            expect(Math.abs(count - wished)).toBeCloseTo(least, 9);
          }
        },
      ),
    );
  });

  it('rounds halves up', () => {
    expect(nearestCount(10.5, STITCHES.sc)).toBe(11);
  });
});
