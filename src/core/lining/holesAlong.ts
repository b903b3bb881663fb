import { offsetRing, ringBounds, type PieceMark, type Ring, type RingPoint } from '@/core/cutting';
import type { JoinMap, JoinedSpan } from './joinMap';
import type { LiningPattern } from './liningPattern';

/** Points along a run of lines, so many, each in the middle of as long a share of it. */
export function evenlyAlong(line: readonly RingPoint[], count: number): RingPoint[] {
  // A stretch that is a point, as the tip of a flap: all of its holes are that one.
  const [only, second] = line;
  if (!only || !second) return Array.from({ length: count }, () => only ?? ([0, 0] as const));
  const lengths = line.slice(1).map(([x, y], index) => {
    const [fromX, fromY] = line[index] as RingPoint;
    return Math.hypot(x - fromX, y - fromY);
  });
  const whole = lengths.reduce((sum, one) => sum + one, 0);
  const points: RingPoint[] = [];
  let [side, before] = [0, 0];
  for (let at = 0; at < count; at++) {
    const wanted = ((at + 0.5) / count) * whole;
    while (side < lengths.length - 1 && before + (lengths[side] ?? 0) < wanted) before += lengths[side++] ?? 0;
    const [from, to] = [line[side] as RingPoint, line[side + 1] as RingPoint];
    const share = (lengths[side] ?? 0) > 0 ? (wanted - before) / (lengths[side] as number) : 0;
    points.push([from[0] + share * (to[0] - from[0]), from[1] + share * (to[1] - from[1])]);
  }
  return points;
}

/** The points of a ring from one of its corners on to another, counter-clockwise. */
export function stretchOf(ring: Ring, from: number, to: number): RingPoint[] {
  const points = [ring[from] as RingPoint];
  for (let at = from; at !== to;) {
    at = (at + 1) % ring.length;
    points.push(ring[at] as RingPoint);
  }
  return points;
}

/** The corner of a ring that lies lowest or highest, and of those furthest to one side. */
export function cornerOf(ring: Ring, yMm: number, side: 1 | -1): number {
  let best = -1;
  ring.forEach(([x, y], index) => {
    if (Math.abs(y - yMm) < 1e-3 && (best < 0 || side * x > side * (ring[best] as RingPoint)[0])) best = index;
  });
  return best;
}

/**
 * The holes of a lining that is laid over the crochet, all round inside its finished edge: as many in each stretch as the join map has, evenly between the
 * corners.
 *
 * @param spans where it begins, one side, where it ends, the other side
 */
export function holesAllRound({ seam }: LiningPattern, { spans }: JoinMap, holesInMm: number): PieceMark[] {
  const ring = offsetRing(seam, -holesInMm, 'mitred');
  if (!ring || spans.length !== 4) return [];
  const { lowMm, highMm } = ringBounds(ring);
  const corners = [
    cornerOf(ring, lowMm, -1),
    cornerOf(ring, lowMm, 1),
    cornerOf(ring, highMm, 1),
    cornerOf(ring, highMm, -1),
  ];
  return [
    {
      kind: 'holes',
      at: spans.flatMap(({ lining }, index) =>
        evenlyAlong(stretchOf(ring, corners[index] as number, corners[(index + 1) % 4] as number), lining),
      ),
    },
  ];
}

/**
 * The holes along the mouth of a drop-in lining, on the pieces that reach it: as many on each as the join map has for its stretch.
 *
 * @param pieces the lining's, of which each has a mouth at its upper edge, or at both ends
 * @param besideMm what of the edge is left free at either end, where the holes of a seam are
 */
export function holesAtMouth(
  pieces: readonly Pick<LiningPattern, 'id' | 'seam'>[],
  { spans }: JoinMap,
  holesInMm: number,
  besideMm = 0,
): PieceMark[][] {
  const of = (name: JoinedSpan['name']) => spans.find((span) => span.name === name)?.lining ?? 0;
  const [oneSide = 0, otherSide = 0] = spans.flatMap(({ name, lining }) => (name === 'side' ? [lining] : []));
  return pieces.map(({ id, seam }) => {
    const { leftMm, rightMm, lowMm, highMm } = ringBounds(seam);
    const row = (yMm: number, count: number): PieceMark[] =>
      count > 0
        ? [
            {
              kind: 'holes',
              at: evenlyAlong(
                [
                  [leftMm + besideMm, yMm],
                  [rightMm - besideMm, yMm],
                ],
                count,
              ),
            },
          ]
        : [];
    const [upper, lower] = [highMm - holesInMm, lowMm + holesInMm];
    switch (id) {
      case 'front':
        // One piece is cut for both: what is drawn is the front's.
        return row(upper, of('front'));
      case 'body':
        return [...row(upper, of('front')), ...row(lower, of('back'))];
      case 'gusset':
        return [...row(upper, oneSide), ...row(lower, otherSide)];
      case 'band':
        return row(upper, oneSide);
      case 'wall':
        return row(
          upper,
          spans.reduce((sum, { lining }) => sum + lining, 0),
        );
      default:
        return [];
    }
  });
}
