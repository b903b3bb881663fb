import type { Borders } from '@/core/borders';
import type { LoadState } from '@/core/contents';
import type { BodyKind } from '@/core/design';
import type { Figure } from '@/core/figures';
import type { Problem } from '@/core/problems';
import type { Layers } from '@/core/section';

/** Front, back and what joins them below, without what lies beyond the back's upper edge. */
export interface PouchStage {
  kind: BodyKind;
  /** Stitches across the front, flat; of a disc, all round its rim. */
  stitchCount: number;
  /** Stitches of the back's upper edge, and of those the ones that a flap as wide as the back goes on from. */
  topStitches: number;
  backStitches: number;
  frontRows: number;
  backRows: number;
  /** Rows of the piece that the flap goes on from, before it. */
  rowsBeforeFlap: number;
  layers: Layers;
  /** Thickness of the load that it is planned for, mm. */
  loadMm: number;
  stitchMm: number;
  rowMm: number;
  /** What is worked round its free edges, mm. */
  borders: Borders;
  /** From the middle of the front to the middle of the back, where the construction makes it so, mm; nought where it lies flat. */
  depthMm: number;
  /** Fabric from the mouth to the base, in front and behind, with the border there, and under the base of a bag that stands, mm. */
  sectionMm: { front: number; back: number; base: number };
  /** How far down from the mouth the front is flat, mm. */
  flatFrontMm: Record<LoadState, number>;
  figures: PouchFigures;
  /** What this construction has besides, in the order it is read. */
  own: Figure[];
  problems: Problem[];
}

export interface PouchFigures {
  stitches: Figure;
  startingChain: Figure | null;
  panelWidth: Figure;
  frontRows: Figure;
  backRows: Figure;
  /** Of a strip: where it folds at the base, and what its side seams join. */
  baseFold: Figure | null;
  seamRows: Figure | null;
  seamLength: Figure | null;
  width: Figure;
  widthOff: Figure;
  height: Figure;
  heightOff: Figure;
  heightLoaded: Figure;
  depth: Figure | null;
  depthOff: Figure | null;
  /** What only some constructions have, and others go by. */
  backLength: Figure | null;
  cornerRadius: Figure | null;
  mouthBefore: Figure | null;
  mouthNarrowed: Figure | null;
  rimOpen: Figure | null;
  /** Where the sides lie after the rounds have walked, in stitches after the start of the last round. */
  firstSide: Figure | null;
  secondSide: Figure | null;
}

/** A construction that has none of what only some have. */
export const NOTHING_SPECIAL = {
  baseFold: null,
  seamRows: null,
  seamLength: null,
  backLength: null,
  cornerRadius: null,
  mouthBefore: null,
  mouthNarrowed: null,
  rimOpen: null,
  firstSide: null,
  secondSide: null,
} satisfies Partial<PouchFigures>;
