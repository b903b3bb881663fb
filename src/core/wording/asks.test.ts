import { describe, expect, test } from 'vitest';
import { planBag } from '@/core/plan';
import { designAt, fullDesign, planOf } from '@/core/testing/designs';
import { figuresNamed, sectionFigures, stepFigures } from './asks';
import { writePattern } from './patternText';
import { formatQuantity } from './quantity';
import { stepTexts } from './stepText';

const design = fullDesign();
const plan = planOf(design);

describe('numbers in running text', () => {
  test.each(stepTexts(design, plan).map((step) => [step.id, step.what] as const))(
    'a length in the step “%s” is one of the figures that it can be asked for',
    (id, what) => {
      const asked = stepFigures(plan, id).map(({ value, unit }) => formatQuantity(value, unit, 'cm'));
      const lengths = what.match(/[\d.]+ (?:cm|mm)/g) ?? [];
      expect(lengths.filter((length) => !asked.includes(length))).toEqual([]);
      if (lengths.length > 0) expect(asked.length).toBeGreaterThan(0);
    },
  );

  // A distance of a caution says where it is from itself.
  test('every part of a pattern that quotes a length can be asked', () => {
    for (const { id, lines } of writePattern(design, plan).sections)
      if (lines.some((line) => /\d (cm|mm)\b/.test(line)) && !['conventions', 'notes', 'cautions'].includes(id))
        expect(sectionFigures(plan, id).length, id).toBeGreaterThan(0);
  });

  test('a figure is offered once', () => {
    const order = sectionFigures(plan, 'order').map(({ id }) => id);
    expect(new Set(order).size).toBe(order.length);
  });

  test('every problem that names figures names ones that the plan has', () => {
    const troubled = [
      designAt(5, 5, 2, (d) => ({ ...d, flap: { ...d.flap, dropMm: 12 } })),
      designAt(5, 5, 2, (d) => ({ ...d, contents: { ...d.contents, thicknessMm: 40 } })),
      designAt(5, 5, 2, (d) => ({
        ...d,
        body: { ...d.body, chosenRows: { ...d.body.chosenRows, front: 20, back: 25 } },
      })),
    ];
    const problems = [design, ...troubled].flatMap((one) => {
      const result = planBag(one);
      return result.ok ? result.plan.problems.map((problem) => ({ problem, plan: result.plan })) : [];
    });
    const asking = problems.filter(({ problem }) => problem.asks !== undefined);
    expect(asking.length).toBeGreaterThan(0);
    for (const { problem, plan: its } of asking)
      expect(figuresNamed(its, problem.asks ?? []).length, problem.code).toBe(problem.asks?.length);
  });
});
