import { patternOf } from '@/core/design';
import { GEOMETRY, inputFrom, makeFigure, type Figure } from '@/core/figures';
import { nameAt, type FittingInput } from '@/core/fittings';
import { nearestCount, startingChain } from '@/core/stitches';
import type { PocketSizes } from './pocketSizes';

/** The counts of the bag's own stitch that come nearest to a wished size, in whole repeats, and what they come to: mm, and its fabric in mm². */
export function crochetedSizes(wished: PocketSizes, { at, gauge, design }: FittingInput) {
  const pattern = patternOf(design);
  const [stitchMm, rowMm] = [gauge.stitchWidth.value, gauge.rowHeight.value];
  const count = nearestCount(wished.width.value / stitchMm, pattern) ?? pattern.edgeStitches + pattern.repeatStitches;
  const rows = Math.max(1, Math.round(wished.height.value / rowMm));
  const counted = (id: string, label: string, value: number, unit: 'stitch' | 'row', wish: Figure, one: Figure) =>
    makeFigure(nameAt(at, id), label, value, unit, {
      rule:
        unit === 'stitch'
          ? 'As many as come nearest to its width, in whole repeats of the stitch.'
          : 'As many as come nearest to its height.',
      inputs: [inputFrom(wish), inputFrom(one)],
      source: GEOMETRY,
    });
  const stitchesFigure = counted(
    'pocket.stitches',
    'Pocket, stitches',
    count,
    'stitch',
    wished.width,
    gauge.stitchWidth,
  );
  const rowsFigure = counted('pocket.rows', 'Pocket, rows', rows, 'row', wished.height, gauge.rowHeight);
  const size = (id: string, label: string, mm: number, by: Figure, one: Figure) =>
    makeFigure(
      nameAt(at, id),
      label,
      mm,
      'mm',
      {
        rule: 'As its count comes out in this gauge.',
        inputs: [inputFrom(by), inputFrom(one)],
        source: GEOMETRY,
      },
      one.plusMinus === null ? null : by.value * one.plusMinus,
    );
  const width = size('pocket.width', 'Pocket, finished: across', count * stitchMm, stitchesFigure, gauge.stitchWidth);
  const height = size('pocket.height', 'Pocket, finished: up', rows * rowMm, rowsFigure, gauge.rowHeight);
  return {
    width,
    height,
    own: { stitches: stitchesFigure, rows: rowsFigure },
    chain: startingChain(count, pattern, design.settings.turningChain, design.settings.foundation),
    fabric: makeFigure(nameAt(at, 'pocket.fabric'), 'Fabric of the pocket', width.value * height.value, 'mm2', {
      rule: 'Across times up.',
      inputs: [inputFrom(width), inputFrom(height)],
      source: GEOMETRY,
    }),
  };
}
