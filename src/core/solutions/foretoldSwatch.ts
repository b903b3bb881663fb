import type { HookGauge } from '@/core/alternatives';
import { swatchIdSchema, type Swatch } from '@/core/design';

/** Stitches or rows that a reading is made of where the bag's own swatch has none. */
const UNMEASURED_COUNT = 20;

/** A swatch as it would be on a hook that was not tried: the bag's own, its readings so much wider and higher. */
export function foretoldSwatch(own: Swatch, { hookMm, stitchMm, rowMm, thicknessMm }: HookGauge): Swatch {
  const mean = (readings: Swatch['stitchReadings']) =>
    readings.reduce((sum, { lengthMm }) => sum + lengthMm, 0) / readings.reduce((sum, { count }) => sum + count, 0);
  const grown = (readings: Swatch['stitchReadings'], mm: number) =>
    readings.length === 0
      ? [{ count: UNMEASURED_COUNT, lengthMm: UNMEASURED_COUNT * mm }]
      : readings.map(({ count, lengthMm }) => ({ count, lengthMm: lengthMm * (mm / mean(readings)) }));
  return {
    ...own,
    id: swatchIdSchema.parse('foretold'),
    hookMm,
    hookLetter: null,
    thicknessMm,
    stitchReadings: grown(own.stitchReadings, stitchMm.mm),
    rowReadings: grown(own.rowReadings, rowMm.mm),
  };
}
