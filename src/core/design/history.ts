import { z } from 'zod';
import type { Change } from './change';
import { DESIGN_VERSION } from './schema';
import { EDIT_UPGRADES } from './upgrades';

/** What can be taken back on a bag, and what was taken back. Kept with the bag, so that it outlives the window. */
export interface History {
  /** The version of the design that its changes are changes of. */
  version: number;
  undo: Change[];
  redo: Change[];
}

/** The most that a history may come to, in characters of its JSON. A change of a number has about a hundred and fifty. */
export const MOST_HISTORY_CHARACTERS = 500_000;

export const emptyHistory = (): History => ({ version: DESIGN_VERSION, undo: [], redo: [] });

const editsSchema = z.array(z.object({ path: z.array(z.union([z.string(), z.number()])), value: z.unknown() }));
const changeSchema = z.object({ label: z.string(), edits: editsSchema, inverse: editsSchema });
const historySchema = z.object({
  version: z.number(),
  undo: z.array(changeSchema),
  redo: z.array(changeSchema),
});

/**
 * A history as it was kept, if it can be used: its changes say where in a design they are made, and a design of another version has
 * other places. From those versions whose places are known it is brought up to date.
 *
 * @returns the history, or an empty one in its place; `dropped` tells that something was in the one that can't be used
 *
 * @example
 * readHistory({ version: 1, undo: [{ label: 'Width', edits: [], inverse: [] }], redo: [] }).dropped // => true
 */
export function readHistory(document: unknown): { history: History; dropped: boolean } {
  const parsed = historySchema.safeParse(document);
  const history = parsed.success ? broughtUp(parsed.data as History) : null;
  if (history) return { history, dropped: false };
  const { undo, redo } = (document ?? {}) as { undo?: unknown; redo?: unknown };
  const some = (list: unknown) => Array.isArray(list) && list.length > 0;
  return { history: emptyHistory(), dropped: some(undo) || some(redo) };
}

/** A history of this version, with each of its edits where it is made now; null where that is not known. */
function broughtUp(history: History): History | null {
  if (history.version === DESIGN_VERSION) return history;
  const upgrade = EDIT_UPGRADES[history.version];
  if (!upgrade) return null;
  const brought = ({ label, edits, inverse }: Change): Change => ({
    label,
    edits: edits.map(upgrade),
    inverse: inverse.map(upgrade),
  });
  return broughtUp({
    version: history.version + 1,
    undo: history.undo.map(brought),
    redo: history.redo.map(brought),
  });
}

/** Lengths of changes that were measured before: a history is measured with every change, and each of it stays as it is. */
const lengths = new WeakMap<object, number>();

/**
 * A history that may be kept: the changes that lie furthest back are left out, those that were taken back first, until the rest is short
 * enough.
 *
 * @param history its changes are not looked into
 * @param most characters of JSON
 *
 * @example
 * trimmedHistory({ undo: ['long ago', 'now'], redo: [] }, 6) // => { undo: ['now'], redo: [] }
 */
export function trimmedHistory<H extends { undo: unknown[]; redo: unknown[] }>(
  history: H,
  most = MOST_HISTORY_CHARACTERS,
): H {
  let length = 0;
  // What is nearest to be taken back counts first; of what was taken back, what is nearest to come again.
  const nearest = (changes: readonly unknown[]): unknown[] => {
    let from = changes.length;
    while (from > 0 && length + lengthOf(changes[from - 1]) <= most) {
      from -= 1;
      length += lengthOf(changes[from]);
    }
    return changes.slice(from);
  };
  const undo = nearest(history.undo);
  const redo = nearest(history.redo);
  return undo.length === history.undo.length && redo.length === history.redo.length
    ? history
    : { ...history, undo, redo };
}

function lengthOf(change: unknown): number {
  if (typeof change !== 'object' || change === null) return JSON.stringify(change ?? null).length;
  const known = lengths.get(change) ?? JSON.stringify(change).length;
  lengths.set(change, known);
  return known;
}
