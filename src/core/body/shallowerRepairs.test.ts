import fc from 'fast-check';
import { expect, it } from 'vitest';
import { applyEdits } from '@/core/design';
import { planBag } from '@/core/plan';
import { bagOf, withBody } from '@/core/testing/bodies';

const codesOf = (design: ReturnType<typeof bagOf>) => {
  const result = planBag(design);
  return (result.ok ? result.plan.problems : result.problems).filter(({ code }) =>
    ['deeper-than-the-bag', 'oval-without-sides'].includes(code),
  );
};

it.each(['gusset', 'boxed-corners', 'oval-base'] as const)(
  '%s: a bag deeper than it is wide or high is offered what mends it',
  (kind) => {
    let met = 0;
    fc.assert(
      fc.property(
        fc.integer({ min: 60, max: 200 }),
        fc.integer({ min: 60, max: 200 }),
        fc.integer({ min: 120, max: 380 }),
        (widthMm, heightMm, depthMm) => {
          const bag = bagOf(kind);
          const deep = withBody({ ...bag, flap: { ...bag.flap, dropMm: 50 } }, { widthMm, heightMm, depthMm });
          for (const { code, repairs } of codesOf(deep)) {
            met += 1;
            expect(repairs.length).toBeGreaterThan(0);
            for (const { edits } of repairs) {
              const mended = applyEdits(deep, edits);
              if (!mended.ok) throw new Error(mended.faults[0]?.sentence);
              expect(codesOf(mended.design).map((left) => left.code)).not.toContain(code);
            }
          }
        },
      ),
    );
    expect(met).toBeGreaterThan(20);
  },
);
