import { wrapOf, type ContentsStage } from '@/core/contents';
import { factsOf, type Design } from '@/core/design';
import { GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { Problem } from '@/core/problems';
import type { PouchStage } from '@/core/stages';
import { easeFigures, type Eases } from './eases';
import { fitProblems, itemProblems } from './fitProblems';
import { insideFigures, type InsideFigures } from './insideFigures';

/** How what goes in sits in the bag as it is planned. */
export interface FitStage {
  figures: InsideFigures &
    Eases & {
      /** All round the mouth, inside. */
      opening: Figure;
      volume: Figure;
    };
  problems: Problem[];
}

/**
 * The planned bag's inside, what room is left in it beside what goes in, and what doesn't fit.
 *
 * @param clampedLoadMm the thickness that the bag was planned with when what goes in is thicker than it can take; else null
 */
export function contentsFit(
  design: Design,
  contents: ContentsStage,
  pouch: PouchStage,
  clampedLoadMm: number | null,
): FitStage {
  const { layers, figures: planned } = pouch;
  const wrap = wrapOf(pouch.kind);
  const inside = insideFigures(planned, layers, wrap);
  const { insideWidth, insideHeight, insideDepth } = inside;
  const volume = volumeFigure(pouch, insideWidth, insideHeight, insideDepth);
  const ease = easeFigures(contents, { insideWidth, insideHeight, insideDepth }, planned.heightLoaded, pouch, wrap);
  return {
    figures: { opening: openingFigure(pouch, insideWidth, insideDepth), volume, ...inside, ...ease },
    problems: [...itemProblems(design), ...fitProblems(design, contents, ease, pouch, clampedLoadMm)],
  };
}

/** All round the mouth, inside. Of a round purse it is what is left open of the rims. */
function openingFigure(pouch: PouchStage, width: Figure, depth: Figure | null): Figure {
  const label = 'Opening, all round inside';
  const { mouthNarrowed, mouthBefore, rimOpen: open } = pouch.figures;
  const narrowed = mouthNarrowed ?? mouthBefore;
  const wallsMm = 2 * Math.PI * (pouch.layers.fabricMm / 2 + pouch.layers.liningMm);
  if (narrowed)
    return makeFigure(
      'size.opening',
      label,
      Math.max(0, narrowed.value - wallsMm),
      'mm',
      {
        rule: 'All round outside, less 2π times half the fabric and the lining.',
        inputs: [inputFrom(narrowed), input('Half the fabric, and the lining', wallsMm / (2 * Math.PI), 'mm')],
        source: GEOMETRY,
      },
      narrowed.plusMinus,
    );
  if (open && depth)
    return makeFigure(
      'size.opening',
      label,
      2 * open.value + 2 * Math.max(0, depth.value),
      'mm',
      {
        rule: 'What is left open of both rims, and the depth at both ends.',
        inputs: [inputFrom(open), inputFrom(depth)],
        source: GEOMETRY,
      },
      open.plusMinus === null ? null : 2 * open.plusMinus,
    );
  const deepMm = depth ? Math.max(0, depth.value) : 0;
  return makeFigure(
    'size.opening',
    label,
    2 * width.value + 2 * deepMm,
    'mm',
    {
      rule: depth
        ? 'Front and back, and the depth at both sides.'
        : 'Front and back together: twice the inside width. What is thicker than it is wide goes in as long as its girth is less.',
      inputs: [inputFrom(width), ...(depth ? [inputFrom(depth)] : [])],
      source: GEOMETRY,
    },
    width.plusMinus === null ? null : 2 * width.plusMinus,
  );
}

/** What the bag holds, planned for its load: of a flat bag what it wraps; of a deep one width, height and depth. */
function volumeFigure(pouch: PouchStage, width: Figure, height: Figure, depth: Figure | null): Figure {
  const wideMm = Math.max(0, width.value);
  const highMm = Math.max(0, height.value);
  const label = 'Volume inside, to the mouth';
  const share = Math.hypot(
    (width.plusMinus ?? 0) / Math.max(1, wideMm),
    (height.plusMinus ?? 0) / Math.max(1, highMm),
    (depth?.plusMinus ?? 0) / Math.max(1, depth?.value ?? 1),
  );
  const figure = (mm3: number, rule: string, inputs: ReturnType<typeof input>[]) =>
    makeFigure('size.volume', label, mm3, 'mm3', { rule, inputs, source: GEOMETRY }, mm3 * share);
  if (depth === null) {
    const { loadMm } = pouch;
    const box = Math.max(0, wideMm - loadMm) * Math.max(0, highMm - loadMm / 2) * loadMm;
    return figure(
      box,
      'Flat, the bag holds nothing; round a load it gives as much of its width as the load is thick, and half of that of its height: (W − c) · (H − c/2) · c.',
      [inputFrom(width), inputFrom(height), input('Thickness of the load (c)', loadMm, 'mm')],
    );
  }
  const deepMm = Math.max(0, depth.value);
  const inputs = [inputFrom(width), inputFrom(height), inputFrom(depth)];
  const { faces, hasRoundEnds } = factsOf(pouch.kind);
  if (faces === 'discs')
    return figure(
      (Math.PI / 4) * wideMm ** 2 * deepMm,
      'A disc as wide and as deep as the inside: π/4 · W² · D.',
      inputs,
    );
  if (hasRoundEnds) {
    const straightMm = Math.max(0, wideMm - deepMm);
    return figure(
      (straightMm * deepMm + (Math.PI / 4) * deepMm ** 2) * highMm,
      'The oval of the base, a rectangle with a half circle at each end, times the inside height.',
      inputs,
    );
  }
  return figure(wideMm * highMm * deepMm, 'Inside width times height times depth.', inputs);
}
