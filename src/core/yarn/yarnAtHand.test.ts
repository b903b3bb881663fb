import { describe, expect, it } from 'vitest';
import { applyEdits, usualStrap, type Design } from '@/core/design';
import { withHelpfulRepairs } from '@/core/helpfulRepairs';
import { fullDesign, planOf } from '@/core/testing/designs';

const strapped = (change: Partial<Design> = {}): Design => ({
  ...fullDesign(),
  straps: [{ ...usualStrap(), wornLengthMm: 1200, widthMm: 30 }],
  ...change,
});
const having = (grams: number, design = strapped()): Design => ({ ...design, yarnAtHandG: [grams] });
const problemOf = (design: Design) => planOf(design).problems.find(({ place }) => place === 'stores');

/** Of the usual bag: all that it takes without a reserve, and what of that its strap does, by its own area. */
function needs() {
  const { yarn, straps } = planOf(strapped());
  if (!yarn.figures) throw new Error('not weighed');
  const { fabric, sewing, massPerArea } = yarn.figures;
  const [strap] = straps;
  const strapG = ((strap?.worked[0]?.fabric.value ?? 0) * massPerArea.value) / 1e6;
  return { usedG: fabric.value + sewing.value, strapG };
}

describe('yarn at hand', () => {
  it('is said nothing of where it lasts with its reserve, and little where it lasts without', () => {
    const { usedG } = needs();
    expect(problemOf(strapped())).toBeUndefined();
    expect(problemOf(having(usedG * 1.11))).toBeUndefined();
    expect(problemOf(having(usedG * 1.05))?.code).toBe('yarn-within-doubt');
  });

  it('that ends in the strap says how much of it is lacking, and a strap as long as it reaches lasts', () => {
    const { usedG, strapG } = needs();
    const design = having(usedG - strapG / 3);
    const problem = problemOf(design);
    expect(problem?.code).toBe('strap-longer-than-yarn');
    if (!problem) throw new Error('nothing said');
    const [helpful] = withHelpfulRepairs(design, [problem]);
    const read = applyEdits(design, helpful?.repairs[0]?.edits ?? []);
    if (!read.ok) throw new Error('refused');
    expect(read.design.straps[0]?.wornLengthMm).toBeLessThan(1200 * 0.7);
    expect(['yarn-within-doubt', undefined]).toContain(problemOf(read.design)?.code);
  });

  it('that ends before the strap is begun says that the bag does not come out of it', () => {
    const { usedG, strapG } = needs();
    expect(problemOf(having(usedG - strapG - 1))?.code).toBe('yarn-runs-out');
    expect(problemOf(having(10, { ...strapped(), straps: [] }))?.code).toBe('yarn-runs-out');
  });

  it('leaves as many balls to be bought as bring it to what is to be had', () => {
    const { yarn } = planOf(having(60));
    const [lot] = yarn.lots;
    if (!lot?.lacking) throw new Error('nothing said');
    const most = lot.mass.value + (lot.mass.plusMinus ?? 0);
    expect(60 + lot.lacking.value * lot.ballMassG).toBeGreaterThanOrEqual(most);
    expect(60 + (lot.lacking.value - 1) * lot.ballMassG).toBeLessThan(most);
    expect(planOf(having(50_000)).yarn.lots[0]?.lacking?.value).toBe(0);
  });
});
