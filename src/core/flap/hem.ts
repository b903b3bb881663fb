import type { Flap } from '@/core/design';

/** Shapes whose edge is straight, so that a hem can be turned back over it. */
const STRAIGHT_EDGED: ReadonlySet<Flap['kind']> = new Set(['straight', 'tapered', 'rounded-corners']);

/** Whether a flap of that shape can have a hem. */
export const canHaveHem = (kind: Flap['kind']): boolean => STRAIGHT_EDGED.has(kind);

/**
 * Rows of a hem that is turned back over the inside of a flap's edge: to the nearest row, never more than the flap itself has.
 *
 * @example
 * hemRowCount({ kind: 'straight', dropMm: 100, widthMm: null, hemMm: 22 }, 5, 20) // => 4
 */
export const hemRowCount = (flap: Flap, rowMm: number, flapRows: number): number =>
  flap.hemMm === null || !canHaveHem(flap.kind) ? 0 : Math.min(flapRows, Math.max(1, Math.round(flap.hemMm / rowMm)));
