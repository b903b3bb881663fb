import { SEAMS } from '@/core/body';
import { CONFIDENCE, ROW_SLIP_CHANCE, TENSION_DRIFT_SHARE } from '@/core/defaults';
import { input, inputFrom, makeFigure, type Figure, type ReasonInput } from '@/core/figures';
import type { Plan } from '@/core/plan';
import { leftWithout, type Makings, type Measure } from './makings';

/** What many makings came to, as figures that can be asked why. */
interface MakingsFigures {
  spreads: { measure: Measure; low: Figure; high: Figure; left: Figure }[];
  fit: Figure | null;
}

const SOURCE = {
  kind: 'published',
  reference:
    'propagation of distributions by a Monte Carlo method: JCGM 101:2008; limits of drift and slips from memory',
} as const;

/** The limits that 19 makings in 20 keep, how much is left without what matters most, and how often what goes in fits. */
export function makingsFigures({ runs, spreads, fitShare }: Makings, plan: Plan): MakingsFigures {
  const inputs = causesOf(plan, runs);
  const figures = spreads.map(({ measure, label, lowMm, highMm, plannedMm, influences }) => {
    const ofPlan = input('As planned', plannedMm, 'mm');
    const limit = (end: 'low' | 'high', mm: number) =>
      makeFigure(`makings.${measure}.${end}`, `${label}: ${end === 'low' ? 'at least' : 'at most'}`, mm, 'mm', {
        rule: `In each making on paper gauge, drift, miscounted rows and seams come out as chance has it, with the planned counts. One making in forty came out ${end === 'low' ? 'under' : 'over'} this.`,
        inputs: [ofPlan, ...inputs],
        source: SOURCE,
      });
    const [first] = influences;
    return {
      measure,
      low: limit('low', lowMm),
      high: limit('high', highMm),
      left: makeFigure(
        `makings.${measure}.left`,
        `${label}: of the spread is left without what matters most`,
        leftWithout(first?.share ?? 0),
        'ratio',
        {
          rule: 'The share of the variance that what matters most makes is the square of its correlation with the size. The root of the rest is left of the spread.',
          inputs: [input('Share of the variance', Math.min(1, first?.share ?? 0), 'ratio'), ...inputs],
          source: SOURCE,
        },
      ),
    };
  });
  return {
    spreads: figures,
    fit:
      fitShare === null
        ? null
        : makeFigure('makings.fit', 'What goes in fits, of all makings', fitShare, 'ratio', {
            rule: 'Makings in which what is packed has room across, up and through, without the ease that was planned for it, as a share of all.',
            inputs,
            source: SOURCE,
          }),
  };
}

/** What was left to chance, and within which limits. */
function causesOf({ gauge, contents }: Plan, runs: number): ReasonInput[] {
  const { takeUp } = SEAMS[contents.settled.body.seam.kind];
  return [
    input('Makings', runs, 'count'),
    inputFrom(gauge.stitchWidth),
    inputFrom(gauge.rowHeight),
    input(
      `Last row against the first, at most, ${Math.round(CONFIDENCE * 20)} times in 20`,
      TENSION_DRIFT_SHARE,
      'ratio',
    ),
    input('Chance that a row is miscounted', ROW_SLIP_CHANCE, 'ratio'),
    input('A seam takes at least', takeUp.least, 'stitch'),
    input('A seam takes at most', takeUp.most, 'stitch'),
  ];
}
