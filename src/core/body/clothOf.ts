import type { SettledDesign } from '@/core/contents';
import type { GaugeStage } from '@/core/gauge';
import type { ClothMm } from './constructions';

/** The fabric of a bag, mm: a stitch, a row, and its sheets. */
export const clothOf = (design: Pick<SettledDesign, 'lining'>, gauge: GaugeStage): ClothMm => ({
  stitchMm: gauge.stitchWidth.value,
  rowMm: gauge.rowHeight.value,
  fabricMm: gauge.fabricThickness.value,
  liningMm: design.lining?.thicknessMm ?? 0,
});
