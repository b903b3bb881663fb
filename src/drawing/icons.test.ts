import { describe, expect, it, test } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { FLAP_KINDS } from '@/core/flap';
import { BOUGHT_STRAP_KINDS, WORKED_STRAP_KINDS } from '@/core/design';
import { bodyIcon, flapIcon, strapIcon } from '.';
import { expectWithin, pointsOf } from './testing/points';

const STRAP_KINDS = [...WORKED_STRAP_KINDS, ...BOUGHT_STRAP_KINDS];

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

  test.each(STRAP_KINDS)('a strap of the kind %s is drawn within its box', (kind) => {
    expectWithin(strapIcon(kind));
  });

  it('no two constructions look the same, nor two flaps, nor two straps', () => {
    for (const icons of [BODY_KINDS.map(bodyIcon), FLAP_KINDS.map(flapIcon), STRAP_KINDS.map(strapIcon)])
      expect(new Set(icons.map((icon) => JSON.stringify(icon))).size).toBe(icons.length);
  });
});
