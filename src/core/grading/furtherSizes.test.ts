import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { USUAL_WRITTEN, readDesign, type Design, type FurtherSize } from '@/core/design';
import { planBag } from '@/core/plan';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { workableBag } from '@/core/testing/workableBag';
import { designOfSize, plannedSizes } from '.';

const outside = (name: string, widthMm: number, heightMm: number): FurtherSize => ({
  name,
  of: { by: 'outside', widthMm, heightMm },
});
const inSizes = (design: Design, ...sizes: FurtherSize[]): Design => ({
  ...design,
  written: { ...USUAL_WRITTEN, sizes },
});

describe('further sizes of a bag', () => {
  it.each(BODY_KINDS)('%s: each is planned as a bag of that size would be by itself', (kind) => {
    fc.assert(
      fc.property(
        workableBag(kind),
        fc.integer({ min: 60, max: 300 }),
        fc.integer({ min: 60, max: 300 }),
        (bag, w, h) => {
          const design = inSizes(bag, outside('L', w, h));
          const result = planBag(design);
          if (!result.ok) return;
          const planned = plannedSizes(design, result.plan);
          expect(planned).toHaveLength(2);
          const other = planned.find(({ index }) => index === 0);
          if (!other?.result.ok) return;
          // Its design is one that could be saved, and its plan is that of this design.
          expect(readDesign(other.design).ok).toBe(true);
          expect(other.design.body).toMatchObject({
            kind,
            sizesFrom: 'outside',
            widthMm: w,
            heightMm: h,
            chosenStitches: null,
          });
          expect(other.result).toEqual(planBag(other.design));
          const { width } = other.result.plan.pouch.figures;
          const widths = planned.map(({ result: one }) => (one.ok ? one.plan.pouch.figures.width.value : Infinity));
          expect(widths).toEqual([...widths].sort((a, b) => a - b));
          expect(width.value).toBeGreaterThan(0);
        },
      ),
      { numRuns: 15 },
    );
  });

  it('a flap keeps its share of the front, and what is narrower its share of the width', () => {
    const bag = bagOf('fold-over-strip');
    const design: Design = {
      ...bag,
      flap: { kind: 'tapered', dropMm: 60, widthMm: 100, hemMm: null, edgeWidthMm: 50 },
    };
    const own = { widthMm: 200, heightMm: 120 };
    expect(designOfSize(design, own, outside('L', 300, 180)).flap).toEqual({
      ...{ kind: 'tapered', dropMm: 90, widthMm: 150, hemMm: null, edgeWidthMm: 75 },
    });
    // The same size is the same bag.
    expect(designOfSize(design, own, outside('same', 200, 120)).flap).toEqual(design.flap);
  });

  it('one that is to hold something is planned around it', () => {
    const bag = withBody(bagOf('fold-over-strip'), { widthMm: 150, heightMm: 110 });
    const holds = { name: 'A6', of: { by: 'holds' as const, widthMm: 105, heightMm: 148, thicknessMm: 10 } };
    const design = inSizes(bag, holds);
    const size = plannedSizes(design, planOf(design)).find(({ name }) => name === 'A6');
    if (!size?.result.ok) throw new Error('not planned');
    const { plan } = size.result;
    // A flat pouch wraps what it holds: the inner width is a + c + ease (geometry).
    const { easeMm } = size.design.contents;
    const inner = plan.contents.wanted.width.value;
    expect(inner).toBeGreaterThanOrEqual(105 + 10 + easeMm);
    expect(plan.problems.filter(({ code }) => code.startsWith('fit.'))).toEqual([]);
  });

  it('what can’t be made is said, and the others are planned all the same', () => {
    const bag = withBody(bagOf('fold-over-strip'), { widthMm: 150, heightMm: 110 });
    const design = inSizes(bag, outside('S', 20, 20), outside('L', 200, 150));
    const planned = plannedSizes(design, planOf(design));
    expect(planned.map(({ name }) => name)).toContain('L');
    for (const { result } of planned)
      if (!result.ok) expect(result.problems.length + result.faults.length).toBeGreaterThan(0);
    expect(planned.at(-1)?.result.ok === false || planned.every(({ result }) => result.ok)).toBe(true);
  });
});
