import type { LoadState } from '@/core/contents';
import type { Figure } from '@/core/figures';
import type { Problem } from '@/core/problems';
import type { SectionPoint } from '@/core/section';
import type { ShapedRow } from '@/core/shaping';

/** The scallops at a flap's edge: so many, so wide, over so many of its last rows. Stitches that don't divide are left between them. */
export interface Scallops {
  count: number;
  stitchesEach: number;
  rows: ShapedRow[];
  leftOver: number;
}

/** Half a disc that is worked apart in rows, from the middle of its straight side outwards. */
export interface HalfDisc {
  counts: number[];
  increase: number;
  figures: { rows: Figure; increase: Figure; flatness: Figure };
  problems: Problem[];
}

/** What a flap's shape comes to in stitches. */
export interface ShapeFigures {
  startStitches: Figure;
  startWidth: Figure;
  edgeStitches: Figure;
  edgeWidth: Figure;
  /** The most that the worked outline is off the wished one, at a side, in stitches. */
  outlineOff: Figure;
}

/** What lies beyond the back: the bridge over the top, and the flap down the front. An open bag has no rows there. */
export interface FlapStage {
  hasFlap: boolean;
  /** Whether it is worked on from the back; not where there is none, or one that is worked apart and sewn on. */
  onPiece: boolean;
  bridgeRows: number;
  flapRows: number;
  /** Rows beyond its edge that are turned back. */
  hemRows: number;
  /** Rows of the piece that it is worked on from, up to its edge. */
  totalRows: number;
  /** All rows beyond the back's upper edge as they are worked on from it; none where it is worked apart. */
  tail: ShapedRow[];
  scallops: Scallops | null;
  /** Stitches left before each scallop, so that those over lie evenly; none where the flap has no scallops. */
  scallopGaps: number[];
  /** The half disc that is worked apart and sewn on. */
  halfDisc: HalfDisc | null;
  /** Stitches of the bridge and of the flap where it starts, and how many are left at each side of the back. */
  startStitches: number;
  leftEachSide: number;
  /** The flap's rows, from where it starts to its edge. */
  rows: ShapedRow[];
  /** Corners of what stands out of the loaded bag, over which it is drawn. */
  corners: SectionPoint[];
  /** Strip that bridges the top in each state, mm; and how far the flap comes down the front from its top edge. */
  bridgeMm: Record<LoadState, number>;
  dropMm: Record<LoadState, number>;
  figures: {
    bridgeLoaded: Figure;
    bridgeEmpty: Figure;
    bridgeRows: Figure;
    flapRows: Figure;
    totalRows: Figure;
    panelLength: Figure;
    topFoldRows: Figure;
    flapStartRows: Figure;
    topFold: Figure;
    flapStart: Figure;
    dropLoaded: Figure;
    dropEmpty: Figure;
    dropOff: Figure;
    wantedDrop: Figure;
  } & ShapeFigures;
  problems: Problem[];
}
