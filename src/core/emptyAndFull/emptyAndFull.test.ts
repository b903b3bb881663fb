import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { applyEdits, usualSnap, type Design } from '@/core/design';
import { planBag, type Plan } from '@/core/plan';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { withCode, type ProblemCode } from '@/core/problems';
import type { EmptyAndFull } from '.';

const carrying = (design: Design, thicknessMm: number): Design => ({
  ...design,
  closures: [usualSnap()],
  contents: { ...design.contents, thicknessMm },
});
const of = (plan: Plan, id: EmptyAndFull['id']) => plan.emptyAndFull.find((one) => one.id === id);

describe('empty and full', () => {
  it('is nothing for a bag of which no load is known', () => {
    expect(planOf(carrying(bagOf('fold-over-strip'), 0)).emptyAndFull).toEqual([]);
  });

  // Worked out by hand: fabric 2 mm, no lining, a load of 10 mm.
  it('says how a flat bag thickens, gapes and sinks', () => {
    const plan = planOf(carrying(bagOf('fold-over-strip'), 10));
    const thickness = of(plan, 'thickness');
    expect([thickness?.empty.value, thickness?.full.value, thickness?.differs.value]).toEqual([4, 14, 10]);
    const gap = of(plan, 'gap');
    expect([gap?.empty.value, gap?.full.value]).toEqual([0, 10]);
    // The base rounds under the load: a quarter circle of so much more depth, less half of that.
    expect(of(plan, 'height')?.differs.value).toBeCloseTo(-10 * (Math.PI / 4 - 0.5), 9);
    // The bridge takes a half circle over so much more.
    expect(of(plan, 'cover')?.differs.value).toBeCloseTo(-10 * (Math.PI / 2), 9);
    expect(of(plan, 'snap')?.differs.value).toBeCloseTo(-10 * (Math.PI / 2), 9);
  });

  it('leaves a deep bag as it is, as long as the load is no thicker than it is deep', () => {
    const plan = planOf(carrying(bagOf('gusset'), 20));
    for (const id of ['height', 'thickness', 'gap', 'cover'] as const) expect(of(plan, id)?.differs.value).toBe(0);
    const bulging = planOf(carrying(bagOf('gusset'), 90));
    expect(of(bulging, 'thickness')?.differs.value).toBeGreaterThan(0);
    expect(of(bulging, 'cover')?.differs.value).toBeLessThan(0);
  });

  it.each(BODY_KINDS)('%s: a thicker load never lets the flap come further down, nor the mouth gape less', (kind) => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60 }), fc.integer({ min: 0, max: 40 }), (thicknessMm, more) => {
        const rows = { front: 30, back: 30, bridge: 6, flap: 16 };
        const bag = bagOf(kind);
        const fixed = { ...bag, body: { ...bag.body, chosenRows: rows } };
        const [thin, thick] = [thicknessMm, thicknessMm + more].map((mm) => planBag(carrying(fixed, mm)));
        fc.pre(thin?.ok === true && thick?.ok === true);
        const full = (result: typeof thin, id: EmptyAndFull['id']) =>
          result?.ok ? (of(result.plan, id)?.full.value ?? 0) : NaN;
        const dust = 1e-9;
        expect(full(thick, 'cover')).toBeLessThanOrEqual(full(thin, 'cover') + dust);
        expect(full(thick, 'height')).toBeLessThanOrEqual(full(thin, 'height') + dust);
        expect(full(thick, 'gap')).toBeGreaterThanOrEqual(full(thin, 'gap') - dust);
        expect(full(thick, 'thickness')).toBeGreaterThanOrEqual(full(thin, 'thickness') - dust);
      }),
    );
  });
});

describe('what matters of it', () => {
  const problem = <C extends ProblemCode>(design: Design, code: C) => planOf(design).problems.find(withCode(code));

  it('is a mouth that stands open without a flap; a flap mends it', () => {
    const open: Design = {
      ...carrying(bagOf('fold-over-strip'), 30),
      closures: [],
      flap: { kind: 'none', dropMm: 60, widthMm: null, hemMm: null },
    };
    const gaping = problem(open, 'mouth-stands-open');
    // Without lining the mouth gapes by as much as the load is thick.
    expect(gaping?.values.gapMm).toBeCloseTo(30, 9);
    const mended = applyEdits(open, gaping?.repairs[0]?.edits ?? []);
    if (!mended.ok) throw new Error('it can be mended');
    expect(problem(mended.design, 'mouth-stands-open')).toBeUndefined();
    expect(problem({ ...open, contents: { ...open.contents, thicknessMm: 20 } }, 'mouth-stands-open')).toBeUndefined();
  });

  it('is a load that draws the sides in; boxed corners mend it', () => {
    const bulging = problem(carrying(bagOf('fold-over-strip'), 80), 'narrower-when-full');
    // Geometry: on each side a quarter circle of half the load reaches out by a radius where it takes half of π.
    expect(bulging?.values.lostMm).toBeCloseTo(80 * (Math.PI / 2 - 1), 6);
    const mended = applyEdits(carrying(bagOf('fold-over-strip'), 80), bulging?.repairs[0]?.edits ?? []);
    if (!mended.ok) throw new Error('it can be mended');
    expect(planOf(mended.design).pouch.kind).toBe('boxed-corners');
    expect(problem(mended.design, 'narrower-when-full')).toBeUndefined();
    expect(problem(mended.design, 'contents-too-deep')).toBeUndefined();
  });
});
