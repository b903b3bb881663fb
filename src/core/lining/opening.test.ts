import { describe, expect, it, test } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { ringBounds } from '@/core/cutting';
import { applyEdits, usualBoard, usualDropIn, type Design, type DropInLining } from '@/core/design';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { stepTexts } from '@/core/wording';
import { OPENING_MM, type DropInStage } from '.';

const lined = (bag: Design, change: Partial<DropInLining> = {}): Design => ({
  ...bag,
  lining: { ...usualDropIn({ body: bag.body }), joined: 'by-machine', ...change },
});
const stageOf = (bag: Design): DropInStage => {
  const { lining } = planOf(bag);
  if (!lining || !('opening' in lining)) throw new Error('no drop-in lining');
  return lining;
};

/** How far a point is from the nearest side of a ring, mm. */
const offRing = (ring: DropInStage['patterns'][0]['seam'], [x, y]: readonly [number, number]): number =>
  Math.min(
    ...ring.map(([ax, ay], index) => {
      const [bx, by] = ring[(index + 1) % ring.length] as readonly [number, number];
      const long = (bx - ax) ** 2 + (by - ay) ** 2;
      const share = long === 0 ? 0 : Math.max(0, Math.min(1, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / long));
      return Math.hypot(x - ax - share * (bx - ax), y - ay - share * (by - ay));
    }),
  );

describe('a lining that is sewn in by machine and turned', () => {
  test.each(BODY_KINDS)('%s: one seam is left open on its own line, as wide as a hand where there is room', (kind) => {
    for (const cut of ['folded', 'two', 'walls'] as const) {
      const { patterns, opening } = stageOf(lined(bagOf(kind), { cut }));
      const open = patterns.flatMap(({ seam, marks }) =>
        marks.flatMap((mark) => (mark.kind === 'opening' ? [{ seam, mark }] : [])),
      );
      expect(open).toHaveLength(1);
      for (const { seam, mark } of open) {
        for (const end of [mark.from, mark.to]) expect(offRing(seam, end)).toBeLessThan(1e-6);
        const middle = [(mark.from[0] + mark.to[0]) / 2, (mark.from[1] + mark.to[1]) / 2] as const;
        expect(offRing(seam, middle)).toBeLessThan(1e-6);
      }
      expect(opening?.value).toBeGreaterThan(20);
      expect(opening?.value).toBeLessThanOrEqual(OPENING_MM);
    }
  });

  it('has a seam at its edge instead of a hem', () => {
    const tall = (joined: DropInLining['joined']) =>
      stageOf(lined(bagOf('gusset'), { joined, seamMm: 9, hemMm: 20 })).patterns[0];
    expect(ringBounds(tall('by-machine').cut).heightMm - ringBounds(tall('by-machine').seam).heightMm).toBeCloseTo(
      18,
      2,
    );
    expect(ringBounds(tall('by-hand').cut).heightMm - ringBounds(tall('by-hand').seam).heightMm).toBeCloseTo(29, 2);
  });

  it('tells how it is turned, and no hem', () => {
    const bag = lined(bagOf('gusset'));
    const told = stepTexts(bag, planOf(bag))
      .map(({ title, what }) => `${title}. ${what}`)
      .join('\n');
    expect(told).toContain('Sew the lining in and turn it');
    expect(told).toMatch(/Leave 12\.0 cm open where it is marked/);
    expect(told).not.toMatch(/whip it round/i);
  });

  it('is not turned over a stiffener: by hand it goes in', () => {
    const bag = { ...lined(bagOf('gusset')), stiffener: usualBoard(bagOf('gusset')) };
    const problem = planOf(bag).problems.find(({ code }) => code === 'lining-turned-over-stiffener');
    const read = applyEdits(bag, problem?.repairs[0]?.edits ?? []);
    expect(read.ok && planOf(read.design).problems.map(({ code }) => code)).not.toContain(
      'lining-turned-over-stiffener',
    );
    expect(problem).toBeDefined();
  });
});
