import type { PatternRow, StitchKind } from './step';

/** The two schools of the turning chain: whether it stands for the first stitch of its row. */
export type TurningChainSchool = 'does-not-count' | 'counts';

/** What the first row is worked into: a chain made before it, or nothing, where stitch and chain are made in one. */
export type Foundation = 'chain' | 'foundation-stitches';

/** How a row starts in one school. */
export interface TurningChainRule {
  /** Chains made at the start of a row. */
  chains: number;
  /** Chains of the starting chain passed over before the first worked stitch. */
  skippedInFoundation: number;
}

/** What a stitch pattern is for: the fabric of a panel, a strap, or a cord. */
type StitchUse = 'fabric' | 'strap' | 'cord';

/** What of a fabric can be told from its pattern alone, against single crochet in the same yarn and hook. From memory. */
export interface StitchNature {
  /** Width of a stitch and height of a row, against sc. */
  widthToSc: number;
  heightToSc: number;
  /** Yarn for the same area, and thickness, against sc. */
  yarnToSc: number;
  thicknessToSc: number;
  /** Open fabrics snag and want a lining. */
  openness: 'dense' | 'medium' | 'open';
  /** Whether its motif has an upper and a lower end, so that front and back show it differently. */
  hasUp: boolean;
  /** The same to look at on both faces. */
  sameOnBothFaces: boolean;
}

/** A stitch pattern: everything that the plan, the text, the chart and the drawing need to know of it. */
export interface StitchPattern {
  id: string;
  use: StitchUse;
  /** The stitch most of it is made of: it is counted, chained for and turned with. */
  base: StitchKind;
  /** Stitches in one repeat (m) and stitches outside it (k): a row has k + a multiple of m. */
  repeatStitches: number;
  edgeStitches: number;
  turningChain: Record<TurningChainSchool, TurningChainRule>;
  /** Rows that are worked once, before those that repeat. */
  setupRows: readonly PatternRow[];
  /** The rows that repeat (r of them). */
  rows: readonly PatternRow[];
  /** A row that is worked once more, last of all, to close the work; none where it just ends. */
  lastRow?: PatternRow;
  /** The first row shows the public side, or the other: textures may stand out on the far side of the row being worked. */
  firstRowPublic: boolean;
  /** Worked round and round instead of turned. */
  inRounds: boolean;
  nature: StitchNature;
}
