import type { PartAt } from '@/core/bench';
import type { Design } from '@/core/design';
import { foldBag, type FoldedBag, type FoldWay, type Vec } from '@/core/fold';
import type { Plan } from '@/core/plan';
import { middleOf } from './axonometry';
import { fabricPlaces } from './fabric';
import { foldedMesh, type FoldedMesh } from './foldedMesh';
import { bumpsOf } from './foldedTexture';
import { workedBag } from './workedSheets';

/** What shows of the bag. */
export type Shown = 'outside' | 'inside';

/** How many rows of each piece are there; null: all of them. */
export type UpTo = ReadonlyMap<PartAt['piece'], number> | null;

/** The folded bag, ready to be drawn. */
export interface Folded {
  /** What it is folded of. */
  design: Design;
  plan: Plan;
  bag: FoldedBag;
  mesh: FoldedMesh;
  bumps: { points: Vec[]; radiusMm: number };
  /** The point that it is turned about, wherever its flap is: the middle of the closed bag. */
  middle: Vec;
}

/** Front and flap are left away to look inside, and what leads from the back to the flap. */
const BEFORE_INSIDE = new Set(['part.front', 'part.bridge', 'part.flap']);

const isBehind = ({ sheet }: { sheet: { mark: string } }): boolean => !BEFORE_INSIDE.has(sheet.mark);

/** Folds a plan and makes its solids. */
export function folded(design: Design, plan: Plan, way: FoldWay, shown: Shown, upTo: UpTo = null): Folded {
  const made = foldBag(plan, way);
  const whole = upTo ? workedBag(made, plan, upTo) : made;
  // It stays where it will be, however little of it is there.
  const closed = way.flap === 1 ? made : foldBag(plan, { ...way, flap: 1 });
  const bag =
    shown === 'outside'
      ? whole
      : {
          ...whole,
          sheets: whole.sheets.filter(({ mark }) => !BEFORE_INSIDE.has(mark)),
          lines: whole.lines.filter(isBehind),
          marks: [],
        };
  const liningMm = plan.lining ? plan.pouch.layers.liningMm : 0;
  const { stitchMm, rowMm } = plan.pouch;
  const mesh = foldedMesh(bag, liningMm, { placesOf: fabricPlaces(plan), stitchMm, rowMm });
  return {
    ...{ design, plan },
    bag,
    mesh,
    // Raised stitches lie on whole sheets.
    bumps: whole === made ? bumpsOf(design, plan, bag) : { points: [], radiusMm: 0 },
    middle: middleOf(closed === whole && shown === 'outside' ? mesh.box : foldedMesh(closed, liningMm).box),
  };
}
