import fc from 'fast-check';
import { expect, it } from 'vitest';
import { applyEdits, usualSnap, type Design } from '@/core/design';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { moveSnapEdits, snapReach } from './moveSnap';

const design: Design = { ...bagOf('fold-over-strip'), closures: [usualSnap()] };
const { flap, pouch, snap } = planOf(design);

it('moves a snap to the row under the hand, its mate as far down the front', () => {
  fc.assert(
    fc.property(fc.double({ min: -200, max: 200, noNaN: true }), (movedMm) => {
      const from = design.closures[0]?.insetMm ?? NaN;
      const moved = applyEdits(design, moveSnapEdits(flap, pouch, from, movedMm));
      if (!moved.ok) throw new Error('it stays on the flap');
      const plan = planOf(moved.design);
      const { leastMm, mostMm } = snapReach(flap, pouch);
      const wishedMm = Math.max(leastMm, Math.min(mostMm, from - movedMm));
      // Rows are 5 mm high: the nearest middle of one is half of that away at most, and the first is half a row in.
      expect(Math.abs((plan.snap?.figures.halfInset.value ?? NaN) - wishedMm)).toBeLessThan(2.5 + 0.06);
      const along = (plan.snap?.halves[0]?.stationMm ?? NaN) - (snap?.halves[0]?.stationMm ?? NaN);
      const down = (plan.snap?.meetsMm.loaded ?? NaN) - (snap?.meetsMm.loaded ?? NaN);
      expect(down).toBeCloseTo(along, 9);
    }),
  );
});
