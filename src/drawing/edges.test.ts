import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { liningDrawing, panelDrawing, sectionDrawing } from '.';
import { moveLineEdits, panelLines } from '@/core/body';
import { readDesign, type Design } from '@/core/design';
import { planBag } from '@/core/plan';
import { fullDesign } from '@/core/testing/designs';
import { patternAsText, problemSentence, writePattern } from '@/core/wording';

/**
 * Designs at the very edges of what the schema takes: every number anywhere within its limits, rows chosen at random. Whatever
 * they are, planning answers with a plan or with problems; it never throws and never gives a number that is none.
 */
const within = (min: number, max: number) =>
  fc.oneof(
    { weight: 1, arbitrary: fc.constantFrom(min, max) },
    { weight: 4, arbitrary: fc.double({ min, max, noNaN: true }) },
  );
const rows = fc.option(fc.integer({ min: 1, max: 1200 }), { nil: null });
const readings = fc.array(fc.record({ count: within(2, 1000), lengthMm: within(5, 2000) }), {
  minLength: 1,
  maxLength: 4,
});

const extremeDesign: fc.Arbitrary<Design> = fc
  .record({
    stitchReadings: readings,
    rowReadings: readings,
    thicknessMm: within(0.2, 20),
    weighed: fc.option(fc.record({ massG: within(1, 2000), widthMm: within(20, 2000), heightMm: within(20, 2000) }), {
      nil: null,
    }),
    widthMm: within(20, 800),
    heightMm: within(20, 800),
    dropMm: within(10, 800),
    chosenStitches: fc.option(fc.integer({ min: 2, max: 600 }), { nil: null }),
    chosenRows: fc.record({ front: rows, back: rows, bridge: rows, flap: rows }),
    takeUpStitches: within(0, 2),
    loadMm: within(0, 200),
    firmness: fc.constantFrom('soft', 'stiff'),
    diameterMm: within(6, 40),
    insetMm: within(3, 400),
    layout: fc.constantFrom('centre', 'pair'),
    mate: fc.constantFrom('loaded', 'between', 'both'),
    strapWidthMm: within(5, 150),
    wornLengthMm: within(50, 2500),
    sampleRows: fc.integer({ min: 4, max: 400 }),
    slackMm: within(20, 2000),
    growth: within(1, 1.5),
    overlapMm: within(5, 100),
    lining: fc.record({ allowanceMm: within(5, 40), insetMm: within(0, 20), thicknessMm: within(0.05, 5) }),
  })
  .map((made): unknown => {
    const base = fullDesign();
    return {
      ...base,
      contents: {
        ...fullDesign().contents,
        thicknessMm: made.loadMm,
        firmness: made.firmness,
      },
      swatch: {
        ...base.swatch,
        stitchReadings: made.stitchReadings,
        rowReadings: made.rowReadings,
        thicknessMm: made.thicknessMm,
        weighed: made.weighed,
      },
      body: {
        ...base.body,
        widthMm: made.widthMm,
        heightMm: made.heightMm,
        chosenStitches: made.chosenStitches,
        chosenRows: made.chosenRows,
        seam: { kind: 'whip', finish: 'turned', takeUpStitches: made.takeUpStitches },
      },
      flap: { kind: 'straight', dropMm: Math.min(made.dropMm, made.heightMm), widthMm: null },
      hardware: [
        {
          ...base.hardware[0],
          diameterMm: made.diameterMm,
          insetMm: made.insetMm,
          layout: made.layout,
          mate: made.mate,
        },
      ],
      strap: {
        ...base.strap,
        widthMm: made.strapWidthMm,
        wornLengthMm: made.wornLengthMm,
        overlapMm: made.overlapMm,
        sample: { rows: made.sampleRows, slackMm: made.slackMm, pulledMm: made.slackMm * made.growth },
      },
      lining: { kind: 'flat', ...made.lining },
    };
  })
  .map((document) => readDesign(document))
  .filter((read) => read.ok)
  .map((read) => (read as { ok: true; design: Design }).design);

describe('designs at the edges', () => {
  it('are planned or answered, drawn and written, without an exception and without NaN', () => {
    let planned = 0;
    fc.assert(
      fc.property(extremeDesign, (design) => {
        const result = planBag(design);
        const problems = result.ok ? result.plan.problems : result.problems;
        for (const problem of problems) {
          expect(Object.values(problem.values).every(Number.isFinite)).toBe(true);
          expect(problemSentence(problem, 'in')).not.toMatch(/NaN|undefined/);
        }
        if (!result.ok) {
          expect(problems.length).toBeGreaterThan(0);
          return;
        }
        planned += 1;
        const { plan } = result;
        expect(Object.values(plan.figures).every(({ value }) => Number.isFinite(value))).toBe(true);
        const drawings = [
          panelDrawing(design, plan),
          sectionDrawing(plan, 'empty'),
          sectionDrawing(plan, 'loaded'),
          liningDrawing(plan),
        ];
        expect(JSON.stringify(drawings)).not.toContain('null,');
        expect(patternAsText(writePattern(design, plan))).not.toMatch(/NaN|undefined|Infinity/);
        for (const line of panelLines(plan)) {
          expect(line.leastRow).toBeLessThanOrEqual(line.mostRow);
          expect(moveLineEdits(plan, line.id, line.leastRow).length).toBeGreaterThan(0);
        }
      }),
      { numRuns: 1500 },
    );
    expect(planned).toBeGreaterThan(50);
  });
});
