import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bagOf } from '@/core/testing/bodies';
import { fullDesign, planOf } from '@/core/testing/designs';
import { usualLining, type Design } from '@/core/design';
import { offsetOutline, pieceOutline } from '.';

const areaOf = (points: readonly { alongMm: number; halfMm: number }[]): number =>
  points.slice(1).reduce((sum, { alongMm, halfMm }, index) => {
    const before = points[index] as { alongMm: number; halfMm: number };
    return sum + (halfMm + before.halfMm) * (alongMm - before.alongMm);
  }, 0);

describe('an outline moved outwards', () => {
  // Geometry: a convex outline of area A and girth P, moved out by r, has A + P·r + π·r² (Steiner).
  it('has the area of Steiner’s formula, for a rectangle and for a disc', () => {
    const rectangle = [
      { alongMm: 0, halfMm: 60 },
      { alongMm: 150, halfMm: 60 },
    ];
    expect(areaOf(offsetOutline(rectangle, 16)) / (120 * 150 + 540 * 16 + Math.PI * 256)).toBeCloseTo(1, 2);
    const disc = pieceOutline(
      {
        kind: 'disc',
        id: 'disc',
        copies: 1,
        plain: true,
        stitchMm: 5,
        rowMm: 5,
        counts: Array<number>(14).fill(6),
        increase: 6,
        school: 'stacked',
      },
      null,
    );
    expect(areaOf(offsetOutline(disc, 16)) / (Math.PI * 86 ** 2)).toBeCloseTo(1, 1);
    expect(areaOf(offsetOutline(disc, -4)) / (Math.PI * 66 ** 2)).toBeCloseTo(1, 1);
  });
});

describe('an outline that is not moved', () => {
  it('is the same: at each of its points the widest of the stretches there, looked for one by one', () => {
    const steps = fc.array(
      fc.record({ onMm: fc.constantFrom(0, 0, 3, 7.5, 40), halfMm: fc.double({ min: 1, max: 90, noNaN: true }) }),
      { minLength: 2, maxLength: 30 },
    );
    fc.assert(
      fc.property(steps, (list) => {
        let alongMm = 0;
        const outline = list.map(({ onMm, halfMm }) => ({ alongMm: (alongMm += onMm), halfMm }));
        for (const point of offsetOutline(outline, 0)) {
          const there = outline.slice(1).flatMap((to, index) => {
            const from = outline[index] as typeof to;
            if (point.alongMm < from.alongMm - 1e-9 || point.alongMm > to.alongMm + 1e-9) return [];
            const longMm = to.alongMm - from.alongMm;
            if (longMm === 0) return [from.halfMm, to.halfMm];
            return [from.halfMm + ((point.alongMm - from.alongMm) / longMm) * (to.halfMm - from.halfMm)];
          });
          expect(point.halfMm).toBeCloseTo(Math.max(...there), 6);
        }
      }),
    );
  });

  it('has no more points than a bag needs, however long it is', () => {
    const blanket = [
      { alongMm: 0, halfMm: 4000 },
      { alongMm: 400_000, halfMm: 4000 },
    ];
    expect(offsetOutline(blanket, 10).length).toBeLessThan(3000);
  });
});

describe('a lining', () => {
  const hemmed = (lining: Design['lining']): Design => ({
    ...fullDesign(),
    lining,
    closures: [],
    flap: { kind: 'straight', dropMm: 80, widthMm: null, hemMm: 22 },
  });

  it('is cut for the panel without its hem, which is turned back before', () => {
    const plan = planOf(hemmed(usualLining()));
    const [piece] = plan.lining?.cloth ?? [];
    const shown = plan.flap.totalRows * plan.pouch.rowMm;
    expect(piece?.coversLengthMm).toBeCloseTo(shown, 9);
    expect(plan.flap.figures.totalRows.value).toBe(plan.flap.totalRows + plan.flap.hemRows);
    expect(plan.flap.figures.panelLength.value).toBeCloseTo(shown + plan.flap.hemRows * plan.pouch.rowMm, 9);
  });

  it('is cut to the outline of what is shaped, and that is as large as the crochet', () => {
    const design: Design = {
      ...bagOf('fold-over-strip'),
      lining: usualLining(),
      flap: { kind: 'round', dropMm: 80, widthMm: null, hemMm: null },
    };
    const plan = planOf(design);
    const [piece] = plan.lining?.cloth ?? [];
    expect(piece?.toOutline).toBe(true);
    expect(areaOf(piece?.outline ?? []) / plan.whole.area.value).toBeCloseTo(1, 2);
    const straight = planOf({ ...design, flap: { ...design.flap, kind: 'straight' } as Design['flap'] });
    expect(straight.lining?.cloth[0]?.outline).toBeNull();
  });
});
