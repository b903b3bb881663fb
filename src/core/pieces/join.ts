import type { PieceId } from './piece';

/** A stretch of an edge that is joined, in the units it is counted in: stitches, or ends of rows. */
export interface JoinedStretch {
  /** What it is, for the maker: the side, the corner, the base. */
  name: StretchName;
  /** Stitches or row ends on either side of the join. */
  first: number;
  second: number;
  /** How long it is as planned, mm. */
  lengthMm: number;
}

export type StretchName = 'side' | 'corner' | 'base' | 'rim' | 'back-edge';

/**
 * What an edge of a piece is, for finding it on the drawing. Sides are named as the drawing shows them. `both-sides`: each side is joined to
 * itself, folded in the middle; `each-side`: each side to an edge of another piece.
 */
type EdgeId = 'left' | 'right' | 'start' | 'end' | 'outline' | 'rim' | 'corners' | 'both-sides' | 'each-side';

export interface JoinedEdge {
  piece: PieceId;
  edge: EdgeId;
  /** How much of it is joined: from a row or stitch to another, counted on the edge. Null: all of it. */
  from: number | null;
  to: number | null;
  /** What is joined is counted on the border that is worked along it. */
  hasBorder?: boolean;
}

/**
 * How edges come together: sewn or hooked together once both pieces are done; one piece going on from the other; or joined row by row, while
 * the second piece is worked.
 */
export type JoinMade = 'sewn' | 'goes-on' | 'as-worked';

/** Two edges that are joined, between anchors: the first with the first, the last with the last. */
export interface Join {
  id: JoinId;
  /** How often it is made: both sides, both discs. */
  times: number;
  made: JoinMade;
  edges: [JoinedEdge, JoinedEdge];
  stretches: JoinedStretch[];
}

export type JoinId =
  | 'sides'
  | 'corners'
  | 'gusset-front'
  | 'gusset-back'
  | 'side-bands'
  | 'band-front'
  | 'band-back'
  | 'band-ends'
  | 'band-rim'
  | 'base-rim'
  | 'bottom'
  | 'flap';

/** Length of a join, once, mm. */
export const joinLengthMm = ({ stretches }: Join): number => stretches.reduce((sum, { lengthMm }) => sum + lengthMm, 0);

/** What is counted on an edge of a join, all stretches together. */
export const joinedCount = ({ stretches }: Join, side: 'first' | 'second'): number =>
  stretches.reduce((sum, stretch) => sum + stretch[side], 0);
