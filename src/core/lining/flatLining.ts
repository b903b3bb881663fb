import type { FlatLining } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { FlapStage } from '@/core/flap';
import type { PouchStage } from '@/core/body';

export interface LiningStage {
  figures: {
    cutWidth: Figure;
    cutLength: Figure;
    finishedWidth: Figure;
    finishedLength: Figure;
    turnUnder: Figure;
  };
}

/**
 * Plans a flat lining that covers the whole strip, body and flap: one rectangle, cut larger than the panel, its edges
 * pressed under so that it ends a little inside the crochet, and whipped round before the sides are seamed.
 */
export function flatLiningStage(lining: FlatLining, pouch: PouchStage, flap: FlapStage): LiningStage {
  const allowance = input('Cloth beyond the panel, each side', lining.allowanceMm, 'mm');
  const inset = input('Lining’s edge inside the crochet’s', lining.insetMm, 'mm');
  const cut = (id: string, label: string, panel: Figure) =>
    makeFigure(
      id,
      label,
      panel.value + 2 * lining.allowanceMm,
      'mm',
      {
        rule: 'Panel plus the allowance on both sides. Usual allowance: 12 to 25 mm. Measure your panel first; the ± is the panel’s.',
        inputs: [inputFrom(panel), allowance],
        source: COMMON_PRACTICE,
      },
      panel.plusMinus,
    );
  const finished = (id: string, label: string, panel: Figure) =>
    makeFigure(
      id,
      label,
      Math.max(0, panel.value - 2 * lining.insetMm),
      'mm',
      { rule: 'Panel less the inset on both sides.', inputs: [inputFrom(panel), inset], source: GEOMETRY },
      panel.plusMinus,
    );
  const { panelWidth } = pouch.figures;
  const { panelLength } = flap.figures;
  return {
    figures: {
      cutWidth: cut('lining.cutWidth', 'Cut the lining: width', panelWidth),
      cutLength: cut('lining.cutLength', 'Cut the lining: length', panelLength),
      finishedWidth: finished('lining.finishedWidth', 'Lining pressed: width', panelWidth),
      finishedLength: finished('lining.finishedLength', 'Lining pressed: length', panelLength),
      turnUnder: makeFigure(
        'lining.turnUnder',
        'Press under on every side',
        lining.allowanceMm + lining.insetMm,
        'mm',
        {
          rule: 'Allowance plus inset: the pressed edge then lies inside the crochet by the inset.',
          inputs: [allowance, inset],
          source: GEOMETRY,
        },
      ),
    },
  };
}
