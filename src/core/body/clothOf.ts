import { bordersOf } from '@/core/borders';
import { layersOf, type SettledDesign } from '@/core/contents';
import { patternOf } from '@/core/design';
import type { GaugeStage } from '@/core/gauge';
import type { ClothMm } from './constructions';

/** The fabric of a bag, mm: a stitch, a row, its sheets, and what is worked round its edges. */
export const clothOf = (design: SettledDesign, gauge: GaugeStage): ClothMm => ({
  stitchMm: gauge.stitchWidth.value,
  rowMm: gauge.rowHeight.value,
  ...layersOf(design, gauge.fabricThickness.value),
  borders: bordersOf(design, () => ({
    stitchMm: gauge.stitchWidth.value,
    rowMm: gauge.rowHeight.value,
    pattern: patternOf(design),
  })),
});
