import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { ringArea, ringBounds, ringLength } from '@/core/cutting';
import {
  applyEdits,
  readDesign,
  usualDropIn,
  usualFlapLining,
  usualSnap,
  type BodyKind,
  type Design,
  type DropInLining,
} from '@/core/design';
import { figureId } from '@/core/figures';
import { withHelpfulRepairs } from '@/core/helpfulRepairs';
import { planBag, type Plan } from '@/core/plan';
import { anyLining } from '@/core/testing/anyLining';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { problemSentence, stepTexts, writePattern } from '@/core/wording';
import { perHole, shareOut, type DropInStage } from '.';

const lined = (kind: BodyKind, change: Partial<DropInLining> = {}): Design => ({
  ...bagOf(kind),
  lining: { ...usualDropIn(), ...change },
});
const stageOf = (plan: Plan): DropInStage => {
  if (!plan.lining || !('opening' in plan.lining)) throw new Error('no drop-in lining');
  return plan.lining;
};
const value = (plan: Plan, name: string) => plan.figures[figureId(name)]?.value ?? NaN;

describe('every lining', () => {
  it('on every body is planned, worded and put in order, or it is said why not', () => {
    fc.assert(
      fc.property(anyLining, fc.constantFrom(...BODY_KINDS), (lining, kind) => {
        const read = readDesign({ ...bagOf(kind), lining, closures: [usualSnap()] });
        if (!read.ok) throw new Error(read.faults[0]?.sentence);
        const result = planBag(read.design);
        if (!result.ok) return;
        const { plan } = result;
        if (!plan.lining) {
          expect(plan.problems.filter(({ place }) => place === 'lining')).not.toEqual([]);
          return;
        }
        const order = plan.steps.map(({ id }) => id);
        for (const { id, needs, shutsOff } of plan.steps)
          for (const other of [...needs, ...shutsOff]) expect(order.indexOf(other)).toBeLessThan(order.indexOf(id));
        const text = writePattern(read.design, plan)
          .sections.flatMap(({ lines }) => lines)
          .join('\n');
        expect(text).not.toMatch(/NaN|undefined|Infinity/);
        expect(stepTexts(read.design, plan)).toHaveLength(plan.steps.length);
        for (const { seam, cut } of plan.lining.patterns) {
          expect(ringArea(cut)).toBeGreaterThan(0);
          expect(ringArea(seam)).toBeGreaterThan(0);
        }
      }),
      { numRuns: 150 },
    );
  });
});

describe('a drop-in lining', () => {
  it.each(BODY_KINDS)('%s: is never larger than the inside of the crochet', (kind) => {
    fc.assert(
      fc.property(
        fc.constantFrom('folded' as const, 'two' as const, 'walls' as const),
        fc.double({ min: 0, max: 12, noNaN: true }),
        (cut, easeMm) => {
          const plan = planOf(lined(kind, { cut, easeMm }));
          const { inside } = stageOf(plan);
          const { figures, layers } = plan.pouch;
          expect(inside.width.value).toBeLessThanOrEqual(figures.width.value - 2 * layers.fabricMm - easeMm + 1e-6);
          expect(inside.height.value).toBeLessThan(figures.height.value);
          if (inside.depth && figures.depth)
            expect(inside.depth.value).toBeLessThanOrEqual(figures.depth.value - 2 * layers.fabricMm - easeMm + 1e-6);
        },
      ),
      { numRuns: 20 },
    );
  });

  it('of a flat pouch, in one, is as wide as that and twice as high, with a seam at each side and a hem at both ends (common practice)', () => {
    const plan = planOf(lined('fold-over-strip', { seamMm: 12, hemMm: 25 }));
    const { patterns, inside } = stageOf(plan);
    expect(patterns).toHaveLength(1);
    expect(patterns[0].cutWidth.value).toBeCloseTo(inside.width.value + 24, 2);
    expect(patterns[0].cutHeight.value).toBeCloseTo(2 * inside.height.value + 50, 2);
  });

  it('of a bag with a depth has as much cloth as the walls that it covers', () => {
    for (const kind of ['boxed-corners', 'gusset', 'side-bands'] as const)
      for (const cut of ['folded', 'two', 'walls'] as const) {
        const { patterns, inside } = stageOf(
          planOf(withBody(lined(kind, { cut }), kind === 'gusset' ? { radiusMm: 0 } : {})),
        );
        const [w, h, d] = [inside.width.value, inside.height.value, inside.depth?.value ?? 0];
        const cloth = patterns.reduce((sum, { seam, copies }) => sum + copies * ringArea(seam), 0);
        // Front, back, base and both sides; boxed corners that are sewn across keep four squares of half the depth.
        const walls = 2 * w * h + w * d + 2 * d * h;
        const squares = cut === 'walls' && kind !== 'boxed-corners' ? 0 : 4 * (d / 2) ** 2;
        const kept = cut === 'walls' ? 0 : squares;
        expect(Math.abs(cloth - walls - kept)).toBeLessThan(1);
      }
  });

  it('of an oval base and of a round purse has edges that meet as long as each other', () => {
    const oval = stageOf(planOf(lined('oval-base'))).patterns;
    const base = oval.find(({ id }) => id === 'base');
    const wall = oval.find(({ id }) => id === 'wall');
    if (!base || !wall) throw new Error('no walls');
    expect(Math.abs(ringLength(base.seam) - ringBounds(wall.seam).widthMm)).toBeLessThan(0.5);
    const purse = planOf(lined('round-purse'));
    const [disc, band] = ['disc', 'band'].map((id) => stageOf(purse).patterns.find((one) => one.id === id));
    if (!disc || !band) throw new Error('no discs');
    const open = purse.pouch.figures.rimOpen?.value ?? 0;
    expect(Math.abs(ringLength(disc.seam) - open - ringBounds(band.seam).heightMm)).toBeLessThan(0.5);
  });

  it('of felt has no hem: it ends where it is cut', () => {
    const [cloth, felt] = (['cloth', 'felt'] as const).map(
      (stuff) => stageOf(planOf(lined('fold-over-strip', { stuff }))).patterns[0],
    );
    expect((cloth?.cutHeight.value ?? NaN) - (felt?.cutHeight.value ?? NaN)).toBeCloseTo(40, 2);
  });

  it('leaves the flap bare: a snap on it goes through the crochet there, and its mate is set before the lining is in', () => {
    const design: Design = { ...lined('fold-over-strip'), closures: [usualSnap()] };
    const plan = planOf(design);
    const half = plan.marks.find(({ mark }) => mark === 'snap.half');
    expect(half?.throughMm).toEqual([plan.pouch.layers.fabricMm]);
    const order = plan.steps.map(({ id }) => String(id));
    expect(order.indexOf('set-snap-front')).toBeLessThan(order.indexOf('put-lining-in'));
    expect(order.indexOf('put-lining-in')).toBeGreaterThan(order.indexOf('seam-sides'));
  });

  it.each([
    ['lining-cut-unsuited', 'oval-base', { cut: 'folded' }],
    ['lining-shallow', 'fold-over-strip', { belowMm: 80 }],
    ['lining-allowance-wide', 'fold-over-strip', { seamMm: 30 }],
  ] as const)('%s is told in a plain sentence, and what is offered ends it', (code, kind, change) => {
    const small = kind === 'fold-over-strip' ? { widthMm: 60, heightMm: 70 } : {};
    const design: Design = withBody(
      { ...lined(kind, change), flap: { kind: 'none', dropMm: 40, widthMm: null, hemMm: null } },
      small,
    );
    const problem = planOf(design).problems.find((one) => String(one.code) === code);
    if (!problem)
      throw new Error(
        `not told: ${planOf(design)
          .problems.map((one) => String(one.code))
          .join()}`,
      );
    expect(problemSentence(problem, 'in')).not.toMatch(/\d (?:mm|cm)\b/);
    const [helpful] = withHelpfulRepairs(design, [problem]);
    expect(helpful?.repairs.length).toBeGreaterThan(0);
    for (const { edits } of helpful?.repairs ?? []) {
      const read = applyEdits(design, edits);
      if (!read.ok) throw new Error(read.faults[0]?.sentence);
      expect(planOf(read.design).problems.map((one) => String(one.code))).not.toContain(code);
    }
  });
});

describe('a lining of the flap alone', () => {
  it('covers the flap and nothing of the bag: the walls are as thin as without it', () => {
    const flapped: Design = {
      ...bagOf('fold-over-strip'),
      flap: { kind: 'round', dropMm: 80, widthMm: null, hemMm: null },
    };
    const plan = planOf({ ...flapped, lining: { ...usualFlapLining(), insetMm: 3 } });
    expect(plan.pouch.layers.liningMm).toBe(0);
    expect(plan.lining?.patterns.map(({ id }) => id)).toEqual(['flap']);
    const [flap] = plan.lining?.patterns ?? [];
    expect(flap?.finishedHeight.value).toBeCloseTo(plan.flap.flapRows * plan.pouch.rowMm - 6, 6);
  });

  it('without a flap is left out, and that is said', () => {
    const plan = planOf({
      ...bagOf('fold-over-strip'),
      flap: { kind: 'none', dropMm: 60, widthMm: null, hemMm: null },
      lining: usualFlapLining(),
    });
    expect(plan.lining).toBeNull();
    expect(plan.problems.map(({ code }) => String(code))).toContain('lining-without-flap');
  });
});

describe('a join map', () => {
  it('spreads any count over any other: nothing is lost, anchors are kept, and neighbours differ by one at most', () => {
    fc.assert(
      fc.property(
        // Few holes over very unlike stretches is where one each is hardest to keep.
        fc.oneof(fc.integer({ min: 4, max: 12 }), fc.integer({ min: 4, max: 5000 })),
        fc.array(fc.integer({ min: 1, max: 200 }), { minLength: 2, maxLength: 4 }),
        (count, bag) => {
          const shares = shareOut(count, bag);
          expect(shares.reduce((sum, one) => sum + one, 0)).toBe(count);
          shares.forEach((lining, index) => {
            expect(lining).toBeGreaterThanOrEqual(1);
            const each = perHole({ name: 'front', bag: bag[index] ?? 0, lining });
            expect(each.reduce((sum, one) => sum + one, 0)).toBe(bag[index]);
            expect(Math.max(...each) - Math.min(...each)).toBeLessThanOrEqual(1);
          });
        },
      ),
    );
  });

  it('is live as holes are counted: the line to work by adds up to the bag’s stitches and to her holes', () => {
    for (const counted of [null, 83, 120, 41]) {
      const design = lined('fold-over-strip', { joined: 'through-holes', pitchMm: 7, counted });
      const plan = planOf(design);
      const { join } = stageOf(plan);
      if (!join) throw new Error('no map');
      const holes = join.spans.reduce((sum, { lining }) => sum + lining, 0);
      expect(holes).toBe(counted ?? 2 * Math.round(value(plan, 'lining.insideWidth') / 7));
      const text = stepTexts(design, plan).find(({ id }) => String(id) === 'put-lining-in')?.what ?? '';
      const told = [...text.matchAll(/(\d+) over (\d+) holes/g)].map(([, bag, over]) => [Number(bag), Number(over)]);
      expect(told.reduce((sum, [bag = 0]) => sum + bag, 0)).toBe(2 * plan.pouch.topStitches);
      expect(told.reduce((sum, [, over = 0]) => sum + over, 0)).toBe(holes);
    }
  });
});
