import { describe, expect, it, test } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { ringBounds, type PieceMark } from '@/core/cutting';
import { usualDropIn, usualFlapLining, usualLining, type Design, type CutLining } from '@/core/design';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';

const perforated = (bag: Design, lining: CutLining): Design => ({
  ...bag,
  lining: { ...lining, stuff: 'felt', joined: 'through-holes', holesInMm: 7, pitchMm: 6 },
});
const isHoles = (mark: PieceMark): mark is Extract<PieceMark, { kind: 'holes' }> => mark.kind === 'holes';
const liningOf = (bag: Design) => {
  const { lining } = planOf(bag);
  if (!lining) throw new Error('no lining');
  return lining;
};

describe('holes along a lining', () => {
  test.each(BODY_KINDS)('%s: as many are drawn as are counted, within the finished edge', (kind) => {
    for (const usual of [usualLining(), usualFlapLining(), usualDropIn({ body: { kind } })]) {
      const bag = perforated(bagOf(kind), usual);
      if (planOf(bag).lining === null) continue;
      const { patterns, join } = liningOf(bag);
      const drawn = patterns.flatMap(({ seam, marks, copies }) =>
        marks.filter(isHoles).flatMap(({ at }) => at.map((point) => ({ point, box: ringBounds(seam), copies }))),
      );
      if (!join || drawn.length === 0) continue;
      // A piece that is cut twice can show only one count: where they differ by one, it shows none.
      const alike = (names: readonly string[]) =>
        new Set(join.spans.filter(({ name }) => names.includes(name)).map((span) => span.lining)).size <= 1;
      if (usual.kind !== 'drop-in' || (alike(['front', 'back']) && alike(['side'])))
        expect(
          drawn.reduce((sum, { copies }) => sum + copies, 0),
          usual.kind,
        ).toBe(join.figures.lining.value);
      for (const { point, box } of drawn) {
        expect(point[0]).toBeGreaterThanOrEqual(box.leftMm - 1e-6);
        expect(point[0]).toBeLessThanOrEqual(box.rightMm + 1e-6);
        expect(point[1]).toBeGreaterThanOrEqual(box.lowMm + 6.9);
        expect(point[1]).toBeLessThanOrEqual(box.highMm - 6.9);
      }
    }
  });

  it('lie evenly between the corners, so far from the edge on every side', () => {
    const bag = perforated(
      { ...bagOf('fold-over-strip'), flap: { kind: 'straight', dropMm: 70, widthMm: null, hemMm: null } },
      usualLining(),
    );
    const { patterns, join } = liningOf(bag);
    const [{ seam, marks }] = patterns;
    const [holes] = marks.filter(isHoles);
    if (!holes || !join) throw new Error('no holes');
    const { leftMm, rightMm, lowMm, highMm, widthMm, heightMm } = ringBounds(seam);
    const on = (far: (point: readonly [number, number]) => number) =>
      holes.at.filter((point) => Math.abs(far(point)) < 1e-3);
    // Reckoned side by side: a rectangle's own sides, less what both corners are in.
    const sides = [
      on(([, y]) => y - lowMm - 7),
      on(([x]) => rightMm - 7 - x),
      on(([, y]) => highMm - 7 - y),
      on(([x]) => x - leftMm - 7),
    ];
    sides.forEach((side, index) => {
      const count = join.spans[index]?.lining ?? 0;
      expect(side).toHaveLength(count);
      const gap = (index % 2 === 0 ? widthMm - 14 : heightMm - 14) / count;
      const gaps = side.slice(1).map(([x, y], at) => Math.hypot(x - (side[at]?.[0] ?? 0), y - (side[at]?.[1] ?? 0)));
      for (const one of gaps) expect(one).toBeCloseTo(gap, 2);
    });
  });

  test.each(['pointed', 'round', 'scalloped'] as const)('a %s flap keeps all of its holes, at its tip too', (kind) => {
    const shape = { pointed: { pointMm: 40 }, round: {}, scalloped: { scallops: 4, depthMm: 15 } }[kind];
    const flap = { kind, dropMm: 80, widthMm: null, hemMm: null, ...shape } as Design['flap'];
    for (const usual of [usualLining(), usualFlapLining()]) {
      const { patterns, join } = liningOf(perforated({ ...bagOf('fold-over-strip'), flap }, usual));
      const drawn = patterns.flatMap(({ marks }) => marks.filter(isHoles).flatMap(({ at }) => at));
      expect(drawn).toHaveLength(join?.figures.lining.value ?? 0);
      for (const point of drawn) expect(point.every(Number.isFinite)).toBe(true);
    }
  });

  it('whipped in by hand, a lining has none', () => {
    expect(
      liningOf({ ...bagOf('gusset'), lining: usualLining() }).patterns.flatMap(({ marks }) => marks.filter(isHoles)),
    ).toEqual([]);
  });
});
