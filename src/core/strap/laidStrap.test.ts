import fc from 'fast-check';
import { expect, it } from 'vitest';
import { anyStrapStage } from '@/core/testing/anyStrapStage';
import { laidParts, laidStrap } from '.';

it('the parts of any worn strap follow each other from mouth to mouth, without a gap and none in another', () => {
  fc.assert(
    fc.property(anyStrapStage, (stage) => {
      const { parts, wornMm, standsMm, slackMm, overlapMm } = laidStrap(stage);
      const along = laidParts(parts, wornMm, standsMm);
      expect(along.map(({ kind }) => kind)).toEqual(parts.map(({ kind }) => kind));
      expect(along[0]?.fromMm).toBe(0);
      expect(along.at(-1)?.toMm).toBeCloseTo(wornMm, 6);
      along.forEach(({ fromMm, toMm }, index) => {
        expect(toMm).toBeGreaterThanOrEqual(fromMm - 1e-9);
        const next = along[index + 1];
        if (next) expect(next.fromMm).toBeCloseTo(toMm, 9);
      });
      // What is not strap is as long as it is.
      parts.forEach(({ kind, wayMm }, index) => {
        const { fromMm = NaN, toMm = NaN } = along[index] ?? {};
        if (kind !== 'strap') expect(toMm - fromMm).toBeCloseTo(wayMm, 6);
      });
      expect(slackMm).toBeGreaterThan(0);
      expect(overlapMm).toBeGreaterThanOrEqual(0);
    }),
    { numRuns: 150 },
  );
});

it('what adjusts it stands as far from the second end as is said; a knot ties in the middle', () => {
  const mm = fc.integer({ min: 0, max: 60 });
  fc.assert(
    fc.property(
      mm,
      fc.integer({ min: 200, max: 1200 }),
      fc.integer({ min: 0, max: 600 }),
      (ringMm, wornMm, standsMm) => {
        const parts = (adjust: 'slider' | 'knot') =>
          (['ring', 'strap', adjust, 'strap', 'ring'] as const).map((kind) => ({
            kind,
            wayMm: kind === 'ring' ? ringMm : 0,
          }));
        const at = (adjust: 'slider' | 'knot', stands: number | null) =>
          laidParts(parts(adjust), wornMm, stands).find(({ kind }) => kind === adjust)?.fromMm ?? NaN;
        const strapMm = wornMm - 2 * ringMm;
        expect(at('slider', standsMm)).toBeCloseTo(wornMm - ringMm - Math.min(standsMm, strapMm), 9);
        expect(at('knot', standsMm)).toBeCloseTo(wornMm / 2, 9);
        expect(at('slider', null)).toBeCloseTo(wornMm / 2, 9);
      },
    ),
  );
});
