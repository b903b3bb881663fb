import fc from 'fast-check';
import { expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { rowCountOf, widestStitches } from '@/core/pieces';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { BAND_ROWS, bandOf, isBand, wornFabric } from './wornFabric';

it.each(BODY_KINDS)('%s: each piece is worn with its own stitches and rows, on both faces', (kind) => {
  const design = bagOf(kind);
  const { pieces } = planOf(design);
  for (const piece of pieces)
    for (const face of ['outer', 'inner'] as const) {
      const fabric = wornFabric(design, pieces, piece.id, face);
      const rows = piece.kind === 'rows' ? rowCountOf(piece) : piece.counts.length;
      expect(fabric?.rows).toHaveLength(rows);
      if (piece.kind === 'rows') expect(fabric?.columns).toBe(widestStitches(piece));
      expect(fabric?.stitchMm).toBe(piece.stitchMm);
      const looks = fabric?.looks.length ?? 0;
      for (const { stitches } of fabric?.rows ?? []) for (const { look } of stitches) expect(look).toBeLessThan(looks);
    }
});

it('a band is as many stitches wide as go into it, and has the rows that come again along it', () => {
  const design = bagOf('fold-over-strip');
  fc.assert(
    fc.property(
      fc.double({ min: 1, max: 120, noNaN: true }),
      fc.double({ min: 1.5, max: 14, noNaN: true }),
      (widthMm, stitchMm) => {
        const band = bandOf(widthMm, stitchMm);
        expect(isBand(band)).toBe(true);
        const fabric = wornFabric(design, [], band, 'outer');
        const stitches = fabric?.rows[0]?.stitches.length ?? 0;
        expect(stitches).toBeGreaterThanOrEqual(1);
        expect(Math.abs(stitches * stitchMm - widthMm)).toBeLessThanOrEqual(
          Math.max(stitchMm / 2, stitchMm - widthMm) + 1e-9,
        );
        expect(fabric?.rows).toHaveLength(BAND_ROWS);
      },
    ),
  );
});

it('a piece that the bag has not is not worn', () => {
  const design = bagOf('fold-over-strip');
  expect(wornFabric(design, planOf(design).pieces, 'gusset', 'outer')).toBeNull();
});
