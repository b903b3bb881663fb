import { packThings, packingKey, piecesOf, type Packings } from '@/core/contents';
import type { Basis } from '@/core/figures';
import { planBag } from '@/core/plan';
import { formatQuantity } from '@/core/wording';
import { foldedDrawing, type Drawing } from '@/drawing';
import type { Design } from '@/core/design';
import type { ClothName } from '@/ui/theme/system';

/** A bag as it lies on the shelf, whole. */
export interface ShelvedBag {
  id: string;
  design: Design;
  archived: boolean;
  updatedAt: string;
}

/** What the shelf shows of a bag: enough to draw it and to say its size and its state. */
export interface BagCard {
  id: string;
  name: string;
  cloth: ClothName;
  /** Null when no plan can be made of it, which only a later version of the rules can bring about. */
  drawing: Drawing | null;
  sizes: string;
  /** What its sizes rest on besides a swatch of its own; null where it was measured. */
  basis: Basis | null;
  decisions: number;
  archived: boolean;
  updatedAt: string;
}

/** The best packings of bags that were shelved before, so that a shelf is drawn without searching again. */
const packed = new Map<string, Packings>();
const MOST_KEPT = 2000;

function bestPackings({ contents }: Design): Packings {
  const key = packingKey(contents.items);
  const known = packed.get(key);
  if (known) return known;
  const found = packThings(piecesOf(contents.items).map(({ box }) => box));
  if (packed.size >= MOST_KEPT) packed.clear();
  packed.set(key, found);
  return found;
}

/** Makes the card of a bag by planning it. */
export function bagCard({ id, design, archived, updatedAt }: ShelvedBag): BagCard {
  const result = planBag(design, bestPackings(design));
  const { lengthUnit } = design.settings;
  const length = (mm: number) => formatQuantity(mm, 'mm', lengthUnit);
  const base = { id, name: design.name, cloth: design.swatch.yarn.colour, archived, updatedAt };
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
