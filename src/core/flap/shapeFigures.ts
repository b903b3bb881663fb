import type { SettledDesign } from '@/core/contents';
import { GEOMETRY, input, inputFrom, makeFigure, productFigure } from '@/core/figures';
import type { GaugeStage } from '@/core/gauge';
import type { PouchStage, ShapeFigures } from '@/core/stages';
import type { FlapRows } from './flapRows';

/** The figures of a flap's shape. */
export function shapeFigures(
  design: SettledDesign,
  gauge: GaugeStage,
  pouch: PouchStage,
  { startStitches, rows, mostOffStitches }: FlapRows,
): ShapeFigures {
  const { widthMm } = design.flap;
  const start = makeFigure('flap.startStitches', 'Stitches where the flap starts', startStitches, 'stitch', {
    rule:
      widthMm === null
        ? 'As many as the back has.'
        : 'Wanted width divided by the width of one stitch, to the nearest count that leaves as many stitches at each side of the back and suits the stitch’s repeat.',
    inputs: [
      inputFrom(pouch.figures.stitches),
      ...(widthMm === null ? [] : [input('Width of the flap you want', widthMm, 'mm'), inputFrom(gauge.stitchWidth)]),
    ],
    source: GEOMETRY,
  });
  const edge = makeFigure(
    'flap.edgeStitches',
    'Stitches at the flap’s edge',
    rows.at(-1)?.stitches ?? startStitches,
    'stitch',
    {
      rule: 'The count nearest to the outline where the last row ends. Counts stay odd or even, so that both sides are worked alike.',
      inputs: [inputFrom(start), input('Rows of the flap', rows.length, 'row')],
      source: GEOMETRY,
    },
  );
  return {
    startStitches: start,
    startWidth: productFigure('flap.startWidth', 'Width where the flap starts', start, gauge.stitchWidth),
    edgeStitches: edge,
    edgeWidth: productFigure('flap.edgeWidth', 'Width at the flap’s edge', edge, gauge.stitchWidth),
    outlineOff: makeFigure('flap.outlineOff', 'Outline off by at most, at a side', mostOffStitches, 'stitch', {
      rule: 'At the end of every row, half the difference between the wished width and the worked one, in stitches: the largest of them.',
      inputs: [inputFrom(start), inputFrom(edge)],
      source: GEOMETRY,
    }),
  };
}
