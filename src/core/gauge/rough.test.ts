import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  STARTERS,
  isMeasured,
  starterDesign,
  swatchIdSchema,
  usualLining,
  usualSnap,
  usualStrap,
  type Design,
} from '@/core/design';
import type { Plan } from '@/core/plan';
import { designAt, fullDesign, planOf } from '@/core/testing/designs';
import { withCode } from '@/core/problems';
import { YARN_CLASSES, roughStitchMm } from '.';

const begun = (starter: (typeof STARTERS)[number]['id'], weightClass = 3, hookMm = 4): Design => ({
  ...starterDesign(starter, swatchIdSchema.parse('none'), undefined, { weightClass, hookMm }),
  closures: [usualSnap()],
  straps: [usualStrap()],
  lining: usualLining(),
});
const codes = (design: Design) => planOf(design).problems.map(({ code }) => code);

describe('a bag of which nothing was measured', () => {
  it.each(STARTERS.map(({ id }) => id))('%s: whatever follows from the gauge says that it is rough', (id) => {
    const plans: [Plan, Plan] = [planOf(begun(id, 2, 3.5)), planOf(begun(id, 4, 5.5))];
    expect(plans.every(({ gauge }) => gauge.basis === 'rough')).toBe(true);
    const [one, other] = plans.map(({ figures }) => figures) as [Plan['figures'], Plan['figures']];
    const unsaid = Object.values(one)
      .filter((figure) => {
        const same = other[figure.id];
        return same !== undefined && Math.abs(same.value - figure.value) > 1e-9 && figure.basis !== 'rough';
      })
      .map((figure) => figure.id);
    expect(unsaid).toEqual([]);
  });

  it('is planned to ± 15 % and names the one next step', () => {
    const plan = planOf(begun('thirds'));
    const { stitchWidth } = plan.gauge;
    expect((stitchWidth.plusMinus ?? 0) / stitchWidth.value).toBeCloseTo(0.15, 9);
    const [first] = plan.problems.filter(({ severity }) => severity === 'decide');
    expect(first?.code).toBe('not-measured');
    expect(codes(begun('thirds'))).not.toContain('swatch-other-stitch');
    expect(plan.yarn.figures).toBeNull();
  });

  it('is as rough with the stitches measured and the rows not', () => {
    const bag = fullDesign();
    const half: Design = { ...bag, swatch: { ...bag.swatch, rowReadings: [] } };
    expect(isMeasured(half.swatch)).toBe(false);
    const { gauge, problems } = planOf(half);
    expect(gauge.stitchWidth.basis).toBeUndefined();
    expect(gauge.rowHeight.basis).toBe('rough');
    expect(problems.find(withCode('not-measured'))?.values.onlyRows).toBe(true);
  });
});

// Craft Yarn Council, Standard Yarn Weight System; figures from memory.
describe('rough stitches', () => {
  it.each(Object.entries(YARN_CLASSES))('of class %s lie within its counts on its hooks', (name, usual) => {
    const of = (hookMm: number) =>
      101.6 / roughStitchMm({ yarn: { weightClass: Number(name) }, hookMm, strands: 1, heldWith: [] });
    expect(of(usual.leastHookMm)).toBeCloseTo(usual.mostStitches, 9);
    expect(of(usual.mostHookMm)).toBeCloseTo(usual.leastStitches, 9);
  });

  it('grow with hook and strands, and are never nothing', () => {
    fc.assert(
      fc.property(
        fc.option(fc.integer({ min: 0, max: 7 }), { nil: null }),
        fc.double({ min: 0.5, max: 29, noNaN: true }),
        fc.integer({ min: 1, max: 7 }),
        (weightClass, hookMm, strands) => {
          const mm = (hook: number, held: number) =>
            roughStitchMm({ yarn: { weightClass }, hookMm: hook, strands: held, heldWith: [] });
          expect(mm(hookMm, strands)).toBeGreaterThan(0);
          expect(mm(hookMm + 1, strands)).toBeGreaterThanOrEqual(mm(hookMm, strands) - 1e-9);
        },
      ),
    );
    // Two strands of class 2 work about like class 4 (common practice, no source).
    const two = roughStitchMm({ yarn: { weightClass: 2 }, hookMm: 5.75, strands: 2, heldWith: [] });
    expect(101.6 / two).toBeGreaterThan(YARN_CLASSES[4]?.leastStitches ?? NaN);
    expect(101.6 / two).toBeLessThan(YARN_CLASSES[4]?.mostStitches ?? NaN);
  });
});

describe('readings that contradict', () => {
  it('the swatch’s own outline are asked about', () => {
    const bag = fullDesign();
    const weighed = { massG: 14, widthMm: 120, heightMm: 140 };
    expect(codes(bag)).not.toContain('reading-beyond-swatch');
    expect(codes({ ...bag, swatch: { ...bag.swatch, weighed } })).toContain('reading-beyond-swatch');
  });

  it('the proportion of the stitch are asked about: 21 rows of treble in 10 cm', () => {
    const treble = (rowMm: number) => {
      const bag = designAt(5, rowMm, 2);
      return codes({ ...bag, stitch: 'tr', swatch: { ...bag.swatch, stitch: 'tr' } });
    };
    expect(treble(100 / 21)).toContain('rows-unlike-stitch');
    // A treble is nearly three times as high as a single crochet (from memory).
    expect(treble(14)).not.toContain('rows-unlike-stitch');
  });

  it('as those of a swatch whose stitch is called by another name afterwards', () => {
    const bag = fullDesign();
    const renamed: Design = { ...bag, stitch: 'dc', swatch: { ...bag.swatch, stitch: 'dc' } };
    expect(codes(bag)).not.toContain('rows-unlike-stitch');
    expect(codes(renamed)).toContain('rows-unlike-stitch');
  });
});
