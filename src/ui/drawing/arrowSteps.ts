/** Which way an arrow key moves what has the focus, and how far Page up and Page down go. */
const ARROWS: Record<string, number> = {
  ArrowUp: 1,
  ArrowRight: 1,
  ArrowDown: -1,
  ArrowLeft: -1,
};

/** Steps that a key moves by; 0 for a key that moves nothing. */
export function arrowSteps(key: string, pageSteps: number): number {
  if (key === 'PageUp') return pageSteps;
  if (key === 'PageDown') return -pageSteps;
  return ARROWS[key] ?? 0;
}
