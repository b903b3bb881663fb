import type { Drawstring } from '@/core/design';
import type { FittingInput } from '@/core/fittings';
import { isInRounds, isLengthwise, isOneOfTwo, stripOf, trackRow } from '@/core/pieces';

/** Stitches of the cord's row, on either half of the bag. */
export interface RowCounts {
  front: number;
  back: number;
}

/** How many rows below the front's upper edge the cord runs: as wished, from the first to its last. */
export const rowBelow = ({ belowRows }: Drawstring, rows: number): number => Math.max(1, Math.min(rows, belowRows));

/**
 * Stitches of the row all round: of the front, and of the back, each with half of a strip's end at either side; null where no row runs round, as on
 * two discs.
 */
export function rowCounts(choice: Drawstring, { pouch, set }: FittingInput): RowCounts | null {
  const { front } = set.tracks;
  const piece = set.pieces.find(({ id }) => id === front.piece);
  if (piece?.kind !== 'rows') return null;
  const ofFace = piece.rows[trackRow(front, rowBelow(choice, pouch.frontRows)) - 1]?.stitches ?? pouch.topStitches;
  if (isInRounds(piece)) return { front: ofFace, back: ofFace };
  const strip = stripOf(set);
  const isBetween = strip && (strip.id === 'gusset' || isOneOfTwo(strip));
  const ofStrip = isBetween ? (isLengthwise(strip) ? strip.rows.length : strip.startStitches) : 0;
  return { front: ofFace + ofStrip, back: ofFace + ofStrip };
}

/** How often a cord passes through the row: an even number, so that both ends come out on the same face. */
export const passesOf = ({ everyMm, through }: Drawstring, stitches: number, stitchMm: number): number => {
  // Through a casing it only goes in and comes out, at the middle of the front.
  if (through === 'casing') return 2;
  const most = 2 * Math.floor(stitches / 4);
  return Math.max(4, Math.min(most, 2 * Math.round((stitches * stitchMm) / everyMm / 2)));
};
