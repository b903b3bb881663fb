import type { Problem } from '@/core/problems';
import type { FittingInput, FittingKinds } from './input';
import type { HungBand } from './band';
import type { FabricMark } from './mark';
import type { FittingGroup, FittingPlace } from './place';
import type { FittingStage } from './stage';

/** The kinds of every group. */
export type FittingCatalogues = Readonly<Record<FittingGroup, FittingKinds>>;

/** Everything that is put on a bag, planned. What could not be is left out, with its problems. */
interface Fittings {
  /** Closures, hardware, then straps, edgings, trims, and the lining. */
  all: FittingStage[];
  marks: FabricMark[];
  bands: HungBand[];
  problems: Problem[];
}

/** A caution that is the same for all that it is said of, such as of small parts: once is enough. */
const isToldAlready = (problem: Problem, told: readonly Problem[]): boolean =>
  problem.severity === 'mind' &&
  problem.repairs.length === 0 &&
  Object.keys(problem.values).length === 0 &&
  told.some(({ code }) => code === problem.code);

/**
 * Plans everything that is put on a bag, each by the file of its own kind.
 *
 * @throws RangeError for a kind that its catalogue does not have: the schema takes none
 */
export function planFittings(bag: Omit<FittingInput, 'at'>, catalogues: FittingCatalogues): Fittings {
  const { closures, hardware, straps, lining, edgings, trims, stiffener, pockets } = bag.design;
  const all: FittingStage[] = [];
  const problems: Problem[] = [];
  const put = (choice: { kind: string }, at: FittingPlace) => {
    const kind = catalogues[at.group][choice.kind];
    if (!kind) throw new RangeError(`no ${choice.kind} among the ${at.group}`);
    const planned = kind.plan(choice as never, { at, ...bag });
    if (planned.ok) all.push(planned.stage);
    for (const problem of planned.ok ? planned.stage.problems : planned.problems)
      if (!isToldAlready(problem, problems)) problems.push(problem);
  };
  closures.forEach((closure, index) => put(closure, { group: 'closures', index }));
  hardware.forEach((one, index) => put(one, { group: 'hardware', index }));
  straps.forEach((strap, index) => put(strap, { group: 'straps', index }));
  edgings.forEach((edging, index) => put(edging, { group: 'edgings', index }));
  trims.forEach((trim, index) => put(trim, { group: 'trims', index }));
  pockets.forEach((pocket, index) => put(pocket, { group: 'pockets', index }));
  if (stiffener) put(stiffener, { group: 'stiffener', index: 0 });
  if (lining) put(lining, { group: 'lining', index: 0 });
  return { all, marks: all.flatMap(({ marks }) => marks), bands: all.flatMap(({ bands }) => bands), problems };
}
