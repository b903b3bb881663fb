import fc from 'fast-check';
import { expect, it } from 'vitest';
import { applyEdits, yarnOfRow, type ColourRow, type Design } from '@/core/design';
import { rowCountOf } from '@/core/pieces';
import { planBag, type Plan } from '@/core/plan';
import { anyStripes } from '@/core/testing/anyStripes';
import { fullDesign } from '@/core/testing/designs';
import { writePattern } from '@/core/wording';
import { colourRuns, colourUses } from '.';

const YARNS = [
  { name: 'Second', colour: 'oat', ballMassG: 50, ballLengthM: 90 },
  { name: 'Third', colour: 'plum', ballMassG: 100, ballLengthM: 210 },
] as const;

function planned(colourRows: ColourRow[]): { design: Design; plan: Plan } {
  const read = applyEdits(fullDesign(), [
    { path: ['furtherYarns'], value: YARNS },
    { path: ['colourRows'], value: colourRows },
  ]);
  if (!read.ok) throw new Error(JSON.stringify(read.faults));
  const result = planBag(read.design);
  if (!result.ok) throw new Error('no plan');
  return { design: read.design, plan: result.plan };
}

it('runs of rows are the rows, one after the other, each in the yarn that the stripes say', () => {
  const { plan } = planned([]);
  const [panel] = plan.pieces;
  if (!panel) throw new Error('no panel');
  fc.assert(
    fc.property(anyStripes, (rows) => {
      const runs = colourRuns(rows, panel);
      const each = runs.flatMap(({ yarn, fromRow, toRow }) =>
        Array.from({ length: toRow - fromRow + 1 }, (_, index) => ({ row: fromRow + index, yarn })),
      );
      expect(each.map(({ row }) => row)).toEqual(Array.from({ length: rowCountOf(panel) }, (_, index) => index + 1));
      for (const { row, yarn } of each) expect(yarn).toBe(yarnOfRow(rows, panel.id, row));
      runs.slice(1).forEach((run, index) => expect(run.yarn).not.toBe(runs[index]?.yarn));
    }),
  );
});

it('whatever the stripes, the fabric takes as much yarn as in one colour, shared out', () => {
  const whole = planned([]).plan;
  const fabricG = (whole.yarn.figures?.fabric.value ?? 0) + (whole.yarn.figures?.trim?.value ?? 0);
  expect(fabricG).toBeGreaterThan(0);
  fc.assert(
    fc.property(anyStripes, (rows) => {
      const { plan } = planned(rows);
      const uses = colourUses(rows, plan.pieces, YARNS.length);
      const tailsG = uses.reduce((sum, { tails }, index) => {
        const yarn = YARNS[index] as (typeof YARNS)[number];
        return sum + (tails * 150 * yarn.ballMassG) / (yarn.ballLengthM * 1000);
      }, 0);
      expect(plan.yarn.lots).toHaveLength(3);
      expect(plan.yarn.lots.reduce((sum, lot) => sum + lot.fabricG, 0)).toBeCloseTo(fabricG + tailsG, 6);
      for (const lot of plan.yarn.lots) expect(lot.fabricG).toBeGreaterThanOrEqual(0);
      // What is to be had of each adds up to what is to be had of all, and so does what the ± leaves open.
      const { mass, tails } = plan.yarn.figures ?? {};
      expect(plan.yarn.lots.reduce((sum, lot) => sum + lot.mass.value, 0)).toBeCloseTo(mass?.value ?? NaN, 6);
      expect(plan.yarn.lots.reduce((sum, lot) => sum + (lot.mass.plusMinus ?? 0), 0)).toBeCloseTo(
        mass?.plusMinus ?? NaN,
        6,
      );
      expect(tails?.value ?? 0).toBeCloseTo(tailsG, 9);
    }),
    { numRuns: 40 },
  );
});

it('a colour whose ball is not known is told of no yarn, and its rows are not the first yarn’s either', () => {
  const rows = [{ yarn: 0, fromRow: 5, rows: 4, everyRows: null, piece: 'all' as const }];
  const { design } = planned(rows);
  const [first, ...others] = design.furtherYarns;
  if (!first) throw new Error('no further yarn');
  const result = planBag({ ...design, furtherYarns: [{ ...first, ballMassG: null, ballLengthM: null }, ...others] });
  if (!result.ok) throw new Error('no plan');
  const { lots, figures } = result.plan.yarn;
  expect(lots.some(({ yarn }) => yarn === 1)).toBe(false);
  const own = lots.find(({ yarn }) => yarn === 0);
  expect(own?.mass.value).toBeLessThan(figures?.mass.value ?? 0);
  // What is told of it hangs together: its length is its own mass in balls.
  expect((own?.length.value ?? 0) / (own?.mass.value ?? 1)).toBeCloseTo(
    (design.swatch.yarn.ballLengthM ?? 0) / (design.swatch.yarn.ballMassG ?? 1),
    9,
  );
});

it('the pattern says which rows are in which yarn, and how to change', () => {
  const { design, plan } = planned([{ yarn: 0, fromRow: 5, rows: 2, everyRows: null, piece: 'all' }]);
  const lines = writePattern(design, plan).sections.find(({ id }) => id === 'colours')?.lines ?? [];
  expect(lines[0]).toContain('B: Second');
  expect(lines.some((line) => line.includes('B in rows 5–6'))).toBe(true);
  expect(writePattern(planned([]).design, plan).sections.some(({ id }) => id === 'colours')).toBe(false);
});
