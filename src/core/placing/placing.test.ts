import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { offsetOf } from '@/core/body';
import { evenAcross, mirrored, placesAcross } from '.';

const stitches = fc.integer({ min: 1, max: 300 });
const across = fc.record({
  layout: fc.constantFrom('centre' as const, 'pair' as const, 'even' as const),
  inMm: fc.option(fc.double({ min: 3, max: 400, noNaN: true })),
  count: fc.integer({ min: 2, max: 9 }),
});

describe('places along a row', () => {
  it('are the middle by count: the 8th of 15, after the 13th of 26, the 4th of 7 motifs (common practice)', () => {
    expect(placesAcross({ layout: 'centre', inMm: null, count: 3 }, 15, 5)).toEqual([{ kind: 'on', stitch: 8 }]);
    expect(placesAcross({ layout: 'centre', inMm: null, count: 3 }, 26, 5)).toEqual([{ kind: 'between', after: 13 }]);
    expect(evenAcross(1, 7)).toEqual([{ kind: 'on', stitch: 4 }]);
  });

  it('are mirrored by count, whatever the row and the choice: as many stitches from one end as from the other', () => {
    fc.assert(
      fc.property(across, stitches, fc.double({ min: 2, max: 12, noNaN: true }), (choice, many, stitchMm) => {
        const offsets = placesAcross(choice, many, stitchMm).map((place) => offsetOf(place, 1));
        const back = offsets.map((offset) => many - offset).reverse();
        expect(back).toEqual(offsets);
        for (const offset of offsets) {
          expect(offset).toBeGreaterThanOrEqual(0);
          expect(offset).toBeLessThanOrEqual(many);
          expect(Number.isInteger(2 * offset)).toBe(true);
        }
      }),
    );
  });

  it('spread evenly, are never further than a quarter of a stitch off the middle of their own share', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 24 }), stitches, (count, many) => {
        const offsets = evenAcross(count, many).map((place) => offsetOf(place, 1));
        expect(offsets).toHaveLength(count);
        offsets.forEach((offset, index) =>
          expect(Math.abs(offset - ((index + 0.5) * many) / count)).toBeLessThanOrEqual(0.25 + 1e-9),
        );
      }),
    );
  });

  it('of a pair are as far in as is wished, to the nearest stitch or gap, and never past the middle', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 3, max: 400, noNaN: true }),
        stitches,
        fc.double({ min: 2, max: 12, noNaN: true }),
        (inMm, many, stitchMm) => {
          const [first, last] = placesAcross({ layout: 'pair', inMm, count: 2 }, many, stitchMm);
          if (!first || !last) throw new Error('no pair');
          const offset = offsetOf(first, stitchMm);
          expect(offset).toBeLessThanOrEqual((many * stitchMm) / 2 + 1e-9);
          if (inMm < (many * stitchMm) / 2 && inMm > stitchMm / 2)
            expect(Math.abs(offset - inMm)).toBeLessThanOrEqual(stitchMm / 4 + 1e-9);
          expect(mirrored(first, many)).toEqual(last);
        },
      ),
    );
  });
});
