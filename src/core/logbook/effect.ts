import { applyEdits, type Design } from '@/core/design';
import type { Figure } from '@/core/figures';
import { planBag, type Plan } from '@/core/plan';
import type { DesignEdit } from '@/core/problems';

/** A number of the plan before something is taken, and after. */
export interface FigureChange {
  before: Figure;
  after: Figure;
}

/** Changes smaller than this share of a number are none that a maker sees. Ours. */
const LEAST_SHARE = 0.001;

/** What of a plan is told when it changes: counts, rows, sizes, straps after weeks, yarn. */
const tellingFigures = ({ pouch, flap, straps, yarn }: Plan): (Figure | null | undefined)[] => [
  pouch.figures.stitches,
  pouch.figures.frontRows,
  flap.figures?.flapRows,
  pouch.figures.width,
  pouch.figures.height,
  pouch.figures.depth,
  ...straps.map((strap) => ('hanging' in strap ? strap.hanging?.crept : null)),
  ...yarn.lots.flatMap(({ mass, balls }) => [mass, balls]),
];

/**
 * What edits would change of a plan, number by number.
 *
 * @returns null where no plan comes of them
 */
export function effectOf(design: Design, plan: Plan, edits: readonly DesignEdit[]): FigureChange[] | null {
  const read = applyEdits(design, [...edits]);
  if (!read.ok) return null;
  const result = planBag(read.design);
  if (!result.ok) return null;
  const after = new Map(tellingFigures(result.plan).flatMap((figure) => (figure ? [[figure.id, figure]] : [])));
  return tellingFigures(plan).flatMap((before) => {
    const now = before ? after.get(before.id) : undefined;
    if (!before || !now) return [];
    const isSame = (one: number | null, other: number | null) =>
      Math.abs((one ?? 0) - (other ?? 0)) <= LEAST_SHARE * Math.abs(before.value);
    return isSame(before.value, now.value) && isSame(before.plusMinus, now.plusMinus) ? [] : [{ before, after: now }];
  });
}
