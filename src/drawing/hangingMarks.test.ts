import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { USUAL_HARDWARE, USUAL_TRIMS, type Design } from '@/core/design';
import { foldBag } from '@/core/fold';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { markSolid } from './markSolid';

/** How far the solid of what is put on reaches below and above its own place, with the bag closed and empty. */
function reaches(design: Design, mark: string): { place: number; low: number; high: number }[] {
  const plan = planOf(design);
  const bag = foldBag(plan, { state: 'empty', flap: 1 });
  return bag.marks
    .filter((one) => one.mark.mark === mark)
    .map((one) => {
      const heights = markSolid(one).flatMap(({ positions }) =>
        Array.from({ length: positions.length / 3 }, (_, index) => positions[3 * index + 1] ?? NaN),
      );
      return { place: one.point.y, low: Math.min(...heights), high: Math.max(...heights) };
    });
}

describe('what hangs on the folded bag', () => {
  it.each(BODY_KINDS)('%s: a tassel on the front hangs down from its place, as long as it is', (kind) => {
    const design: Design = { ...bagOf(kind), trims: [{ ...USUAL_TRIMS.tassel, fromEdgeMm: 25, lengthMm: 40 }] };
    for (const { place, low, high } of reaches(design, 'tassel')) {
      expect(place - low).toBeGreaterThan(30);
      expect(high - place).toBeLessThan(10);
    }
  });

  it.each(BODY_KINDS)('%s: a fringe along the flap’s edge hangs down from it', (kind) => {
    const design: Design = { ...bagOf(kind), trims: [{ ...USUAL_TRIMS.fringe, edge: 'flap', lengthMm: 50 }] };
    const all = reaches(design, 'fringe');
    for (const { place, low } of all) expect(place - low).toBeGreaterThan(30);
  });

  it.each(['front', 'back'] as const)('a clasp on the %s hangs down, on every body that has rows there', (on) => {
    let seen = 0;
    for (const kind of BODY_KINDS) {
      const design: Design = { ...bagOf(kind), hardware: [{ ...USUAL_HARDWARE.clasp, on, fromEdgeMm: 30 }] };
      for (const { place, low, high } of reaches(design, 'clasp')) {
        expect(place - low, kind).toBeGreaterThan(25);
        expect(high - place, kind).toBeLessThan(10);
        seen += 1;
      }
    }
    expect(seen).toBeGreaterThan(4);
  });

  it('rings at the sides are seen at both', () => {
    const design: Design = { ...bagOf('fold-over-strip'), hardware: [USUAL_HARDWARE.ring] };
    const bag = foldBag(planOf(design), { state: 'empty', flap: 1 });
    const across = bag.marks.filter(({ mark }) => mark.mark === 'ring').map(({ point }) => point.z);
    expect(across).toHaveLength(2);
    expect(across[0]).toBeCloseTo(-(across[1] ?? NaN), 6);
    expect(Math.abs(across[0] ?? 0)).toBeGreaterThan(30);
  });
});
