/**
 * Gives `next`, with every part that is equal to the one in `before` replaced by that very part. So whoever follows a part
 * can tell by identity that it has not changed: a drag re-plans everything, yet most figures stay the same objects.
 *
 * Plain data only (objects, lists, numbers, texts, null); neither argument is changed.
 */
export function shareUnchanged<T>(before: unknown, next: T): T {
  return share(before, next, new Map()) as T;
}

/** @param done parts of `next` met before: a figure stands both in its stage and in the list of all figures */
function share(before: unknown, next: unknown, done: Map<object, unknown>): unknown {
  if (Object.is(before, next)) return next;
  if (typeof before !== 'object' || typeof next !== 'object' || before === null || next === null) return next;
  const met = done.get(next);
  if (met !== undefined) return met;
  const [isList, wasList] = [Array.isArray(next), Array.isArray(before)];
  const shared =
    isList && wasList
      ? shareList(before as unknown[], next as unknown[], done)
      : isList || wasList
        ? next
        : shareParts(before, next, done);
  done.set(next, shared);
  return shared;
}

/** A copy of `next` is made at the first part that is not its own; a drag re-plans much that needs none. */
function shareList(before: readonly unknown[], next: readonly unknown[], done: Map<object, unknown>): unknown {
  let copy: unknown[] | undefined;
  let same = before.length === next.length;
  for (let at = 0; at < next.length; at += 1) {
    const part = share(before[at], next[at], done);
    if (part !== before[at]) same = false;
    if (part !== next[at]) (copy ??= [...next])[at] = part;
  }
  return same ? before : (copy ?? next);
}

/** As of a list, name by name. */
function shareParts(before: object, next: object, done: Map<object, unknown>): unknown {
  const old = before as Record<string, unknown>;
  const now = next as Record<string, unknown>;
  const keys = Object.keys(now);
  let copy: Record<string, unknown> | undefined;
  let same = keys.length === Object.keys(old).length;
  for (const key of keys) {
    const part = share(old[key], now[key], done);
    if (part !== old[key] || (part === undefined && !(key in old))) same = false;
    if (part !== now[key]) (copy ??= { ...now })[key] = part;
  }
  return same ? before : (copy ?? next);
}
