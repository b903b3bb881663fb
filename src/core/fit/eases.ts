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
  const left = (id: string, label: string, mm: number, rule: string, inputs: Figure[], plusMinus: number | null) =>
    makeFigure(id, label, mm, 'mm', { rule, inputs: inputs.map(inputFrom), source: GEOMETRY }, plusMinus);
  const { insideWidth, insideHeight, insideDepth } = inside;
  const lot = {
    flat: { across: [packedWidth, packedThickness], up: [packedHeight, packedThickness] },
    deep: { across: [packedWidth], up: [packedHeight] },
    round: { across: [packedWidth, packedHeight], up: [packedWidth, packedHeight] },
  }[wrap];
  return {
    easeAcross: left(
      'contents.easeAcross',
      'Room left across',
      insideWidth.value - needed.widthMm,
      EASE_WORDS[wrap].across,
      [insideWidth, ...lot.across],
      insideWidth.plusMinus,
    ),
    easeUp: left(
      'contents.easeUp',
      'Room left up',
      insideHeight.value - needed.heightMm,
      EASE_WORDS[wrap].up,
      [insideHeight, ...lot.up],
      insideHeight.plusMinus,
    ),
    easeThrough:
      insideDepth &&
      left(
        'contents.easeThrough',
        'Room left from front to back',
        insideDepth.value - (needed.depthMm ?? 0),
        'Inside depth, less the thickness of what is packed.',
        [insideDepth, packedThickness],
        insideDepth.plusMinus,
      ),
    belowMouth:
      wrap === 'flat'
        ? left(
            'contents.belowMouth',
            'Below the mouth, loaded',
            heightLoaded.value - sheetsAlongMm(layers, wrap) - needed.heightMm,
            'Height to the mouth with the bag loaded, less the base, half the thickness and the height of what is packed: the base rounds under the load and draws the mouth down.',
            [heightLoaded, load, packedHeight, packedThickness],
            heightLoaded.plusMinus,
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
