import { packQuickly, packingKey, carriedThings, type Packings } from '@/core/contents';
import type { Contents } from '@/core/design';

/** How many lists of things are remembered with the ways to pack them. */
const MOST_KEPT = 50;

/** What was found by a thorough search, by the things it was found for. The newest last. */
const thorough = new Map<string, Packings>();

/** What a first try found, for the list of things that is planned with now. */
let quick: { key: string; packings: Packings } | null = null;

/**
 * The ways to pack a list of things that are known now: those of a thorough search where there was one, else those of a first
 * try. It never takes long.
 */
export function knownPackings(items: Contents['items']): Packings {
  const key = packingKey(items);
  const found = thorough.get(key);
  if (found) return found;
  if (quick?.key !== key) quick = { key, packings: packQuickly(carriedThings(items).map(({ box }) => box)) };
  return quick.packings;
}

/** Whether a thorough search would tell more than is known now. */
export const wantsSearch = (items: Contents['items']): boolean =>
  !knownPackings(items).proven && !thorough.has(packingKey(items));

/** Remembers what a thorough search found. */
export function rememberPackings(items: Contents['items'], packings: Packings): void {
  thorough.set(packingKey(items), packings);
  const [oldest] = thorough.keys();
  if (thorough.size > MOST_KEPT && oldest !== undefined) thorough.delete(oldest);
}
