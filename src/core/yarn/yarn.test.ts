import { describe, expect, it } from 'vitest';
import { type Design } from '@/core/design';
import { designAt, planOf, triedStrap } from '@/core/testing/designs';
import { withCode } from '@/core/problems';

const base = (): Design => {
  const design = designAt(5, 5, 2);
  const yarn = { ...design.swatch.yarn, ballMassG: 50, ballLengthM: 100 };
  return { ...design, swatch: { ...design.swatch, yarn, weighed: { massG: 10, widthMm: 100, heightMm: 100 } } };
};

describe('yarn', () => {
  it('comes out on a worked example', () => {
    const plan = planOf(base());
    const { figures } = plan.yarn;
    const areaMm2 = plan.pouch.stitchCount * 5 * plan.flap.totalRows * 5;
    // 10 g over 100 × 100 mm.
    expect(figures?.fabric.value).toBeCloseTo(areaMm2 / 1000, 9);
    // Two whipped seams at 3.9 times their length and six tails of 150 mm (common practice), at half a gram a metre.
    const sewnM = (3.9 * 2 * (plan.pouch.figures.seamLength?.value ?? NaN) + 6 * 150) / 1000;
    expect(figures?.sewing.value).toBeCloseTo(sewnM / 2, 9);
    expect(figures?.mass.value).toBeCloseTo(1.1 * (areaMm2 / 1000 + sewnM / 2), 9);
    expect(figures?.length.value).toBeCloseTo((figures?.mass.value ?? NaN) * 2, 9);
  });

  it('buys enough balls for the mass and its doubt', () => {
    const figures = planOf(base()).yarn.figures;
    const most = (figures?.mass.value ?? NaN) + (figures?.mass.plusMinus ?? NaN);
    expect((figures?.balls.value ?? 0) * 50).toBeGreaterThanOrEqual(most);
    expect(((figures?.balls.value ?? 0) - 1) * 50).toBeLessThan(most);
  });

  it('counts the strap', () => {
    const without = planOf(base()).yarn.figures?.mass.value ?? NaN;
    const strapped = planOf({ ...base(), straps: [triedStrap()] }).yarn.figures?.mass.value ?? NaN;
    expect(strapped).toBeGreaterThan(without);
  });

  it('is surer from a heavier swatch', () => {
    const doubt = (times: number) => {
      const design = base();
      const weighed = { massG: 10 * times, widthMm: 100 * times, heightMm: 100 };
      return planOf({ ...design, swatch: { ...design.swatch, weighed } }).yarn.figures?.massPerArea.plusMinus ?? NaN;
    };
    expect(doubt(3)).toBeLessThan(doubt(1));
  });

  it('says nothing rather than something made up when the swatch was not weighed', () => {
    const design = base();
    const plan = planOf({ ...design, swatch: { ...design.swatch, weighed: null } });
    expect(plan.yarn.figures).toBeNull();
    expect(plan.problems.map(({ code }) => code)).toContain('swatch-not-weighed');
  });

  it('asks for the outline of a swatch that was weighed without it, and says what it is at least', () => {
    const design = base();
    const weighed = { massG: 10, widthMm: null, heightMm: 100 };
    const plan = planOf({ ...design, swatch: { ...design.swatch, weighed } });
    const problem = plan.problems.find(withCode('mass-without-area'));
    expect(problem?.path).toEqual(['swatch', 'weighed', 'widthMm']);
    expect(problem?.values.leastWidthMm).toBe(
      Math.max(...design.swatch.stitchReadings.map(({ lengthMm }) => lengthMm)),
    );
    expect(plan.yarn.figures).toBeNull();
  });

  it('shares out what is needed among yarns held together: by what a metre of each weighs, the first sews as well', () => {
    const design = base();
    // The first is 50 g over 100 m; a thread of 25 g over 200 m held double weighs half as much a metre.
    const thread = { name: 'Thread', strands: 2, ballMassG: 25, ballLengthM: 200 };
    const { figures, lots } = planOf({ ...design, swatch: { ...design.swatch, heldWith: [thread] } }).yarn;
    expect(lots.map(({ name }) => name)).toEqual([design.swatch.yarn.name, 'Thread']);
    const [first, second] = lots.map(({ mass }) => mass.value) as [number, number];
    expect(first + second).toBeCloseTo(figures?.mass.value ?? NaN, 9);
    expect(second).toBeCloseTo(((figures?.fabric.value ?? NaN) / 3) * 1.1, 9);
    // Twice as many metres of the thread as are worked, for it is held double; the first has its sewing on top.
    const sewnM = ((figures?.sewing.value ?? NaN) * 1.1) / 0.5;
    expect(lots[1]?.length.value).toBeCloseTo(2 * ((lots[0]?.length.value ?? NaN) - sewnM), 6);
  });
});
