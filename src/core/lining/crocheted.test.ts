import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { applyEdits, usualCrochetedLining, usualDropIn, type CrochetedLining, type Design } from '@/core/design';
import { figureId } from '@/core/figures';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { patternAsText, stepTexts, writePattern } from '@/core/wording';
import { perHole, type CrochetedStage } from '.';

const lined = (bag: Design, change: Partial<CrochetedLining> = {}): Design => ({
  ...bag,
  lining: { ...usualCrochetedLining(), ...change },
});
const stageOf = (bag: Design): CrochetedStage => {
  const { lining } = planOf(bag);
  if (!lining || !('own' in lining)) throw new Error('no crocheted lining');
  return lining;
};

describe.each(BODY_KINDS)('%s', (kind) => {
  it('is a bag for itself, no larger than the inside of the other, and as near to it as its stitches allow', () => {
    const bag = lined(bagOf(kind));
    const plan = planOf(bag);
    const { own, inside } = stageOf(bag);
    const { pouch } = planOf(own);
    const { stitchMm, rowMm } = pouch;
    expect(pouch.kind).toBe(kind);
    // One stitch of thirty in 10 cm is 3.33 mm, one row of thirty-three 3.03 mm.
    expect(stitchMm).toBeCloseTo(100 / 30, 6);
    expect(rowMm).toBeCloseTo(100 / 33, 6);
    expect(Math.abs(pouch.figures.width.value - inside.width.value)).toBeLessThan(4 * stitchMm);
    expect(Math.abs(pouch.figures.height.value - inside.height.value)).toBeLessThan(4 * rowMm);
    expect(inside.width.value).toBeLessThan(plan.fit.figures.insideWidth.value + 2);
  });

  it('has its own rows in the pattern, in single crochet, and none of the bag’s yarn', () => {
    const bag = lined(bagOf(kind));
    const plan = planOf(bag);
    const pattern = writePattern(bag, plan);
    const section = pattern.sections.find(({ heading }) => heading === 'Lining');
    const { own, counts } = stageOf(bag);
    const [first] = planOf(own).pieces;
    expect(section?.lines.length).toBeGreaterThan(2);
    expect(section?.lines.join(' ')).toMatch(/sc/);
    expect(first).toBeDefined();
    expect(counts.fabric.value).toBeCloseTo(planOf(own).whole.area.value, 6);
    const mass = (of: Design) => planOf(of).yarn.figures?.mass.value;
    // A lining of cloth, as thick: what folds over it is as long.
    expect(mass(bag)).toBe(mass({ ...bag, lining: { ...usualDropIn(bag), thicknessMm: 1 } }));
  });

  it('meets the bag’s edge from anchor to anchor, none of either left over', () => {
    for (const counted of [null, 83, 210]) {
      const bag = lined(bagOf(kind), { counted });
      const { join, own } = stageOf(bag);
      if (!join) {
        expect(kind).toBe('round-purse');
        continue;
      }
      expect(join.of).toBe('stitch');
      for (const span of join.spans) {
        const each = perHole(span);
        expect(each.reduce((sum, one) => sum + one, 0)).toBe(span.bag);
        expect(each).toHaveLength(span.lining);
      }
      const sum = join.spans.reduce((all, { lining }) => all + lining, 0);
      expect(join.figures.lining.value).toBe(sum);
      if (counted !== null) expect(sum).toBe(counted);
      else expect(join.spans[0]?.lining).toBe(planOf(own).pouch.topStitches);
    }
  });

  it('goes in last, after its pieces are joined, in words that can be asked', () => {
    const bag = lined(bagOf(kind));
    const plan = planOf(bag);
    const names = plan.steps.map(({ id, of }) => of?.name ?? String(id));
    expect(names.indexOf('work-lining')).toBeLessThan(names.indexOf('put-lining-in'));
    const text = stepTexts(bag, plan).map(({ title, what }) => `${title}. ${what}`);
    expect(text.some((line) => line.startsWith('Work the lining. '))).toBe(true);
    expect(patternAsText(writePattern(bag, plan))).toContain('Thin yarn for the lining');
    for (const name of ['lining.ownStitches', 'lining.ownRows', 'lining.ownFabric'])
      expect(plan.figures[figureId(name)]?.reason.rule).not.toBe('');
  });
});

it('counts in the folds like any lining: twice as thick, so much less room', () => {
  const depth = (thicknessMm: number) =>
    planOf(lined(bagOf('gusset'), { thicknessMm })).fit.figures.insideDepth?.value ?? NaN;
  expect(depth(1) - depth(2)).toBeCloseTo(2, 9);
});

it('one that can’t be worked so small is left out, with a way to go on', () => {
  const bag = lined(bagOf('gusset'), { easeMm: 30, belowMm: 80, stitchesIn100Mm: 4, rowsIn100Mm: 4 });
  const flap = { ...bag.flap, dropMm: 30 };
  const small: Design = { ...bag, flap, body: { ...bag.body, widthMm: 60, heightMm: 60 } };
  const plan = planOf(small);
  const problem = plan.problems.find(({ code }) => code === 'lining-crochet-unplanned');
  expect(plan.lining).toBe(null);
  const read = applyEdits(small, problem?.repairs[0]?.edits ?? []);
  expect(read.ok && planOf(read.design).problems.map(({ code }) => code)).not.toContain('lining-crochet-unplanned');
  expect(read.ok).toBe(true);
});
