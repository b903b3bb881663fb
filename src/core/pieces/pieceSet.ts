import type { Figure } from '@/core/figures';
import type { Problem } from '@/core/problems';
import type { Join } from './join';
import type { Piece, Track } from './piece';

/** Which end of a strip is worked first. */
export type WorkedFrom = 'front-edge' | 'flap-edge';

/** Everything that is worked, how it is joined, and where front, back and flap are on it. */
export interface PieceSet {
  pieces: Piece[];
  joins: Join[];
  /** From the mouth down the front; from the mouth down the back; from the back's upper end along the flap. */
  tracks: { front: Track; back: Track; flap: Track | null };
  /** The end that a strip is worked from; every other body is worked from its base. */
  workedFrom: WorkedFrom;
  figures: Figure[];
  problems: Problem[];
}
