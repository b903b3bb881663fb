import fc from 'fast-check';
import { expect, it } from 'vitest';
import { applyEdits, usualSnap, type Design } from '@/core/design';
import { moveMarkEdits } from '@/core/fittings';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';

const design: Design = { ...bagOf('fold-over-strip'), closures: [usualSnap()] };
const { snaps, marks } = planOf(design);

it.each(['snap.half', 'snap.mate'])(
  'moved by its %s, a snap goes to the row under the hand, its mate as far',
  (name) => {
    const move = marks.find(({ mark }) => mark === name)?.move;
    const [before] = snaps;
    if (!move || !before) throw new Error('it can be moved');
    fc.assert(
      fc.property(fc.double({ min: -200, max: 200, noNaN: true }), (movedMm) => {
        const moved = applyEdits(design, moveMarkEdits(move, movedMm));
        if (!moved.ok) throw new Error('it stays on the flap');
        const [after] = planOf(moved.design).snaps;
        const wishedMm = Math.max(move.leastMm, Math.min(move.mostMm, usualSnap().insetMm - movedMm));
        // Rows are 5 mm high: the nearest middle of one is half of that away at most, and the first is half a row in.
        expect(Math.abs((after?.figures.halfInset.value ?? NaN) - wishedMm)).toBeLessThan(2.5 + 0.06);
        const along = (after?.halves[0]?.stationMm ?? NaN) - (before.halves[0]?.stationMm ?? NaN);
        const down = (after?.meetsMm.loaded ?? NaN) - before.meetsMm.loaded;
        expect(down).toBeCloseTo(along, 9);
      }),
    );
  },
);

it('has one grip, on the half', () => {
  expect(marks.filter(({ move }) => move?.isGripped).map(({ mark }) => mark)).toEqual(['snap.half']);
});
