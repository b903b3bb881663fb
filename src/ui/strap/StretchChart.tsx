'use client';

import { Chart, Filler, LineElement, LinearScale, PointElement, ScatterController, type ChartData } from 'chart.js';
import { useMemo } from 'react';
import { Scatter } from 'react-chartjs-2';
import type { WorkedStrap } from '@/core/design';
import { pullOfMassN, shareAt, stretchDoubt, type StretchCurve } from '@/core/strap';
import { G_PER_OUNCE, MM_PER_INCH, type LengthUnit } from '@/core/units';
import { CHART_BAND, chartBrassDeep, chartInk, chartPaper, chartAxis } from '@/ui/theme/charts';

Chart.register(LinearScale, PointElement, LineElement, ScatterController, Filler);

const STEPS = 40;

interface StretchChartProps {
  /** What of the strap stretches, slack, mm. */
  slackMm: number;
  sample: WorkedStrap['sample'];
  curve: StretchCurve;
  /** What this bag pulls each arm by, as a weight; null where that is not known. */
  pullG: number | null;
  unit: LengthUnit;
}

/** The strap's length against the pull in it: the curve with its band, the trial strip's readings, and where this bag has it. */
export function StretchChart({ slackMm, sample, curve, pullG, unit }: StretchChartProps) {
  const data = useMemo((): ChartData<'scatter'> => {
    const doubt = stretchDoubt(sample);
    const inUnit = (mm: number) => (unit === 'cm' ? mm / 10 : mm / MM_PER_INCH);
    const inMass = (massG: number) => (unit === 'cm' ? massG : massG / G_PER_OUNCE);
    const hung = sample?.loaded ?? [];
    const mostG = 1.25 * Math.max(500, pullG ?? 0, ...hung.map(({ massG }) => massG));
    const along = Array.from({ length: STEPS + 1 }, (_, step) => (mostG * step) / STEPS);
    const lengthOf = (share: number) => inUnit(slackMm * (1 + share));
    const line = (share: (pullN: number) => number) =>
      along.map((massG) => ({ x: inMass(massG), y: lengthOf(share(pullOfMassN(massG))) }));
    const quiet = { showLine: true, pointRadius: 0, borderWidth: 1 } as const;
    const doubtAt = (pullN: number) => doubt((one) => shareAt(one, pullN));
    return {
      datasets: [
        {
          label: 'upper',
          ...quiet,
          borderColor: 'transparent',
          backgroundColor: CHART_BAND,
          fill: '+1',
          data: line((pullN) => shareAt(curve, pullN) + doubtAt(pullN)),
        },
        {
          label: 'lower',
          ...quiet,
          borderColor: 'transparent',
          data: line((pullN) => Math.max(0, shareAt(curve, pullN) - doubtAt(pullN))),
        },
        {
          label: 'curve',
          ...quiet,
          borderColor: chartBrassDeep(),
          borderWidth: 2,
          data: line((pullN) => shareAt(curve, pullN)),
        },
        {
          label: 'trial',
          borderColor: chartInk(),
          backgroundColor: chartInk(),
          pointRadius: 4,
          data: sample
            ? [{ massG: 0, lengthMm: sample.slackMm }, ...hung].map(({ massG, lengthMm }) => ({
                x: inMass(massG),
                y: lengthOf(lengthMm / sample.slackMm - 1),
              }))
            : [],
        },
        {
          label: 'this bag',
          pointStyle: 'rectRot',
          pointRadius: 7,
          borderColor: chartInk(),
          borderWidth: 2,
          backgroundColor: chartPaper(),
          data: pullG === null ? [] : [{ x: inMass(pullG), y: lengthOf(shareAt(curve, pullOfMassN(pullG))) }],
        },
      ],
    };
  }, [slackMm, sample, curve, pullG, unit]);
  return (
    <div style={{ height: 220 }}>
      <Scatter
        role="img"
        aria-label="Length of the strap against the weight that pulls each arm, with the readings of the trial strip and this bag"
        data={data}
        options={{
          animation: false,
          maintainAspectRatio: false,
          events: [],
          scales: {
            x: { ...chartAxis(`Pull in each arm, as a weight, ${unit === 'cm' ? 'g' : 'oz'}`), min: 0 },
            y: chartAxis(`Strap without its ends, ${unit === 'cm' ? 'cm' : 'in'}`),
          },
        }}
      />
    </div>
  );
}
