import type { Basis } from '@/core/figures';
import type { Design } from '@/core/design';
import type { PlanResult } from '@/core/plan';
import { formatQuantity } from '@/core/wording';
import { foldedDrawing } from './foldedDrawing';
import type { Drawing } from './shape';

/** What a card shows of a bag that follows from its design: enough to draw it and to say its size and its state. */
export interface DesignCard {
  name: string;
  cloth: Design['swatch']['yarn']['colour'];
  /** Null when no plan can be made of it, which only a later version of the rules can bring about. */
  drawing: Drawing | null;
  sizes: string;
  /** What its sizes rest on besides a swatch of its own; null where it was measured. */
  basis: Basis | null;
  decisions: number;
}

/** What the shelf shows of a bag. */
export interface BagCard extends DesignCard {
  id: string;
  archived: boolean;
  updatedAt: string;
}

/** The card of a design, from its plan or from what keeps it from having one. */
export function designCard(design: Design, result: PlanResult): DesignCard {
  const { lengthUnit } = design.settings;
  const length = (mm: number) => formatQuantity(mm, 'mm', lengthUnit);
  const base = { name: design.name, cloth: design.swatch.yarn.colour };
  if (!result.ok) return { ...base, drawing: null, sizes: '', basis: null, decisions: result.problems.length };
  const { plan } = result;
  return {
    ...base,
    drawing: foldedDrawing(plan),
    sizes: [plan.pouch.figures.width, plan.pouch.figures.height, plan.pouch.figures.depth]
      .flatMap((figure) => (figure ? [length(figure.value)] : []))
      .join(' × '),
    basis: plan.gauge.basis,
    decisions: plan.problems.filter(({ severity }) => severity === 'decide').length,
  };
}
