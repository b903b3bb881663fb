import type { PieceId } from '@/core/pieces';
import type { PlacedPiece } from '@/drawing';

/** Where a piece of the sheet is on the screen: plain numbers, so that one that has not moved can be told. */
export interface PieceOnScreen {
  id: PieceId;
  pxPerMm: number;
  /** Of the piece itself, mm. */
  widthMm: number;
  lengthMm: number;
  turned: boolean;
  /** Its outline's box on the screen, px. */
  left: number;
  top: number;
  right: number;
  bottom: number;
  /** The SVG transform from the piece's own mm to the screen. */
  transform: string;
}

/**
 * Puts a piece of the sheet on the screen.
 *
 * @param originX where the sheet's left upper corner is, px
 */
export function pieceOnScreen(placed: PlacedPiece, originX: number, originY: number, pxPerMm: number): PieceOnScreen {
  const { id, x, y, turned, drawing } = placed;
  const { box } = drawing;
  const { widthMm, heightMm: lengthMm } = box;
  const left = originX + x * pxPerMm;
  const top = originY + y * pxPerMm;
  const wide = (turned ? lengthMm : widthMm) * pxPerMm;
  const high = (turned ? widthMm : lengthMm) * pxPerMm;
  return {
    id,
    pxPerMm,
    widthMm,
    lengthMm,
    turned,
    left,
    top,
    right: left + wide,
    bottom: top + high,
    transform: turned
      ? `translate(${left + (box.y + lengthMm) * pxPerMm} ${top - box.x * pxPerMm}) rotate(90) scale(${pxPerMm})`
      : `translate(${left - box.x * pxPerMm} ${top - box.y * pxPerMm}) scale(${pxPerMm})`,
  };
}

/** A point of a piece, across from its left and along from where it begins, mm, on the screen. */
export const pointOn = (
  { turned, left, top, bottom, pxPerMm }: PieceOnScreen,
  acrossMm: number,
  alongMm: number,
): { x: number; y: number } =>
  turned
    ? { x: left + alongMm * pxPerMm, y: top + acrossMm * pxPerMm }
    : { x: left + acrossMm * pxPerMm, y: bottom - alongMm * pxPerMm };
