import type { DesignEdit } from '@/core/problems';
import type { Design } from './schema';

/** A change of a design as plain data: how to make it and how to take it back. */
export interface Change {
  /** What the maker did, for the undo button. */
  label: string;
  edits: DesignEdit[];
  inverse: DesignEdit[];
}

/**
 * A change that makes some edits to a design, with the way back. Edits that alter nothing are left out.
 *
 * @param edits each to a path that the design has, none inside another's
 */
export function makeChange(design: Design, label: string, edits: readonly DesignEdit[]): Change {
  const real = edits.filter(({ path, value }) => !same(valueAt(design, path), value));
  return {
    label,
    edits: real,
    inverse: real.map(({ path }) => wayBack(design, path)).reverse(),
  };
}

/** What takes an edit back: the old value in its place; or the whole old list, where it adds to the end of one. */
function wayBack(design: Design, path: DesignEdit['path']): DesignEdit {
  const listPath = path.slice(0, -1);
  const list = valueAt(design, listPath);
  const adds = Array.isArray(list) && path.at(-1) === list.length;
  return adds ? { path: listPath, value: list } : { path, value: valueAt(design, path) };
}

/** The way back as a change of its own. */
export const reverseChange = ({ label, edits, inverse }: Change): Change => ({ label, edits: inverse, inverse: edits });

/** Whether a change alters anything. */
export const isEmptyChange = (change: Change): boolean => change.edits.length === 0;

/** Two changes, one after the other, as one: a drag of a hundred steps is one thing to undo. */
export function squashChanges(first: Change, second: Change): Change {
  const reversedSecond = second.inverse.filter(({ path }) => !first.inverse.some((edit) => same(edit.path, path)));
  const overtaken = first.edits.filter(({ path }) => !second.edits.some((edit) => same(edit.path, path)));
  return {
    label: second.label,
    edits: [...overtaken, ...second.edits],
    inverse: [...reversedSecond, ...first.inverse],
  };
}

function valueAt(document: unknown, path: readonly (string | number)[]): unknown {
  return path.reduce<unknown>((node, step) => (node as Record<string | number, unknown> | null)?.[step], document);
}

const same = (a: unknown, b: unknown): boolean => a === b || JSON.stringify(a) === JSON.stringify(b);
