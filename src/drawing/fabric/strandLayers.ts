import type { Strand, StrandPoint } from './strands';

/** What lies behind the fabric's middle, in it, and before it: painted one after the other over all rows, so that no row covers what stands out of the one below. */
export type StrandLayer = 'behind' | 'middle' | 'before';

/** Further out than this a stretch lies before all others, in thicknesses of the yarn. */
const BEFORE_Z = 1.4;

const layerOf = (z: number): StrandLayer => (z < -0.15 ? 'behind' : z > BEFORE_Z ? 'before' : 'middle');

/** A strand and how far out its middle lies. */
export interface PaintedStrand {
  points: readonly StrandPoint[];
  z: number;
}

/**
 * The strands of a stitch by layers, in the order in which they are painted: what lies further back first.
 *
 * @example
 * layersOfLook([{ part: 'leg', points: [[0, 0, 0], [0, 1, 1]] }]).middle.length // => 1
 */
export function layersOfLook(look: readonly Strand[]): Record<StrandLayer, PaintedStrand[]> {
  const layers: Record<StrandLayer, PaintedStrand[]> = { behind: [], middle: [], before: [] };
  for (const { points } of look) {
    const z = points.reduce((sum, point) => sum + point[2], 0) / points.length;
    layers[layerOf(z)].push({ points, z });
  }
  for (const strands of Object.values(layers)) strands.sort((one, other) => one.z - other.z);
  return layers;
}

/**
 * How far the yarn of a stitch reaches, in stitches and rows from its own column.
 *
 * @example
 * lookBounds([{ part: 'leg', points: [[0.5, -1, 0], [0.2, 1, 0]] }]) // => { left: 0.2, right: 0.5, low: -1, high: 1 }
 */
export function lookBounds(look: readonly Strand[]): { left: number; right: number; low: number; high: number } {
  const bounds = { left: Infinity, right: -Infinity, low: Infinity, high: -Infinity };
  for (const { points } of look)
    for (const [x, y] of points) {
      bounds.left = Math.min(bounds.left, x);
      bounds.right = Math.max(bounds.right, x);
      bounds.low = Math.min(bounds.low, y);
      bounds.high = Math.max(bounds.high, y);
    }
  return bounds;
}
