import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyEdits, usualEdging, usualStrap, type Design } from '@/core/design';
import { figureId } from '@/core/figures';
import { clipPairs, flatSize, joinLengthMm, joinedCount, type Join } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { stepTexts, turnWords, usedAfter, writePattern } from '@/core/wording';

const noFlap = (design: Design): Design => ({ ...design, flap: { ...design.flap, kind: 'none' } as Design['flap'] });
const bag = (change: Record<string, unknown> = {}) =>
  withBody(bagOf('side-bands'), {
    widthMm: 202,
    heightMm: 151,
    depthMm: 52,
    seam: { kind: 'whip', finish: 'turned', takeUpStitches: 0 },
    ...change,
  });
const figure = (plan: Plan, name: string) => plan.figures[figureId(name)]?.value ?? NaN;
const joinNamed = (plan: Plan, id: string): Join => {
  const join = plan.joins.find((one) => one.id === id);
  if (!join) throw new Error(`no join ${id}`);
  return join;
};
const codes = (plan: Plan) => plan.problems.map(({ code }) => String(code));

describe('a strip with a band in each side', () => {
  it('comes out as reckoned by hand', () => {
    // Stitches and rows of 5 mm, fabric of 2: 40 stitches and half a fabric at each side; 30 rows stand, half of 50 mm lies under the base.
    const plan = planOf(bag());
    expect(plan.pouch.stitchCount).toBe(40);
    expect(plan.pouch.frontRows).toBe(35);
    expect(figure(plan, 'size.width')).toBe(202);
    expect(figure(plan, 'size.height')).toBe(151);
    expect(figure(plan, 'size.depth')).toBe(52);
    expect(figure(plan, 'gusset.stitches')).toBe(10);
    expect(figure(plan, 'gusset.rows')).toBe(30);
    expect(figure(plan, 'band.baseRows')).toBe(10);
    expect(joinNamed(plan, 'side-bands').stretches).toEqual([
      { name: 'side', first: 30, second: 30, lengthMm: 150 },
      { name: 'base', first: 10, second: 10, lengthMm: 50 },
      { name: 'side', first: 30, second: 30, lengthMm: 150 },
    ]);
  });

  it('takes as much longer bands as their seam across the base takes of them', () => {
    const plan = planOf(bag({ seam: { kind: 'whip', finish: 'turned', takeUpStitches: 1 } }));
    expect(figure(plan, 'band.length') - joinLengthMm({ ...joinNamed(plan, 'side-bands') }) / 2).toBeCloseTo(
      // Half of what is joined is a side and half the base.
      5 - plan.pouch.depthMm / 2,
      9,
    );
  });

  it('has two bands, each of the area of what it closes: half of it all beside the other', () => {
    const plan = planOf(bag());
    const band = plan.pieces.find(({ id }) => id === 'band');
    expect(band?.copies).toBe(2);
    expect(band && flatSize(band)).toEqual({ widthMm: 50, lengthMm: 150 });
    const [section] = writePattern(bag(), plan).sections.filter(({ id }) => id === 'band');
    expect(section?.heading).toBe('Bands, two alike');
  });

  it('goes on as the strap from the upper end, in one way or another', () => {
    const design = {
      ...bag(),
      straps: [
        { ...usualStrap(), wornLengthMm: 700, ends: { kind: 'grown', tied: 'none', shortLoopMm: null } } as const,
      ],
    } as unknown as Design;
    const plan = planOf(design);
    const text = writePattern(design, plan)
      .sections.flatMap(({ lines }) => lines)
      .join('\n');
    expect(text).toContain('Go on from the upper end of one band, over its 10 stitches.');
    expect(text).toContain('30 rows as the one band, the strap, 30 rows as the other');
    // Feet of one that is sewn on lie at the upper end alone: one on each of two bands.
    const sewn = planOf({ ...bag(), straps: [usualStrap()] });
    const feet = sewn.marks.filter(({ mark }) => mark === 'strap.feet');
    expect(feet.map(({ piece }) => piece)).toEqual(['band']);
    expect(feet[0]?.alongMm).toBeGreaterThan(75);
    const hung = sewn.bands.map(({ at }) => at.on);
    expect(hung).toEqual(['sides']);
  });

  it('is bordered all round its mouth, over the bands’ ends', () => {
    const edging = { ...usualEdging('single', 'mouth'), seaming: 'after' as const };
    const plan = planOf({ ...noFlap(bag()), edgings: [edging] });
    // Forty of each face and ten of each band.
    expect(plan.edgings[0]?.counts.rounds[0]).toBe(100);
    const long = planOf({ ...noFlap(bag()), edgings: [usualEdging('single', 'band')] });
    expect(long.edgings[0]?.edge.times).toBe(4);
  });
});

describe('a band that is joined as it is worked', () => {
  const kinds = ['side-bands', 'gusset', 'round-purse'] as const;
  const worked = (kind: (typeof kinds)[number], change: Record<string, unknown> = {}) =>
    withBody(noFlap(bagOf(kind)), { bandJoined: 'as-worked', ...change });

  it.each(kinds)('%s: has an even number of rows, and both edges are used up by its last turn', (kind) => {
    fc.assert(
      fc.property(
        fc.integer({ min: 90, max: 320 }),
        fc.integer({ min: 90, max: 260 }),
        fc.integer({ min: 20, max: 80 }),
        fc.constantFrom(null, { rows: 20, lengthMm: 70 }, { rows: 20, lengthMm: 163 }),
        (widthMm, heightMm, depthMm, stripTrial) => {
          const plan = planOf(worked(kind, { widthMm, heightMm, depthMm, stripTrial }));
          const joins = plan.joins.filter(({ made }) => made === 'as-worked');
          expect(joins.length).toBeGreaterThan(0);
          for (const join of joins) {
            const rows = joinedCount(join, 'second');
            expect(rows % 2).toBe(0);
            for (const { second } of join.stretches) expect(second % 2).toBe(0);
            expect(usedAfter(join, rows)).toBe(joinedCount(join, 'first'));
            // Row by row as a maker goes: every other row ends at the one edge, and no turn takes back what one before took.
            const used = Array.from({ length: rows / 2 + 1 }, (_, turn) => usedAfter(join, 2 * turn));
            expect(used[0]).toBe(0);
            expect(used).toEqual([...used].sort((a, b) => a - b));
          }
          const { whole } = plan;
          const sewn = plan.joins.filter(({ made }) => made === 'sewn');
          expect(whole.seams.value).toBeCloseTo(
            sewn.reduce((sum, join) => sum + join.times * joinLengthMm(join), 0),
            9,
          );
        },
      ),
      { numRuns: 40 },
    );
  });

  it('says of its turns what comes to the places of the edge', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 90 }), fc.integer({ min: 1, max: 20 }), (first, turns) => {
        const text = turnWords({ first, second: 2 * turns });
        const [most = '', others] =
          text.split(', ').length > 1
            ? [text.slice(0, text.indexOf(', ')), text.slice(text.indexOf(', ') + 2)]
            : [text];
        const each = (words: string) =>
          words.startsWith('the same place again') ? 0 : Number(/^\d+/.exec(words)?.[0]);
        const spreadOver = Number(/at (\d+) turns, evenly spread/.exec(others ?? '')?.[1] ?? 0);
        const named = others?.match(/\d+(?=st|nd|rd|th)/g)?.length ?? 0;
        const elsewhere = spreadOver + named;
        expect(each(most) * (turns - elsewhere) + (others ? each(others) * elsewhere : 0)).toBe(first);
      }),
    );
  });

  it.each(kinds)('%s: is worked when the other pieces are joined, and not before', (kind) => {
    const design = worked(kind);
    const plan = planOf(design);
    const order = plan.steps.map(({ id }) => String(id));
    expect(order).not.toContain('work-band');
    expect(order).not.toContain('work-gusset');
    const texts = stepTexts(design, plan);
    const [one, ...others] = texts.filter(({ title }) => title.includes('as you go'));
    expect(others).toEqual([]);
    expect(one?.what).toMatch(/After row \d+ both edges are used up: \d+ of each\./);
    expect(order.indexOf('block')).toBeLessThan(order.indexOf(String(one?.id)));
  });

  it('can’t be where its rows lie along the edges, or a border comes between: said, planned sewn, and mended', () => {
    const lengthwise = worked('gusset', { gussetWorked: 'lengthwise' });
    const bordered = { ...worked('round-purse'), edgings: [usualEdging('single', 'band')] };
    for (const design of [lengthwise, bordered]) {
      const plan = planOf(design);
      expect(codes(plan)).toContain('band-not-as-worked');
      expect(plan.joins.every(({ made }) => made !== 'as-worked')).toBe(true);
      const problem = plan.problems.find(({ code }) => code === 'band-not-as-worked');
      expect(problem?.repairs.length).toBeGreaterThan(0);
      for (const { edits } of problem?.repairs ?? []) {
        const read = applyEdits(design, edits);
        expect(read.ok && codes(planOf(read.design))).not.toContain('band-not-as-worked');
      }
    }
  });
});

describe('clips between the anchors of a join', () => {
  const stretch = fc.record({
    name: fc.constant('side' as const),
    first: fc.integer({ min: 1, max: 300 }),
    second: fc.integer({ min: 1, max: 300 }),
    lengthMm: fc.double({ min: 1, max: 1500, noNaN: true }),
  });

  it('lie in order on both edges, at the same share of each to a stitch, and no further apart than needed', () => {
    fc.assert(
      fc.property(stretch, (one) => {
        const pairs = clipPairs(one);
        const fewer = Math.min(one.first, one.second);
        const more = Math.max(one.first, one.second) / fewer;
        const all = [{ first: 0, second: 0 }, ...pairs, { first: one.first, second: one.second }];
        for (const [index, pair] of all.slice(1).entries()) {
          const before = all[index] as { first: number; second: number };
          expect(pair.first).toBeGreaterThan(before.first);
          expect(pair.second).toBeGreaterThan(before.second);
          const off = Math.abs(pair.first / one.first - pair.second / one.second) * fewer;
          expect(off).toBeLessThanOrEqual(1 / more + 1e-9);
        }
        if (fewer >= one.lengthMm / 50) expect(one.lengthMm / all.length).toBeLessThan(75);
      }),
    );
  });
});
