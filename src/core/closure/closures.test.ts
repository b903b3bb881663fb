import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import {
  applyEdits,
  thingIdSchema,
  usualLining,
  usualSnap,
  type BodyKind,
  type Closure,
  type Design,
} from '@/core/design';
import { figureId } from '@/core/figures';
import type { FittingStage } from '@/core/fittings';
import { withHelpfulRepairs } from '@/core/helpfulRepairs';
import { planBag, type Plan } from '@/core/plan';
import { readDesign } from '@/core/design';
import { sectionPointAt } from '@/core/section';
import { anyClosureOf } from '@/core/testing/anyClosure';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { stepTexts, writePattern } from '@/core/wording';
import { CLOSES_MOUTHS, CLOSURES, cordPath, isOnFlap, leftBetween, type OnFlapStage } from '.';

const KINDS = Object.keys(CLOSURES) as Closure['kind'][];
const ON_FLAP = ['magnetic-snap', 'press-stud', 'hook-tape', 'turn-lock', 'buttonhole'] as const;

const usual = (kind: Closure['kind'], design: Design): Closure => CLOSURES[kind].usual(design);
const open = (design: Design): Design => ({ ...design, flap: { ...design.flap, kind: 'none' } as Design['flap'] });
const closedBy = (design: Design, kind: Closure['kind'], change: object = {}): Design => ({
  ...design,
  closures: [{ ...usual(kind, design), ...change } as Closure],
});
const figure = (plan: Plan, name: string) => plan.figures[figureId(name)]?.value ?? NaN;
const codes = (design: Design) => planOf(design).problems.map(({ code }) => String(code));
/** An open strip whose mouth is so long: stitches of 2 mm, seams that take nothing. */
const mouthOf = (mm: number): Design =>
  withBody(open(bagOf('fold-over-strip', { stitchMm: 2, rowMm: 2 })), {
    widthMm: mm,
    seam: { kind: 'whip', finish: 'turned', takeUpStitches: 0 },
  });

describe('every closure', () => {
  const all: [Closure['kind'], BodyKind][] = KINDS.flatMap((kind) =>
    BODY_KINDS.map((body): [Closure['kind'], BodyKind] => [kind, body]),
  );

  it.each(all)('%s on %s is planned, drawn, worded and put in order; or it is said why not', (kind, body) => {
    for (const bare of [bagOf(body), open(bagOf(body))])
      for (const lining of [null, usualLining()]) {
        const design = closedBy({ ...bare, lining, straps: [] }, kind);
        const plan = planOf(design);
        const [stage] = plan.closures;
        if (!stage) {
          const said = plan.problems.filter(({ path }) => String(path?.slice(0, 2)) === 'closures,0');
          expect(said.map(({ severity }) => severity)).toContain('decide');
          continue;
        }
        const order = plan.steps.map(({ id }) => id);
        for (const step of plan.steps)
          for (const other of step.shutsOff) expect(order.indexOf(other)).toBeGreaterThanOrEqual(0);
        const text = writePattern(design, plan)
          .sections.flatMap(({ lines }) => lines)
          .join('\n');
        expect(text).not.toMatch(/NaN|undefined|Infinity/);
        expect(stepTexts(design, plan).filter(({ id }) => String(id).length > 0)).toHaveLength(plan.steps.length);
        for (const { mark } of stage.marks) expect(mark.length).toBeGreaterThan(0);
      }
  });

  it.each(KINDS)(
    '%s: a step comes before what shuts it off, and after what it needs, whatever else is on the bag',
    (kind) => {
      fc.assert(
        fc.property(
          anyClosureOf(kind),
          fc.constantFrom(...KINDS),
          fc.boolean(),
          fc.boolean(),
          (one, other, flap, lined) => {
            const bare = flap ? bagOf('fold-over-strip') : open(bagOf('gusset'));
            const read = readDesign({
              ...bare,
              closures: [one, usual(other, bare)],
              lining: lined ? usualLining() : null,
            });
            if (!read.ok) throw new Error(read.faults[0]?.sentence);
            const result = planBag(read.design);
            if (!result.ok) return;
            const order = result.plan.steps.map(({ id }) => id);
            for (const { id, needs, shutsOff } of result.plan.steps) {
              for (const need of needs)
                expect(order.indexOf(need), `${need} before ${id}`).toBeLessThan(order.indexOf(id));
              for (const shut of shutsOff)
                expect(order.indexOf(shut), `${shut} before ${id}`).toBeLessThan(order.indexOf(id));
            }
          },
        ),
        { numRuns: 25 },
      );
    },
  );
});

describe('on an open bag', () => {
  it.each(KINDS)('%s is planned just where it is said to close mouths', (kind) => {
    const plan = planOf(closedBy(mouthOf(254), kind));
    expect(plan.closures.length > 0).toBe(CLOSES_MOUTHS[kind]);
    for (const { closes } of plan.closures) expect(closes).toBe('mouth');
  });
});

describe('what closes a flap', () => {
  const flapped = withBody(bagOf('fold-over-strip'), { widthMm: 160 });
  const stageOf = (design: Design): OnFlapStage => {
    const stage: FittingStage | undefined = planOf(design).closures.find(isOnFlap);
    if (!stage || !isOnFlap(stage)) throw new Error('nothing on the flap');
    return stage;
  };

  it.each(ON_FLAP)('%s has its mate where a snap as far in has its own, full and empty', (kind) => {
    for (const thicknessMm of [0, 9, 22]) {
      const loaded = { ...flapped, contents: { ...flapped.contents, thicknessMm } };
      const [snap, other] = [
        stageOf({ ...loaded, closures: [{ ...usualSnap(), insetMm: 27 }] }),
        stageOf(closedBy(loaded, kind, { insetMm: 27 })),
      ];
      expect(other.meetsMm).toEqual(snap.meetsMm);
      expect(other.mates.map(({ row, place }) => [row, place])).toEqual(
        snap.mates.map(({ row, place }) => [row, place]),
      );
    }
  });

  it('leaves a buttonhole as wide as diameter and thickness, less what it gives (common practice: 10 to 15 %)', () => {
    for (const [diameterMm, thicknessMm, giveShare] of [
      [20, 4, 0.1],
      [25, 6, 0.15],
      [15, 3, 0],
    ] as const) {
      const plan = planOf(closedBy(flapped, 'buttonhole', { diameterMm, thicknessMm, giveShare }));
      const stitches = figure(plan, 'button.hole');
      const wantedMm = (diameterMm + thicknessMm) * (1 - giveShare);
      // Stitches of 5 mm: no narrower than a quarter of one, no wider than one.
      expect(5 * stitches).toBeGreaterThanOrEqual(wantedMm - 1.25 - 1e-9);
      expect(5 * stitches).toBeLessThan(wantedMm + 5);
    }
  });

  it('leaves the buttonhole before the flap is worked past it, and the lock before the lining', () => {
    const order = (design: Design) => planOf(design).steps.map(({ id }) => String(id));
    const holes = order(closedBy(flapped, 'buttonhole'));
    expect(holes.indexOf('set-button-flap')).toBeLessThan(holes.indexOf('work-flap'));
    const locks = order({ ...closedBy(flapped, 'turn-lock'), lining: usualLining() });
    expect(locks.indexOf('set-turn-front')).toBeLessThan(locks.indexOf('sew-lining'));
    const studs = order({ ...closedBy(flapped, 'press-stud'), lining: usualLining() });
    expect(studs.indexOf('set-stud-flap')).toBeGreaterThan(studs.indexOf('sew-lining'));
  });

  it('says that a lock’s post is too short for its layers, and a longer one ends that', () => {
    const design = closedBy(withBody(bagOf('fold-over-strip', { fabricMm: 6 }), { widthMm: 160 }), 'turn-lock', {
      postMm: 5,
    });
    const [problem] = planOf(design).problems.filter(({ code }) => String(code) === 'reaches-short');
    if (!problem) throw new Error('not said');
    const [helpful] = withHelpfulRepairs(design, [problem]);
    const read = applyEdits(design, helpful?.repairs[0]?.edits ?? []);
    expect(read.ok && codes(read.design)).not.toContain('reaches-short');
  });
});

describe('a loop', () => {
  it('reaches from the flap’s edge, as the folded bag brings it, to the far side of the button', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 25 }), fc.integer({ min: 0, max: 40 }), (thicknessMm, belowMm) => {
        const bare = withBody(bagOf('fold-over-strip'), { widthMm: 160, heightMm: 200 });
        const design = closedBy(
          {
            ...bare,
            flap: { ...bare.flap, dropMm: 80 } as Design['flap'],
            contents: { ...bare.contents, thicknessMm },
          },
          'button-loop',
          { belowMm, diameterMm: 20, thicknessMm: 5 },
        );
        const plan = planOf(design);
        for (const state of ['loaded', 'empty'] as const) {
          // Along the folded fabric: where the flap's edge hangs in the section, and where the button is sewn on the front.
          const section = plan.section[state];
          const last = section.at(-1);
          const [front] = section;
          if (!last || front?.kind !== 'line') throw new Error('no section');
          const edge = sectionPointAt(section, last.toMm).point;
          const button = front.from.y - figure(plan, 'loop.down');
          expect(figure(plan, `loop.reach.${state}`)).toBeCloseTo(Math.max(0, edge.y - button) + 10, 6);
          // Both halves of its chains together are long enough, in either state.
          expect(figure(plan, 'loop.chains') * 5).toBeGreaterThanOrEqual(
            2 * figure(plan, `loop.reach.${state}`) - 1e-9,
          );
        }
      }),
      { numRuns: 60 },
    );
  });

  it('hangs from the back of an open bag, over what stands in its mouth', () => {
    const bare = open(bagOf('fold-over-strip'));
    const thick = (mm: number) =>
      figure(
        planOf(closedBy({ ...bare, contents: { ...bare.contents, thicknessMm: mm } }, 'toggle-loop')),
        'toggle.reach.loaded',
      );
    expect(thick(20)).toBeGreaterThan(thick(5) + 14);
  });
});

describe('a zipper', () => {
  it.each([
    // Common practice, no source: 230 mm in an opening of 254; the longest that leaves about 25 mm clear in all.
    [254, 230],
    [180, 150],
    [126, 100],
  ])('for an opening of %i mm is %i mm long', (openingMm, lengthMm) => {
    const plan = planOf(closedBy(mouthOf(openingMm), 'zipper'));
    expect(figure(plan, 'zipper.opening')).toBeCloseTo(openingMm, 9);
    expect(figure(plan, 'zipper.length')).toBe(lengthMm);
    expect(2 * figure(plan, 'zipper.clear')).toBeCloseTo(openingMm - lengthMm, 9);
  });

  it('is chosen from whole inches by those who measure in them', () => {
    const inches = { ...mouthOf(254), settings: { ...mouthOf(254).settings, lengthUnit: 'in' as const } };
    expect(figure(planOf(closedBy(inches, 'zipper')), 'zipper.length')).toBeCloseTo(9 * 25.4, 9);
  });

  it('that is longer than the mouth is shortened, said and mended; none fits the smallest mouths', () => {
    const design = closedBy(mouthOf(150), 'zipper', { lengthMm: 200 });
    expect(codes(design)).toContain('zipper-over-opening');
    expect(stepTexts(design, planOf(design)).find(({ id }) => id === 'sew-zipper')?.what).toMatch(
      /sew a stop across its teeth/,
    );
    expect(codes(closedBy(mouthOf(100), 'zipper'))).toContain('zipper-none-so-short');
  });

  it('goes to the lining before that goes in, and asks for one', () => {
    const lined = { ...closedBy(mouthOf(254), 'zipper', { joined: 'lining' }), lining: usualLining() };
    const order = planOf(lined).steps.map(({ id }) => String(id));
    expect(order.indexOf('sew-zipper')).toBeLessThan(order.indexOf('sew-lining'));
    expect(codes({ ...lined, lining: null })).toContain('zipper-without-lining');
  });
});

describe('a drawstring', () => {
  it('goes round symmetrically, in gaps that differ by no more than parity asks for', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 4, max: 160 }),
        fc.integer({ min: 0, max: 3 }),
        fc.integer({ min: 2, max: 30 }),
        (front, more, pairs) => {
          const back = front + more;
          const passes = 2 * pairs;
          fc.pre(2 * passes <= front + back);
          const path = cordPath({ front, back }, passes);
          expect(path).toHaveLength(passes);
          expect(path.reduce((sum, gap) => sum + gap, 0)).toBe(front + back);
          // Turned about the middle of the front it is the same way.
          expect(path.slice(1)).toEqual([...path.slice(1)].reverse());
          // The middle of an odd count is a stitch.
          expect(((path[0] as number) - front) % 2 === 0).toBe(true);
          expect(Math.max(...path) - Math.min(...path)).toBeLessThanOrEqual(2);
          expect(Math.min(...path)).toBeGreaterThan(0);
        },
      ),
    );
  });

  it('is two and a half times as long as it goes round where it is tied (common practice)', () => {
    const plan = planOf(closedBy(mouthOf(200), 'drawstring'));
    expect(figure(plan, 'cord.round')).toBe(400);
    expect(figure(plan, 'cord.length')).toBe(1000);
    expect(figure(plan, 'cord.passes') % 2).toBe(0);
  });

  it.each([
    ['bead-slips', { closedBy: 'bead', cordMm: 3, beadHoleMm: 9 }],
    ['bead-too-tight', { closedBy: 'bead', cordMm: 5, beadHoleMm: 5 }],
    ['cord-too-thick', { cordMm: 6 }],
    ['cord-below-face', { belowRows: 55 }],
  ])('says %s, with a repair that ends it', (code, change) => {
    const design = closedBy(mouthOf(200), 'drawstring', change);
    const problem = planOf(design).problems.find((one) => String(one.code) === code);
    if (!problem) throw new Error(`${code} is not said`);
    const [helpful] = withHelpfulRepairs(design, [problem]);
    const read = applyEdits(design, helpful?.repairs[0]?.edits ?? []);
    expect(read.ok && codes(read.design)).not.toContain(code);
  });

  it('has no row to run in on a round purse, and says so', () => {
    expect(codes(closedBy(bagOf('round-purse'), 'drawstring'))).toContain('cord-no-row');
  });
});

describe('a frame', () => {
  it('takes the edge of the mouth and as many open rows as its arms are long, spread over its holes', () => {
    // A mouth of 200 mm in stitches of 2 mm, arms of 40: twenty rows at either side; 140 of them over 60 holes.
    const plan = planOf(closedBy(mouthOf(200), 'frame', { widthMm: 180, armMm: 40, radiusMm: 10, holes: 60 }));
    expect(figure(plan, 'frame.open')).toBe(20);
    expect(figure(plan, 'frame.sewn')).toBe(140);
    expect(figure(plan, 'frame.edge')).toBeCloseTo(280, 9);
    // Two quarters of a circle of 10 mm stand for four times ten.
    expect(figure(plan, 'frame.channel')).toBeCloseTo(180 + 80 - 40 + 10 * Math.PI, 9);
    expect(
      codes(closedBy(mouthOf(200), 'frame', { widthMm: 180, armMm: 40 })).filter((code) => code.startsWith('frame')),
    ).toEqual([]);
  });

  it.each([
    ['frame-too-wide', { widthMm: 260 }],
    ['frame-too-full', { widthMm: 90, armMm: 20 }],
    ['frame-arms-long', { widthMm: 180, armMm: 110 }],
  ])('says %s, and what is offered ends it', (code, change) => {
    const design = closedBy(mouthOf(200), 'frame', change);
    const problem = planOf(design).problems.find((one) => String(one.code) === code);
    if (!problem) throw new Error('not said');
    const [repair] = problem.repairs;
    const read = applyEdits(design, repair?.edits ?? []);
    expect(read.ok && codes(read.design)).not.toContain(code);
  });

  it('does not go under a flap', () => {
    expect(codes(closedBy(bagOf('fold-over-strip'), 'frame'))).toContain('frame-under-flap');
  });
});

describe('what can slip out', () => {
  const pencil = { widthMm: 8, heightMm: 170, thicknessMm: 8 };
  const carrying = (thing: typeof pencil, design: Design): Design => ({
    ...design,
    contents: {
      ...design.contents,
      items: [
        {
          count: 1,
          thing: { ...thing, id: thingIdSchema.parse('t'), name: 'Pencil', massG: null, turns: 'any-way', known: null },
        },
      ],
    },
  });

  it('is told by the longest stretch that nothing holds together', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: -120, max: 120 }), fc.integer({ min: 0, max: 60 })), { maxLength: 5 }),
        (spans) => {
          const held = spans.map(([from, wide]) => [from, from + wide] as const);
          const left = leftBetween(held, 100);
          // Point by point: a place is left where no span covers it.
          for (let mm = -99.5; mm < 100; mm += 1) {
            const covered = held.some(([from, to]) => mm > from && mm < to);
            expect(left.some(([from, to]) => mm > from && mm < to)).toBe(!covered);
          }
        },
      ),
    );
  });

  it('a pencil beside one snap does; between two it does not where they are nearer than it is round', () => {
    const bare = withBody(bagOf('fold-over-strip'), { widthMm: 50 });
    // Edges held 14 mm wide in the middle of 50: a stretch of 18 mm on either side, 36 round; the pencil is 32 round. Of two, 11 are left between.
    const one = carrying(pencil, closedBy(bare, 'magnetic-snap'));
    expect(codes(one)).toContain('slips-out');
    const thick = carrying({ ...pencil, widthMm: 20, thicknessMm: 15 }, closedBy(bare, 'magnetic-snap'));
    expect(codes(thick)).not.toContain('slips-out');
    const [problem] = planOf(one).problems.filter(({ code }) => String(code) === 'slips-out');
    const read = applyEdits(one, problem?.repairs[0]?.edits ?? []);
    expect(read.ok && codes(read.design)).not.toContain('slips-out');
    expect(codes(carrying(pencil, closedBy(mouthOf(254), 'zipper')))).not.toContain('slips-out');
    expect(codes(carrying(pencil, { ...bare, closures: [] }))).not.toContain('slips-out');
  });
});

describe('a mouth', () => {
  const gaping = (): Design => {
    const bare = open(bagOf('fold-over-strip'));
    return { ...bare, contents: { ...bare.contents, thicknessMm: 40 } };
  };

  it.each(['zipper', 'drawstring', 'part-sewn'] as const)('that a %s closes does not stand open', (kind) => {
    expect(codes({ ...gaping(), closures: [] })).toContain('mouth-stands-open');
    expect(codes(closedBy(gaping(), kind))).not.toContain('mouth-stands-open');
  });

  it('sewn up from both sides leaves as much as is not sewn, and room for a hand or it is said', () => {
    const plan = planOf(closedBy(mouthOf(254), 'part-sewn', { sewnMm: 60 }));
    expect(figure(plan, 'sewnUp.left')).toBe(254 - 120);
    const small = closedBy(mouthOf(180), 'part-sewn', { sewnMm: 60 });
    const problem = planOf(small).problems.find(({ code }) => String(code) === 'mouth-left-small');
    const read = applyEdits(small, problem?.repairs[0]?.edits ?? []);
    expect(read.ok && codes(read.design)).not.toContain('mouth-left-small');
  });
});
