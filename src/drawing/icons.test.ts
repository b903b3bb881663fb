import { describe, expect, it, test } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { FLAP_KINDS } from '@/core/flap';
import { bodyIcon, flapIcon } from '.';
import { expectWithin, pointsOf } from './testing/points';

describe('drawings to choose by', () => {
  test.each(BODY_KINDS)('%s is drawn within its box, in cloth', (kind) => {
    const icon = bodyIcon(kind);
    expectWithin(icon);
    expect(icon.shapes.some(({ role }) => role === 'cloth')).toBe(true);
  });

  test.each(FLAP_KINDS)('a flap of the kind %s is drawn within its box, and on the middle', (kind) => {
    const icon = flapIcon(kind);
    expectWithin(icon);
    const flap = icon.shapes.find(({ role }) => role === 'flap');
    expect(flap !== undefined).toBe(kind !== 'none');
    if (!flap) return;
    const across = pointsOf(flap).map(({ x }) => x);
    expect((Math.min(...across) + Math.max(...across)) / 2).toBeCloseTo(icon.box.widthMm / 2, 6);
  });

  it('no two constructions look the same, nor two flaps', () => {
    for (const icons of [BODY_KINDS.map(bodyIcon), FLAP_KINDS.map(flapIcon)])
      expect(new Set(icons.map((icon) => JSON.stringify(icon))).size).toBe(icons.length);
  });
});
