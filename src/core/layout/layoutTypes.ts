import type { Ring } from '@/core/cutting';
import type { Turn } from './turned';

/** One single piece to be laid on cloth: its cut line, and how it may be turned. */
export interface LayoutPiece {
  name: string;
  ring: Ring;
  turns: readonly [Turn, ...Turn[]];
}

/** What pieces are laid on. */
export interface ClothSheet {
  /** From selvedge to selvedge, mm, without what of it is left out at either side. */
  widthMm: number;
  /** Left between pieces, so that the scissors go round, mm. */
  betweenMm: number;
  /** Every piece begins where the print does: on a whole multiple of this along the cloth; null without a print. */
  repeatMm: number | null;
}

/** Where a piece lies: which, how it is turned, and the lower left corner of the rectangle it lies within, mm, across and along the cloth. */
export interface LaidPiece {
  piece: number;
  turn: Turn;
  xMm: number;
  yMm: number;
}

export interface Layout {
  laid: LaidPiece[];
  /** Pieces that are wider than the cloth whichever way they may lie. */
  tooWide: number[];
  /** Of cloth, from the first cut to the last, mm. */
  lengthMm: number;
  /** No layout can be shorter, mm. */
  boundMm: number;
  /** Whether none can be shorter than this one. */
  isProven: boolean;
}
