'use client';

import { BarController, BarElement, CategoryScale, Chart, LinearScale } from 'chart.js';
import { Bar } from 'react-chartjs-2';
import { MM_PER_INCH, type LengthUnit } from '@/core/units';
import { chartBrass, CHART_FONT, chartInk } from '@/ui/theme/charts';

Chart.register(BarController, BarElement, CategoryScale, LinearScale);

const BARS = 21;

interface SpreadChartProps {
  label: string;
  valuesMm: readonly number[];
  plannedMm: number;
  unit: LengthUnit;
}

/** How often each size came up among many makings; the bar that holds the planned size is inked. */
export function SpreadChart({ label, valuesMm, plannedMm, unit }: SpreadChartProps) {
  const from = Math.min(...valuesMm, plannedMm);
  const wide = Math.max(Math.max(...valuesMm, plannedMm) - from, 1e-6) / BARS;
  const barOf = (mm: number) => Math.min(BARS - 1, Math.floor((mm - from) / wide));
  const counts = Array<number>(BARS).fill(0);
  for (const mm of valuesMm) counts[barOf(mm)] = (counts[barOf(mm)] ?? 0) + 1;
  const inUnit = (mm: number) => {
    const text = unit === 'cm' ? (mm / 10).toFixed(1) : (mm / MM_PER_INCH).toFixed(2);
    return Number(text) === 0 ? '0' : text.replace('-', '−');
  };
  const planned = barOf(plannedMm);
  return (
    <div style={{ height: 110 }}>
      <Bar
        role="img"
        aria-label={`${label}: how often each size came up, the planned one inked`}
        data={{
          labels: counts.map((_, bar) => inUnit(from + (bar + 0.5) * wide)),
          datasets: [
            {
              data: counts,
              backgroundColor: counts.map((_, bar) => (bar === planned ? chartInk() : chartBrass())),
              barPercentage: 1,
              categoryPercentage: 0.94,
            },
          ],
        }}
        options={{
          animation: false,
          maintainAspectRatio: false,
          events: [],
          scales: {
            x: {
              grid: { display: false },
              ticks: { color: chartInk(), font: CHART_FONT, maxRotation: 0, autoSkipPadding: 14 },
            },
            y: { display: false },
          },
        }}
      />
    </div>
  );
}
