import type { PlacedPiece } from '@/drawing';

/** Where a piece of the sheet is on the screen. */
export interface PieceOnScreen {
  placed: PlacedPiece;
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
  /** A point of the piece, across from its left and along from where it begins, mm, on the screen. */
  at(acrossMm: number, alongMm: number): { x: number; y: number };
}

/**
 * Puts a piece of the sheet on the screen.
 *
 * @param originX where the sheet's left upper corner is, px
 */
export function pieceOnScreen(placed: PlacedPiece, originX: number, originY: number, pxPerMm: number): PieceOnScreen {
  const { x, y, turned, drawing } = placed;
  const { widthMm, heightMm: lengthMm } = drawing.box;
  const left = originX + x * pxPerMm;
  const top = originY + y * pxPerMm;
  const wide = (turned ? lengthMm : widthMm) * pxPerMm;
  const high = (turned ? widthMm : lengthMm) * pxPerMm;
  return {
    placed,
    pxPerMm,
    widthMm,
    lengthMm,
    turned,
    left,
    top,
    right: left + wide,
    bottom: top + high,
    transform: turned
      ? `translate(${left + wide} ${top}) rotate(90) scale(${pxPerMm})`
      : `translate(${left} ${top}) scale(${pxPerMm})`,
    at: (acrossMm, alongMm) =>
      turned
        ? { x: left + alongMm * pxPerMm, y: top + acrossMm * pxPerMm }
        : { x: left + acrossMm * pxPerMm, y: top + high - alongMm * pxPerMm },
  };
}
