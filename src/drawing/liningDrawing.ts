import type { Plan } from '@/core/plan';
import type { Drawing } from './shape';

/**
 * The lining as it is cut, with the line its edges are pressed along and the panel it will cover, all about one centre.
 * Null without a lining.
 */
export function liningDrawing(plan: Plan): Drawing | null {
  const { lining } = plan;
  if (!lining) return null;
  const { cutWidth, cutLength, finishedWidth, finishedLength } = lining.figures;
  const widthMm = cutWidth.value;
  const heightMm = cutLength.value;
  const centred = (width: number, height: number) => ({
    x: (widthMm - width) / 2,
    y: (heightMm - height) / 2,
    widthMm: width,
    heightMm: height,
  });
  return {
    box: { x: 0, y: 0, widthMm, heightMm },
    shapes: [
      { kind: 'rect', role: 'load', layer: 'cloth', mark: 'lining.cut', ...centred(widthMm, heightMm) },
      {
        kind: 'rect',
        role: 'press',
        layer: 'folds',
        mark: 'lining.press',
        ...centred(finishedWidth.value, finishedLength.value),
      },
      {
        kind: 'rect',
        role: 'outline',
        layer: 'cloth',
        mark: 'panel',
        ...centred(plan.pouch.figures.panelWidth.value, plan.flap.figures.panelLength.value),
      },
    ],
  };
}
