import type { SettledDesign } from '@/core/contents';
import { patternOf, type FoldOverStrip } from '@/core/design';
import { CHOSEN, GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { GaugeStage } from '@/core/gauge';
import { startingChain } from '@/core/stitches';
import { heightFromSideMm } from './folding';

export function stitchFigure(
  body: FoldOverStrip,
  stitchCount: number,
  gauge: GaugeStage,
  wished: number,
  wantedWidth: Figure,
): Figure {
  const inputs = [
    inputFrom(wantedWidth),
    input('Each side seam takes', body.seam.takeUpStitches, 'stitch'),
    inputFrom(gauge.stitchWidth),
  ];
  return makeFigure('panel.stitches', 'Stitches in a row', stitchCount, 'stitch', {
    rule:
      body.chosenStitches === null
        ? `Wanted width divided by the width of one stitch, plus what both side seams take: ${wished.toFixed(1)}. To the nearest count that the stitch allows.`
        : body.chosenStitches === stitchCount
          ? 'You settled on this count.'
          : `You settled on ${body.chosenStitches}; this is the nearest count that the stitch allows.`,
    inputs,
    source: body.chosenStitches === null ? GEOMETRY : CHOSEN,
  });
}

export function chainFigure(design: SettledDesign, stitchCount: number, stitches: Figure): Figure {
  const { foundation, turningChain } = design.settings;
  const stitch = patternOf(design);
  const chains = startingChain(stitchCount, stitch, turningChain, foundation);
  if (foundation === 'foundation-stitches')
    return makeFigure('panel.startingChain', 'Starting chain', 0, 'chain', {
      rule: 'Foundation stitches make the first row and its chain in one: no starting chain.',
      inputs: [inputFrom(stitches)],
      source: GEOMETRY,
    });
  return makeFigure('panel.startingChain', 'Starting chain', chains, 'chain', {
    rule:
      turningChain === 'counts'
        ? 'Stitches, plus the chains passed over at the hook, less one, because they stand for the first stitch.'
        : 'Stitches, plus the chains passed over at the hook, which do not count as a stitch.',
    inputs: [
      inputFrom(stitches),
      input('Chains passed over', stitch.turningChain[turningChain].skippedInFoundation, 'chain'),
    ],
    source: GEOMETRY,
  });
}

export function widthFigure(body: FoldOverStrip, stitches: Figure, gauge: GaugeStage): Figure {
  const seen = stitches.value - 2 * body.seam.takeUpStitches;
  return makeFigure(
    'size.width',
    'Width, outside',
    seen * gauge.stitchWidth.value,
    'mm',
    {
      rule: 'Stitches less what both side seams take, times the width of one stitch.',
      inputs: [
        inputFrom(stitches),
        input('Each side seam takes', body.seam.takeUpStitches, 'stitch'),
        inputFrom(gauge.stitchWidth),
      ],
      source: GEOMETRY,
    },
    seen * (gauge.stitchWidth.plusMinus ?? 0),
  );
}

export function heightFigure(
  id: string,
  label: string,
  rows: number,
  depthMm: number,
  gauge: GaugeStage,
  rowsFigure: Figure,
  loadMm: number,
): Figure {
  return makeFigure(
    id,
    label,
    heightFromSideMm(rows * gauge.rowHeight.value, depthMm, gauge.fabricThickness.value),
    'mm',
    {
      rule: 'Front rows times the row height, less the quarter circle that goes round the base, plus what that bend stands below: outside, from the bottom to the mouth.',
      inputs: [
        inputFrom(rowsFigure),
        inputFrom(gauge.rowHeight),
        input('Depth of the base fold, between the middles of the fabric', depthMm, 'mm'),
        input('Thickness of the load', loadMm, 'mm'),
      ],
      source: GEOMETRY,
    },
    rows * (gauge.rowHeight.plusMinus ?? 0),
  );
}

/** A count times a size, with its ±: a length that follows from the gauge. */
export function productFigure(id: string, label: string, countFigure: Figure, size: Figure): Figure {
  return makeFigure(
    id,
    label,
    countFigure.value * size.value,
    'mm',
    {
      rule: `${countFigure.label}, times the ${size.label.charAt(0).toLowerCase()}${size.label.slice(1)}.`,
      inputs: [inputFrom(countFigure), inputFrom(size)],
      source: GEOMETRY,
    },
    countFigure.value * (size.plusMinus ?? 0),
  );
}

/** Rows of a part: set by her on the drawing, or following from the wanted height. */
export function rowFigure(
  design: SettledDesign,
  wantedHeight: Figure,
  gauge: GaugeStage,
  id: string,
  label: string,
  rows: number,
  chosen: boolean,
  rule: string,
): Figure {
  if (chosen) {
    const reason = { rule: 'You set this on the drawing.', inputs: [inputFrom(gauge.rowHeight)], source: CHOSEN };
    return makeFigure(id, label, rows, 'row', reason);
  }
  return makeFigure(id, label, rows, 'row', {
    rule,
    inputs: [
      inputFrom(wantedHeight),
      inputFrom(gauge.fabricThickness),
      input('Thickness of the lining', design.lining?.thicknessMm ?? 0, 'mm'),
      inputFrom(gauge.rowHeight),
    ],
    source: GEOMETRY,
  });
}
