import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { cameOutWith, usualLining, usualStrap } from '@/core/design';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { looksFor, sizesToInspect } from '.';

describe.each(BODY_KINDS)('the last look at %s', (kind) => {
  const design = bagOf(kind);
  const plan = planOf(design);

  it('measures what it is planned by, and is content within the ±', () => {
    for (const { size, figure, toleranceMm, offMm } of sizesToInspect(design, plan)) {
      expect(offMm).toBe(null);
      const came = (mm: number) =>
        sizesToInspect({ cameOut: cameOutWith([], 'bag', size, mm) }, plan).find((one) => one.size === size);
      expect(came(figure.value + 0.99 * toleranceMm)?.isWithin).toBe(true);
      expect(came(figure.value - 0.99 * toleranceMm)?.isWithin).toBe(true);
      expect(came(figure.value + 1.01 * toleranceMm)?.isWithin).toBe(false);
      expect(came(figure.value - 7)?.offMm).toBeCloseTo(-7);
    }
  });

  it('looks for what this bag has, and nothing else', () => {
    const bare = { ...design, lining: null, straps: [] };
    const bareLooks = looksFor(bare, planOf(bare));
    expect(bareLooks).not.toContain('lining-smooth');
    expect(bareLooks).not.toContain('straps-level');
    expect(bareLooks.includes('flap-covers')).toBe(plan.flap.hasFlap);
    const full = { ...design, lining: usualLining(), straps: [usualStrap()] };
    const fullLooks = looksFor(full, planOf(full));
    expect(fullLooks).toContain('lining-smooth');
    expect(fullLooks).toContain('straps-level');
    expect(new Set(fullLooks).size).toBe(fullLooks.length);
  });
});
