import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fullDesign, planOf, plannableDesign } from '@/core/testing/designs';
import { orderSteps, type Ordered } from '.';

const breaks = (steps: readonly Ordered<string>[]): string[] => {
  const at = new Map(steps.map((step, index) => [step.id, index]));
  return steps.flatMap((step) =>
    [...step.needs, ...step.shutsOff]
      .filter((other) => (at.get(other) ?? -1) > (at.get(step.id) as number))
      .map((other) => `${other} after ${step.id}`),
  );
};

describe('makingSteps', () => {
  it('breaks no constraint for any bag', () => {
    fc.assert(
      fc.property(plannableDesign, (design) => {
        expect(breaks(planOf(design).steps)).toEqual([]);
      }),
    );
  });

  it.each([
    ['set-snap-front', 'sew-lining'],
    ['set-snap-flap', 'sew-lining'],
    ['set-snap-front', 'seam-sides'],
    ['sew-lining', 'seam-sides'],
    ['weave-ends', 'seam-sides'],
    ['seam-sides', 'attach-strap'],
  ])('has %s before %s (common practice, no source)', (first, second) => {
    const ids = planOf(fullDesign()).steps.map(({ id }) => id as string);
    expect(ids.indexOf(first)).toBeGreaterThanOrEqual(0);
    expect(ids.indexOf(first)).toBeLessThan(ids.indexOf(second));
  });

  it('leaves out what the bag does not have', () => {
    const ids = planOf({ ...fullDesign(), closures: [], straps: [], lining: null }).steps.map(({ id }) => id);
    expect(ids.filter((id) => /snap|strap|lining/.test(id))).toEqual([]);
    expect(ids).toContain('seam-sides');
  });
});

describe('orderSteps', () => {
  /** Random steps whose constraints all point backwards in a hidden order, shuffled: an order must exist. */
  const solvable = fc
    .integer({ min: 1, max: 9 })
    .chain((count) =>
      fc.tuple(
        fc.constant(count),
        fc.array(fc.tuple(fc.nat(count - 1), fc.nat(count - 1), fc.boolean()), { maxLength: 20 }),
        fc.shuffledSubarray(
          Array.from({ length: count }, (_, index) => index),
          { minLength: count },
        ),
      ),
    )
    .map(([count, pairs, shuffled]) => {
      const steps = Array.from({ length: count }, (_, index) => ({
        id: `s${index}`,
        needs: pairs
          .filter(([a, b, need]) => need && Math.max(a, b) === index && a !== b)
          .map(([a, b]) => `s${Math.min(a, b)}`),
        shutsOff: pairs
          .filter(([a, b, need]) => !need && Math.max(a, b) === index && a !== b)
          .map(([a, b]) => `s${Math.min(a, b)}`),
      }));
      return shuffled.map((index) => steps[index] as (typeof steps)[number]);
    });

  it('finds an order wherever one exists, and it holds', () => {
    fc.assert(
      fc.property(solvable, (steps) => {
        const result = orderSteps(steps);
        if (!result.ok) throw new Error(result.cycle.join());
        expect(result.steps).toHaveLength(steps.length);
        expect(breaks(result.steps)).toEqual([]);
      }),
    );
  });

  it('keeps the list order where nothing speaks against it', () => {
    const steps = ['c', 'a', 'b'].map((id) => ({ id, needs: [], shutsOff: [] }));
    const result = orderSteps(steps);
    expect(result.ok && result.steps.map(({ id }) => id)).toEqual(['c', 'a', 'b']);
  });

  it('names the members of a cycle, and not those that only wait behind it', () => {
    const result = orderSteps([
      { id: 'line', needs: ['snap'], shutsOff: [] },
      { id: 'snap', needs: ['line'], shutsOff: [] },
      { id: 'seam', needs: ['line'], shutsOff: [] },
    ]);
    expect(result).toEqual({ ok: false, cycle: ['line', 'snap'] });
  });
});
