import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { Layers } from '@/core/section';
import { fabricRoundMm2 } from './choosePacking';
import { insideNeeded, sheetInputs, sheetWords, sheetsAcrossMm, sheetsAlongMm, type Wrap } from './inside';
import type { Lot } from './packTree';

/** What a way of packing comes to, as figures that can be asked. */
export interface PackingFigures {
  across: Figure;
  up: Figure;
  thick: Figure;
  bagWidth: Figure;
  bagHeight: Figure;
  fabric: Figure;
}

/** What of a lot an inside has to hold, in words. */
export const NEEDED_WORDS: Record<Wrap, { width: string; height: string }> = {
  flat: {
    width: 'Width of what is packed, plus its thickness, since a flat bag has to go round it, plus ease',
    height: 'Height of what is packed, plus half its thickness, since the base goes round under it, plus ease',
  },
  deep: { width: 'Width of what is packed, plus ease', height: 'Height of what is packed, plus ease' },
  round: {
    width: 'Corner to corner of what is packed, plus ease',
    height: 'Corner to corner of what is packed, plus ease',
  },
};

const FABRIC_WORDS: Record<Wrap, string> = {
  flat: 'Inside width, times twice the inside height and the way over the top, π/2 times the thickness',
  deep: 'Front and back, and the depth round side, base and side',
  round: 'Both discs, and the depth all round',
};

/**
 * The sizes of a way of packing, and of a bag round it.
 *
 * @param name tells it from the other ways shown
 */
export function packingFigures(lot: Lot, easeMm: number, sheets: Layers, wrap: Wrap, name: string): PackingFigures {
  const size = (what: string, label: string, mm: number) =>
    makeFigure(`packing.${name}.${what}`, label, mm, 'mm', {
      rule: 'The things as they lie in this packing, added up this way.',
      inputs: [],
      source: GEOMETRY,
    });
  const across = size('across', 'Packed, across', lot.widthMm);
  const up = size('up', 'Packed, up', lot.heightMm);
  const thick = size('thick', 'Packed, thick', lot.thicknessMm);
  const inside = insideNeeded(lot, easeMm, wrap);
  const ease = input('Ease', easeMm, 'mm');
  const layers = sheetInputs(sheets);
  const bagWidth = makeFigure(
    `packing.${name}.bagWidth`,
    'A bag round it, wide',
    inside.widthMm + sheetsAcrossMm(sheets),
    'mm',
    {
      rule: `${NEEDED_WORDS[wrap].width}, plus ${sheetWords(sheets)} on both sides.`,
      inputs: [inputFrom(across), inputFrom(thick), ease, ...layers],
      source: COMMON_PRACTICE,
    },
  );
  const bagHeight = makeFigure(
    `packing.${name}.bagHeight`,
    'A bag round it, high',
    inside.heightMm + sheetsAlongMm(sheets, wrap),
    'mm',
    {
      rule: `${NEEDED_WORDS[wrap].height}, plus ${sheetWords(sheets)} of the base${wrap === 'round' ? ' and the top' : ''}.`,
      inputs: [inputFrom(up), inputFrom(thick), ease, ...layers],
      source: COMMON_PRACTICE,
    },
  );
  return {
    across,
    up,
    thick,
    bagWidth,
    bagHeight,
    fabric: makeFigure(
      `packing.${name}.fabric`,
      'Fabric round it, without the flap',
      fabricRoundMm2(lot, easeMm, wrap),
      'mm2',
      {
        rule: `${FABRIC_WORDS[wrap]}: what packings are ranked by.`,
        inputs: [inputFrom(across), inputFrom(up), inputFrom(thick), ease],
        source: GEOMETRY,
      },
    ),
  };
}
