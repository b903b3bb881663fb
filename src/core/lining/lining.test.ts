import { layOverOf } from '@/core/testing/layOverOf';
import { describe, expect, it } from 'vitest';
import { usualLining } from '@/core/design';
import { designAt, planOf } from '@/core/testing/designs';

const lined = (change = {}) => planOf({ ...designAt(5, 5, 2), lining: { ...usualLining(), ...change } });

describe('the flat lining', () => {
  it('is cut to the panel plus the allowance on all sides', () => {
    // Common practice, no source: panel + 12 to 25 mm on all sides.
    const { lining, pouch, flap } = lined({ allowanceMm: 15 });
    expect(lining?.cloth[0].cutWidth.value).toBeCloseTo(pouch.stitchCount * 5 + 30, 9);
    expect(lining?.cloth[0].cutLength.value).toBeCloseTo(flap.totalRows * 5 + 30, 9);
  });

  it('comes out inside the crochet once it is pressed under', () => {
    const { lining, pouch } = lined({ allowanceMm: 18, insetMm: 3 });
    const { cutWidth, finishedWidth } = lining?.cloth[0] ?? {};
    const { turnUnder } = layOverOf({ lining });
    expect((cutWidth?.value ?? NaN) - 2 * turnUnder.value).toBeCloseTo(finishedWidth?.value ?? NaN, 9);
    expect(finishedWidth?.value).toBeCloseTo(pouch.figures.panelWidth.value - 6, 9);
  });

  it('thickens the bag: the flap needs more to cross the top', () => {
    const thin = lined({ thicknessMm: 0.1 });
    const thick = lined({ thicknessMm: 2 });
    expect(thick.flap.bridgeMm.empty - thin.flap.bridgeMm.empty).toBeCloseTo((Math.PI / 2) * 3 * 1.9, 9);
  });
});
