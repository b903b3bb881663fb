import { offsetRing, ringBounds, ringLength, type PieceMark, type Ring, type RingPoint } from '@/core/cutting';
import type { DropInLining } from '@/core/design';
import type { Wall } from './dropInWalls';
import { cornerOf, evenlyAlong, stretchOf } from './holesAlong';

/** The stretches of a piece's outline that are seams: all but what is at the mouth; counter-clockwise from the upper left corner, of what is round all of it. */
function seamsOf({ id, hemAt }: Pick<Wall, 'id' | 'hemAt'>, ring: Ring): RingPoint[][] {
  if (hemAt === 'none') return [[...ring, ring[0] as RingPoint]];
  const { lowMm, highMm } = ringBounds(ring);
  const corner = (yMm: number, side: 1 | -1) => cornerOf(ring, yMm, side);
  const [upperLeft, upperRight] = [corner(highMm, -1), corner(highMm, 1)];
  const [lowerLeft, lowerRight] = [corner(lowMm, -1), corner(lowMm, 1)];
  if (hemAt === 'both') return [stretchOf(ring, upperLeft, lowerLeft), stretchOf(ring, lowerRight, upperRight)];
  // The wall that goes all round meets itself at its sides, and the base below.
  if (id === 'wall')
    return [
      stretchOf(ring, upperLeft, lowerLeft),
      stretchOf(ring, lowerLeft, lowerRight),
      stretchOf(ring, lowerRight, upperRight),
    ];
  return [stretchOf(ring, upperLeft, upperRight)];
}

/** How long each seam of a piece is at its finished edge, mm: as long as that of the piece it meets. */
export const seamStretches = (wall: Pick<Wall, 'id' | 'hemAt' | 'seam'>): number[] =>
  seamsOf(wall, wall.seam).map((line) => ringLength(line) - closingMm(line));

/** What a line is shorter than the ring that its ends would close, mm. */
function closingMm(line: readonly RingPoint[]): number {
  const [first, last] = [line[0] as RingPoint, line.at(-1) as RingPoint];
  return Math.hypot(last[0] - first[0], last[1] - first[1]);
}

/** How many holes each seam of a piece has. */
export const seamHoleCounts = (wall: Pick<Wall, 'id' | 'hemAt' | 'seam'>, pitchMm: number): number[] =>
  seamStretches(wall).map((mm) => Math.max(2, Math.round(mm / pitchMm)));

/**
 * The holes along the seams of a piece of a lining whose seams are crocheted, so far in from its edge: as many on each as on the seam that it meets.
 *
 * Source: holes are the length of the edge over their pitch, 6 to 12 mm in from it; common practice.
 */
export function holesAtSeams(
  wall: Pick<Wall, 'id' | 'hemAt' | 'seam'>,
  { pitchMm, holesInMm }: Pick<DropInLining, 'pitchMm' | 'holesInMm'>,
): PieceMark[] {
  const inner = offsetRing(wall.seam, -holesInMm, 'mitred');
  if (!inner) return [];
  const counts = seamHoleCounts(wall, pitchMm);
  const at = seamsOf(wall, inner).flatMap((line, index) => evenlyAlong(line, counts[index] ?? 0));
  return [{ kind: 'holes', at }];
}
