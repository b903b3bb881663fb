import { ROUGH_SHARE, ROUGH_THICKNESS_TO_STITCH } from '@/core/defaults';
import type { Swatch } from '@/core/design';
import type { StitchNature } from '@/core/stitches';
import { estimateGauge, type GaugeEstimate } from './estimateGauge';
import { roughStitchMm } from './roughStitch';

/** One measure of a swatch, as its readings have it; or rough, where there are none. */
export interface SwatchMeasure extends GaugeEstimate {
  measured: boolean;
}

/** What a swatch tells of its fabric. */
export interface SwatchGauge {
  stitch: SwatchMeasure;
  row: SwatchMeasure;
  thicknessMm: number;
  thicknessMeasured: boolean;
}

type Tried = Pick<
  Swatch,
  'yarn' | 'hookMm' | 'strands' | 'heldWith' | 'stitchReadings' | 'rowReadings' | 'thicknessMm'
>;

/**
 * The gauge of a swatch: from its readings; and what was not measured from the yarn's class and the hook, or from the usual proportion of
 * the stitch, within ± 15 %.
 *
 * @param nature the proportions of the stitch it is worked in
 * Source: `estimateGauge`, `roughStitchMm`; proportions from memory.
 */
export function swatchGauge(swatch: Tried, nature: StitchNature): SwatchGauge {
  const stitch = measureOf(swatch.stitchReadings, () => rough(roughStitchMm(swatch) * nature.widthToSc, 0));
  const row = measureOf(swatch.rowReadings, () =>
    rough((stitch.mm * nature.heightToSc) / nature.widthToSc, stitch.measured ? stitch.plusMinusMm / stitch.mm : 0),
  );
  return {
    stitch,
    row,
    thicknessMm: swatch.thicknessMm ?? roughThicknessMm(stitch.mm / nature.widthToSc, nature),
    thicknessMeasured: swatch.thicknessMm !== null,
  };
}

const measureOf = (readings: Tried['stitchReadings'], guess: () => GaugeEstimate): SwatchMeasure =>
  readings.length > 0 ? { measured: true, ...estimateGauge(readings) } : { measured: false, ...guess() };

/** A measure that nobody took. */
function rough(mm: number, knownShare: number): GaugeEstimate {
  const plusMinusMm = mm * Math.hypot(ROUGH_SHARE, knownShare);
  return { mm, plusMinusMm, spreadMm: plusMinusMm, readingMm: 0 };
}

/** Within what the file can hold, as a measured one is. */
const roughThicknessMm = (singleCrochetMm: number, { thicknessToSc }: StitchNature): number =>
  Math.min(20, Math.max(0.2, ROUGH_THICKNESS_TO_STITCH * singleCrochetMm * thicknessToSc));
