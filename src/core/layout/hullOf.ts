import { offsetRing, type Ring } from '@/core/cutting';
import { coarser, convexHull } from './convex';

/** The convex hull of a piece, grown by half of what is left between pieces, its curves with few corners. */
export function hullOf(ring: Ring, betweenMm: number): Ring {
  const hull = convexHull(ring);
  const grown = betweenMm > 0 ? (offsetRing(hull, betweenMm / 2, 'round') ?? ring) : hull;
  return coarser(convexHull(grown));
}
