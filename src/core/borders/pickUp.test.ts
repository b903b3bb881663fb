import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FLAT_EDGE, edgeFlatness, pickUpRatio } from '.';

describe('picking up along row ends', () => {
  it.each([
    // Common practice, no source: by how tall the rows are against the edging's stitches.
    ['single crochet', 5, 5, [1, 1]],
    ['half double', 7.4, 5, [3, 2]],
    ['double', 10, 5, [2, 1]],
  ])('%s takes the usual ratio', (_, rowMm, stitchMm, [stitches, rows]) => {
    expect(pickUpRatio(rowMm, stitchMm)).toEqual({ stitches, rows });
  });

  it('lies flat wherever a ratio over four rows at most can', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.95, max: 3.15, noNaN: true }), (share) => {
        const flatness = edgeFlatness(pickUpRatio(share, 1), share, 1);
        const possible = [1, 2, 3, 4].some((rows) =>
          [1, 2, 3, 4, 5, 6].some((stitches) => {
            const one = stitches / (rows * share);
            return one >= FLAT_EDGE.least && one <= FLAT_EDGE.most;
          }),
        );
        if (possible) {
          expect(flatness).toBeGreaterThanOrEqual(FLAT_EDGE.least);
          expect(flatness).toBeLessThanOrEqual(FLAT_EDGE.most);
        }
      }),
    );
  });

  it('is a small ratio: in its lowest terms, also where nothing lies flat', () => {
    const shared = (a: number, b: number): number => (b === 0 ? a : shared(b, a % b));
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 16, noNaN: true }),
        fc.double({ min: 1, max: 16, noNaN: true }),
        (row, stitch) => {
          const { stitches, rows } = pickUpRatio(row, stitch);
          expect(shared(stitches, rows)).toBe(1);
        },
      ),
      { numRuns: 2000 },
    );
    // Rows of 4.73 mm against stitches of 5.25: one in each would ruffle by a ninth, so every seventh row end is passed over.
    expect(pickUpRatio(4.73, 5.25)).toEqual({ stitches: 6, rows: 7 });
  });

  it('lies flat wherever rows are within a fifth as high as stitches are wide', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.8, max: 1.2, noNaN: true }), (share) => {
        const flatness = edgeFlatness(pickUpRatio(share, 1), share, 1);
        expect(Math.abs(flatness - 1)).toBeLessThanOrEqual(0.05);
      }),
    );
  });

  it('comes nearest where nothing lies flat', () => {
    const all = [1, 2, 3, 4].flatMap((rows) => [1, 2, 3, 4, 5, 6, 7, 8, 9].map((stitches) => ({ stitches, rows })));
    const off = (one: { stitches: number; rows: number }) => Math.abs(edgeFlatness(one, 12, 1) - 1);
    expect(off(pickUpRatio(12, 1))).toBeCloseTo(Math.min(...all.map(off)), 12);
  });
});
