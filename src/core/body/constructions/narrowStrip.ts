import { OTHER_PIECE_SHARE, TAPE_ERROR_MM } from '@/core/defaults';
import { GEOMETRY, MEASURED, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { GaugeStage } from '@/core/gauge';
import type { Problem } from '@/core/problems';

/** Up to so many stitches a strip works up differently from a wide panel. Source: common practice. */
const NARROW_STITCHES = 10;

/** 95 % of a tape reading that is equally likely anywhere within its limits, mm (JCGM 100:2008, 4.3.7). */
const READING_PLUS_MINUS_MM = (1.96 * TAPE_ERROR_MM) / Math.sqrt(3);

/**
 * The height of a row in a narrow strip, from a trial of one; without it the panel's, with what a narrow strip usually differs by left
 * open.
 *
 * @param trial a strip that was worked: its rows and its length, mm
 */
export function stripRowHeight(
  gauge: GaugeStage,
  stitches: number,
  trial: { rows: number; lengthMm: number } | null,
): { rowHeight: Figure; problems: Problem[] } {
  const label = 'Row height in the strip';
  if (trial)
    return {
      rowHeight: makeFigure(
        'strip.rowHeight',
        label,
        trial.lengthMm / trial.rows,
        'mm/row',
        {
          rule: 'Length of the trial strip, divided by its rows.',
          inputs: [input('Trial strip', trial.lengthMm, 'mm'), input('Rows in it', trial.rows, 'row')],
          source: MEASURED,
        },
        READING_PLUS_MINUS_MM / trial.rows,
      ),
      problems: [],
    };
  const { value, plusMinus } = gauge.rowHeight;
  const narrow = stitches <= NARROW_STITCHES;
  return {
    rowHeight: makeFigure(
      'strip.rowHeight',
      label,
      value,
      'mm/row',
      {
        rule: narrow
          ? 'As in the panel; how much a narrow strip differs from it is not known, usually about a tenth. A trial strip makes the ± far smaller.'
          : 'As in the panel.',
        inputs: [inputFrom(gauge.rowHeight), ...(narrow ? [input('Not known', OTHER_PIECE_SHARE, 'ratio')] : [])],
        source: narrow ? { kind: 'common-practice' } : GEOMETRY,
      },
      narrow ? Math.hypot(plusMinus ?? 0, value * OTHER_PIECE_SHARE) : plusMinus,
    ),
    problems: narrow
      ? [
          {
            code: 'strip-gauge-guessed',
            severity: 'mind',
            place: 'body',
            path: ['body', 'stripTrial'],
            asks: ['strip.rowHeight'],
            values: { share: OTHER_PIECE_SHARE, stitches },
            repairs: [],
          },
        ]
      : [],
  };
}
