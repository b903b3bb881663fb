import { insideNeeded, sheetsAlongMm, type ContentsStage, type Wrap } from '@/core/contents';
import { GEOMETRY, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { PouchStage } from '@/core/stages';

/** The room left beside what goes in; null where nothing does, or where the bag has no such side. */
export interface Eases {
  easeAcross: Figure | null;
  easeUp: Figure | null;
  easeThrough: Figure | null;
  /** How far what goes in stays below the mouth of the loaded bag. */
  belowMouth: Figure | null;
}

/** The room left across, up and from front to back, and below the mouth when the bag is loaded. Source: geometry. */
export function easeFigures(
  { figures }: ContentsStage,
  inside: { insideWidth: Figure; insideHeight: Figure; insideDepth: Figure | null },
  heightLoaded: Figure,
  { layers }: PouchStage,
  wrap: Wrap,
): Eases {
  const { packedWidth, packedHeight, packedThickness, load } = figures;
  if (!packedWidth || !packedHeight || !packedThickness)
    return { easeAcross: null, easeUp: null, easeThrough: null, belowMouth: null };
  const needed = insideNeeded(
    { widthMm: packedWidth.value, heightMm: packedHeight.value, thicknessMm: packedThickness.value },
    0,
    wrap,
  );
  const left = (id: string, label: string, size: Figure, neededMm: number, rule: string, takenBy: readonly Figure[]) =>
    makeFigure(
      `contents.${id}`,
      label,
      size.value - neededMm,
      'mm',
      { rule, inputs: [size, ...takenBy].map(inputFrom), source: GEOMETRY },
      size.plusMinus,
    );
  const { insideWidth, insideHeight, insideDepth } = inside;
  const lot = {
    flat: { across: [packedWidth, packedThickness], up: [packedHeight, packedThickness] },
    deep: { across: [packedWidth], up: [packedHeight] },
    round: { across: [packedWidth, packedHeight], up: [packedWidth, packedHeight] },
  }[wrap];
  return {
    easeAcross: left(
      'easeAcross',
      'Room left across',
      insideWidth,
      needed.widthMm,
      EASE_WORDS[wrap].across,
      lot.across,
    ),
    easeUp: left('easeUp', 'Room left up', insideHeight, needed.heightMm, EASE_WORDS[wrap].up, lot.up),
    easeThrough:
      insideDepth &&
      left(
        'easeThrough',
        'Room left from front to back',
        insideDepth,
        needed.depthMm ?? 0,
        'Inside depth, less the thickness of what is packed.',
        [packedThickness],
      ),
    belowMouth:
      wrap === 'flat'
        ? left(
            'belowMouth',
            'Below the mouth, loaded',
            heightLoaded,
            sheetsAlongMm(layers, wrap) + needed.heightMm,
            'Height to the mouth with the bag loaded, less the base, half the thickness and the height of what is packed: the base rounds under the load and draws the mouth down.',
            [load, packedHeight, packedThickness],
          )
        : null,
  };
}

const EASE_WORDS: Record<Wrap, { across: string; up: string }> = {
  flat: {
    across: 'Inside width, less the width of what is packed and its thickness.',
    up: 'Inside height, less the height of what is packed and half its thickness.',
  },
  deep: {
    across: 'Inside width, less the width of what is packed.',
    up: 'Inside height, less the height of what is packed.',
  },
  round: {
    across: 'Inside diameter, less corner to corner of what is packed.',
    up: 'Inside diameter, less corner to corner of what is packed.',
  },
};
