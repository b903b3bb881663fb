import fc from 'fast-check';
import { expect, test } from 'vitest';
import { applyEdits } from '@/core/design';
import { BODY_KINDS, moveLineEdits, panelLines } from '@/core/body';
import { bendLengths, edgesMeet, foldBag, type FoldWay } from '@/core/fold';
import { joinedCount } from '@/core/pieces';
import { planBag } from '@/core/plan';
import { laidStrap } from '@/core/strap';
import { anyDesignOf } from '@/core/testing/anyDesign';
import {
  JOIN_NAMES,
  cutText,
  foldedText,
  packedText,
  patternAsText,
  problemSentence,
  repairLabel,
  sheetText,
  strapText,
  writePattern,
} from '@/core/wording';
import {
  foldedDrawing,
  foldedMesh,
  liningDrawing,
  packedDrawing,
  sheetDrawing,
  sheetLayout,
  sectionDrawing,
  strapDrawing,
  type Drawing,
} from '.';

/** Of each construction; `npm run fuzz` asks for a hundred thousand. Blankets take long to draw and write, so of many only some are. */
const RUNS = Number(process.env.FUZZ_RUNS ?? 100);
const DRAWN_EVERY = RUNS > 5000 ? 50 : 8;

/** Closed, half open, thrown back; and laid flat, which a bag that can't be is folded as when it is empty. */
const FOLDED: FoldWay[] = [
  { state: 'loaded', flap: 1 },
  { state: 'loaded', flap: 0.3 },
  { state: 'loaded', flap: -1 },
  { state: 'flat', flap: 1 },
];

const NO_NUMBER = /NaN|undefined|Infinity|null/;
const NOT_FINITE = 'not a finite number';
const namingWhatIsNoNumber = (_: string, value: unknown) =>
  typeof value === 'number' && !Number.isFinite(value) ? NOT_FINITE : value;

test.each(BODY_KINDS)(
  'any design is planned, drawn and written, or says in words why it can’t be: %s',
  (kind) => {
    let planned = 0;
    fc.assert(
      fc.property(anyDesignOf(kind), (design) => {
        const result = planBag(design);
        const problems = result.ok ? result.plan.problems : result.problems;
        if (!result.ok) expect(problems.some(({ severity }) => severity === 'stop')).toBe(true);
        for (const problem of problems) {
          expect(problemSentence(problem, design.settings.lengthUnit)).not.toMatch(NO_NUMBER);
          for (const repair of problem.repairs) {
            expect(repairLabel(repair, design.settings.lengthUnit)).not.toMatch(NO_NUMBER);
            const mended = applyEdits(design, repair.edits);
            if (!mended.ok) throw new Error(`${problem.code}, ${repair.code}: ${mended.faults[0]?.sentence}`);
          }
        }
        if (!result.ok) return;
        for (const { value } of Object.values(result.plan.figures)) expect(Number.isFinite(value)).toBe(true);
        for (const join of result.plan.joins) {
          expect(joinedCount(join, 'first')).toBeGreaterThanOrEqual(0);
          expect(
            join.stretches.every(({ first, second, lengthMm }) => first >= 0 && second >= 0 && lengthMm >= 0),
          ).toBe(true);
        }
        for (const { id, leastRow, mostRow } of panelLines(result.plan)) {
          expect(leastRow).toBeLessThanOrEqual(mostRow);
          expect(moveLineEdits(result.plan, id, leastRow).length).toBeGreaterThan(0);
        }
        planned += 1;
        if (planned % DRAWN_EVERY !== 0) return;
        const { plan } = result;
        const drawings: (Drawing | null)[] = [
          foldedDrawing(plan),
          packedDrawing(plan),
          sectionDrawing(plan, 'empty'),
          sectionDrawing(plan, 'loaded'),
          sectionDrawing(plan, 'flat'),
          liningDrawing(plan),
          ...plan.straps.map((stage) => strapDrawing(laidStrap(stage))),
        ];
        const sheet = sheetDrawing(design, plan, sheetLayout(plan.pieces, { widthPx: 500, heightPx: 560, gapPx: 70 }));
        expect(JSON.stringify(sheet, namingWhatIsNoNumber)).not.toContain(NOT_FINITE);
        for (const drawing of drawings)
          if (drawing) expect(JSON.stringify(drawing, namingWhatIsNoNumber)).not.toContain(NOT_FINITE);
        const { lengthUnit } = design.settings;
        const inWords = [
          sheetText(design, plan),
          cutText(design, plan),
          packedText(plan, lengthUnit),
          plan.straps.map((stage) => strapText(stage, lengthUnit)),
          (['flat', 'empty', 'loaded'] as const).map((state) => foldedText(plan, state, lengthUnit)),
        ];
        expect(JSON.stringify(inWords)).not.toMatch(NO_NUMBER);
        for (const way of FOLDED)
          for (const { positions, normals } of foldedMesh(foldBag(plan, way), 0.4).solids) {
            expect(positions.every(Number.isFinite)).toBe(true);
            expect(normals.every(Number.isFinite)).toBe(true);
          }
        const told = [bendLengths(plan), edgesMeet(plan, JOIN_NAMES)].flat();
        expect(told.every(({ empty, loaded }) => empty.value >= 0 && loaded.value >= 0)).toBe(true);
        expect(patternAsText(writePattern(design, plan))).not.toMatch(/NaN|undefined|Infinity/);
      }),
      { numRuns: RUNS },
    );
    // Most of what can be written down can't be planned; enough can for this to say something.
    expect(planned).toBeGreaterThan(RUNS / 25);
  },
  60_000 + RUNS * 1000,
);
