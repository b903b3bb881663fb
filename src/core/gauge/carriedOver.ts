import { OTHER_PIECE_SHARE, OTHER_STITCH_SHARE } from '@/core/defaults';
import { isMeasured, type BodyKind, type StitchChoice, type Swatch } from '@/core/design';
import { pieceOfBody } from './pieceOfBody';

/** A size with its ±, mm. */
export interface Measure {
  mm: number;
  plusMinusMm: number;
}

/**
 * What is not known of a gauge that is carried over to another stitch, or to another piece than the swatch's: the 95 % limit as a
 * share of it.
 *
 * @example
 * openShare({ otherStitch: false, otherPiece: false }) // => 0
 */
export const openShare = ({ otherStitch, otherPiece }: { otherStitch: boolean; otherPiece: boolean }): number =>
  Math.hypot(otherStitch ? OTHER_STITCH_SHARE : 0, otherPiece ? OTHER_PIECE_SHARE : 0);

/**
 * The same for a bag's swatch. Where nothing was measured there is nothing to carry over: rough figures are of any stitch and any piece.
 */
export const openOf = (swatch: Swatch, stitch: StitchChoice, kind: BodyKind): number =>
  isMeasured(swatch)
    ? openShare({ otherStitch: swatch.stitch !== stitch, otherPiece: swatch.standsFor !== pieceOfBody(kind) })
    : 0;

/**
 * A measure of a swatch carried over to another stitch or piece: times what is usual for the one against the other, its ± with
 * what that leaves open.
 *
 * @param ratio the bag's stitch against the swatch's
 * @param open what is not known, as a share
 *
 * @example
 * carriedOver({ mm: 5, plusMinusMm: 0.1 }, 2, 0) // => { mm: 10, plusMinusMm: 0.2 }
 */
export const carriedOver = ({ mm, plusMinusMm }: Measure, ratio: number, open: number): Measure => ({
  mm: mm * ratio,
  plusMinusMm: Math.hypot(plusMinusMm * ratio, mm * ratio * open),
});
