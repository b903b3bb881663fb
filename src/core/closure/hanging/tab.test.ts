import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyEdits, type Closure, type Design } from '@/core/design';
import { figureId } from '@/core/figures';
import { withHelpfulRepairs } from '@/core/helpfulRepairs';
import type { Plan } from '@/core/plan';
import { sectionPointAt } from '@/core/section';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { replayComplaints } from '@/core/testing/replayPattern';
import { problemSentence, writePattern } from '@/core/wording';
import { CLOSURES, type TabStage } from '..';

const NO_FLAP = { kind: 'none', dropMm: 60, widthMm: null, hemMm: null } as const;
const bag = (change: object = {}, flapped = true): Design => {
  const bare = withBody(bagOf('fold-over-strip'), { widthMm: 170, heightMm: 180 });
  const made: Design = { ...bare, flap: flapped ? { ...NO_FLAP, kind: 'straight', dropMm: 80 } : NO_FLAP };
  return { ...made, closures: [{ ...CLOSURES.tab.usual(made), ...change } as Closure] };
};
const stageOf = (plan: Plan): TabStage => {
  const [stage] = plan.closures;
  if (stage?.choice.kind !== 'tab') throw new Error('no tab');
  return stage as TabStage;
};
const value = (plan: Plan, name: string): number => plan.figures[figureId(name)]?.value ?? NaN;
const codes = (plan: Plan) => plan.problems.map(({ code }) => String(code));

describe('a tab', () => {
  it('is long enough to be tucked through its slot, from where the folded flap’s edge lies, empty and full', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 22 }), fc.integer({ min: 2, max: 50 }), (thicknessMm, belowMm) => {
        const made = bag({ belowMm });
        const plan = planOf({ ...made, contents: { ...made.contents, thicknessMm } });
        const { rowMm, sectionMm } = plan.pouch;
        const tail = plan.flap.bridgeRows + plan.flap.flapRows;
        const longMm = value(plan, 'tab.rows') * rowMm;
        for (const state of ['empty', 'loaded'] as const) {
          // Where the flap's edge comes to lie, and the slot's middle, measured along the front by the folded section.
          const edge = sectionPointAt(
            plan.section[state],
            sectionMm.front + sectionMm.base + sectionMm.back + tail * rowMm,
          ).point;
          const slot = sectionPointAt(plan.section[state], value(plan, 'tab.down')).point;
          // Down from the edge; where the edge lies lower than the slot, that is said instead.
          if (edge.y < slot.y) expect(codes(plan)).toContain('under-the-edge');
          else expect(longMm).toBeGreaterThanOrEqual(edge.y - slot.y + 20);
        }
      }),
      { numRuns: 30 },
    );
  });

  it('on an open bag goes over the mouth, and over what stands in it', () => {
    const plan = planOf(bag({ belowMm: 40 }, false));
    expect(plan.closures[0]?.closes).toBe('mouth');
    // From the back's edge across to the front's, both at the section's mouth, and on down the front.
    const { sectionMm } = plan.pouch;
    const [front, back] = [0, sectionMm.front + sectionMm.base + sectionMm.back].map(
      (mm) => sectionPointAt(plan.section.loaded, mm).point,
    );
    if (!front || !back) throw new Error('no mouth');
    const downMm = value(plan, 'tab.down');
    expect(value(plan, 'tab.reach.loaded')).toBeGreaterThanOrEqual(downMm + Math.abs(back.x - front.x) - 1e-6);
    // To the middle of the row that it is fastened on, not to where that was wished.
    const { bridgeLoaded, bridgeEmpty } = plan.flap.figures;
    expect(value(plan, 'tab.reach.loaded')).toBeCloseTo(bridgeLoaded.value + downMm, 9);
    expect(value(plan, 'tab.reach.empty')).toBeCloseTo(bridgeEmpty.value + downMm, 9);
  });

  it('has a slot as wide as itself and its thickness, and no wider than a stitch more', () => {
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 90 }), (widthMm) => {
        const plan = planOf(bag({ widthMm }));
        const { stitchMm, layers } = plan.pouch;
        const tabMm = value(plan, 'tab.stitches') * stitchMm;
        const slotMm = value(plan, 'tab.opening') * stitchMm;
        expect(Math.abs(tabMm - widthMm)).toBeLessThanOrEqual(stitchMm);
        expect(slotMm).toBeGreaterThanOrEqual(tabMm + 2 * layers.fabricMm - stitchMm / 4 - 1e-9);
        expect(slotMm).toBeLessThan(tabMm + 2 * layers.fabricMm + stitchMm);
      }),
      { numRuns: 40 },
    );
  });

  it('leaves its slot in the front’s row, said there, and the piece is worked as without it', () => {
    const design = bag({ layout: 'pair', inMm: 40, widthMm: 20 });
    const plan = planOf(design);
    const { spots } = stageOf(plan);
    const panel = writePattern(design, plan).sections.find(({ id }) => id === 'panel');
    const index = panel?.lines.findIndex((line) => line.includes('the slots')) ?? -1;
    const found = /In row (\d+): the slots, after (\d+) and (\d+) stitches chain (\d+) over as many/.exec(
      panel?.lines[index] ?? '',
    );
    expect(found?.slice(1, 2).map(Number)).toEqual([spots[0]?.row]);
    const [, , first, last, hole] = (found ?? []).map(Number);
    const of = spots[0]?.ofStitches ?? 0;
    // As many stitches before the first as after the last, but for one where the hole lies half a stitch off.
    expect(Math.abs((first as number) - (of - (last as number) - (hole as number)))).toBeLessThanOrEqual(1);
    expect(replayComplaints(design, plan)).toEqual([]);
  });

  it.each([
    ['tab-off-front', { belowMm: 150 }, true],
    ['tab-narrow', { fastens: 'button', widthMm: 16, diameterMm: 30 }, true],
    ['tab-wide', { layout: 'even', count: 7, widthMm: 60 }, true],
    ['tab-drifts', { fastens: 'button', widthMm: 60 }, false],
  ] as const)('%s is told in a plain sentence, and what is offered ends it', (code, change, isFlat) => {
    const made = bag(change);
    const design = isFlat ? made : { ...made, contents: { ...made.contents, thicknessMm: 24 } };
    const problem = planOf(design).problems.find((one) => String(one.code) === code);
    if (!problem) throw new Error(`not told: ${codes(planOf(design)).join()}`);
    for (const unit of ['cm', 'in'] as const) expect(problemSentence(problem, unit)).toMatch(/^[A-Z].*\.$/);
    const [helpful] = withHelpfulRepairs(design, [problem]);
    expect(helpful?.repairs.length).toBeGreaterThan(0);
    for (const { edits } of helpful?.repairs ?? []) {
      const read = applyEdits(design, edits);
      if (!read.ok) throw new Error(read.faults[0]?.sentence);
      expect(codes(planOf(read.design))).not.toContain(code);
    }
  });

  it('is left out where no straight edge of rows is, and that is said', () => {
    const made = bag();
    const plan = planOf({ ...made, flap: { ...NO_FLAP, kind: 'scalloped', dropMm: 80, scallops: 5, depthMm: 20 } });
    expect(plan.closures).toEqual([]);
    expect(codes(plan)).toContain('tab-no-edge');
  });

  it('takes yarn for all of its stitches', () => {
    const [one, three] = [bag({ layout: 'centre' }), bag({ layout: 'even', count: 3 })].map((design) =>
      value(planOf(design), 'tab.fabric'),
    );
    const plan = planOf(bag({ layout: 'centre' }));
    const { stitchMm, rowMm } = plan.pouch;
    expect(one).toBeCloseTo(value(plan, 'tab.stitches') * stitchMm * value(plan, 'tab.rows') * rowMm, 6);
    expect(three).toBeCloseTo(3 * (one as number), 6);
  });
});
