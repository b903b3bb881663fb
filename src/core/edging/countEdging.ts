import { natureOf, pickUpRatio, type EdgingSizes, type PickUp } from '@/core/borders';
import type { Design, Edging, EdgingCorner } from '@/core/design';
import { spread } from '@/core/shaping';
import type { EdgeStretch, FreeEdge } from './freeEdge';

/** A stretch with what is worked along it in the first round, corners apart. */
export interface CountedStretch extends EdgeStretch {
  picks: number;
  /** So many of them more, or fewer, than the ratio gives, so that the pattern comes out. */
  adjusted: number;
}

/** An edging in numbers. Places are stitches, and chains that stand for one. */
export interface EdgingCounts {
  pickUp: PickUp;
  stretches: CountedStretch[];
  corners: number;
  /** Places of each plain round, the first one first. */
  rounds: number[];
  /** Full repeats of what is worked over them; null over a plain edging. */
  repeats: number | null;
}

/** Places that a corner adds to those along the edge: in the first round, and in each one more. */
const CORNER_ADDS: Readonly<Record<EdgingCorner, { first: number; more: number }>> = {
  // Three in the corner's own stitch.
  'three-in-one': { first: 2, more: 2 },
  // One, chain 1, one in it; the chain is the next round's corner.
  'one-chain-one': { first: 2, more: 2 },
  // A chain between the two sides; into it one, chain 1, one.
  'one-chain': { first: 1, more: 2 },
};

/**
 * Places of the plain rounds of an edging.
 *
 * @param along places along the edge in the first round, corners apart
 *
 * @example
 * roundPlaces(100, 4, 'three-in-one', 2) // => [108, 116]
 * roundPlaces(100, 4, 'one-chain', 2) // => [104, 112]
 */
export const roundPlaces = (along: number, corners: number, corner: EdgingCorner, rounds: number): number[] =>
  Array.from(
    { length: rounds },
    (_, round) => along + corners * (CORNER_ADDS[corner].first + round * CORNER_ADDS[corner].more),
  );

/**
 * Counts an edging: what is picked up along each stretch, the corners, and the repeats of what is worked over it. Where a pattern asks
 * for a multiple, what is picked up by a ratio and not seamed takes what is over or short, spread.
 */
export function countEdging(
  edging: Edging,
  edge: FreeEdge,
  sizes: EdgingSizes,
  rowMm: number,
  design: Pick<Design, 'ownStitches'>,
): EdgingCounts {
  const pickUp = edging.pickUp ?? pickUpRatio(rowMm, sizes.stitchMm);
  const picked = edge.stretches.map((stretch) => picksOf(stretch, pickUp, sizes.stitchMm));
  const corners = edge.stretches.filter(({ cornerAfter }) => cornerAfter).length;
  const along = picked.reduce((sum, picks) => sum + picks, 0);
  const { over } = natureOf(edging, design);
  const last = roundPlaces(along, corners, edging.corner, edging.rounds).at(-1) ?? along;
  // Her own pattern is worked in rows also where they close, so that it keeps the stitches beside its repeats.
  const beside = over && (!edge.isRound || edging.kind === 'own') ? over.edgeStitches : 0;
  const repeats = over && Math.max(1, Math.round((last - beside) / over.repeatStitches));
  const off = over && repeats !== null ? repeats * over.repeatStitches + beside - last : 0;
  const adjusted = spreadOver(edge.stretches, off);
  return {
    pickUp,
    stretches: edge.stretches.map((stretch, index) => ({
      ...stretch,
      picks: (picked[index] as number) + (adjusted[index] as number),
      adjusted: adjusted[index] as number,
    })),
    corners,
    rounds: roundPlaces(along + off, corners, edging.corner, edging.rounds),
    repeats,
  };
}

const picksOf = ({ stitches, rows, slopeMm }: EdgeStretch, pickUp: PickUp, stitchMm: number): number =>
  stitches + Math.round((rows * pickUp.stitches) / pickUp.rows) + Math.round(slopeMm / stitchMm);

/**
 * Spreads what is over or short on the stretches with row ends or slopes that no seam joins; where there are none such, on all that no seam
 * joins: a seam goes stitch to stitch, as many on either edge.
 */
function spreadOver(stretches: readonly EdgeStretch[], off: number): number[] {
  const free = ({ rows, seamedRows, slopeMm }: EdgeStretch) => rows > seamedRows || slopeMm > 0;
  const some = stretches.some(free);
  const takes = (stretch: EdgeStretch) => (some ? free(stretch) : stretch.seamedRows === 0);
  const taking = stretches.flatMap((stretch, index) => (takes(stretch) ? [index] : []));
  const shares = spread(Math.abs(off), Math.max(1, taking.length));
  const adjusted = stretches.map(() => 0);
  taking.forEach((index, place) => {
    adjusted[index] = Math.sign(off) * (shares[place] as number);
  });
  return adjusted;
}
