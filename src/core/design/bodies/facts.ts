import type { EdgingEdge } from '../fittings/edgings';

/**
 * What is so of every bag of a construction, whatever its sizes: what other parts of the plan go by, instead of asking which construction
 * it is.
 */
export interface BodyFacts {
  /**
   * What its faces are: one strip over the base, two panels, rounds that lie flat (both faces are the same rows), or discs worked from
   * their middles.
   */
  faces: 'strip' | 'panels' | 'rounds' | 'discs';
  /** The piece that a flap goes on from, by rows of its own; null where none can. */
  flapFrom: 'panel' | 'back' | 'sides' | null;
  /** How it goes round what it holds: flat, so that it wraps it; with a depth of its own; or as a round one with a depth. */
  wrap: 'flat' | 'deep' | 'round';
  /** Its base has round ends, which it keeps whatever stands on it. */
  hasRoundEnds: boolean;
  /** Seams that lie across the width of a face. */
  seamsAcross: 0 | 2;
  /** The edges of its sides lie on each other, a thickness of the fabric apart, when it is folded. */
  sidesLieFlat: boolean;
  /** The construction that the same pieces make with a depth; null where there is none. */
  deeperAs: 'boxed-corners' | null;
  /** How its depth comes out when fabric comes out otherwise than planned: by measure, with its stitches, with its rows. */
  depthFrom: 'measure' | 'stitches' | 'rows' | 'its-strip';
  /** Edges that an edging can be worked on. The flap's only where there is one. */
  freeEdges: readonly EdgingEdge[];
}
