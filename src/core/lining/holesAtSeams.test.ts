import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { rectangle, ringBounds, roundedBelow, stadiumRing } from '@/core/cutting';
import { usualDropIn, type Design, type DropInLining } from '@/core/design';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { holesAtSeams, seamHoleCounts, seamStretches } from './holesAtSeams';

const noSew = (bag: Design, change: Partial<DropInLining> = {}): Design => ({
  ...bag,
  lining: { ...usualDropIn(bag), stuff: 'felt', joined: 'through-holes', seams: 'through-holes', ...change },
});
/** How far a point lies from the nearest point of an outline's sides, mm. */
function fromEdge([px, py]: readonly [number, number], ring: readonly (readonly [number, number])[]): number {
  return Math.min(
    ...ring.map(([ax, ay], index) => {
      const [bx, by] = ring[(index + 1) % ring.length] as readonly [number, number];
      const long2 = (bx - ax) ** 2 + (by - ay) ** 2;
      const t = long2 === 0 ? 0 : Math.max(0, Math.min(1, ((px - ax) * (bx - ax) + (py - ay) * (by - ay)) / long2));
      return Math.hypot(px - ax - t * (bx - ax), py - ay - t * (by - ay));
    }),
  );
}

describe('seams of a piece', () => {
  // 2 h + w, and where its corners are rounded 2 (h - r) + (w - 2 r) + pi r.
  it.each([
    ['a front, round three sides', { id: 'front', hemAt: 'top', seam: rectangle(200, 120) } as const, [440]],
    [
      'one with rounded corners',
      { id: 'front', hemAt: 'top', seam: roundedBelow(200, 120, 20) } as const,
      [2 * 100 + 160 + Math.PI * 20],
    ],
    [
      'one that is folded below, both sides',
      { id: 'body', hemAt: 'both', seam: rectangle(200, 250) } as const,
      [250, 250],
    ],
    [
      'a wall that goes all round: its ends, and the base',
      { id: 'wall', hemAt: 'top', seam: rectangle(500, 120) } as const,
      [120, 500, 120],
    ],
    ['a base, all round', { id: 'base', hemAt: 'none', seam: stadiumRing(180, 60) } as const, [240 + Math.PI * 60]],
  ])('%s', (_, wall, stretches) => {
    const found = seamStretches(wall);
    expect(found).toHaveLength(stretches.length);
    found.forEach((mm, index) => expect(Math.abs(mm - (stretches[index] ?? 0))).toBeLessThan(0.2));
  });

  it('have holes so far in from the edge, all of them', () => {
    const wall = { id: 'front', hemAt: 'top', seam: roundedBelow(200, 120, 20) } as const;
    const [mark] = holesAtSeams(wall, { pitchMm: 8, holesInMm: 9 });
    if (mark?.kind !== 'holes') throw new Error('no holes');
    expect(mark.at).toHaveLength(seamHoleCounts(wall, 8)[0] ?? 0);
    for (const at of mark.at) expect(fromEdge(at, wall.seam)).toBeCloseTo(9, 1);
  });
});

describe.each(BODY_KINDS)('%s', (kind) => {
  it('pieces that meet have as many holes, and none is perforated twice', () => {
    const plan = planOf(noSew(bagOf(kind)));
    const holesOf = (id: string) =>
      plan.lining?.patterns
        .find((pattern) => pattern.id === id)
        ?.marks.flatMap((mark) => (mark.kind === 'holes' ? [mark.at.length] : []));
    // Seams come first, then the mouth.
    const [front] = holesOf('front') ?? [];
    const [gusset] = holesOf('gusset') ?? [];
    if (front !== undefined && gusset !== undefined) expect(gusset).toBe(2 * front);
    for (const { marks, seam } of plan.lining?.patterns ?? []) {
      const at = marks.flatMap((mark) => (mark.kind === 'holes' ? mark.at : []));
      expect(at.length).toBeGreaterThan(3);
      at.forEach((one, index) => {
        for (const other of at.slice(index + 1))
          expect(Math.hypot(one[0] - other[0], one[1] - other[1])).toBeGreaterThan(2);
      });
      for (const one of at) expect(fromEdge(one, seam)).toBeGreaterThan(4);
    }
  });

  it('is cut at its finished edge, with no notches, and told how its seams are crocheted', () => {
    const plan = planOf(noSew(bagOf(kind)));
    for (const { cut, seam, marks } of plan.lining?.patterns ?? []) {
      expect(ringBounds(cut).widthMm).toBeCloseTo(ringBounds(seam).widthMm, 2);
      expect(ringBounds(cut).heightMm).toBeCloseTo(ringBounds(seam).heightMm, 2);
      expect(marks.some((mark) => mark.kind === 'notch')).toBe(false);
    }
    expect(plan.steps.map(({ of }) => of?.name)).toContain('sew-lining-seams');
  });

  it('what is carried lies between the holes: the inside is as much smaller', () => {
    const room = (bag: Design) => planOf(bag).fit.figures;
    const [sewn, crocheted] = [
      room(noSew(bagOf(kind), { seams: 'sewn', cut: 'two' })),
      room(noSew(bagOf(kind), { cut: 'two', holesInMm: 10 })),
    ];
    const isFlat = sewn.insideDepth === null;
    expect(sewn.insideWidth.value - crocheted.insideWidth.value).toBeCloseTo(isFlat ? 20 : 0, 6);
    expect(sewn.insideHeight.value - crocheted.insideHeight.value).toBeCloseTo(isFlat ? 10 : 0, 6);
  });
});

it('front and back get holes alike, unless she counted an odd number', () => {
  const spans = (counted: number | null) => {
    const plan = planOf(noSew(bagOf('gusset'), { counted }));
    return plan.lining?.join?.spans.map(({ lining }) => lining) ?? [];
  };
  for (const counted of [null, 80, 122]) {
    const [front, side, back, otherSide] = spans(counted);
    expect([front, side]).toEqual([back, otherSide]);
  }
  expect(spans(83).reduce((sum, one) => sum + one, 0)).toBe(83);
});
