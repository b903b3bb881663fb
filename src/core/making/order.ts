/** A step that must come after some others and may shut some off for good. */
export interface Ordered<Id extends string> {
  id: Id;
  /** Steps that must be done before this one. */
  needs: readonly Id[];
  /** Steps that can't be done any more once this one is: so they come before it, too. */
  shutsOff: readonly Id[];
}

type OrderResult<Step> = { ok: true; steps: Step[] } | { ok: false; cycle: string[] };

/**
 * Puts steps in an order in which nothing is set too late: each after what it needs, and before what shuts it off.
 * Where several could come next, the one listed first does. Steps named but not in the list are left out of account.
 *
 * @returns the steps in order, or the members of a cycle, sorted by name, when no order exists
 * Source: Kahn, Topological sorting of large networks, CACM 5 (1962).
 *
 * @example
 * orderSteps([{ id: 'line', needs: [], shutsOff: ['snap'] }, { id: 'snap', needs: [], shutsOff: [] }]).steps.map((step) => step.id) // => ['snap', 'line']
 * orderSteps([{ id: 'a', needs: ['b'], shutsOff: [] }, { id: 'b', needs: ['a'], shutsOff: [] }]) // => { ok: false, cycle: ['a', 'b'] }
 */
export function orderSteps<Id extends string, Step extends Ordered<Id>>(steps: readonly Step[]): OrderResult<Step> {
  const known = new Set<Id>(steps.map(({ id }) => id));
  const before = new Map<Id, Id[]>(
    steps.map(({ id, needs, shutsOff }) => [id, [...needs, ...shutsOff].filter((other) => known.has(other))]),
  );

  const waiting = [...steps];
  const done = new Set<Id>();
  const ordered: Step[] = [];
  const isReady = ({ id }: Step): boolean => before.get(id)?.every((other) => done.has(other)) ?? true;
  while (waiting.length > 0) {
    const nextIndex = waiting.findIndex(isReady);
    if (nextIndex < 0) return { ok: false, cycle: membersOfCycles(waiting, before) };
    const [next] = waiting.splice(nextIndex, 1) as [Step];
    done.add(next.id);
    ordered.push(next);
  }
  return { ok: true, steps: ordered };
}

/** Of the steps that can't be placed, those that wait for themselves; the others only wait behind them. */
function membersOfCycles<Id extends string>(stuck: readonly Ordered<Id>[], before: Map<Id, Id[]>): string[] {
  const reaches = (from: Id, target: Id, seen = new Set<Id>()): boolean =>
    (before.get(from) ?? []).some((id) => {
      if (id === target) return true;
      if (seen.has(id)) return false;
      seen.add(id);
      return reaches(id, target, seen);
    });
  return stuck
    .map((step) => step.id)
    .filter((id) => reaches(id, id))
    .sort();
}
