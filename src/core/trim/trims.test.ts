import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { USUAL_TRIMS, applyEdits, readDesign, usualSnap, type Design, type Trim, type TrimKind } from '@/core/design';
import { figureId } from '@/core/figures';
import { planBag, type Plan } from '@/core/plan';
import { anyTrim } from '@/core/testing/anyTrim';
import { bagOf, withBody } from '@/core/testing/bodies';
import { fullDesign, planOf } from '@/core/testing/designs';
import { stepTexts, writePattern } from '@/core/wording';
import { TRIMS } from '.';

const KINDS = Object.keys(TRIMS) as TrimKind[];
const trimmed = (trim: object, design: Design = bagOf('fold-over-strip')): Design => ({
  ...design,
  trims: [trim as Trim],
});
const figure = (plan: Plan, name: string) => plan.figures[figureId(name)]?.value ?? NaN;

describe('every trim', () => {
  it.each(KINDS.flatMap((kind) => BODY_KINDS.map((body) => [kind, body] as const)))(
    '%s on %s is planned and told, or it is said why not',
    (kind, body) => {
      for (const change of 'edge' in USUAL_TRIMS[kind]
        ? [{ edge: 'flap' }, { edge: 'mouth' }]
        : [{ on: 'flap' }, { on: 'front' }]) {
        const design = trimmed({ ...USUAL_TRIMS[kind], ...change }, bagOf(body));
        const plan = planOf(design);
        const stage = plan.fittings.find(({ at }) => at.group === 'trims');
        if (!stage) {
          expect(plan.problems.some(({ path }) => path?.[0] === 'trims')).toBe(true);
          continue;
        }
        expect(stage.marks.length).toBeGreaterThan(0);
        const text = writePattern(design, plan)
          .sections.flatMap(({ lines }) => lines)
          .join('\n');
        expect(text).not.toMatch(/NaN|undefined|Infinity/);
        expect(stepTexts(design, plan)).toHaveLength(plan.steps.length);
      }
    },
  );

  it('lies the same from both sides, whatever its count', () => {
    fc.assert(
      fc.property(anyTrim, fc.integer({ min: 90, max: 300 }), (trim, widthMm) => {
        const read = readDesign({ ...withBody(bagOf('fold-over-strip'), { widthMm }), trims: [trim] });
        if (!read.ok) throw new Error(read.faults[0]?.sentence);
        const result = planBag(read.design);
        if (!result.ok) return;
        const across = result.plan.marks.filter(({ of }) => of.group === 'trims').map(({ acrossMm }) => acrossMm);
        const mirrored = across.map((mm) => -mm).reverse();
        // Along an edge one stitch can be left over at one end.
        const isEdge = 'edge' in (trim as object);
        across.forEach((mm, index) =>
          expect(Math.abs(mm - (mirrored[index] as number))).toBeLessThanOrEqual(isEdge ? 5 + 1e-6 : 1e-6),
        );
      }),
      { numRuns: 80 },
    );
  });

  it('takes the yarn that its turns and stitches add up to', () => {
    // A tassel of 20 wraps over 50 mm: forty lengths down and up, and two ties of 250 mm.
    const tassel = planOf(trimmed({ ...USUAL_TRIMS.tassel, wraps: 20, lengthMm: 50, count: 3 }));
    expect(figure(tassel, 'trim.yarn')).toBeCloseTo((3 * (40 * 50 + 500)) / 1000, 9);
    // A flower stitch by stitch: a ring of five and its slip stitch, six petals of four chains, each with a slip stitch; stitches of 5 mm.
    const stitches = 5 + 1 + Array.from({ length: 6 }, () => 4 + 1).reduce((sum, one) => sum + one, 0);
    const flower = planOf(trimmed({ ...USUAL_TRIMS.flower, petals: 6, petalChains: 4 }));
    expect(figure(flower, 'trim.yarn')).toBeCloseTo((stitches * 5 * 3 + 500) / 1000, 9);
    // A fringe of two strands, 40 mm long, knots of 20 mm: as many as it has places.
    const fringe = planOf(trimmed({ ...USUAL_TRIMS.fringe, strands: 2, lengthMm: 40, every: 3 }));
    expect(figure(fringe, 'trim.yarn')).toBeCloseTo((figure(fringe, 'trim.count') * 2 * 100) / 1000, 9);
  });

  it('is bought with the rest: the yarn to have grows by what it weighs', () => {
    const bare = { ...fullDesign(), trims: [] };
    const [before, after] = [planOf(bare), planOf(trimmed({ ...USUAL_TRIMS.tassel, count: 2 }, bare))];
    const grows = (after.yarn.figures?.mass.value ?? NaN) - (before.yarn.figures?.mass.value ?? NaN);
    const held = before.yarn.held?.value ?? NaN;
    expect(grows).toBeCloseTo((figure(after, 'trim.yarn') / held) * 1.1, 9);
  });

  it('that lies on a closure says so, and moved it does not any more', () => {
    const closed = { ...bagOf('fold-over-strip'), closures: [usualSnap()] };
    const [mate] = planOf(closed).marks.filter(({ mark }) => mark === 'snap.mate');
    const codes = (design: Design) => planOf(design).problems.map(({ code }) => String(code));
    const design = trimmed({ ...USUAL_TRIMS.patch, fromEdgeMm: mate?.stationMm ?? 0 }, closed);
    const problem = planOf(design).problems.find(({ code }) => String(code) === 'lie-on-each-other');
    expect(problem?.repairs).toHaveLength(1);
    const read = applyEdits(design, problem?.repairs[0]?.edits ?? []);
    expect(read.ok && codes(read.design)).not.toContain('lie-on-each-other');
    expect(codes(closed)).not.toContain('lie-on-each-other');
  });

  it.each([
    [
      'trim-without-flap',
      trimmed(
        { ...USUAL_TRIMS.bow, on: 'flap' },
        { ...bagOf('gusset'), flap: { kind: 'none', dropMm: 60, widthMm: null, hemMm: null } },
      ),
    ],
    ['trim-too-many', trimmed({ ...USUAL_TRIMS.pompon, diameterMm: 60, count: 9 })],
    ['trim-off-face', trimmed({ ...USUAL_TRIMS.tassel, lengthMm: 90, fromEdgeMm: 120 })],
  ])('says %s', (code, design) => {
    expect(planOf(design).problems.map((one) => String(one.code))).toContain(code);
  });
});
