import { patternOf, type Design } from '@/core/design';
import type { Piece, PieceId } from '@/core/pieces';
import { plainStitchOf } from '@/core/stitches';
import { fabricOf, swatchFabric, type Fabric } from './fabricRows';

/** What the folded bag wears: a piece, or a worked band of so many stitches. */
export type Worn = PieceId | `band ${number}`;

/** Of a band so many rows are drawn; along it they come again and again. */
export const BAND_ROWS = 4;

/** A worked band's fabric by how wide it is. */
export const bandOf = (widthMm: number, stitchMm: number): Worn =>
  `band ${Math.max(1, Math.round(widthMm / stitchMm))}`;

/** Whether it is a band's fabric, which comes again along it. */
export const isBand = (worn: Worn): worn is `band ${number}` => worn.startsWith('band ');

/**
 * The fabric of what is worn, seen from its outer face or from within.
 *
 * @returns null for a piece that isn't there
 */
export function wornFabric(
  design: Design,
  pieces: readonly Piece[],
  worn: Worn,
  face: 'outer' | 'inner',
): Fabric | null {
  if (isBand(worn)) {
    const rightHanded = design.settings.hand === 'right';
    return swatchFabric(plainStitchOf(patternOf(design)), Number(worn.slice(5)), BAND_ROWS, rightHanded);
  }
  const piece = pieces.find(({ id }) => id === worn);
  return piece ? fabricOf(design, piece, face) : null;
}
