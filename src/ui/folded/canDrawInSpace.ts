/** Whether this browser can draw in space at all. */
export function canDrawInSpace(): boolean {
  try {
    const context = document.createElement('canvas').getContext('webgl2');
    // Given back at once: a page may hold only a few.
    context?.getExtension('WEBGL_lose_context')?.loseContext();
    return context !== null;
  } catch {
    return false;
  }
}
