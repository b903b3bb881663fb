import { describe, expect, it } from 'vitest';
import { usualStrap, type Design } from '@/core/design';
import { withHelpfulRepairs } from '@/core/helpfulRepairs';
import { planBag } from '@/core/plan';
import { bagOf, withBody } from '@/core/testing/bodies';
import { patternAsText, writePattern } from '@/core/wording';

/** Whether a design says a problem, and that every way out it offers settles it. */
function expectSaid(design: Design, code: string): void {
  const result = planBag(design);
  const found = result.ok ? result.plan.problems : result.problems;
  const problem = withHelpfulRepairs(design, found).find((one) => one.code === code);
  expect(problem, code).toBeDefined();
  expect(problem?.repairs.length, code).toBeGreaterThan(0);
}

describe('what she chose and the plan can’t follow is said, with a way out', () => {
  it.each<[string, Design]>([
    [
      'load-deeper-than-bag',
      { ...withBody(bagOf('gusset'), { depthMm: 48 }), contents: { ...bagOf('gusset').contents, thicknessMm: 85 } },
    ],
    [
      'strap-shorter-than-bag',
      { ...withBody(bagOf('fold-over-strip'), { widthMm: 210 }), straps: [{ ...usualStrap(), wornLengthMm: 140 }] },
    ],
    ['narrowing-joins-nothing', withBody(bagOf('around-chain'), { widthMm: 70, narrowing: 9 })],
    ['stitch-not-shown', { ...bagOf('round-purse'), stitch: 'bobble-field' }],
    ['tall-in-spiral', { ...withBody(bagOf('round-purse'), { rounds: 'spiral' }), stitch: 'dc' }],
    ['count-not-allowed', { ...withBody(bagOf('fold-over-strip'), { chosenStitches: 38 }), stitch: 'bobble-field' }],
    ['oval-without-sides', withBody(bagOf('oval-base'), { widthMm: 190, depthMm: 240 })],
  ])('%s', (code, design) => {
    expectSaid(design, code);
  });

  it('a disc is plain, whatever the stitch: of low stitches it can go on in a spiral', () => {
    const rounds = (design: Design): string => {
      const result = planBag(design);
      return result.ok ? patternAsText(writePattern(design, result.plan)) : '';
    };
    const spiral = withBody(bagOf('round-purse'), { rounds: 'spiral' });
    expect(rounds({ ...spiral, stitch: 'bobble-field' })).toContain('In a spiral');
    expect(rounds({ ...spiral, stitch: 'dc' })).not.toContain('In a spiral');
  });

  it('a base with fewer stitches than its ends ask for is no plan at all, not two bases', () => {
    const result = planBag(withBody(bagOf('oval-base'), { widthMm: 190, depthMm: 240 }));
    expect(result.ok).toBe(false);
  });
});
