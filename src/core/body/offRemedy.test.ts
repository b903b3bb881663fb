import fc from 'fast-check';
import { expect, it } from 'vitest';
import { NOTICED_MM } from '@/core/defaults';
import { applyEdits } from '@/core/design';
import { planBag, type Plan } from '@/core/plan';
import { BODY_KINDS, heightRemedy, widthRemedy, type OffRemedy } from '.';
import { workableBag } from '@/core/testing/workableBag';

const planned = (design: Parameters<typeof planBag>[0]): Plan | null => {
  const result = planBag(design);
  return result.ok ? result.plan : null;
};

const remedies = (plan: Plan): [OffRemedy | null, (plan: Plan) => number][] => {
  const { widthOff, heightOff } = plan.pouch.figures;
  return [
    [
      widthRemedy(plan.contents.settled, plan.gauge, plan.pouch, widthOff.value),
      (after) => after.pouch.figures.widthOff.value,
    ],
    [
      heightRemedy(plan.contents.settled, plan.gauge, plan.pouch, heightOff.value),
      (after) => after.pouch.figures.heightOff.value,
    ],
  ];
};

it('a remedy comes as near as it says, and nearer than before', () => {
  let taken = 0;
  fc.assert(
    fc.property(fc.oneof(...BODY_KINDS.map((kind) => workableBag(kind))), (design) => {
      const plan = planned(design);
      if (!plan) return;
      for (const [remedy, offOf] of remedies(plan)) {
        if (!remedy || remedy.kind === 'no-nearer') continue;
        const after = applyEdits(design, remedy.edits);
        if (!after.ok) throw new Error('refused');
        const then = planned(after.design);
        if (!then) throw new Error('no plan');
        taken += 1;
        expect(offOf(then)).toBeCloseTo(remedy.offMm, 6);
        expect(Math.abs(remedy.offMm)).toBeLessThan(Math.abs(offOf(plan)));
      }
    }),
    { numRuns: 300 },
  );
  expect(taken).toBeGreaterThan(5);
});

it('says nothing of what nobody would notice, and why nothing comes nearer of the rest', () => {
  fc.assert(
    fc.property(fc.oneof(...BODY_KINDS.map((kind) => workableBag(kind))), (design) => {
      const plan = planned(design);
      if (!plan) return;
      const [[width], [height]] = remedies(plan) as [[OffRemedy | null, unknown], [OffRemedy | null, unknown]];
      if (Math.abs(plan.pouch.figures.heightOff.value) > NOTICED_MM) expect(height).not.toBeNull();
      else expect(height).toBeNull();
      if (Math.abs(plan.pouch.figures.widthOff.value) <= NOTICED_MM) expect(width).toBeNull();
    }),
    { numRuns: 200 },
  );
});
