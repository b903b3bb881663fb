import { OTHER_STITCH_SHARE, SCALE_ERROR_G, TAPE_ERROR_MM } from '@/core/defaults';
import { patternOf, swatchPatternOf, type Design } from '@/core/design';
import { input, makeFigure, type Figure } from '@/core/figures';

/** A swatch on the scale, and its whole size. */
export interface WeighedSwatch {
  massG: number;
  widthMm: number;
  heightMm: number;
}

/** 95 % of a reading equally likely anywhere within ± 1 of its limit (JCGM 100:2008, 4.3.7). */
const COVERAGE_OF_LIMITS = 1.96 / Math.sqrt(3);

/** The swatch as it was weighed, with its whole size; null as long as one of these is missing. */
export function wholeSwatch({ weighed }: Design['swatch']): WeighedSwatch | null {
  if (weighed === null) return null;
  const { massG, widthMm, heightMm } = weighed;
  return widthMm !== null && heightMm !== null ? { massG, widthMm, heightMm } : null;
}

/** What the bag's fabric weighs for its area, from a swatch on the scale. */
export function massPerArea(design: Design, { massG, widthMm, heightMm }: WeighedSwatch): Figure {
  const yarnRatio = patternOf(design).nature.yarnToSc / swatchPatternOf(design).nature.yarnToSc;
  const isOther = design.stitch !== design.swatch.stitch;
  const { yarn: hers } = design.corrected;
  const perArea = (massG / (widthMm * heightMm)) * yarnRatio * (hers?.value ?? 1) * 1e6;
  const share =
    COVERAGE_OF_LIMITS * Math.hypot(SCALE_ERROR_G / massG, TAPE_ERROR_MM / widthMm, TAPE_ERROR_MM / heightMm) +
    (isOther ? OTHER_STITCH_SHARE : 0);
  return makeFigure(
    'yarn.massPerArea',
    'Mass of the fabric',
    perArea,
    'g/m2',
    {
      rule: `Mass of the swatch divided by its area${hers ? ', times what your bags took against their plans' : ''}. The ± is that of a kitchen scale (± 1 g) and a tape${hers ? ', joined with how far one of your bags is from another' : ''}: a bigger swatch makes it smaller.`,
      inputs: [
        input('Swatch on the scale', massG, 'g'),
        input('Swatch width', widthMm, 'mm'),
        input('Swatch height', heightMm, 'mm'),
        ...(hers
          ? [
              input('Your bags against their plans', hers.value, 'ratio'),
              input('Bags that it rests on', hers.bags, 'count'),
            ]
          : []),
        ...(isOther ? [input('Bag’s stitch against the swatch’s, usually', yarnRatio, 'ratio')] : []),
      ],
      source: { kind: 'measured' },
    },
    perArea * Math.hypot(share, hers?.plusMinus ?? 0),
  );
}
