import type { DesignEdit } from '@/core/problems';
import { readDesign, type ReadDesign } from './readDesign';
import type { Design } from './schema';

/**
 * Makes a design with some choices changed, and checks it whole. The given design is left alone; parts that did not
 * change are shared.
 *
 * @param edits applied in order; each path must lead to something that the design has
 * @returns the new design, or the faults with their fields
 * @throws RangeError when a path leads nowhere: that is a mistake of the caller, not of the maker
 */
export function applyEdits(design: Design, edits: readonly DesignEdit[]): ReadDesign {
  return readDesign(edits.reduce<unknown>((document, edit) => setAt(document, edit.path, edit.value), design));
}

function setAt(node: unknown, path: readonly (string | number)[], value: unknown): unknown {
  const [step, ...rest] = path;
  if (step === undefined) return value;
  if (Array.isArray(node)) {
    const index = Number(step);
    if (!Number.isInteger(index) || index < 0 || index > node.length)
      throw new RangeError(`no place ${String(step)} in a list of ${node.length}`);
    return Object.assign([...(node as unknown[])], { [index]: setAt(node[index], rest, value) });
  }
  if (typeof node !== 'object' || node === null || !(step in node))
    throw new RangeError(`the design has no ${String(step)} here`);
  return { ...node, [step]: setAt((node as Record<string, unknown>)[step], rest, value) };
}
