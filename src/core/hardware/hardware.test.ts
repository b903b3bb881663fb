import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import {
  USUAL_HARDWARE,
  applyEdits,
  readDesign,
  usualLining,
  type BodyKind,
  type Design,
  type HardwareKind,
} from '@/core/design';
import { figureId } from '@/core/figures';
import { BEHIND_MM } from '@/core/fittings';
import { withHelpfulRepairs } from '@/core/helpfulRepairs';
import { isInRounds } from '@/core/pieces';
import { planBag, type Plan } from '@/core/plan';
import { anyHardware } from '@/core/testing/anyHardware';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { replayComplaints } from '@/core/testing/replayPattern';
import { PRINTED_MM, TOLD_LENGTH, toldMm } from '@/core/testing/toldLengths';
import { problemSentence, stepTexts, writePattern } from '@/core/wording';

const KINDS = Object.keys(USUAL_HARDWARE) as HardwareKind[];
const bag = (kind: HardwareKind, change: object = {}): Design => {
  const bare = withBody(bagOf('fold-over-strip'), { widthMm: 190, heightMm: 170 });
  return { ...bare, hardware: [{ ...USUAL_HARDWARE[kind], ...change }] as Design['hardware'] };
};
const stagesOf = (plan: Plan) => plan.fittings.filter(({ at }) => at.group === 'hardware');
const value = (plan: Plan, name: string): number => plan.figures[figureId(name)]?.value ?? NaN;
const codes = (plan: Plan) => plan.problems.map(({ code }) => String(code));

describe('every piece of hardware', () => {
  const all: [HardwareKind, BodyKind][] = KINDS.flatMap((kind) =>
    BODY_KINDS.map((body): [HardwareKind, BodyKind] => [kind, body]),
  );

  it.each(all)('%s on %s is planned, worded and put in order on every face; or it is said why not', (kind, body) => {
    for (const on of ['sides', 'front', 'back', 'flap'] as const)
      for (const lining of [null, usualLining()]) {
        const design: Design = {
          ...bagOf(body),
          lining,
          hardware: [{ ...USUAL_HARDWARE[kind], on }] as Design['hardware'],
        };
        const plan = planOf(design);
        const [stage] = stagesOf(plan);
        if (!stage) {
          expect(codes(plan)).toContain('hardware-no-place');
          continue;
        }
        const text = writePattern(design, plan)
          .sections.flatMap(({ lines }) => lines)
          .join('\n');
        expect(text).not.toMatch(/NaN|undefined|Infinity/);
        const order = plan.steps.map(({ id }) => id);
        for (const { id, needs, shutsOff } of plan.steps)
          for (const other of [...needs, ...shutsOff]) expect(order.indexOf(other)).toBeLessThan(order.indexOf(id));
        for (const { of, id } of plan.steps) {
          if (of?.at.group !== 'hardware') continue;
          const told = stepTexts(design, plan).find((one) => one.id === id);
          if (told?.notLater) expect(told.ways.length, told.title).toBeGreaterThan(0);
        }
      }
  });

  it('lies on its piece, mirrored by count, with count and distance of the same place', () => {
    fc.assert(
      fc.property(anyHardware, fc.constantFrom(...BODY_KINDS), (one, body) => {
        const read = readDesign({ ...bagOf(body), hardware: [one] });
        if (!read.ok) throw new Error(read.faults[0]?.sentence);
        const result = planBag(read.design);
        if (!result.ok) return;
        const { plan } = result;
        for (const { marks } of stagesOf(plan)) {
          expect(marks.reduce((sum, { acrossMm }) => sum + acrossMm, 0)).toBeCloseTo(0, 6);
          for (const { piece: on, count, acrossMm, alongMm } of marks) {
            const piece = plan.pieces.find(({ id }) => id === on);
            if (piece?.kind !== 'rows' || !count) throw new Error('on no rows');
            const row = piece.rows[count.row - 1];
            if (!row) throw new Error(`no row ${count.row}`);
            if (!isInRounds(piece)) expect(row.stitches).toBe(count.ofStitches);
            expect(alongMm).toBeCloseTo((count.row - 0.5) * piece.rowMm, 6);
            const offset = count.place.kind === 'on' ? count.place.stitch - 0.5 : count.place.after;
            expect(acrossMm).toBeCloseTo((offset - count.ofStitches / 2) * piece.stitchMm, 6);
          }
        }
      }),
      { numRuns: 120 },
    );
  });
});

describe('where hardware is set, recomputed from its words', () => {
  it('its row lies as far from the edge, and its place is as far in from both ends of the row', () => {
    let told = 0;
    fc.assert(
      fc.property(
        fc.constantFrom(...KINDS),
        fc.constantFrom('front', 'back', 'flap', 'sides' as const),
        fc.integer({ min: 8, max: 110 }),
        fc.integer({ min: 1, max: 3 }),
        fc.integer({ min: 130, max: 300 }),
        (kind, on, fromEdgeMm, count, widthMm) => {
          const design = withBody(bag(kind, { on, fromEdgeMm, count }), { widthMm });
          const plan = planOf(design);
          const text = stepTexts(design, plan).find(({ id }) => String(id) === `set-${kind}`)?.what ?? '';
          const [, row, edge, unit] =
            new RegExp(`row (\\d+), ${TOLD_LENGTH} from (?:the flap’s|the upper) edge`).exec(text) ?? [];
          if (row === undefined) throw new Error(text);
          const { pouch, flap } = plan;
          // Rows of a strip that begins at the front's edge: the front's from 1 on, the back's up to its upper end, the flap's to its own.
          const rows = pouch.frontRows + pouch.backRows;
          const away = {
            front: Number(row) - 0.5,
            sides: Number(row) - 0.5,
            back: rows - Number(row) + 0.5,
            flap: rows + flap.bridgeRows + flap.flapRows - Number(row) + 0.5,
          }[on];
          expect(Math.abs(away * pouch.rowMm - toldMm(edge, unit))).toBeLessThan(PRINTED_MM);
          if (on === 'sides') return;
          const places = [...text.matchAll(/(on|after) the (\d+)\w\w stitch/g)].map(
            ([, where, stitch]) => Number(stitch) - (where === 'on' ? 0.5 : 0),
          );
          const of = Number(/stitch of (\d+)/.exec(text)?.[1]);
          if (count === 2) expect(places).toHaveLength(1);
          else expect(places.reduce((sum, one) => sum + one, 0)).toBeCloseTo((count * of) / 2, 9);
          told += 1;
        },
      ),
      { numRuns: 60 },
    );
    expect(told).toBeGreaterThan(20);
  });
});

describe('what it is held by', () => {
  it('a ring in a tab: as wide as the ring inside, folded 25 mm on to the bag (common practice)', () => {
    const plan = planOf(bag('ring', { insideMm: 30 }));
    const { stitchMm, rowMm } = plan.pouch;
    expect(Math.abs(value(plan, 'ring.tabStitches') * stitchMm - 30)).toBeLessThanOrEqual(stitchMm / 2);
    const longMm = value(plan, 'ring.tabRows') * rowMm;
    expect(longMm).toBeGreaterThanOrEqual(50);
    expect(longMm).toBeLessThan(50 + rowMm);
    expect(value(plan, 'hardware.tabs')).toBeCloseTo(2 * value(plan, 'ring.tabStitches') * stitchMm * longMm, 6);
  });

  it('a ring in the seam goes in before that is sewn, one worked in before its row is; and a rivet before lining and seams', () => {
    const order = (design: Design) => planOf(design).steps.map(({ id }) => String(id));
    const seam = order(bag('ring', { held: 'seam' }));
    expect(seam.indexOf('set-ring')).toBeLessThan(seam.indexOf('seam-sides'));
    expect(seam.indexOf('set-ring')).toBeGreaterThan(seam.indexOf('block'));
    const worked = order(bag('ring', { held: 'worked-in', on: 'front' }));
    expect(worked.indexOf('set-ring')).toBeLessThan(worked.indexOf('check-pieces'));
    const rivet = order({ ...bag('rivet'), lining: usualLining() });
    expect(rivet.indexOf('set-rivet')).toBeLessThan(rivet.indexOf('sew-lining'));
    expect(rivet.indexOf('set-rivet')).toBeLessThan(rivet.indexOf('seam-sides'));
  });

  it('a ring worked in is said before its row, and the piece is worked as without it', () => {
    const design = bag('ring', { held: 'worked-in', on: 'front', count: 2 });
    const plan = planOf(design);
    const row = value(plan, 'ring.row');
    const panel = writePattern(design, plan).sections.find(({ id }) => id === 'panel');
    const index = panel?.lines.findIndex((line) => line.includes('the rings')) ?? -1;
    expect(panel?.lines[index]).toMatch(new RegExp(`In row ${row}:`));
    expect(panel?.lines[index + 1]).toMatch(new RegExp(`^Rows? ${row}\\b`));
    expect(replayComplaints(design, plan)).toEqual([]);
  });

  it('a ring wished in a seam of a bag in rounds is planned in a tab, and that is said', () => {
    const design: Design = { ...bagOf('around-chain'), hardware: [{ ...USUAL_HARDWARE.ring, held: 'seam' }] };
    const plan = planOf(design);
    expect(codes(plan)).toContain('hardware-no-seam');
    expect(plan.steps.map(({ id }) => String(id))).toContain('make-ring-tab');
  });
});

describe('a shank, a barrel, prongs', () => {
  it.each([
    ['rivet', 'shankMm', BEHIND_MM.shank],
    ['eyelet', 'barrelMm', BEHIND_MM.barrel],
  ] as const)('%s: short, right and long against the layers, and what is offered ends it', (kind, field, behind) => {
    const layersMm = planOf(bag(kind)).pouch.layers.fabricMm;
    const told = (mm: number) =>
      planOf(bag(kind, { [field]: mm })).problems.filter(({ code }) => String(code).startsWith('reaches'));
    expect(told(layersMm + behind.least + 0.1)).toEqual([]);
    for (const [mm, code] of [
      [Math.max(2, layersMm + behind.least - 0.4), 'reaches-short'],
      [layersMm + (behind.most ?? 0) + 0.4, 'reaches-far'],
    ] as const) {
      const [problem] = told(mm);
      expect(String(problem?.code)).toBe(code);
      if (!problem) continue;
      expect(problemSentence(problem, 'cm')).toMatch(/^Its .*\.$/);
      const design = bag(kind, { [field]: mm });
      const [helpful] = withHelpfulRepairs(design, [problem]);
      const read = applyEdits(design, helpful?.repairs[0]?.edits ?? []);
      expect(read.ok && codes(planOf(read.design)).filter((one) => one.startsWith('reaches'))).toEqual([]);
    }
  });

  it.each([
    ['hardware-crowded', 'eyelet', { count: 24, holeMm: 12 }],
    ['hardware-over-base', 'handle-plate', { fromEdgeMm: 160 }],
    ['hardware-no-seam', 'ring', { on: 'front', held: 'seam' }],
  ] as const)('%s is told, and what is offered ends it', (code, kind, change) => {
    const design = bag(kind, change);
    const problem = planOf(design).problems.find((one) => String(one.code) === code);
    if (!problem) throw new Error(`not told: ${codes(planOf(design)).join()}`);
    expect(problemSentence(problem, 'in')).not.toMatch(/\d (?:mm|cm)\b/);
    const [helpful] = withHelpfulRepairs(design, [problem]);
    expect(helpful?.repairs.length).toBeGreaterThan(0);
    for (const { edits } of helpful?.repairs ?? []) {
      const read = applyEdits(design, edits);
      if (!read.ok) throw new Error(read.faults[0]?.sentence);
      expect(codes(planOf(read.design))).not.toContain(code);
    }
  });
});
