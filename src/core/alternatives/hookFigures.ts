import type { SettledDesign } from '@/core/contents';
import { patternOf } from '@/core/design';
import { GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { HookLine, HookPoint } from '@/core/gauge';
import { nearestCount } from '@/core/stitches';

/** What a hook that was not tried would give: its gauge, and of the bag the count and the width. */
interface HookFigures {
  stitchWidth: Figure;
  /** Null where even one repeat would be far too wide. */
  stitches: Figure | null;
  width: Figure | null;
}

const REGRESSION = {
  kind: 'published',
  reference: 'NIST/SEMATECH e-Handbook of Statistical Methods, 4.5.2',
} as const;

/** The gauge foretold for a hook from the line through those that were tried, and what the bag would become on it. */
export function hookFigures(
  design: SettledDesign,
  line: HookLine,
  points: readonly HookPoint[],
  hookMm: number,
): HookFigures {
  const { mm, plusMinusMm } = line.predict(hookMm);
  const { widthMm, seam } = design.body;
  const stitchWidth = makeFigure(
    'hook.stitchWidth',
    `Width of one stitch, foretold for a ${hookMm} mm hook`,
    mm,
    'mm/stitch',
    {
      rule: 'Read off a straight line through the swatches of this yarn, gauge against hook. The ± is for a new swatch, 19 times in 20.',
      inputs: points.flatMap((point) => [
        input('Swatch on a hook of', point.hookMm, 'mm'),
        { ...input('Its stitch width', point.mm, 'mm/stitch'), plusMinus: point.plusMinusMm },
      ]),
      source: REGRESSION,
    },
    plusMinusMm,
  );
  const count = mm > 0 ? nearestCount(widthMm / mm + 2 * seam.takeUpStitches, patternOf(design)) : null;
  if (count === null) return { stitchWidth, stitches: null, width: null };
  const stitches = makeFigure('hook.stitches', `Stitches on a ${hookMm} mm hook`, count, 'stitch', {
    rule: 'Wanted width divided by the width of one stitch, plus what both side seams take, to the nearest count that the stitch allows.',
    inputs: [input('Width you want', widthMm, 'mm'), inputFrom(stitchWidth)],
    source: GEOMETRY,
  });
  const seen = count - 2 * seam.takeUpStitches;
  const width = makeFigure(
    'hook.width',
    `Width on a ${hookMm} mm hook`,
    seen * mm,
    'mm',
    {
      rule: 'Stitches less what both side seams take, times the width of one stitch.',
      inputs: [
        inputFrom(stitches),
        input('Each side seam takes', seam.takeUpStitches, 'stitch'),
        inputFrom(stitchWidth),
      ],
      source: GEOMETRY,
    },
    seen * plusMinusMm,
  );
  return { stitchWidth, stitches, width };
}
