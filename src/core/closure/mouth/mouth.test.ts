import { describe, expect, it } from 'vitest';
import { usualEdging, usualSnap, type Closure, type Design } from '@/core/design';
import { figureId } from '@/core/figures';
import { joinLengthMm, joinedCount } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { stepTexts } from '@/core/wording';
import { CLOSURES } from '..';

const NO_FLAP = { kind: 'none', dropMm: 60, widthMm: null, hemMm: null } as const;
const open = (
  kind: Closure['kind'],
  change: object = {},
  body: 'fold-over-strip' | 'around-chain' = 'fold-over-strip',
): Design => {
  const bag: Design = { ...withBody(bagOf(body), { widthMm: 200, heightMm: 160 }), flap: NO_FLAP };
  return { ...bag, closures: [{ ...CLOSURES[kind].usual(bag), ...change } as Closure] };
};
const value = (plan: Plan, name: string): number => plan.figures[figureId(name)]?.value ?? NaN;
const stepOf = (design: Design, id: string) =>
  stepTexts(design, planOf(design)).find((one) => String(one.id) === id)?.what ?? '';

describe('a frame', () => {
  it('has its arms sewn in where the side seams stay open: so much fewer rows, and so much less to sew', () => {
    for (const armMm of [20, 45, 70]) {
      const [bare, framed] = [{ ...open('frame'), closures: [] }, open('frame', { armMm })].map((design) =>
        planOf(design),
      );
      if (!bare || !framed) throw new Error('no plan');
      const rows = Math.round(armMm / framed.pouch.rowMm);
      const sides = (plan: Plan) => plan.joins.find(({ id }) => id === 'sides');
      const [whole, left] = [sides(bare), sides(framed)];
      if (!whole || !left) throw new Error('no side seams');
      expect(joinedCount(left, 'first')).toBe(joinedCount(whole, 'first') - rows);
      expect(joinLengthMm(left)).toBeCloseTo(joinLengthMm(whole) - rows * framed.pouch.rowMm, 6);
      expect(value(framed, 'seam.rows')).toBe(value(bare, 'seam.rows') - rows);
      expect(value(framed, 'frame.open')).toBe(rows);
      expect(framed.whole.seams.value).toBeCloseTo(bare.whole.seams.value - 2 * rows * framed.pouch.rowMm, 6);
      // The words go as far.
      const base = framed.pouch.frontRows;
      expect(stepOf(open('frame', { armMm }), 'seam-sides')).toContain(`row ${rows + 1} with row ${2 * base - rows}`);
    }
  });

  it('under a flap leaves the seams as they are, and on rounds says what to do instead', () => {
    const flapped: Design = { ...open('frame'), flap: { ...NO_FLAP, kind: 'straight' } };
    expect(value(planOf(flapped), 'seam.rows')).toBe(value(planOf({ ...flapped, closures: [] }), 'seam.rows'));
    const codes = planOf(open('frame', {}, 'around-chain')).problems.map(({ code }) => String(code));
    expect(codes).toContain('frame-without-seams');
  });
});

describe('a casing', () => {
  it('is as wide as half round the cord and room beside it, and as long as the row less its gaps', () => {
    for (const cords of [1, 2])
      for (const cordMm of [3, 6, 10]) {
        const plan = planOf(open('drawstring', { through: 'casing', cords, cordMm }));
        const { stitchMm } = plan.pouch;
        const wideMm = value(plan, 'cord.casing') * stitchMm;
        expect(wideMm).toBeGreaterThanOrEqual((Math.PI / 2) * cordMm + 6 - 1e-9);
        expect(wideMm).toBeLessThan(Math.max(3 * stitchMm, (Math.PI / 2) * cordMm + 6 + stitchMm) + 1e-9);
        expect(value(plan, 'cord.casingLength')).toBeCloseTo(value(plan, 'cord.round') - cords * (2 * cordMm + 4), 6);
        expect(value(plan, 'cord.casingFabric')).toBeCloseTo(wideMm * value(plan, 'cord.casingLength'), 6);
      }
  });

  it('is sewn on before the cord is drawn in, inside, along the row', () => {
    const design = open('drawstring', { through: 'casing', belowRows: 4 });
    const order = planOf(design).steps.map(({ id }) => String(id));
    expect(order.indexOf('work-casing')).toBeLessThan(order.indexOf('sew-casing'));
    expect(order.indexOf('sew-casing')).toBeLessThan(order.indexOf('thread-cord'));
    expect(stepOf(design, 'sew-casing')).toContain('Along row 4');
    const inside = planOf(design).marks.filter(({ mark }) => mark === 'cord.casing');
    expect(inside.map(({ face }) => face)).toEqual(['inner', 'inner']);
  });

  it('lets cords of any thickness through, where stitches would not', () => {
    const codes = (through: string) =>
      planOf(open('drawstring', { through, cordMm: 9 })).problems.map(({ code }) => String(code));
    expect(codes('stitches')).toContain('cord-too-thick');
    expect(codes('casing')).not.toContain('cord-too-thick');
  });

  it('ends in tassels whose yarn is summed wrap by wrap', () => {
    const plan = planOf(open('drawstring', { ends: 'tassels', cords: 2 }));
    // Four ends: sixteen wraps of twice 45 mm each, and 250 mm to bind it.
    expect(value(plan, 'cord.tassels')).toBeCloseTo((4 * (16 * 2 * 45 + 250)) / 1000, 9);
  });
});

describe('a buttonhole in the edging', () => {
  const edged = (rounds: number, change: object = {}): Design => {
    const bag: Design = {
      ...withBody(bagOf('fold-over-strip'), { widthMm: 170, heightMm: 150 }),
      flap: { ...NO_FLAP, kind: 'straight', dropMm: 80 },
    };
    return {
      ...bag,
      edgings: rounds > 0 ? [{ ...usualEdging('single', 'flap'), rounds }] : [],
      closures: [{ ...CLOSURES.buttonhole.usual(bag), madeIn: 'edging', ...change } as Closure],
    };
  };

  it('lies in the middle one of its rounds, beyond the last row, and its button where that lands', () => {
    for (const rounds of [2, 3, 4, 5]) {
      const design = edged(rounds);
      const plan = planOf(design);
      const half = plan.marks.find(({ mark, presence }) => mark === 'button.half' && presence === 'set');
      const tail = (plan.flap.bridgeRows + plan.flap.flapRows) * plan.pouch.rowMm;
      const { flapMm } = plan.pouch.borders;
      const round = Math.ceil(rounds / 2);
      const beyondMm = ((round - 0.5) / rounds) * flapMm;
      const { sectionMm } = plan.pouch;
      expect(half?.stationMm).toBeCloseTo(sectionMm.front + sectionMm.base + sectionMm.back + tail + beyondMm, 6);
      expect(value(plan, 'button.halfInset')).toBeCloseTo(flapMm - beyondMm, 6);
      expect(value(plan, 'button.halfRow')).toBe(round);
      // A snap that is set as far in from the edge, to the nearest row, meets the front as near.
      const snap = planOf({ ...design, closures: [{ ...usualSnap(), insetMm: Math.max(3, flapMm - beyondMm) }] });
      expect(Math.abs(value(plan, 'button.meets.loaded') - value(snap, 'snap.meets.loaded'))).toBeLessThanOrEqual(
        plan.pouch.rowMm + flapMm,
      );
      expect(stepOf(design, 'set-button-flap')).toContain(`round ${round} of the edging`);
    }
  });

  it('is left while the edging is worked: after the flap, before the edging is done', () => {
    const order = planOf(edged(3)).steps.map(({ id }) => String(id));
    expect(order.indexOf('set-button-flap')).toBeGreaterThan(order.indexOf('work-flap'));
    expect(order.indexOf('set-button-flap')).toBeLessThan(order.indexOf('work-edging'));
  });

  it('where there is none, or one round only, is planned in a row, and that is said', () => {
    for (const rounds of [0, 1]) {
      const plan = planOf(edged(rounds));
      expect(plan.problems.map(({ code }) => String(code))).toContain('button-no-edging');
      expect(plan.marks.find(({ mark }) => mark === 'button.half')?.count).not.toBeNull();
    }
  });
});
