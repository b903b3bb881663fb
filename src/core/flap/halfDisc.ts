import { MOST_COUNT, MOST_RIM } from '@/core/body';
import type { Flap } from '@/core/design';
import { GEOMETRY, inputFrom, makeFigure } from '@/core/figures';
import type { GaugeStage } from '@/core/gauge';
import type { Problem, ProblemValues } from '@/core/problems';
import { discIncrease, flatness, flatnessNamed } from '@/core/shaping';
import type { HalfDisc, PouchStage } from '@/core/stages';

/**
 * A half disc as wide as the back: its rows rise by about π·h/w, so that it lies flat.
 * Source: geometry; that its diameter is the back's width is common practice.
 */
export function halfDiscOf(
  { increases }: Extract<Flap, { kind: 'half-disc' }>,
  gauge: GaugeStage,
  pouch: PouchStage,
): HalfDisc {
  const { stitchMm, rowMm, backStitches } = pouch;
  const flat = discIncrease({ stitchMm, roundMm: rowMm }) / 2;
  const asNeeded = increases === 'as-needed';
  const increase = asNeeded ? flat : Math.max(1, Math.round(flat));
  const wishedRows = Math.max(2, Math.round((backStitches * stitchMm) / 2 / rowMm));
  const rowCount = Math.max(2, Math.min(wishedRows, MOST_COUNT, Math.floor(MOST_RIM / increase)));
  const ratio = flatness(2 * increase, { stitchMm, roundMm: rowMm });
  const named = flatnessNamed(ratio);
  const gaugeInputs = [inputFrom(gauge.rowHeight), inputFrom(gauge.stitchWidth)];
  const more = makeFigure('halfDisc.increase', 'Stitches more in every row', increase, 'stitch', {
    rule: `A flat half disc grows by π times the height of a row, in stitches: ${flat.toFixed(2)}.${asNeeded ? ' Each row is rounded to whole stitches.' : ' To the nearest whole number.'}`,
    inputs: gaugeInputs,
    source: GEOMETRY,
  });
  return {
    counts: Array.from({ length: rowCount }, (_, row) => Math.max(2, Math.round(increase * (row + 1)))),
    increase,
    figures: {
      rows: makeFigure('halfDisc.rows', 'Rows of the half disc', rowCount, 'row', {
        rule: 'Half the width of the back, divided by the row height, to the nearest row: its straight side is as long as the back is wide.',
        inputs: [inputFrom(pouch.figures.stitches), ...gaugeInputs],
        source: { kind: 'common-practice' },
      }),
      increase: more,
      flatness: makeFigure('halfDisc.flatness', 'Flatness of the half disc', ratio, 'ratio', {
        rule: `What it grows by, against what a flat one would. Under 93 % it cups, over 107 % it ruffles (from memory). This one ${named === 'flat' ? 'lies flat' : named}.`,
        inputs: [inputFrom(more), ...gaugeInputs],
        source: { kind: 'memory' },
      }),
    },
    problems: [
      ...cutProblems(rowCount, wishedRows, increase),
      ...(named === 'flat' ? [] : [unevenProblem({ ratio, increase, flat, ruffles: named === 'ruffles' })]),
    ],
  };
}

/** A half disc with more stitches along its edge than are planned ends sooner. */
const cutProblems = (rowCount: number, wishedRows: number, increase: number): Problem[] =>
  rowCount === wishedRows
    ? []
    : [
        {
          code: 'too-many-stitches',
          severity: 'decide',
          place: 'body',
          path: ['flap', 'kind'],
          values:
            wishedRows > MOST_COUNT
              ? { rows: wishedRows, mostStitches: MOST_COUNT }
              : { stitches: Math.round(increase * wishedRows), mostStitches: MOST_RIM },
          repairs: [],
        },
      ];

const unevenProblem = (values: ProblemValues['disc-not-flat']): Problem => ({
  code: 'disc-not-flat',
  severity: 'decide',
  place: 'body',
  path: ['flap', 'increases'],
  asks: ['halfDisc.flatness', 'halfDisc.increase'],
  values,
  repairs: [{ code: 'increase-as-needed', values: {}, edits: [{ path: ['flap', 'increases'], value: 'as-needed' }] }],
});
