import { bordersOf } from '@/core/borders';
import type { SettledDesign } from '@/core/contents';
import { patternOf, wallLiningMm } from '@/core/design';
import type { GaugeStage } from '@/core/gauge';
import type { ClothMm } from './constructions';

/** The fabric of a bag, mm: a stitch, a row, its sheets, and what is worked round its edges. */
export const clothOf = (design: SettledDesign, gauge: GaugeStage): ClothMm => ({
  stitchMm: gauge.stitchWidth.value,
  rowMm: gauge.rowHeight.value,
  fabricMm: gauge.fabricThickness.value,
  liningMm: wallLiningMm(design),
  borders: bordersOf(design, () => ({
    stitchMm: gauge.stitchWidth.value,
    rowMm: gauge.rowHeight.value,
    pattern: patternOf(design),
  })),
});
