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

/** What an edge of a piece is, for finding it on the drawing. Sides are named as the drawing shows them. */
type EdgeId = 'left' | 'right' | 'start' | 'end' | 'outline' | 'rim' | 'corners' | 'both-sides';

export interface JoinedEdge {
  piece: PieceId;
  edge: EdgeId;
  /** How much of it is joined: from a row or stitch to another, counted on the edge. Null: all of it. */
  from: number | null;
  to: number | null;
  /** What is joined is counted on the border that is worked along it. */
  hasBorder?: boolean;
}

/** Two edges that are joined, between anchors: the first with the first, the last with the last. */
export interface Join {
  id: JoinId;
  /** How often it is made: both sides, both discs. */
  times: number;
  /** Sewn or hooked together; or worked on, where one piece goes on from the other. */
  sewn: boolean;
  edges: [JoinedEdge, JoinedEdge];
  stretches: JoinedStretch[];
}

export type JoinId = 'sides' | 'corners' | 'gusset-front' | 'gusset-back' | 'band-rim' | 'base-rim' | 'bottom' | 'flap';

/** Length of a join, once, mm. */
export const joinLengthMm = ({ stretches }: Join): number => stretches.reduce((sum, { lengthMm }) => sum + lengthMm, 0);

/** What is counted on an edge of a join, all stretches together. */
export const joinedCount = ({ stretches }: Join, side: 'first' | 'second'): number =>
  stretches.reduce((sum, stretch) => sum + stretch[side], 0);
