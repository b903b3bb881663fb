import type { PatternPiece } from '@/core/cutting';
import type { Figure } from '@/core/figures';

/** What a piece of lining is for: a piece of the crochet, or a wall of its own. */
export type LiningPieceName =
  'panel' | 'front' | 'back' | 'gusset' | 'disc' | 'band' | 'base' | 'sides' | 'half-disc' | 'flap' | 'body' | 'wall';

/** A piece of lining: its pattern, and its sizes as figures. */
export interface LiningPattern extends PatternPiece {
  id: LiningPieceName;
  /** How many lie on each other for every copy: so many are cut. */
  layers: number;
  cutWidth: Figure;
  cutHeight: Figure;
  finishedWidth: Figure;
  finishedHeight: Figure;
  /**
   * Of what is laid over the crochet: where on it the piece begins, mm from where the crochet begins and from the piece's own nought; and how far that came out
   * otherwise than planned, across and along.
   */
  lies?: { originMm: number; lowMm: number; across: number; along: number };
}

export const LINING_NAMES: Record<LiningPieceName, string> = {
  panel: 'panel',
  front: 'front',
  back: 'back and flap',
  gusset: 'gusset',
  disc: 'disc',
  band: 'band',
  base: 'base',
  sides: 'sides, all round',
  'half-disc': 'half disc',
  flap: 'flap',
  body: 'bag, folded at the bottom',
  wall: 'wall, all round',
};
