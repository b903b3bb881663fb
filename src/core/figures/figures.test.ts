import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { planBag, type Plan } from '@/core/plan';
import { anyDesignOf } from '@/core/testing/anyDesign';
import { usualLining, usualSnap, type Design } from '@/core/design';
import { bagOf } from '@/core/testing/bodies';
import { triedStrap } from '@/core/testing/designs';
import { CHOSEN, GEOMETRY, input, inputFrom, makeFigure, offFigure, type Figure, type FigureId } from '.';

const width = makeFigure('w', 'Width', 214, 'mm', { rule: 'As wished.', inputs: [], source: CHOSEN }, 4);

describe('a figure', () => {
  it.each([NaN, Infinity, -Infinity])('is never %s', (value) => {
    const reason = { rule: '', inputs: [], source: GEOMETRY };
    expect(() => makeFigure('x', 'X', value, 'mm', reason)).toThrow(RangeError);
    expect(() => makeFigure('x', 'X', 1, 'mm', reason, value)).toThrow(RangeError);
  });

  it('goes into another with its value, its unit, its doubt and the thread back to it', () => {
    expect(inputFrom(width)).toEqual({ label: 'Width', value: 214, unit: 'mm', plusMinus: 4, from: 'w' });
    const exact = makeFigure('n', 'Stitches', 43, 'stitch', { rule: '', inputs: [], source: GEOMETRY });
    expect(inputFrom(exact)).not.toHaveProperty('plusMinus');
  });

  it('is off by what it is more than wished, as doubtful as it is itself', () => {
    const wanted = makeFigure('wanted', 'Width you want', 210, 'mm', { rule: '', inputs: [], source: CHOSEN });
    const off = offFigure('off', width, wanted);
    expect([off.value, off.plusMinus, off.unit]).toEqual([4, 4, 'mm']);
    expect(offFigure('off', wanted, width).value).toBe(-4);
    expect(input('Ease', 12, 'mm')).toEqual({ label: 'Ease', value: 12, unit: 'mm' });
  });
});

/** Every number of a plan has a rule in words, and what went into it is in the plan as it went in: a maker can ask on and on. */
function expectThreads({ figures }: Plan): void {
  for (const [id, figure] of Object.entries(figures)) {
    expect(figure.id).toBe(id);
    expect(figure.label).toMatch(/^\S.*\S$/);
    expect(figure.reason.rule).toMatch(/[.!]$/);
    if (figure.plusMinus !== null) expect(figure.plusMinus).toBeGreaterThanOrEqual(0);
    for (const one of figure.reason.inputs) {
      expect(Number.isFinite(one.value)).toBe(true);
      if (one.from === undefined) continue;
      const source = figures[one.from];
      if (!source) throw new Error(`${id} comes from ${one.from}, which the plan doesn’t have`);
      expect([id, one.label, one.value, one.unit]).toEqual([id, source.label, source.value, source.unit]);
    }
    // Asked on and on, an answer never comes back to the question.
    const seen = new Set<FigureId>();
    const ask = (one: Figure): void => {
      for (const { from } of one.reason.inputs) {
        if (from === undefined || seen.has(from)) continue;
        if (from === figure.id) throw new Error(`${id} is made of itself`);
        seen.add(from);
        ask(figures[from] as Figure);
      }
    };
    ask(figure);
  }
}

describe('the figures of a plan', () => {
  test.each(BODY_KINDS)('%s, with everything on it: every number can be asked', (kind) => {
    const design: Design = { ...bagOf(kind), closures: [usualSnap()], straps: [triedStrap()], lining: usualLining() };
    const result = planBag(design);
    if (!result.ok) throw new Error('no plan');
    expectThreads(result.plan);
    expect(Object.keys(result.plan.figures).length).toBeGreaterThan(50);
  });

  it.each(BODY_KINDS)('%s, whatever is wished for: every number can be asked', (kind) => {
    let planned = 0;
    fc.assert(
      fc.property(anyDesignOf(kind), (design) => {
        const result = planBag(design);
        if (!result.ok) return;
        planned += 1;
        expectThreads(result.plan);
      }),
      { numRuns: 80 },
    );
    expect(planned).toBeGreaterThan(0);
  });
});
