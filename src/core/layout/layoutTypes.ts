import type { Ring } from '@/core/cutting';
import type { Turn } from './turned';

/** One single piece to be laid on cloth: its cut line, and how it may be turned. */
export interface LayoutPiece {
  /** What tells it from the others, from one layout to the next. */
  id: string;
  name: string;
  ring: Ring;
  turns: readonly [Turn, ...Turn[]];
  /** Half of a piece, cut along the fold of the cloth: it lies at the left edge and nowhere else. */
  atFold: boolean;
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
  /** The remnant it lies on, counted from nought; null: on the cloth itself. */
  remnant: number | null;
}

export interface Layout {
  /** What is laid: every piece once, but for those that are too wide. */
  pieces: readonly LayoutPiece[];
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
