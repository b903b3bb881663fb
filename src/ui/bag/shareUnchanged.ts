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
  const shared = Array.isArray(next) ? shareList(before, next, done) : shareObject(before, next, done);
  done.set(next, shared);
  return shared;
}

function shareList(before: object, next: readonly unknown[], done: Map<object, unknown>): unknown {
  if (!Array.isArray(before)) return next;
  const shared = next.map((part, index) => share(before[index], part, done));
  return shared.length === before.length && shared.every((part, index) => part === before[index]) ? before : shared;
}

function shareObject(before: object, next: object, done: Map<object, unknown>): unknown {
  if (Array.isArray(before)) return next;
  const old = before as Record<string, unknown>;
  const now = next as Record<string, unknown>;
  const shared: Record<string, unknown> = {};
  let same = true;
  let missing = 0;
  for (const key in old) if (!(key in now)) missing += 1;
  for (const key in now) {
    const part = share(old[key], now[key], done);
    shared[key] = part;
    if (part !== old[key] || !(key in old)) same = false;
  }
  return same && missing === 0 ? before : shared;
}
