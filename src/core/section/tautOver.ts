import type { SectionPoint } from './sectionPiece';

/** A stretch of a taut line: straight, or round a corner, counter-clockwise from one angle to another (radians from +x). */
export type TautStretch =
  | { kind: 'line'; from: SectionPoint; to: SectionPoint }
  | { kind: 'arc'; centre: SectionPoint; radiusMm: number; fromRad: number; toRad: number };

/** Ways shorter than this are none, mm. */
const DUST_MM = 1e-9;

/**
 * A line drawn taut from right to left over corners: it touches those that stand out, and passes at a distance from each.
 *
 * It is the upper side of the convex hull of both ends and a circle about each corner. Corners that lie below the others are passed over.
 *
 * @param from where it begins, mm, at the right
 * @param to where it ends, mm, at the left, no higher or lower
 * @param corners what it is drawn over, mm
 * @param radiusMm its distance from a corner: half its own thickness and what lies below it
 * Source: geometry.
 *
 * @example
 * tautOver({ x: 10, y: 0 }, { x: 0, y: 0 }, [], 1) // => [{ kind: 'line', from: { x: 10, y: 0 }, to: { x: 0, y: 0 } }]
 * tautLengthMm(tautOver({ x: 6, y: 0 }, { x: 0, y: 0 }, [{ x: 3, y: 4 }], 0)) // => 10
 */
export function tautOver(
  from: SectionPoint,
  to: SectionPoint,
  corners: readonly SectionPoint[],
  radiusMm: number,
): TautStretch[] {
  const stretches: TautStretch[] = [];
  const left = new Set(corners);
  let at = from;
  let round: { centre: SectionPoint; fromRad: number } | null = null;
  let heading = -Infinity;
  for (;;) {
    const start = round?.centre ?? from;
    // Whatever can be reached with the least turn to the left leaves everything else on the left.
    let next: { corner: SectionPoint | null; heading: number; farMm: number } = {
      corner: null,
      heading: headingTo(start, to, round ? radiusMm : 0, -1),
      farMm: distance(start, to),
    };
    for (const corner of left) {
      const turned = headingTo(start, corner, round ? 0 : radiusMm, 1);
      const farMm = distance(start, corner);
      const isLess = turned < next.heading - 1e-12 || (turned < next.heading + 1e-12 && farMm > next.farMm);
      if (turned >= heading - 1e-12 && isLess) next = { corner, heading: turned, farMm };
    }
    const touch = (centre: SectionPoint): SectionPoint => ({
      x: centre.x + radiusMm * Math.sin(next.heading),
      y: centre.y - radiusMm * Math.cos(next.heading),
    });
    if (round && radiusMm > 0)
      stretches.push({
        kind: 'arc',
        centre: round.centre,
        radiusMm,
        fromRad: round.fromRad,
        toRad: next.heading - Math.PI / 2,
      });
    const leaves = round ? touch(round.centre) : at;
    const arrives = next.corner ? touch(next.corner) : to;
    if (distance(leaves, arrives) > DUST_MM) stretches.push({ kind: 'line', from: leaves, to: arrives });
    if (!next.corner) return stretches;
    left.delete(next.corner);
    at = arrives;
    round = { centre: next.corner, fromRad: next.heading - Math.PI / 2 };
    heading = next.heading;
  }
}

/** The length of a taut line, mm. */
export const tautLengthMm = (stretches: readonly TautStretch[]): number =>
  stretches.reduce(
    (sum, stretch) =>
      sum +
      (stretch.kind === 'line'
        ? distance(stretch.from, stretch.to)
        : stretch.radiusMm * (stretch.toRad - stretch.fromRad)),
    0,
  );

/**
 * The heading, from 0 for rightwards counter-clockwise, of a line between a point and a circle that is tangent to the circle and has it
 * on its left; `side` 1 where the circle is at its end, −1 at its beginning. With no radius it is the way from one to the other.
 */
function headingTo(start: SectionPoint, end: SectionPoint, radiusMm: number, side: 1 | -1): number {
  const far = distance(start, end);
  const bearing = Math.atan2(end.y - start.y, end.x - start.x);
  const positive = bearing < 0 ? bearing + 2 * Math.PI : bearing;
  // An end within the circle is left, or reached, along it.
  return positive - side * Math.asin(Math.min(1, far > 0 ? radiusMm / far : 1));
}

const distance = (a: SectionPoint, b: SectionPoint): number => Math.hypot(b.x - a.x, b.y - a.y);
