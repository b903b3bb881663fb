import type { Borders } from '@/core/borders';
import type { SettledDesign } from '@/core/contents';
import type { Body } from '@/core/design';
import type { Figure, ReasonInput } from '@/core/figures';
import type { GaugeStage } from '@/core/gauge';
import type { PieceSet } from '@/core/pieces';
import type { Problem } from '@/core/problems';
import type { Layers } from '@/core/section';
import type { FlapStage, PouchStage } from '@/core/stages';
import type { StitchPattern } from '@/core/stitches';

/** The fabric that a body is made of, mm: a stitch, a row, its sheets, and what is worked round its free edges. */
export interface ClothMm extends Layers {
  stitchMm: number;
  rowMm: number;
  borders: Borders;
}

/** The sheets of a cloth, by themselves. */
export const layersOfCloth = ({ fabricMm, liningMm, stiff, edges }: ClothMm): Layers => ({
  fabricMm,
  liningMm,
  ...(stiff && { stiff }),
  ...(edges && { edges }),
});

/** What can be counted across a face: so many, and so many more. */
export interface AllowedCounts {
  repeatStitches: number;
  edgeStitches: number;
}

/** A rule in words, with what goes into it besides the gauge and the count. */
interface SizeRule {
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
