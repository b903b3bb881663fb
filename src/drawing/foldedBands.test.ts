import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { usualStrap, type Design, type WorkedStrap } from '@/core/design';
import { SEEN_SHARE, distanceOf, foldBag, type Vec } from '@/core/fold';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf, workedStrapOf } from '@/core/testing/designs';
import { bandSolids } from './bandSolid';
import { solidVolumeMm3 } from './foldedMesh';
import { foldedDrawing } from '.';

const carriedBy = (design: Design, change: Partial<WorkedStrap>): Design => ({
  ...design,
  straps: [{ ...usualStrap(), school: 'slack', over: 'in-the-hand', ...change } as WorkedStrap],
});
const longOf = (points: readonly Vec[]): number =>
  points.reduce((sum, point, index) => sum + (index === 0 ? 0 : distanceOf(points[index - 1] as Vec, point)), 0);

describe('what a bag is carried by, on the folded bag', () => {
  it.each(BODY_KINDS)('a handle is whole, and along its way as long as it is worn: %s', (kind) => {
    const plan = planOf(carriedBy(bagOf(kind), { wornLengthMm: 290 }));
    const [band] = foldBag(plan, { state: 'loaded', flap: 1 }).bands;
    if (!band) throw new Error('none');
    expect(band.isCut).toBe(false);
    // From the sides of the folded bag, which are a little nearer than the flat one is wide.
    expect(Math.abs(longOf(band.runs[0] ?? []) - workedStrapOf(plan).hangs.fullMm)).toBeLessThan(30);
  });

  it('set on a face, its feet are as far apart as was counted, and its way is as long to the millimetre', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 12 }), fc.integer({ min: 260, max: 420 }), (inStitches, wornLengthMm) => {
        const design = carriedBy(withBody(bagOf('fold-over-strip'), { widthMm: 260, heightMm: 240 }), {
          feet: { on: 'back', inStitches },
          wornLengthMm,
        });
        const plan = planOf(design);
        const [band] = foldBag(plan, { state: 'empty', flap: 1 }).bands;
        const run = band?.runs[0] as Vec[];
        const apart = workedStrapOf(plan).hung.feet.apartMm;
        expect(distanceOf(run[0] as Vec, run.at(-1) as Vec)).toBeCloseTo(apart, 3);
        expect(longOf(run)).toBeCloseTo(workedStrapOf(plan).hangs.emptyMm, 3);
      }),
      { numRuns: 25 },
    );
  });

  it('a long one goes to the edge of the picture at both sides, and round a body straight up', () => {
    for (const over of ['on-the-shoulder', 'across-the-body'] as const) {
      const plan = planOf(carriedBy(bagOf('fold-over-strip'), { wornLengthMm: 1100, over }));
      const [band] = foldBag(plan, { state: 'loaded', flap: 1 }).bands;
      expect(band?.isCut).toBe(true);
      const rises = band?.runs.map((run) => (run.at(-1)?.y ?? NaN) - (run[0]?.y ?? NaN)) ?? [];
      expect(rises).toHaveLength(2);
      for (const rise of rises) expect(rise).toBeCloseTo(SEEN_SHARE * plan.pouch.figures.heightLoaded.value, 6);
    }
  });

  it('is a closed solid of its length, width and thickness, and is left away where the bag lies flat', () => {
    const plan = planOf(carriedBy(bagOf('fold-over-strip'), { wornLengthMm: 1100, over: 'on-the-shoulder' }));
    const [band] = foldBag(plan, { state: 'loaded', flap: 1 }).bands;
    if (!band) throw new Error('none');
    const { figures } = workedStrapOf(plan);
    for (const [index, solid] of bandSolids(band).entries())
      expect(solidVolumeMm3(solid)).toBeCloseTo(
        longOf(band.runs[index] as Vec[]) * figures.width.value * figures.thickness.value,
        -1,
      );
    expect(foldBag(plan, { state: 'flat', flap: 1 }).bands).toEqual([]);
  });

  it('a long loop and a short one each rise from their own side', () => {
    const design = carriedBy(bagOf('gusset'), {
      widthMm: 30,
      over: 'on-the-wrist',
      wornLengthMm: 300,
      ends: { kind: 'grown', shortLoopMm: 120 },
    });
    const plan = planOf(design);
    const [long, short] = foldBag(plan, { state: 'empty', flap: 1 }).bands;
    // A long one is cut, and has its feet at the beginnings of two runs.
    const ends = [long, short].map((band): [Vec, Vec] => {
      const [first, second] = band?.runs ?? [];
      return [first?.[0] as Vec, (second ? second[0] : first?.at(-1)) as Vec];
    });
    // Both ends of either lie behind each other, and the two loops at opposite sides.
    for (const [a, b] of ends) expect(distanceOf(a, b)).toBeLessThan(10);
    expect((ends[0]?.[0].z ?? 0) * (ends[1]?.[0].z ?? 0)).toBeLessThan(0);
    expect(longOf(short?.runs[0] ?? [])).toBeGreaterThan(118);
    expect(longOf(short?.runs[0] ?? [])).toBeLessThan(136);
  });

  it('is on the card as well: a handle whole, one on the front before the flap', () => {
    const plan = planOf(
      carriedBy(bagOf('fold-over-strip'), { wornLengthMm: 220, feet: { on: 'front', inStitches: 6 } }),
    );
    const { shapes, box } = foldedDrawing(plan);
    const drop = plan.bands[0]?.dropMm?.loaded ?? NaN;
    expect(shapes.at(-1)?.mark).toBe('strap.hung');
    expect(box.heightMm).toBeCloseTo(drop + plan.pouch.figures.heightLoaded.value, 6);
  });
});
