import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { applyEdits, isWorkedStrap, usualStrap, type Design, type Strap, type WorkedStrap } from '@/core/design';
import { moveMarkEdits } from '@/core/fittings';
import type { Plan } from '@/core/plan';
import { anyStrap } from '@/core/testing/anyStrap';
import { bagOf, withBody } from '@/core/testing/bodies';
import { designAt, planOf, pulledTrial, workedStrapOf } from '@/core/testing/designs';
import { stepTexts, writePattern } from '@/core/wording';
import { STRAPS, laidStrap } from '.';

const weighing = (
  massG: number,
  straps: Strap[],
  carried: Design['contents']['carried'] = 'on-the-shoulder',
): Design => {
  const base = designAt(5, 5, 2);
  return { ...base, contents: { ...base.contents, massG, carried }, straps };
};
const strap = (change: Partial<WorkedStrap> = {}): WorkedStrap =>
  ({
    ...usualStrap(),
    sample: pulledTrial({ rows: 40, slackMm: 200, pulledMm: 250 }),
    ...change,
  }) as WorkedStrap;
const codesOf = ({ problems }: Plan): string[] => problems.map(({ code }) => String(code));

/** Of a plan with one trouble, what its first repair leaves. */
function mended(design: Design, code: string): { design: Design; plan: Plan } {
  const problem = planOf(design).problems.find((one) => String(one.code) === code);
  const repair = problem?.repairs[0];
  if (!repair) throw new Error(`no repair of ${code}`);
  const after = applyEdits(design, repair.edits);
  if (!after.ok) throw new Error(after.faults[0]?.sentence);
  return { design: after.design, plan: planOf(after.design) };
}

describe('the way along a strap', () => {
  it('leaves the strap what tabs, rings and clasps don’t take, and gives back what lies double', () => {
    // 1000 mm worn, of which two tabs of 12, two rings of 25 and two clasps of 40 take 154: 846 of strap, and 230 through the slider:
    // 1076, a quarter longer when it is pulled: 860.8 slack, and 30 sewn back at each end.
    const plan = planOf(
      weighing(500, [
        strap({
          wornLengthMm: 1000,
          overlapMm: 30,
          ends: { kind: 'clasp', lengthMm: 40, innerMm: 25, tabMm: 12 },
          adjust: { kind: 'slider', longerMm: 200 },
        }),
      ]),
    );
    const { figures, hung } = workedStrapOf(plan);
    expect(hung.hardware?.value).toBe(154);
    expect(hung.doubled?.value).toBe(230);
    expect(figures.slackToWork.value).toBeCloseTo(860.8 + 60, 9);
    expect(figures.longest?.value).toBeCloseTo(figures.pulledPlanned.value + 200, 9);
    expect(figures.shortest?.value).toBeCloseTo(154 + (figures.pulledPlanned.value - 154 + 230) / 2, 9);
  });

  test('worked, then hung, it is as long as it was wished, within half a row, whatever holds it', () => {
    fc.assert(
      fc.property(anyStrap, (one) => {
        const plan = planOf(weighing(700, [one]));
        const [stage] = plan.straps;
        if (!stage || !('nature' in stage)) return;
        const { figures, hung, nature } = stage;
        // Too short to be more than a row, it is a row.
        if (stage.choice.school !== 'pulled' || stage.choice.given.by === 'copy') return;
        const stretched = 1 + figures.growth.value;
        // Of one that is tied each piece is of whole rows.
        const pieces = ['knot', 'bow'].includes(one.adjust.kind) ? 2 : 1;
        const halfRowMm = (pieces * figures.rowHeight.value * stretched) / 2;
        const wished = hung.wornMm;
        if (figures.slackToWork.value < 3 * figures.rowHeight.value) return;
        expect(nature).toBeDefined();
        expect(Math.abs(figures.pulledPlanned.value - wished)).toBeLessThanOrEqual(halfRowMm + 1e-6);
      }),
    );
  });

  it('is never shorter under more, and a longer drop never needs less yarn', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 50, max: 3000 }),
        fc.integer({ min: 50, max: 3000 }),
        fc.integer({ min: 120, max: 500 }),
        fc.integer({ min: 0, max: 400 }),
        (grams, more, dropMm, deeper) => {
          const at = (massG: number, drop: number) =>
            workedStrapOf(planOf(weighing(massG, [strap({ given: { by: 'drop', dropMm: drop } })])));
          const hangs = (massG: number) => at(massG, dropMm).hangs.fullMm;
          expect(hangs(grams + more)).toBeGreaterThanOrEqual(hangs(grams) - 1e-9);
          expect(at(grams, dropMm + deeper).figures.fabric.value).toBeGreaterThanOrEqual(
            at(grams, dropMm).figures.fabric.value - 1e-9,
          );
        },
      ),
      { numRuns: 40 },
    );
  });

  it('hangs as far down as was wished, once it is worked for its load', () => {
    const given = { by: 'drop', dropMm: 300 } as const;
    const plan = planOf(weighing(800, [strap({ given, school: 'loaded' })]));
    const { hanging, figures } = workedStrapOf(plan);
    // Half a row more or less of the strap lets it down by less than a row.
    expect(Math.abs((hanging?.drop?.value ?? NaN) - 300)).toBeLessThan(figures.rowHeight.value);
  });

  it('as long as a strap she likes: slack where that one was measured slack, else as it is under such a bag', () => {
    const copy = (massG: number | null) =>
      workedStrapOf(planOf(weighing(800, [strap({ wornLengthMm: 900, given: { by: 'copy', massG } })])));
    expect(copy(null).figures.between.value).toBeCloseTo(900, 9);
    expect(copy(600).figures.between.value).toBeLessThan(900);
    expect(copy(2000).figures.between.value).toBeLessThan(copy(600).figures.between.value);
    expect(copy(20000).figures.between.value).toBeCloseTo(720, 1);
  });
});

describe('two handles', () => {
  const handle = (on: 'front' | 'back', change: Partial<WorkedStrap> = {}) =>
    strap({ feet: { on, inStitches: 8 }, wornLengthMm: 420, over: 'in-the-hand', ...change });

  it('share what they carry, and lie on their own faces as far in from either side', () => {
    const alone = workedStrapOf(planOf(weighing(900, [handle('front')])));
    const plan = planOf(weighing(900, [handle('front'), handle('back')]));
    expect(workedStrapOf(plan).load.mass?.value).toBeCloseTo((alone.load.mass?.value ?? NaN) / 2, 9);
    expect(codesOf(plan).filter((code) => code.startsWith('strap-handles') || code === 'strap-over-strap')).toEqual([]);
    for (const index of [0, 1]) {
      const marks = plan.marks.filter(
        ({ of, mark }) => of.index === index && of.group === 'straps' && mark.startsWith('strap.feet'),
      );
      expect(marks).toHaveLength(2);
      const [first, second] = marks.map(({ acrossMm }) => acrossMm) as [number, number];
      expect(first).toBeCloseTo(-second, 9);
      expect(marks[0]?.alongMm).toBe(marks[1]?.alongMm);
    }
  });

  it.each(BODY_KINDS)('mirrored by count, whether the mouth has odd or even stitches: %s', (kind) => {
    fc.assert(
      fc.property(fc.integer({ min: 110, max: 260 }), fc.integer({ min: 0, max: 6 }), (widthMm, inStitches) => {
        const bag = withBody(bagOf(kind), { widthMm });
        const plan = planOf({ ...bag, straps: [handle('front', { feet: { on: 'front', inStitches }, widthMm: 18 })] });
        const { foot } = workedStrapOf(plan).hung.feet;
        if (foot.on !== 'face') {
          expect(codesOf(plan)).toContain('strap-face-is-round');
          return;
        }
        // What is left between the feet is what is left of the row: counted from either end it is the same.
        expect(2 * (foot.inStitches + foot.stitches)).toBeLessThanOrEqual(foot.ofStitches);
        const marks = plan.marks.filter(({ mark }) => mark === 'strap.feet');
        const sum = marks.reduce((total, { acrossMm }) => total + acrossMm, 0);
        expect(sum).toBeCloseTo(0, 9);
      }),
      { numRuns: 30 },
    );
  });

  it('are moved across stitch by stitch, each as far from its side, and never over each other', () => {
    const design = weighing(900, [handle('front')]);
    const gripped = planOf(design).marks.find(({ mark, move }) => mark === 'strap.feet' && move?.isGripped);
    if (!gripped?.move) throw new Error('not moved');
    // Further across is nearer to the side: two stitches of 5 mm.
    expect(moveMarkEdits(gripped.move, 10)).toEqual([{ path: ['straps', 0, 'feet', 'inStitches'], value: 6 }]);
    expect(moveMarkEdits(gripped.move, 1000)[0]?.value).toBe(0);
    const far = moveMarkEdits(gripped.move, -1000);
    const moved = applyEdits(design, far);
    if (!moved.ok) throw new Error('not moved');
    expect(codesOf(planOf(moved.design))).not.toContain('strap-feet-cross');
  });

  it('set or cut unlike each other are told, and the repair makes them alike', () => {
    const design = weighing(900, [
      handle('front'),
      handle('back', { feet: { on: 'back', inStitches: 9 }, wornLengthMm: 460 }),
    ]);
    expect(codesOf(planOf(design))).toEqual(expect.arrayContaining(['strap-handles-apart', 'strap-handles-unlike']));
    const once = mended(design, 'strap-handles-apart');
    const twice = mended(once.design, 'strap-handles-unlike');
    expect(codesOf(twice.plan).filter((code) => code.startsWith('strap-handles'))).toEqual([]);
  });

  it('in rounds begin with stitches that lie level on their face, as far in from both sides', () => {
    fc.assert(
      fc.property(fc.integer({ min: -6, max: 6 }), fc.integer({ min: 0, max: 8 }), (stitches, inStitches) => {
        const bag = withBody(bagOf('around-chain'), { roundWalk: { rounds: 10, stitches } });
        const plan = planOf({ ...bag, straps: [handle('front', { feet: { on: 'front', inStitches } })] });
        const { begins, feet } = workedStrapOf(plan).hung;
        if (!begins || feet.foot.on !== 'face') throw new Error('not known');
        const round = 2 * plan.pouch.topStitches;
        // Round the face from the first foot's beginning to the second's: a face less both margins, less one foot.
        const apart = (((begins[1].value - begins[0].value) % round) + round) % round;
        expect(apart).toBe(feet.foot.ofStitches - 2 * inStitches - feet.foot.stitches);
      }),
      { numRuns: 30 },
    );
  });

  it('are told by count where they go', () => {
    const design = weighing(900, [handle('front', { overlapMm: 20, widthMm: 20 })]);
    const text = stepTexts(design, planOf(design)).find(({ id }) => id === 'attach-strap')?.what;
    expect(text).toContain('leave 8 stitches from either side, and cover the next 4 stitches');
  });
});

it('a wristlet and a long strap clip into the same rings, of which there are two', () => {
  const clasp = { kind: 'clasp', lengthMm: 38, innerMm: 25, tabMm: 10 } as const;
  const design = weighing(500, [
    strap({ ends: clasp, over: 'on-the-wrist', wornLengthMm: 360 }),
    strap({ ends: clasp, over: 'on-the-shoulder', wornLengthMm: 900 }),
  ]);
  const plan = planOf(design);
  expect(codesOf(plan)).not.toContain('strap-over-strap');
  const needs =
    writePattern(design, plan)
      .sections.find(({ id }) => id === 'materials')
      ?.lines.join(' ') ?? '';
  expect(needs.match(/2 rings/g)).toHaveLength(1);
  expect(needs.match(/2 swivel clasps/g)).toHaveLength(2);
  // Sewn on at the same place they would lie on each other.
  expect(codesOf(planOf(weighing(500, [strap(), strap()])))).toContain('strap-over-strap');
});

describe('what can’t be', () => {
  it.each<[string, Partial<WorkedStrap>]>([
    [
      'strap-shorter-than-hardware',
      { wornLengthMm: 120, ends: { kind: 'clasp', lengthMm: 60, innerMm: 30, tabMm: 10 } },
    ],
    // What hangs down from a bow is no strap between the clasps.
    [
      'strap-shorter-than-hardware',
      {
        wornLengthMm: 140,
        ends: { kind: 'clasp', lengthMm: 60, innerMm: 30, tabMm: 10 },
        adjust: { kind: 'bow', loopMm: 40, tieMm: 300, longerMm: 0 },
      },
    ],
    ['strap-feet-cross', { feet: { on: 'front', inStitches: 30 } }],
    ['strap-ring-narrow', { ends: { kind: 'ring', innerMm: 12, tabMm: 10 } }],
    ['strap-ring-wide', { ends: { kind: 'ring', innerMm: 60, tabMm: 10 } }],
    ['strap-bow-short', { adjust: { kind: 'bow', loopMm: 100, tieMm: 120, longerMm: 0 } }],
    ['strap-let-out-beyond', { wornLengthMm: 400, adjust: { kind: 'slider', longerMm: 700 } }],
    ['strap-has-no-drop', { over: 'across-the-body', given: { by: 'drop', dropMm: 300 } }],
    [
      'strap-mouth-too-high',
      { over: 'in-the-hand', given: { by: 'figure', mouthMm: 1900, heightMm: 1700, hipMm: 1000 } },
    ],
  ])('%s is told at its place, and its repair mends it', (code, change) => {
    const design = weighing(600, [strap(change)]);
    const problem = planOf(design).problems.find((one) => String(one.code) === code);
    expect(problem?.place).toBe('strap');
    expect(problem?.path?.slice(0, 2)).toEqual(['straps', 0]);
    expect(codesOf(mended(design, code).plan)).not.toContain(code);
  });

  it('a ready-made strap that is no longer than its clasps and its bow take is told, and a longer one is offered', () => {
    const short = {
      ...STRAPS['ready-made'].usual(designAt(5, 5, 2)),
      lengthMm: 110,
      ends: { kind: 'clasp', lengthMm: 30, innerMm: 20, tabMm: 0 },
      adjust: { kind: 'bow', loopMm: 20, tieMm: 60, longerMm: 0 },
    } as Strap;
    const design = weighing(600, [short]);
    expect(codesOf(planOf(design))).toContain('strap-shorter-than-hardware');
    const { plan } = mended(design, 'strap-shorter-than-hardware');
    expect(codesOf(plan)).not.toContain('strap-shorter-than-hardware');
    const [stage] = plan.straps;
    if (!stage) throw new Error('no strap');
    const { parts, wornMm } = laidStrap(stage);
    expect(parts.reduce((sum, { wayMm }) => sum + wayMm, 0)).toBeLessThan(wornMm);
  });

  it('buttonholes that go on beyond the strap are told', () => {
    const adjust = { kind: 'buttonholes', holes: 20, everyMm: 100, longerMm: 50 } as const;
    expect(codesOf(planOf(weighing(600, [strap({ wornLengthMm: 700, adjust })])))).toContain('strap-holes-beyond');
  });
});

describe('every kind of strap', () => {
  const kinds = Object.keys(STRAPS) as Strap['kind'][];

  it.each(BODY_KINDS.flatMap((body) => kinds.map((kind) => [kind, body] as const)))(
    '%s on a %s is planned, written and attached, every figure with its reason',
    (kind, body) => {
      const bag = bagOf(body);
      const design: Design = { ...bag, straps: [STRAPS[kind].usual(bag) as Strap] };
      const plan = planOf(design);
      const [stage] = plan.straps;
      expect(stage?.choice.kind).toBe(kind);
      for (const figure of stage?.asked ?? []) {
        expect(plan.figures[figure.id]).toBe(figure);
        expect(figure.reason.rule.length).toBeGreaterThan(10);
      }
      const steps = stepTexts(design, plan).map(({ id }) => id);
      expect(steps).toContain('attach-strap');
      const { sections } = writePattern(design, plan);
      const isWorked = design.straps.some(isWorkedStrap);
      expect(sections.some(({ id, lines }) => id === 'strap' && lines.length > 0)).toBe(isWorked);
    },
  );

  it('of rope is cut 25 mm longer for each sewn-in end', () => {
    // Common practice, no source.
    const base = designAt(5, 5, 2);
    const rope = STRAPS.rope.usual(base);
    const plan = planOf({ ...base, straps: [{ ...rope, wornLengthMm: 900 }] });
    const [stage] = plan.straps;
    expect(stage && 'toCut' in stage.figures && stage.figures.toCut.value).toBe(950);
  });

  it('ready-made tells what it comes to on this bag', () => {
    const base = designAt(5, 5, 2);
    const ready = STRAPS['ready-made'].usual(base);
    // Two rings of 20 in tabs of 10 at its clasps.
    const plan = planOf({ ...base, straps: [{ ...ready, lengthMm: 1200, wornLengthMm: 1000 }] });
    const [stage] = plan.straps;
    expect(stage && 'worn' in stage.figures && stage.figures.worn.value).toBe(1260);
    expect(codesOf(plan)).toContain('strap-ready-made-unlike');
  });

  it('of strands takes three times the yarn where there are three, and a third more length for plaiting', () => {
    const base = designAt(5, 5, 2);
    const fabricOf = (kind: 'chain-cord' | 'plaited-cord') =>
      workedStrapOf(planOf({ ...base, straps: [{ ...usualStrap(), kind, school: 'slack', wornLengthMm: 1000 }] }));
    const [one, three] = [fabricOf('chain-cord'), fabricOf('plaited-cord')];
    // From memory: plaiting takes a quarter of the length, so each strand is longer by a third.
    expect(three.figures.fabric.value / one.figures.fabric.value).toBeCloseTo(4, 1);
    expect(three.rowCount / one.rowCount).toBeCloseTo(4 / 3, 1);
  });

  it('edged has as many stitches along either edge as lie flat', () => {
    const plan = planOf({ ...designAt(5, 5, 2), straps: [{ ...usualStrap(), kind: 'edged', school: 'slack' }] });
    const { figures, stitchCount } = workedStrapOf(plan);
    // Stitches are as wide as rows are high: one in each; and the two rows take 10 mm of the width.
    expect(figures.border?.value).toBe(figures.rows.value);
    expect(figures.width.value).toBeCloseTo(stitchCount * 5 + 10, 9);
  });
});

describe('a strap grown from the body', () => {
  const open = (straps: Strap[]): Design => ({
    ...weighing(600, straps, 'on-the-wrist'),
    flap: { kind: 'none', dropMm: 80, widthMm: null, hemMm: null },
  });
  const grown = (change: Partial<WorkedStrap> = {}) =>
    strap({ ends: { kind: 'grown', shortLoopMm: null }, widthMm: 20, wornLengthMm: 500, ...change });
  /** Rows and stitches as a stranger counts them in the words. */
  const counted = (lines: readonly string[]) =>
    lines.flatMap((line) => {
      const [, from, to] = /^Rows? (\d+)(?: to (\d+))?/.exec(line) ?? [];
      const [, stitches] = /\((\d+) sc/.exec(line) ?? [];
      if (from === undefined) return [];
      return Array.from({ length: Number(to ?? from) - Number(from) + 1 }, () => Number(stitches));
    });
  const linesOf = (design: Design) =>
    writePattern(design, planOf(design)).sections.find(({ id }) => id === 'strap')?.lines ?? [];

  it('is worked row by row over the stitches that it takes up, sewn down nowhere, after the sides are joined', () => {
    const design = open([grown()]);
    const plan = planOf(design);
    const { figures, rowCount, stitchCount, hung } = workedStrapOf(plan);
    expect(hung.loss).toBeNull();
    // It begins with no chain: none is told, and none is written.
    expect(figures.startingChain).toBeUndefined();
    expect(linesOf(design).join(' ')).not.toMatch(/\bCh \d/);
    // 500 mm, a quarter less slack: 400, 80 rows of 5 mm over 4 stitches of 5 mm.
    expect([rowCount, stitchCount]).toEqual([80, 4]);
    expect(figures.slackToWork.value).toBeCloseTo(400, 9);
    expect(counted(linesOf(design))).toEqual(Array<number>(80).fill(4));
    expect(linesOf(design)[0]).toContain('At each side take up the last 2 stitches of the front’s upper edge');
    const order = plan.steps.map(({ id }) => String(id));
    expect(order.indexOf('work-strap')).toBeGreaterThan(order.indexOf('seam-sides'));
  });

  it('in two that are tied is worked half at each side; a long loop and a short one each at its own', () => {
    const tied = open([grown({ adjust: { kind: 'bow', loopMm: 60, tieMm: 150, longerMm: 0 } })]);
    const { rowCount } = workedStrapOf(planOf(tied));
    // 500 and twice 150 to tie, a quarter less slack: 640, 64 rows at either side.
    expect(rowCount).toBe(128);
    expect(counted(linesOf(tied))).toEqual(Array<number>(64).fill(4));
    const loops = open([grown({ ends: { kind: 'grown', shortLoopMm: 150 } })]);
    const { figures } = workedStrapOf(planOf(loops));
    expect(figures.shortRows?.value).toBe(24);
    expect(counted(linesOf(loops))).toEqual(Array<number>(80 + 24).fill(4));
    // Yarn for both.
    expect(figures.fabric.value).toBeCloseTo((80 + 24) * 5 * 20, 6);
  });

  it('that can’t grow is told why not, and sewn on instead', () => {
    for (const [code, change] of [
      ['strap-cannot-grow', { kind: 'tube' }],
      ['strap-mouth-too-narrow', { widthMm: 140 }],
    ] as const) {
      const design = withBody(open([grown(change as Partial<WorkedStrap>)]), { widthMm: 120 });
      expect(codesOf(planOf(design))).toContain(code);
      expect(codesOf(mended(design, code).plan)).not.toContain(code);
    }
  });
});
