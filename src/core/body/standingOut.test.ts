import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { thingIdSchema, type Design } from '@/core/design';
import { asPlanned, madeSizes } from '@/core/makings';
import type { Plan } from '@/core/plan';
import { sectionPointAt } from '@/core/section';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';

/** A bag 100 mm high to the mouth of its rows, that carries one box so high, as it stands. */
const carrying = (kind: 'fold-over-strip' | 'gusset', heightMm: number, thicknessMm = 20): Plan => {
  const bag = bagOf(kind, { stitchMm: 5, rowMm: 5, fabricMm: 2 });
  const thing = {
    id: thingIdSchema.parse('box'),
    name: 'Box of reeds',
    widthMm: 60,
    heightMm,
    thicknessMm,
    massG: null,
    turns: 'as-it-stands' as const,
    known: null,
  };
  const chosenRows = { front: 30, back: 30, bridge: 10, flap: 20 };
  return planOf({
    ...bag,
    closures: [],
    body: { ...bag.body, sizesFrom: 'outside', chosenRows },
    contents: { ...bag.contents, thicknessMm: null, firmness: 'stiff', items: [{ count: 1, thing }] },
  } as Design);
};

describe('what stands out of the bag', () => {
  it('is nothing while it lies below the mouth, and the flap goes over as ever', () => {
    const plan = carrying('fold-over-strip', 60);
    expect(plan.flap.corners).toEqual([]);
    // Stiff: straight across the load, two fabrics more.
    expect(plan.flap.bridgeMm.loaded).toBeCloseTo(20 + 2 + 2, 9);
  });

  // Worked out by hand: up along the box, a quarter circle of 1 mm round its corner, across, another, and down. The box fills the bag from
  // lining to lining, so the line from the back's middle (22 mm from the front's) runs straight up its side; in front it comes down to the
  // flap's own middle, 2 mm before the front's.
  it('has the flap drawn taut over it: up, across and down', () => {
    const plan = carrying('fold-over-strip', 200);
    const [left, right] = plan.flap.corners;
    expect([left?.x, right?.x]).toEqual([1, 21]);
    const y = right?.y ?? NaN;
    // It stands where the base stops to bend: the front's 150 mm less a quarter circle of the load's depth.
    expect(y).toBeCloseTo(200 - (150 - (Math.PI / 4) * 22), 9);
    // Down to a point 3 mm before the left corner and y below it, past its round: the tangent, and the turn that leads to it.
    const toFront = Math.hypot(3, y);
    const down = Math.sqrt(toFront ** 2 - 1);
    const turn = Math.atan2(y, 3) + Math.asin(1 / toFront);
    expect(plan.flap.bridgeMm.loaded).toBeCloseTo(y + Math.PI / 2 + 20 + turn + down, 9);
  });

  it('lets the flap come down so much less, by the same way that the section is drawn', () => {
    const [low, high] = [carrying('gusset', 60), carrying('gusset', 190)];
    const more = high.flap.bridgeMm.loaded - low.flap.bridgeMm.loaded;
    expect(more).toBeGreaterThan(0);
    expect(low.flap.dropMm.loaded - high.flap.dropMm.loaded).toBeCloseTo(more, 9);
    expect(high.flap.dropMm.empty).toBeCloseTo(low.flap.dropMm.empty, 9);
    // Along the section, the point so far beyond the back's end lies at the height of that end again, in front of the bag.
    const { sectionMm } = high.pouch;
    const backEnd = sectionMm.front + sectionMm.base + sectionMm.back;
    const [start, end] = [backEnd, backEnd + high.flap.bridgeMm.loaded].map(
      (station) => sectionPointAt(high.section.loaded, station).point,
    );
    expect(end?.y).toBeCloseTo(start?.y ?? NaN, 6);
    expect(end?.x).toBeLessThan(0);
    // And the strip goes round every corner: no point of it lies below one, right above it.
    const tops = Array.from({ length: 60 }, (_, step) =>
      sectionPointAt(high.section.loaded, backEnd + (high.flap.bridgeMm.loaded * step) / 60),
    ).map(({ point }) => point.y - (start?.y ?? NaN));
    expect(Math.max(...tops)).toBeGreaterThanOrEqual((high.flap.corners[0]?.y ?? NaN) + 0.9);
  });

  it('the higher it stands the less the flap covers, and a making as planned says the same', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('fold-over-strip' as const, 'gusset' as const),
        fc.integer({ min: 60, max: 220 }),
        fc.integer({ min: 0, max: 60 }),
        (kind, heightMm, more) => {
          const [low, high] = [carrying(kind, heightMm), carrying(kind, heightMm + more)];
          expect(high.flap.dropMm.loaded).toBeLessThanOrEqual(low.flap.dropMm.loaded + 1e-9);
          const { takeUpStitches } = high.contents.settled.body.seam;
          expect(madeSizes(high, asPlanned(takeUpStitches)).coverMm).toBeCloseTo(high.flap.dropMm.loaded, 9);
        },
      ),
      { numRuns: 60 },
    );
  });
});
