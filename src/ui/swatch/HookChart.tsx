'use client';

import { Chart, LineElement, LinearScale, PointElement, ScatterController, Filler, type ChartData } from 'chart.js';
import { Scatter } from 'react-chartjs-2';
import type { HookLine, HookPoint } from '@/core/gauge';
import { MM_PER_INCH, type LengthUnit } from '@/core/units';
import { CHART_BAND, chartBrassDeep, chartInk, chartPaper, chartAxis } from '@/ui/theme/charts';

Chart.register(LinearScale, PointElement, LineElement, ScatterController, Filler);

/** How far the line is drawn beyond the hooks that were tried, mm. */
const BEYOND_MM = 0.5;
const STEPS = 24;

interface HookChartProps {
  points: readonly HookPoint[];
  line: HookLine;
  askedHookMm: number;
  unit: LengthUnit;
}

/** Stitch width against hook: the swatches with their ±, the line through them, its band, and the hook that is asked about. */
export function HookChart({ points, line, askedHookMm, unit }: HookChartProps) {
  const inUnit = (mm: number): number => (unit === 'cm' ? mm : mm / MM_PER_INCH);
  const unitName = unit === 'cm' ? 'mm' : 'in';
  const hooks = [...points.map(({ hookMm }) => hookMm), askedHookMm];
  const from = Math.min(...hooks) - BEYOND_MM;
  const to = Math.max(...hooks) + BEYOND_MM;
  const along = Array.from({ length: STEPS + 1 }, (_, step) => from + ((to - from) * step) / STEPS);
  const curve = (value: (hookMm: number) => number) => along.map((x) => ({ x, y: inUnit(value(x)) }));
  const asked = line.predict(askedHookMm);
  const quiet = { showLine: true, pointRadius: 0, borderWidth: 1 } as const;
  const data: ChartData<'scatter'> = {
    datasets: [
      {
        label: 'upper',
        ...quiet,
        borderColor: 'transparent',
        backgroundColor: CHART_BAND,
        fill: '+1',
        data: curve((x) => line.predict(x).mm + line.predict(x).plusMinusMm),
      },
      {
        label: 'lower',
        ...quiet,
        borderColor: 'transparent',
        data: curve((x) => line.predict(x).mm - line.predict(x).plusMinusMm),
      },
      {
        label: 'line',
        ...quiet,
        borderColor: chartBrassDeep(),
        borderWidth: 2,
        data: curve((x) => line.predict(x).mm),
      },
      ...points.map(({ hookMm, mm, plusMinusMm }) => ({
        label: 'swatch',
        showLine: true,
        borderColor: chartInk(),
        backgroundColor: chartInk(),
        borderWidth: 1.5,
        pointRadius: [0, 4, 0],
        data: [mm - plusMinusMm, mm, mm + plusMinusMm].map((y) => ({ x: hookMm, y: inUnit(y) })),
      })),
      {
        label: 'asked',
        pointStyle: 'rectRot',
        pointRadius: 7,
        borderColor: chartInk(),
        borderWidth: 2,
        backgroundColor: chartPaper(),
        data: [{ x: askedHookMm, y: inUnit(asked.mm) }],
      },
    ],
  };
  return (
    <div style={{ height: 220 }}>
      <Scatter
        role="img"
        aria-label={`Width of one stitch against the hook, ${points.length} swatches and the line through them`}
        data={data}
        options={{
          animation: false,
          maintainAspectRatio: false,
          events: [],
          scales: { x: chartAxis('Hook, mm'), y: chartAxis(`One stitch, ${unitName}`) },
        }}
      />
    </div>
  );
}
