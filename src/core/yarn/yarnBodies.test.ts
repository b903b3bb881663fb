import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { type BodyKind, type Design } from '@/core/design';
import { areaMm2, joinLengthMm } from '@/core/pieces';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf, triedStrap } from '@/core/testing/designs';

/** A bag whose swatch weighs a gram for every hundred square millimetres times ten: 10 g over 100 by 100 mm. */
const weighed = (kind: BodyKind, massG = 10): Design => {
  const design = bagOf(kind);
  return { ...design, swatch: { ...design.swatch, weighed: { massG, widthMm: 100, heightMm: 100 } } };
};
const figuresOf = (design: Design) => {
  const { figures } = planOf(design).yarn;
  if (!figures) throw new Error('not weighed');
  return figures;
};

describe('yarn for every construction', () => {
  test.each(BODY_KINDS)('%s: a gram for each of its thousand square millimetres, every copy of every piece', (kind) => {
    const plan = planOf(weighed(kind));
    const all = plan.pieces.reduce((sum, piece) => sum + piece.copies * areaMm2(piece), 0);
    expect(plan.yarn.figures?.fabric.value).toBeCloseTo(all / 1000, 6);
    expect(plan.whole.area.value).toBeCloseTo(all, 6);
  });

  test.each(BODY_KINDS)('%s: what sews follows from all of its seams', (kind) => {
    const plan = planOf(weighed(kind));
    const sewn = plan.joins.filter(({ made }) => made === 'sewn');
    const seams = sewn.reduce((sum, join) => sum + join.times * joinLengthMm(join), 0);
    expect(plan.whole.seams.value).toBeCloseTo(seams, 6);
    // The same bag, its pieces as they are, with seams that take more yarn.
    const whipped = figuresOf(withBody(weighed(kind), { seam: { kind: 'whip', finish: 'turned', takeUpStitches: 0 } }));
    const slipped = figuresOf(
      withBody(weighed(kind), { seam: { kind: 'slip-stitch', finish: 'turned', takeUpStitches: 0 } }),
    );
    if (seams > 0) expect(slipped.sewing.value).not.toBe(whipped.sewing.value);
    else expect(slipped.sewing.value).toBe(whipped.sewing.value);
  });

  it.each(BODY_KINDS)('%s: a heavier fabric takes as much more, a strap more, and there is some to spare', (kind) => {
    fc.assert(
      fc.property(fc.double({ min: 2, max: 60, noNaN: true }), (massG) => {
        const light = figuresOf(weighed(kind, massG));
        const heavy = figuresOf(weighed(kind, 2 * massG));
        expect(heavy.fabric.value).toBeCloseTo(2 * light.fabric.value, 6);
        expect(light.mass.value).toBeGreaterThan(light.fabric.value + light.sewing.value);
        const strapped = figuresOf({ ...weighed(kind, massG), straps: [triedStrap()] });
        expect(strapped.fabric.value).toBeGreaterThan(light.fabric.value);
        expect(strapped.sewing.value).toBeGreaterThan(light.sewing.value);
      }),
      { numRuns: 10 },
    );
  });
});
