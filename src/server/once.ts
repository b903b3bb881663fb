/**
 * Something of which the process has one. Next bundles a module more than once; what is made here is kept where every copy of it finds it.
 *
 * @param name by which it is found
 * @param make makes it, the first time it is asked for
 */
export function once<T>(name: string, make: () => T): T {
  const kept = globalThis as typeof globalThis & { ruelle?: Map<string, unknown> };
  const all = (kept.ruelle ??= new Map());
  if (!all.has(name)) all.set(name, make());
  return all.get(name) as T;
}
