import { COUNT_ERROR, READINGS_FAR_APART, TAPE_ERROR_MM } from '@/core/defaults';
import type { Swatch } from '@/core/design';
import { input, makeFigure, type Figure, type ReasonInput } from '@/core/figures';
import type { Problem } from '@/core/problems';
import { estimateGauge, type GaugeEstimate, type Reading } from './estimateGauge';

export interface GaugeStage {
  stitchWidth: Figure;
  rowHeight: Figure;
  fabricThickness: Figure;
  problems: Problem[];
}

const SOURCE = {
  kind: 'published',
  reference: 'ratio estimate: Cochran, Sampling Techniques; uncertainty: JCGM 100:2008 (GUM)',
} as const;

/** Stitch width, row height and thickness of a swatch as figures, with what is doubtful about its readings. */
export function gaugeStage(swatch: Swatch): GaugeStage {
  const width = estimateGauge(swatch.stitchReadings);
  const height = estimateGauge(swatch.rowReadings);
  return {
    stitchWidth: gaugeFigure('gauge.stitchWidth', 'Width of one stitch', 'mm/stitch', swatch.stitchReadings, width),
    rowHeight: gaugeFigure('gauge.rowHeight', 'Height of one row', 'mm/row', swatch.rowReadings, height),
    fabricThickness: makeFigure('gauge.thickness', 'Thickness of the fabric', swatch.thicknessMm, 'mm', {
      rule: 'As you measured it on the swatch, pressed lightly between two flat things.',
      inputs: [],
      source: { kind: 'measured' },
    }),
    problems: [
      ...readingProblems('stitchReadings', 'gauge.stitchWidth', swatch.stitchReadings),
      ...readingProblems('rowReadings', 'gauge.rowHeight', swatch.rowReadings),
    ],
  };
}

function gaugeFigure(
  id: string,
  label: string,
  unit: 'mm/stitch' | 'mm/row',
  readings: readonly Reading[],
  estimate: GaugeEstimate,
): Figure {
  const counted = unit === 'mm/stitch' ? ('stitch' as const) : ('row' as const);
  const inputs: ReasonInput[] = readings.flatMap((reading, index) => [
    input(`Reading ${index + 1}: counted`, reading.count, counted),
    input(`Reading ${index + 1}: over`, reading.lengthMm, 'mm'),
  ]);
  const spread = estimate.spreadSeen
    ? 'how far the readings differ'
    : 'a usual spread, since one reading cannot show its own';
  return makeFigure(
    id,
    label,
    estimate.mm,
    unit,
    {
      rule: `All lengths together, divided by all counts together. The ± joins ${spread} with what a tape (± ${TAPE_ERROR_MM} mm) and a count (± ${COUNT_ERROR}) can be off; 19 times in 20 the truth lies within it.`,
      inputs: [
        ...inputs,
        input('± from the readings differing', estimate.spreadMm, unit),
        input('± from reading tape and count', estimate.readingMm, unit),
      ],
      source: SOURCE,
    },
    estimate.plusMinusMm,
  );
}

function readingProblems(
  field: 'stitchReadings' | 'rowReadings',
  figure: string,
  readings: readonly Reading[],
): Problem[] {
  const at = { place: 'swatch', path: ['swatch', field], asks: [figure] } as const;
  if (readings.length === 1) return [{ ...at, code: 'one-reading', severity: 'decide', values: {}, repairs: [] }];

  const sizes = readings.map(({ count, lengthMm }) => lengthMm / count);
  const least = Math.min(...sizes);
  const most = Math.max(...sizes);
  const apart = (2 * (most - least)) / (most + least);
  if (apart <= READINGS_FAR_APART) return [];
  const values = { apartShare: apart, leastMm: least, mostMm: most };
  return [{ ...at, code: 'readings-far-apart', severity: 'decide', values, repairs: [] }];
}
