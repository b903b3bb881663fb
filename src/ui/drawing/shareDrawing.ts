import type { Drawing } from '@/drawing';

/**
 * Gives a drawing in which every shape that is drawn as before is the very same object, and the drawing as before where all are. A
 * shape is the least part that is drawn for itself, so nothing within one is looked for once it differs.
 *
 * @example
 * const line = { kind: 'circle', role: 'metal', layer: 'hardware', x: 1, y: 2, radiusMm: 7 } as const;
 * const box = { x: 0, y: 0, widthMm: 9, heightMm: 9 };
 * const before = { box, shapes: [line] };
 * shareDrawing(before, { box: { ...box }, shapes: [{ ...line }] }) === before // => true
 */
export function shareDrawing(before: Drawing | undefined, now: Drawing): Drawing {
  if (!before) return now;
  const shapes = now.shapes.map((shape, index) => {
    const was = before.shapes[index];
    return was !== undefined && isSame(was, shape) ? was : shape;
  });
  const unchanged = shapes.length === before.shapes.length && shapes.every((shape, at) => shape === before.shapes[at]);
  return unchanged && isSame(before.box, now.box) ? before : { box: now.box, shapes };
}

/** Whether two pieces of plain data say the same. */
function isSame(one: unknown, other: unknown): boolean {
  if (Object.is(one, other)) return true;
  if (typeof one !== 'object' || typeof other !== 'object' || one === null || other === null) return false;
  if (Array.isArray(one))
    return Array.isArray(other) && one.length === other.length && one.every((part, at) => isSame(part, other[at]));
  const keys = Object.keys(one);
  if (keys.length !== Object.keys(other).length) return false;
  for (const key of keys)
    if (!isSame((one as Record<string, unknown>)[key], (other as Record<string, unknown>)[key])) return false;
  return true;
}
