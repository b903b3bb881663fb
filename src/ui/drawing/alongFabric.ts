/** Fabric that runs towards the eye can't be told apart: what lies on it moves as if it ran at least so far on the screen, px a mm. */
const LEAST_WAY_PX = 0.25;

/**
 * How far along the fabric a hand has moved, mm: what of its way on the screen lies along the fabric's.
 *
 * @param movedPx the hand's way, px to the right and down
 * @param wayPx how far a millimetre further along the fabric lies on the screen, px
 */
export function alongFabricMm([x, y]: readonly [number, number], wayPx: { x: number; y: number }): number {
  const farPx = Math.max(LEAST_WAY_PX, Math.hypot(wayPx.x, wayPx.y));
  return (x * wayPx.x + y * wayPx.y) / farPx ** 2;
}
