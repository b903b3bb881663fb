import type { Hardware } from '@/core/design';
import type { FittingInput } from '@/core/fittings';
import { isInRounds } from '@/core/pieces';
import { beside, faceSeat, spotAt, type PlacedSpot, type Seat } from '@/core/placing';

/** Where hardware is set: its seat, the places on it, and whether a seam runs there that it can be caught in. */
export interface HardwareSeat {
  seat: Seat;
  spots: PlacedSpot[];
  hasSeam: boolean;
}

/**
 * The places of hardware on a face, beside each other; or at both ends of a row of the front, where the sides are.
 *
 * @returns null where there is no such face, or it has no rows
 */
export function hardwareSeat({ on, count, fromEdgeMm }: Hardware, bag: FittingInput): HardwareSeat | null {
  const seat = faceSeat(on === 'sides' ? 'front' : on, fromEdgeMm, bag);
  if (!seat) return null;
  const { stitchMm } = bag.pouch;
  if (on !== 'sides') return { seat, spots: beside(count, seat, stitchMm), hasSeam: false };
  const piece = bag.set.pieces.find(({ id }) => id === seat.track.piece);
  return {
    seat,
    spots: [0, seat.stitches].map((after) => spotAt(seat, { kind: 'between', after }, stitchMm)),
    hasSeam: piece !== undefined && !isInRounds(piece),
  };
}
