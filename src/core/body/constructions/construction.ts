import type { LoadState, SettledDesign } from '@/core/contents';
import type { Body } from '@/core/design';
import type { Figure, ReasonInput } from '@/core/figures';
import type { FlapStage } from '@/core/flap';
import type { GaugeStage } from '@/core/gauge';
import type { Join, Piece, Track } from '@/core/pieces';
import type { Problem } from '@/core/problems';
import type { StitchPattern } from '@/core/stitches';
import type { Layers } from '@/core/section';

/** The fabric that a body is made of, mm: a stitch, a row, and its sheets. */
export interface ClothMm extends Layers {
  stitchMm: number;
  rowMm: number;
}

/** What can be counted across a face: so many, and so many more. */
export interface AllowedCounts {
  repeatStitches: number;
  edgeStitches: number;
}

/** A rule in words, with what goes into it besides the gauge and the count. */
export interface SizeRule {
  rule: string;
  inputs: ReasonInput[];
}

/**
 * How the outside sizes of a construction follow from what is counted, and the other way round. Sizes in mm, counts not rounded.
 */
export interface Sizing {
  /** Stitches across a face. Null where the width follows from rounds, as that of a disc does. */
  across: {
    stitchesFor(widthMm: number): number;
    widthMm(stitches: number): number;
    allowed: AllowedCounts;
    /** The part of a face that counts for its width, in stitches: what its ± grows with. */
    seenStitches(stitches: number): number;
    /** Stitches that the starting chain is made for, where a face has so many stitches and rows. */
    firstRow(stitches: number, rows: number): number;
    stitches: SizeRule;
    width: SizeRule;
  } | null;
  rowsFor(heightMm: number): number;
  heightMm(rows: number): number;
  rows: SizeRule;
  height: SizeRule;
  /** What the bend at the base uses up of a side, mm: rows must come to more than this. */
  bendMm: number;
}

/** Front, back and what joins them below, without what lies beyond the back's upper edge. */
export interface PouchStage {
  kind: Body['kind'];
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
  /** From the middle of the front to the middle of the back, where the construction makes it so, mm; nought where it lies flat. */
  depthMm: number;
  /** Fabric from the mouth to the base, in front and behind, and under the base of a bag that stands, mm. */
  sectionMm: { front: number; back: number; base: number };
  /** How far down from the mouth the front is flat, mm. */
  flatFrontMm: Record<LoadState, number>;
  figures: PouchFigures;
  /** What only this construction has, in the order it is read. */
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
}

export type PouchResult = { ok: true; pouch: PouchStage } | { ok: false; problems: Problem[] };

/** What a construction is planned from. */
export interface BodyInput<B extends Body = Body> {
  design: SettledDesign;
  body: B;
  gauge: GaugeStage;
  cloth: ClothMm;
  pattern: StitchPattern;
  wanted: { width: Figure; height: Figure; depth: Figure | null };
}

/** Everything that is worked, how it is joined, and where front, back and flap are on it. */
export interface PieceSet {
  pieces: Piece[];
  joins: Join[];
  /** From the mouth down the front; from the mouth down the back; from the back's upper end along the flap. */
  tracks: { front: Track; back: Track; flap: Track | null };
  /** The end that a strip is worked from; every other body is worked from its base. */
  workedFrom: 'front-edge' | 'flap-edge';
  figures: Figure[];
  problems: Problem[];
}

/** One way to make a bag's body. */
export interface Construction<B extends Body = Body> {
  /** Whether a flap can go on from its back. */
  takesFlap: boolean;
  /** Whether what makes it deep can be folded in, so that it lies flat when it is empty. */
  foldsFlat: boolean;
  sizing(body: B, cloth: ClothMm, pattern: StitchPattern): Sizing;
  /**
   * The width of a planned pouch in other cloth, mm, for a body whose sizing would count its base anew for it; absent where the sizing
   * goes by the stitches across alone.
   */
  widthAsCountedMm?(body: B, pouch: PouchStage, planned: ClothMm, made: ClothMm): number;
  pouch(input: BodyInput<B>): PouchResult;
  pieces(input: BodyInput<B>, pouch: PouchStage, flap: FlapStage): PieceSet;
}
