import type { PatternPiece } from '@/core/cutting';
import type { Figure } from '@/core/figures';
import type { WallName } from './walls';

/** A piece of stiffener: its pattern, its sizes, and of canvas its bars. */
export interface StiffenerPiece extends PatternPiece {
  id: WallName;
  width: Figure;
  height: Figure;
  bars: { across: number; up: number } | null;
}
