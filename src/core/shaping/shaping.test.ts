import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { discCounts, discIncrease, discRound, flatness, flatnessNamed, increasedRound, outlineRows } from '.';

const GAUGE = { stitchMm: 5, rowMm: 4 };

describe('rows within an outline', () => {
  /** Any outline that gets narrower: a few points, straight between them. */
  const narrowing = fc
    .array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 2, maxLength: 6 })
    .map((shares) => [...shares].sort((a, b) => b - a));

  it('never rise, keep to odd or even, and come as near as that allows', () => {
    fc.assert(
      fc.property(
        narrowing,
        fc.integer({ min: 3, max: 90 }),
        fc.integer({ min: 1, max: 80 }),
        (shares, start, count) => {
          const lengthMm = count * GAUGE.rowMm;
          const half = (downMm: number) => {
            const at = (Math.min(downMm, lengthMm) / lengthMm) * (shares.length - 1);
            const [a, b] = [shares[Math.floor(at)] as number, shares[Math.ceil(at)] as number];
            return ((a + (b - a) * (at % 1)) * start * GAUGE.stitchMm) / 2;
          };
          const { rows, mostOffStitches } = outlineRows(half, start, count, GAUGE);
          expect(rows).toHaveLength(count);
          let before = start;
          for (const { stitches, changeEachSide, by } of rows) {
            // Only the last two stitches of a point become one.
            if (stitches === 1) expect(before).toBeLessThanOrEqual(start % 2 === 0 ? 2 : before);
            else expect(stitches % 2).toBe(start % 2);
            expect(stitches).toBe(before + 2 * changeEachSide);
            expect(stitches).toBeGreaterThanOrEqual(1);
            expect(by).toBe(changeEachSide === 0 ? 'nothing' : changeEachSide >= -2 ? 'decreasing' : 'leaving');
            before = stitches;
          }
          // Half of the step of two in a count, at each side half of that; more only where less than a stitch is wished.
          expect(mostOffStitches).toBeLessThanOrEqual(1 + 1e-9);
        },
      ),
    );
  });

  it('rounds a corner as the circle runs: in the middle of each row no further off than half a stitch', () => {
    const radius = 60;
    const half = (downMm: number) => 40 + Math.sqrt(Math.max(0, radius ** 2 - downMm ** 2));
    const { rows, mostOffStitches } = outlineRows(half, 40, 15, GAUGE);
    rows.forEach(({ stitches }, index) => {
      const wishedMm = 40 + Math.sqrt(Math.max(0, radius ** 2 - ((index + 0.5) * GAUGE.rowMm) ** 2));
      expect(Math.abs((stitches * GAUGE.stitchMm) / 2 - wishedMm)).toBeLessThanOrEqual(GAUGE.stitchMm / 2 + 1e-9);
    });
    expect(mostOffStitches).toBeLessThanOrEqual(0.5 + 1e-9);
    // The circle ends steeply: its last row loses as much as can be decreased.
    expect(rows.at(-1)?.changeEachSide).toBe(-2);
  });

  it('refuses what is no piece', () => {
    expect(() => outlineRows(() => 1, 0, 3, GAUGE)).toThrow(RangeError);
    expect(() => outlineRows(() => 1, 4, 3, { stitchMm: 0, rowMm: 4 })).toThrow(RangeError);
  });
});

// Common practice, no source: the counts that makers know for a flat disc.
describe('discs', () => {
  test('six a round from six is 90 after 15 rounds', () => {
    expect(discCounts(6, 4)).toEqual([6, 12, 18, 24]);
    expect(discCounts(6, 15).at(-1)).toBe(90);
  });

  test.each([
    ['sc, as high as wide', 1, 6],
    ['hdc, a quarter higher', 1.27, 8],
    ['dc, nearly twice as high', 1.9, 12],
  ])('%s: about %d times, %d a round', (_, ratio, usual) => {
    expect(Math.round(discIncrease({ stitchMm: 5, roundMm: 5 * ratio }))).toBe(usual);
    expect(flatnessNamed(flatness(usual, { stitchMm: 5, roundMm: 5 * ratio }))).toBe('flat');
  });

  test('too few cup, too many ruffle', () => {
    expect(flatnessNamed(flatness(5, { stitchMm: 5, roundMm: 5 }))).toBe('cups');
    expect(flatnessNamed(flatness(8, { stitchMm: 5, roundMm: 5 }))).toBe('ruffles');
  });

  test.each(['stacked', 'staggered'] as const)(
    'every %s round has one increase a sector and the next count',
    (school) => {
      for (const increase of [6, 8, 12])
        for (let round = 2; round <= 15; round += 1) {
          const worked = discRound(increase, round, school);
          expect(worked).toHaveLength(increase * (round - 1));
          expect(worked.reduce((sum, into) => sum + into, 0)).toBe(increase * round);
          for (let sector = 0; sector < increase; sector += 1)
            expect(
              worked.slice(sector * (round - 1), (sector + 1) * (round - 1)).filter((into) => into === 2),
            ).toHaveLength(1);
        }
    },
  );

  test('staggered increases don’t stand above each other; stacked ones do', () => {
    const angles = (round: number, school: 'stacked' | 'staggered') => {
      const worked = discRound(6, round, school);
      return worked.flatMap((into, stitch) => (into === 2 ? [(stitch + 0.5) / worked.length] : []));
    };
    const apart = (school: 'stacked' | 'staggered') =>
      Math.abs((angles(9, school)[0] as number) - (angles(10, school)[0] as number)) * 6;
    expect(apart('stacked')).toBeLessThan(0.1);
    expect(apart('staggered')).toBeGreaterThan(0.3);
  });

  test('increases go evenly into any count, and no more than one into a stitch', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 400 }), fc.double({ min: 0, max: 1, noNaN: true }), (below, share) => {
        const more = Math.floor(below * share);
        const worked = increasedRound(below, more);
        expect(worked.reduce((sum, into) => sum + into, 0)).toBe(below + more);
        expect(worked.every((into) => into === 1 || into === 2)).toBe(true);
      }),
    );
    expect(() => increasedRound(4, 5)).toThrow(RangeError);
  });
});
