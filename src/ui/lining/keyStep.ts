/** How far an arrow key moves, and with Shift, mm. */
export const KEY_STEPS = { shortMm: 1, longMm: 10 } as const;

const WAYS: Record<string, readonly [right: number, up: number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowDown: [0, -1],
  ArrowUp: [0, 1],
};

/**
 * Where an arrow key moves what lies on a plane, mm to the right and up; null for a key that moves nothing.
 *
 * @example
 * keyStep({ key: 'ArrowLeft', shiftKey: true }, { shortMm: 1, longMm: 10 }) // => { xMm: -10, yMm: 0 }
 */
export function keyStep(
  { key, shiftKey }: { key: string; shiftKey: boolean },
  { shortMm, longMm }: { shortMm: number; longMm: number },
): { xMm: number; yMm: number } | null {
  const way = WAYS[key];
  if (!way) return null;
  const mm = shiftKey ? longMm : shortMm;
  return { xMm: way[0] === 0 ? 0 : way[0] * mm, yMm: way[1] === 0 ? 0 : way[1] * mm };
}
