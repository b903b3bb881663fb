/**
 * Tries whether this browser can draw in space at all.
 *
 * @returns what gives back that which it was tried with, since a page may hold only a few; that waits for the graphics to begin, so there is a better time for it. Null where
 *   the browser can't
 */
export function trySpace(): (() => void) | null {
  try {
    const context = document.createElement('canvas').getContext('webgl2');
    return context && (() => context.getExtension('WEBGL_lose_context')?.loseContext());
  } catch {
    return null;
  }
}
