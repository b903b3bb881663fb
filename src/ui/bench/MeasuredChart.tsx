'use client';

import { Chart, Filler, LineElement, LinearScale, PointElement, ScatterController, type ChartData } from 'chart.js';
import { useMemo } from 'react';
import { Scatter } from 'react-chartjs-2';
import type { MakingEventOf } from '@/core/bench';
import type { Piece } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { MM_PER_INCH, type LengthUnit } from '@/core/units';
import { CHART_BAND, chartBrassDeep, chartInk, chartPaper, chartAxis } from '@/ui/theme/charts';

Chart.register(LinearScale, PointElement, LineElement, ScatterController, Filler);

/** The length of a piece by its rows: as planned with its band, and as the tape has it. */
export function MeasuredChart({
  piece,
  rowCount,
  measured,
  plan,
  unit,
  heightPx,
}: {
  piece: Piece;
  rowCount: number;
  measured: readonly MakingEventOf<'measured'>[];
  plan: Plan;
  unit: LengthUnit;
  heightPx: number;
}) {
  const { value, plusMinus } = plan.gauge.rowHeight;
  const data = useMemo((): ChartData<'scatter'> => {
    const inUnit = (mm: number) => (unit === 'cm' ? mm / 10 : mm / MM_PER_INCH);
    const share = (plusMinus ?? 0) / value;
    const line = (times: number) => [0, rowCount].map((rows) => ({ x: rows, y: inUnit(rows * piece.rowMm * times) }));
    const quiet = { showLine: true, pointRadius: 0, borderWidth: 1, borderColor: 'transparent' } as const;
    return {
      datasets: [
        { label: 'upper', ...quiet, backgroundColor: CHART_BAND, fill: '+1', data: line(1 + share) },
        { label: 'lower', ...quiet, data: line(1 - share) },
        { label: 'planned', ...quiet, borderColor: chartBrassDeep(), borderWidth: 2, data: line(1) },
        {
          label: 'measured',
          showLine: true,
          borderColor: chartInk(),
          borderWidth: 1,
          backgroundColor: chartPaper(),
          pointStyle: 'rectRot',
          pointRadius: 6,
          data: [{ rows: 0, lengthMm: 0 }, ...measured]
            .map(({ rows, lengthMm }) => ({ x: rows, y: inUnit(lengthMm) }))
            .sort((one, other) => one.x - other.x),
        },
      ],
    };
  }, [piece.rowMm, rowCount, measured, value, plusMinus, unit]);
  return (
    <div style={{ height: heightPx }}>
      <Scatter
        role="img"
        aria-label="Length by rows: the plan with its band, and what was measured"
        data={data}
        options={{
          animation: false,
          maintainAspectRatio: false,
          events: [],
          scales: {
            x: { ...chartAxis('Rows'), min: 0 },
            y: { ...chartAxis(`Length, ${unit}`), min: 0 },
          },
        }}
      />
    </div>
  );
}
