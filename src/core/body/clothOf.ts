import { bordersOf } from '@/core/borders';
import type { SettledDesign } from '@/core/contents';
import { patternOf } from '@/core/design';
import type { GaugeStage } from '@/core/gauge';
import type { ClothMm } from './constructions';

/** The fabric of a bag, mm: a stitch, a row, its sheets, and what is worked round its edges. */
export const clothOf = (design: SettledDesign, gauge: GaugeStage): ClothMm => ({
  stitchMm: gauge.stitchWidth.value,
  rowMm: gauge.rowHeight.value,
  fabricMm: gauge.fabricThickness.value,
  liningMm: design.lining?.thicknessMm ?? 0,
  borders: bordersOf(design, () => ({
    stitchMm: gauge.stitchWidth.value,
    rowMm: gauge.rowHeight.value,
    pattern: patternOf(design),
  })),
});
