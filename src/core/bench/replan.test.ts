import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { PIECE_FROM_SWATCH_SHARE } from '@/core/defaults';
import { applyEdits } from '@/core/design';
import { seenOn, updatedBy, updatedNormal } from '@/core/gauge';
import { planBag } from '@/core/plan';
import { seededRandom } from '@/core/random';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { partsToWork, replan, rowToWork, yarnLasts } from '.';

/** A normal number of mean 0 and deviation 1 (Box and Muller 1958). */
const normal = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

const LIMIT = 1.959964;
const TO_90 = 1.644854 / LIMIT;

describe('a gauge that is corrected by the piece', () => {
  // Gelman and others, Bayesian Data Analysis, § 2.5: posterior precision is the sum, its mean the weighed one; here against the integral of the product of both densities.
  it('is what the product of both densities says, integrated', () => {
    const density = (x: number, mean: number, sd: number) => Math.exp(-0.5 * ((x - mean) / sd) ** 2) / sd;
    for (const [prior, seen] of [
      [
        { mm: 5, sdMm: 0.15 },
        { mm: 5.3, sdMm: 0.08 },
      ],
      [
        { mm: 7.2, sdMm: 0.3 },
        { mm: 6.4, sdMm: 0.5 },
      ],
    ] as const) {
      let [sum, first, second] = [0, 0, 0];
      for (let x = 3; x < 10; x += 0.0005) {
        const weight = density(x, prior.mm, prior.sdMm) * density(x, seen.mm, seen.sdMm);
        [sum, first, second] = [sum + weight, first + x * weight, second + x * x * weight];
      }
      const mean = first / sum;
      const { mm, sdMm } = updatedNormal(prior, seen);
      expect(mm).toBeCloseTo(mean, 4);
      expect(sdMm).toBeCloseTo(Math.sqrt(second / sum - mean ** 2), 4);
    }
  });

  it('moves further the more rows were measured, and never past what they say', () => {
    const swatch = { mm: 5, plusMinusMm: 0.2 };
    const of = (count: number) => updatedBy(swatch, { count, lengthMm: 5.4 * count });
    const all = [5, 10, 20, 40, 80].map(of);
    all.forEach(({ mm, plusMinusMm }, index) => {
      expect(mm).toBeGreaterThan(all[index - 1]?.mm ?? 5);
      expect(mm).toBeLessThan(5.4);
      expect(plusMinusMm).toBeLessThan(all[index - 1]?.plusMinusMm ?? 1);
    });
  });
});

/** A bag in one piece, whose rows come out otherwise than on its swatch. At a quarter and at half of the work she measures it and takes the new count of rows. */
function makings(runs: number) {
  const plan = planOf(bagOf('fold-over-strip', { stitchMm: 5, rowMm: 5, fabricMm: 2 }));
  const random = seededRandom(runs);
  const swatch = { mm: plan.gauge.rowHeight.value, plusMinusMm: plan.gauge.rowHeight.plusMinus ?? 0 };
  const priorSd = Math.hypot(swatch.plusMinusMm, PIECE_FROM_SWATCH_SHARE * swatch.mm) / LIMIT;
  const wishedMm = plan.flap.totalRows * swatch.mm;
  const [replanned, left]: [number[], number[]] = [[], []];
  let covered = 0;
  for (let run = 0; run < runs; run += 1) {
    const truthMm = swatch.mm + priorSd * normal(random);
    // Rows are as uneven as they usually are, and the tape is read to a millimetre.
    const rowSd = 0.03 * truthMm * Math.sqrt(100 / truthMm);
    const worked = (rows: number): number => rows * truthMm + Math.sqrt(rows) * rowSd * normal(random);
    let [rows, lengthMm, total] = [0, 0, plan.flap.totalRows];
    for (const share of [0.25, 0.5]) {
      const more = Math.round(share * total) - rows;
      lengthMm += worked(more);
      rows += more;
      const read = Math.round(lengthMm + (random() - 0.5) * 2);
      const after = updatedBy(swatch, { count: rows, lengthMm: read });
      if (Math.abs(after.mm - truthMm) <= after.plusMinusMm * TO_90) covered += 1;
      total = rows + Math.round((wishedMm - read) / after.mm);
    }
    const rest = worked(plan.flap.totalRows - rows);
    replanned.push(Math.abs(lengthMm + (total - rows) * (rest / (plan.flap.totalRows - rows)) - wishedMm));
    left.push(Math.abs(lengthMm + rest - wishedMm));
  }
  const median = (all: number[]) => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)] as number;
  return { replannedMm: median(replanned), leftMm: median(left), coverage: covered / (2 * runs) };
}

describe('a making that is measured at a quarter and at half of the work', () => {
  const { replannedMm, leftMm, coverage } = makings(4000);
  it('misses its length by a third of what it would, or less', () => {
    expect(replannedMm, `${replannedMm} against ${leftMm}`).toBeLessThan(leftMm / 3);
  });
  it('has its rows within the ± of 90 % nine times in ten', () => {
    expect(Math.abs(coverage - 0.9)).toBeLessThan(0.02);
  });
});

describe.each(BODY_KINDS)('%s planned anew', (kind) => {
  const design = bagOf(kind);
  const plan = planOf(design);
  const main = partsToWork(plan).find(({ piece }) => piece === 'panel' || piece === 'front' || piece === 'sides');

  it('keeps what is worked, whatever the tape says, and leads to a plan', () => {
    if (!main) return;
    for (const share of [0.2, 0.5, 0.8, 1])
      for (const off of [0.9, 1.1]) {
        const rows = Math.max(2, Math.round(share * main.rowCount));
        const bench = { rows: new Map([[`${main.piece}.1`, rows]]) };
        const made = replan(design, plan, bench, { rows, lengthMm: rows * plan.pouch.rowMm * off, width: null });
        if (!made) throw new Error('no plan');
        for (const { rowsBefore, rowsAfter, worked } of made.zones) {
          expect(rowsAfter).toBeGreaterThanOrEqual(worked);
          if (worked === rowsBefore) expect(rowsAfter).toBe(rowsBefore);
        }
        const read = applyEdits(design, made.edits);
        expect(read.ok && planBag(read.design).ok).toBe(true);
        expect(made.plan.gauge.rowHeight.value / plan.gauge.rowHeight.value - 1).toBeLessThan(0.1);
        expect(Math.sign(made.plan.gauge.rowHeight.value - plan.gauge.rowHeight.value)).toBe(Math.sign(off - 1));
      }
  });

  it('or keeps all rows, and says what comes of it', () => {
    if (!main) return;
    const bench = { rows: new Map([[`${main.piece}.1`, 10]]) };
    const made = replan(design, plan, bench, { rows: 10, lengthMm: 10 * plan.pouch.rowMm * 1.1, width: null }, 'rows');
    expect(made?.zones.every(({ rowsBefore, rowsAfter }) => rowsBefore === rowsAfter)).toBe(true);
    const row = made?.plan.pieces.find(({ id }) => id === main.piece);
    expect(row && rowToWork(row, main.rowCount)?.row).toBe(main.rowCount);
  });
});

describe('rows that she has set herself', () => {
  it('are counted anew to the length they had, after all rows were kept once as well', () => {
    const design = bagOf('fold-over-strip');
    const plan = planOf(design);
    const bench = { rows: new Map([['panel.1', 10]]) };
    const tape = (rows: number, share: number) => ({ rows, lengthMm: rows * plan.pouch.rowMm * share, width: null });
    const kept = replan(design, plan, bench, tape(10, 1), 'rows');
    const read = kept && applyEdits(design, kept.edits);
    if (!kept || !read?.ok) throw new Error('no plan');
    const anew = replan(read.design, kept.plan, bench, tape(40, 0.8), 'sizes');
    if (!anew) throw new Error('no plan');
    const lower = kept.plan.gauge.rowHeight.value / anew.plan.gauge.rowHeight.value;
    expect(lower).toBeGreaterThan(1.1);
    for (const { rowsBefore, rowsAfter } of anew.zones) expect(rowsAfter).toBe(Math.round(rowsBefore * lower));
  });
});

describe('a piece that has nothing to do with its swatch', () => {
  it('is told, and what was measured can be forgotten', () => {
    const design = bagOf('fold-over-strip');
    const plan = planOf(design);
    const made = replan(
      design,
      plan,
      { rows: new Map() },
      { rows: 20, lengthMm: 8 * plan.pouch.rowMm, width: null },
      'rows',
    );
    const problem = made?.plan.problems.find(({ code }) => code === 'piece-unlike-swatch');
    expect(problem?.repairs).toHaveLength(1);
  });
});

describe('how long the yarn lasts', () => {
  it('is not known by one weighing, nor by a ball that grew', () => {
    expect(yarnLasts([{ rows: 10, leftG: 50 }], 40)).toBe(null);
    expect(
      yarnLasts(
        [
          { rows: 10, leftG: 50 },
          { rows: 20, leftG: 60 },
        ],
        40,
      ),
    ).toBe(null);
    expect(
      yarnLasts(
        [
          { rows: 30, leftG: 40 },
          { rows: 10, leftG: 50 },
          { rows: 20, leftG: null },
        ],
        100,
      ),
    ).toEqual({
      gPerRow: 0.5,
      weighedAtRow: 30,
      leftG: 40,
      lastsToRow: 110,
      rowsLeft: 70,
      neededG: 35,
    });
  });
});

it('an even fabric seen over more rows is surer', () => {
  expect(seenOn({ count: 40, lengthMm: 200 }).sdMm).toBeLessThan(seenOn({ count: 10, lengthMm: 50 }).sdMm);
});
