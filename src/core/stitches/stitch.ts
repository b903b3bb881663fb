/** The two schools of the turning chain: whether it stands for the first stitch of its row. */
export type TurningChainSchool = 'does-not-count' | 'counts';

/** How a row starts in one school. */
export interface TurningChainRule {
  /** Chains made at the start of a row. */
  chains: number;
  /** Chains of the starting chain passed over before the first worked stitch. */
  skippedInFoundation: number;
}

/** A stitch pattern: everything that the plan, the text and the drawing need to know of it. */
export interface StitchPattern {
  id: string;
  /** Stitches in one repeat (m) and stitches outside it (k): a row has k + a multiple of m. */
  repeatStitches: number;
  edgeStitches: number;
  turningChain: Record<TurningChainSchool, TurningChainRule>;
}
