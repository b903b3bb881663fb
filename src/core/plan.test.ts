import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyEdits, type Design } from './design';
import { planBag } from './plan';
import { designAt, fullDesign, planOf, plannableDesign } from './testing/designs';

describe('planBag', () => {
  it('gives every figure a finite value, a reason and a source, for any design', () => {
    fc.assert(
      fc.property(plannableDesign, (design) => {
        const { figures } = planOf(design);
        for (const [id, figure] of Object.entries(figures)) {
          expect(figure.id).toBe(id);
          expect(Number.isFinite(figure.value)).toBe(true);
          expect(figure.plusMinus === null || figure.plusMinus >= 0).toBe(true);
          expect(figure.reason.rule).toMatch(/[.]$/);
          for (const input of figure.reason.inputs) expect(Number.isFinite(input.value)).toBe(true);
        }
      }),
      { numRuns: 200 },
    );
  });

  it('can be asked down to what was measured: every input that is a figure is there', () => {
    const { figures } = planOf(fullDesign());
    const named = Object.values(figures).flatMap(({ reason }) => reason.inputs.flatMap(({ from }) => from ?? []));
    const missing = named.filter((id) => !(id in figures));
    expect(missing).toEqual([]);
  });

  it('shows an input with the value that its figure has', () => {
    const { figures } = planOf(fullDesign());
    for (const { reason } of Object.values(figures))
      for (const input of reason.inputs) if (input.from) expect(input.value).toBe(figures[input.from]?.value);
  });

  it('gives the same plan for the same design', () => {
    expect(planBag(fullDesign())).toEqual(planBag(fullDesign()));
  });

  it.each([
    ['width-under-one-repeat', designAt(45, 45, 2, (d) => ({ ...d, body: { ...d.body, widthMm: 20, heightMm: 300 } }))],
    ['load-too-thick', designAt(5, 5, 2, (d) => ({ ...d, contents: { ...d.contents, thicknessMm: 200 } }))],
    ['too-many-stitches', designAt(1, 5, 2, (d) => ({ ...d, body: { ...d.body, widthMm: 800 } }))],
    ['too-many-stitches', designAt(5, 0.6, 2, (d) => ({ ...d, body: { ...d.body, heightMm: 700 } }))],
    [
      'front-too-short',
      designAt(5, 5, 20, (d) => ({ ...d, body: { ...d.body, heightMm: 20 }, flap: { ...d.flap, dropMm: 10 } })),
    ],
  ])('makes no plan, and says %s at its field', (code, design: Design) => {
    const result = planBag(design);
    if (result.ok) throw new Error('planned');
    expect(result.problems.map((problem) => [problem.code, problem.severity])).toEqual([[code, 'stop']]);
    expect(result.problems[0]?.path?.length).toBeGreaterThan(0);
  });

  it('has no stopping problem in a plan that it made', () => {
    fc.assert(
      fc.property(plannableDesign, (design) => {
        expect(planOf(design).problems.map(({ severity }) => severity)).not.toContain('stop');
      }),
    );
  });

  it('offers only repairs that can be applied', () => {
    fc.assert(
      fc.property(plannableDesign, (design) => {
        for (const { repairs } of planOf(design).problems)
          for (const repair of repairs) {
            const read = applyEdits(design, repair.edits);
            expect(read.ok && planBag(read.design).ok, repair.code).toBe(true);
          }
      }),
      { numRuns: 300 },
    );
  });

  it('says every decision together with a way out', () => {
    fc.assert(
      fc.property(plannableDesign, (design) => {
        const stuck = planOf(design).problems.filter(
          ({ severity, repairs, place }) => severity === 'decide' && repairs.length === 0 && place !== 'swatch',
        );
        // A flap shorter than the snap itself has no place for it at all; nothing else may be without a repair.
        expect(stuck.filter(({ code }) => !code.startsWith('snap-off'))).toEqual([]);
      }),
    );
  });
});
