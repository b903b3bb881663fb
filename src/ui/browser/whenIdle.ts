/**
 * Calls when the browser has nothing more pressing to do, or after so many ms all the same. Where it can't say so, soon.
 *
 * @returns a function that gives it up
 */
export function whenIdle(call: () => void, mostWaitMs: number): () => void {
  if (typeof requestIdleCallback === 'function') {
    const asked = requestIdleCallback(() => call(), { timeout: mostWaitMs });
    return () => cancelIdleCallback(asked);
  }
  const timer = setTimeout(call, 0);
  return () => clearTimeout(timer);
}
