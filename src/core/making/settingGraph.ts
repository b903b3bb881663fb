import type { FittingGroup } from '@/core/fittings';
import type { Step, StepId } from './step';

/** What has to come before what, of the steps around setting something. */
export interface SettingGraph {
  /** In an order in which all can be done. */
  nodes: { id: StepId; isOfGroup: boolean }[];
  /** `shuts`: once `to` is done, `from` can't be done any more; otherwise `to` only needs it. None that follows from others. */
  edges: { from: StepId; to: StepId; shuts: boolean }[];
}

/**
 * The steps in which some groups of fittings are set, with those that they need, that need them, and that shut them off, and what has to come before what
 * among them.
 *
 * @param steps all steps of the bag, in their order
 *
 * @example
 * settingGraph([{ id: 'block', of: null, needs: [], shutsOff: [] }, { id: 'set', of: { at: { group: 'closures', index: 0 } }, needs: ['block'], shutsOff: [] }, { id: 'seam', of: null, needs: ['block'], shutsOff: ['set', 'block'] }], 'closures').edges // => [{ from: 'block', to: 'set', shuts: false }, { from: 'set', to: 'seam', shuts: true }]
 */
export function settingGraph(
  steps: readonly (Pick<Step, 'id' | 'needs' | 'shutsOff'> & { of: { at: { group: FittingGroup } } | null })[],
  ...groups: readonly FittingGroup[]
): SettingGraph {
  const own = new Set(steps.filter(({ of }) => of && groups.includes(of.at.group)).map(({ id }) => id));
  if (own.size === 0) return { nodes: [], edges: [] };
  /** What each step comes right after. */
  const before = new Map(steps.map(({ id, needs, shutsOff }) => [id, new Set([...needs, ...shutsOff])]));
  const near = steps.filter(
    ({ id, needs, shutsOff }) =>
      own.has(id) ||
      [...needs, ...shutsOff].some((other) => own.has(other)) ||
      [...own].some((one) => before.get(one)?.has(id)),
  );
  // The last look comes after everything and says nothing of an order.
  const nodes = near.filter(({ id }) => id !== 'inspect');
  const all = reachable(steps, before);
  const comes = (first: StepId, second: StepId): boolean => all.get(second)?.has(first) ?? false;
  const edges = nodes.flatMap(({ id: to, shutsOff }) =>
    nodes
      .filter(({ id: from }) => comes(from, to))
      .filter(({ id: from }) => !nodes.some(({ id: middle }) => comes(from, middle) && comes(middle, to)))
      .map(({ id: from }) => ({ from, to, shuts: shutsOff.includes(from) })),
  );
  return { nodes: nodes.map(({ id }) => ({ id, isOfGroup: own.has(id) })), edges };
}

/** All that comes before each step, however far back. Steps are in order: what comes before one is known when it is met. */
function reachable(
  steps: readonly Pick<Step, 'id'>[],
  before: ReadonlyMap<StepId, ReadonlySet<StepId>>,
): Map<StepId, Set<StepId>> {
  const all = new Map<StepId, Set<StepId>>();
  for (const { id } of steps) {
    const own = new Set<StepId>();
    for (const one of before.get(id) ?? []) {
      own.add(one);
      for (const earlier of all.get(one) ?? []) own.add(earlier);
    }
    all.set(id, own);
  }
  return all;
}
