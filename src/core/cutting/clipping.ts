import { Clipper, EndType, FillRule, JoinType, type Path64 } from 'clipper2-ts';
import { movedCorners } from './movedCorners';
import { ringArea, type Ring } from './ring';

/** The clipping library reckons in whole numbers: a thousandth of a millimetre each. */
const PER_MM = 1000;

const toPath = (ring: Ring): Path64 =>
  ring.map(([x, y]) => ({ x: Math.round(x * PER_MM), y: Math.round(y * PER_MM) })) as Path64;
const toRing = (path: Path64): Ring => path.map(({ x, y }) => [Number(x) / PER_MM, Number(y) / PER_MM] as const);

/** The largest of what came out, counter-clockwise; nothing where nothing is left. */
function largest(paths: readonly Path64[]): Ring | null {
  let [best, bestArea]: [Path64 | null, number] = [null, 0];
  for (const path of paths) {
    const area = path.length > 2 ? Clipper.area(path) : 0;
    if (Math.abs(area) > Math.abs(bestArea)) [best, bestArea] = [path, area];
  }
  if (!best) return null;
  const ring = toRing(best);
  return bestArea < 0 ? [...ring].reverse() : ring;
}

/** How far an arc may lie from its chords, in the library's numbers. */
const ARC_TOLERANCE = 20;

/** A corner so sharp that its mitre would reach further than so many times the distance is cut square. */
const MITRE_LIMIT = 3;

/**
 * A ring moved outwards, or inwards where it is less than nought: every point as far from it as said.
 *
 * @param corners `mitred`: outer corners stay corners, as seam allowances are cut; `round`: they become arcs
 * @returns null where nothing is left of it
 *
 * Source: the clipping and offsetting algorithms of Clipper2 (Vatti 1992), by the library.
 *
 * @example
 * offsetRing([[0, 0], [100, 0], [100, 50], [0, 50]], 10, 'mitred') // => [[110, 60], [-10, 60], [-10, -10], [110, -10]]
 */
export function offsetRing(ring: Ring, mm: number, corners: 'mitred' | 'round'): Ring | null {
  if (mm === 0) return ring;
  const moved = corners === 'mitred' ? movedCorners(ring, mm, MITRE_LIMIT) : null;
  if (moved) return largest(Clipper.union([toPath(moved)], FillRule.Positive));
  const join = corners === 'round' ? JoinType.Round : JoinType.Miter;
  return largest(Clipper.inflatePaths([toPath(ring)], mm * PER_MM, join, EndType.Polygon, MITRE_LIMIT, ARC_TOLERANCE));
}

/** What lies in any of some rings, without holes; nothing where they enclose nothing. */
export const unionRing = (rings: readonly Ring[]): Ring | null =>
  largest(Clipper.union(rings.map(toPath), FillRule.NonZero));

/** What lies in both of two rings; nothing where they have nothing in common. */
export const commonRing = (one: Ring, other: Ring): Ring | null =>
  largest(Clipper.intersect([toPath(one)], [toPath(other)], FillRule.NonZero));

/** All that two rings have in common, piece by piece. */
export const commonRings = (one: Ring, other: Ring): Ring[] =>
  Clipper.intersect([toPath(one)], [toPath(other)], FillRule.NonZero).map(toRing);

/**
 * The area that two rings have in common, mm².
 *
 * @example
 * commonArea([[0, 0], [10, 0], [10, 10], [0, 10]], [[5, 5], [15, 5], [15, 15], [5, 15]]) // => 25
 */
export const commonArea = (one: Ring, other: Ring): number =>
  commonRings(one, other).reduce((sum, ring) => sum + ringArea(ring), 0);

/** What of some rings lies in none of others: outlines counter-clockwise, holes in them clockwise. */
export const ringsLess = (rings: readonly Ring[], others: readonly Ring[]): Ring[] =>
  Clipper.difference(rings.map(toPath), others.map(toPath), FillRule.NonZero).map(toRing);
