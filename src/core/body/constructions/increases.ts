import { GEOMETRY, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { GaugeStage } from '@/core/gauge';
import type { Problem } from '@/core/problems';
import { discIncrease, flatness, flatnessNamed, type IncreaseSchool } from '@/core/shaping';
import type { ClothMm } from './construction';

/** What a disc or an oval grows by, and how flat it lies with it. */
interface Growth {
  /** Stitches more in each round; not whole where they are spread as needed. */
  increase: number;
  /** All stitches of the rounds one to `rounds`, about a middle of `straight` stitches on each side. */
  counts(rounds: number, straight: number): number[];
  figures: Figure[];
  problems: Problem[];
}

/**
 * The growth of a flat disc in the gauge of the fabric: the whole number nearest to 2πh/w, the same in every round and, for an oval,
 * the same at both ends; or exactly that, rounded anew in every round.
 *
 * @param ends an oval has two, and its increases come in pairs
 */
export function growthOf(gauge: GaugeStage, { stitchMm, rowMm }: ClothMm, school: IncreaseSchool, ends: 1 | 2): Growth {
  const flat = discIncrease({ stitchMm, roundMm: rowMm });
  const whole = Math.max(ends === 2 ? 2 : 3, ends * Math.round(flat / ends));
  const asNeeded = school === 'as-needed';
  const increase = asNeeded ? flat : whole;
  const ratio = flatness(increase, { stitchMm, roundMm: rowMm });
  const named = flatnessNamed(ratio);
  const gaugeInputs = [inputFrom(gauge.rowHeight), inputFrom(gauge.stitchWidth)];
  const more = makeFigure('disc.increase', 'Stitches more in every round', increase, 'stitch', {
    rule: `A flat disc grows by 2π times the height of a round, in stitches: ${flat.toFixed(2)}.${asNeeded ? ' Each round is rounded to whole stitches.' : ends === 2 ? ' To the nearest number that both ends share.' : ' To the nearest whole number.'}`,
    inputs: gaugeInputs,
    source: GEOMETRY,
  });
  return {
    increase,
    counts: (rounds, straight) =>
      Array.from({ length: rounds }, (_, round) => {
        const grown = increase * (round + 1);
        return 2 * straight + Math.max(ends === 2 ? 2 : 3, asNeeded ? ends * Math.round(grown / ends) : grown);
      }),
    figures: [
      more,
      makeFigure('disc.flatness', 'Flatness', ratio, 'ratio', {
        rule: `What it grows by, against what a flat one would. Under 93 % it cups, over 107 % it ruffles (from memory). This one ${named === 'flat' ? 'lies flat' : named}.`,
        inputs: [inputFrom(more), ...gaugeInputs],
        source: { kind: 'memory' },
      }),
    ],
    problems:
      named === 'flat'
        ? []
        : [
            {
              code: 'disc-not-flat',
              severity: 'decide',
              place: 'body',
              path: ['body', 'increases'],
              asks: ['disc.flatness', 'disc.increase'],
              values: { ratio, increase, flat, ruffles: named === 'ruffles' },
              repairs: [
                {
                  code: 'increase-as-needed',
                  values: {},
                  edits: [{ path: ['body', 'increases'], value: 'as-needed' }],
                },
              ],
            },
          ],
  };
}
