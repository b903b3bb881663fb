import { GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { Measure } from '@/core/gauge';
import type { Alternative } from './alternatives';

/** The numbers of an alternative that can be asked why. */
interface AlternativeFigures {
  width: Figure;
  height: Figure;
  /** The most by which both together may be off. */
  off: Figure;
}

/**
 * Width and height of an alternative as figures.
 *
 * @param name tells it from the other alternatives shown
 */
export function alternativeFigures(alternative: Alternative, name: string): AlternativeFigures {
  const { stitches, frontRows, swatch, hookMm, width, height } = alternative;
  const origin = swatch
    ? `Gauge from the swatch “${swatch.name}”, carried over where its stitch is another one.`
    : 'Gauge foretold for a hook that was not tried, from the line through those that were.';
  const size = (what: 'Width' | 'Height', { mm, plusMinusMm }: Measure, counted: number, unit: 'stitch' | 'row') =>
    makeFigure(
      `alternative.${name}.${what.toLowerCase()}`,
      `${what} on a ${hookMm} mm hook`,
      mm,
      'mm',
      {
        rule:
          what === 'Width'
            ? `From the stitches and the width of one, as the width of this bag is. ${origin}`
            : `From the rows and the height of one, as the height of this bag is. ${origin}`,
        inputs: [
          input(unit === 'stitch' ? 'Stitches' : 'Rows of the front', counted, unit),
          input('Hook', hookMm, 'mm'),
        ],
        source: GEOMETRY,
      },
      plusMinusMm,
    );
  const figures = { width: size('Width', width, stitches, 'stitch'), height: size('Height', height, frontRows, 'row') };
  return {
    ...figures,
    off: makeFigure(`alternative.${name}.off`, 'Off at most, width and height together', alternative.mostOffMm, 'mm', {
      rule: 'By how much each is off the wanted size, plus its ±, added up: what these are ranked by.',
      inputs: [inputFrom(figures.width), inputFrom(figures.height)],
      source: GEOMETRY,
    }),
  };
}
