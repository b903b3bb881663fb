import type { ContentsStage, LoadState } from '@/core/contents';
import type { FabricMark, HungBand } from '@/core/fittings';
import type { Join, Piece, PieceSet } from '@/core/pieces';
import type { Pleat, SectionPiece } from '@/core/section';
import type { FlapStage, PouchStage, SectionByState } from '@/core/stages';

/** What of a plan is folded. */
export interface FoldedPlan {
  pouch: PouchStage;
  flap: FlapStage;
  pieces: readonly Piece[];
  joins: readonly Join[];
  tracks: PieceSet['tracks'];
  section: SectionByState;
  contents: ContentsStage;
  /** What is put on it, as it lies on the pieces. */
  marks: readonly FabricMark[];
  /** What it is carried by. */
  bands: readonly HungBand[];
}

/** A bag stands empty or loaded, or lies flat with its depth folded in, where it can. */
export type FoldState = LoadState | 'flat';

/** How the bag is folded: empty or loaded, and how far its flap is open. */
export interface FoldWay {
  state: FoldState;
  /** 1 closed, 0 standing straight up, −1 thrown back. */
  flap: number;
}

/** What the folding of every construction goes by. */
export interface FoldInput extends FoldWay {
  plan: FoldedPlan;
  /** How what makes the bag deep is folded in; null where it stands open. */
  pleat: Pleat | null;
  /** The strip's middle line, its flap as far open as it is. */
  section: readonly SectionPiece[];
  /** Along the strip: the middle of the base, and the back's upper end, mm. */
  baseMm: number;
  backEndMm: number;
  /** Half the width of what lies flat against front and back, mm; nought where that is not known. */
  loadHalfMm: number;
}

/** The section of a state; of a bag that can't be laid flat, that of the empty one. */
export const sectionOf = ({ section }: Pick<FoldedPlan, 'section'>, state: FoldState): SectionPiece[] =>
  section[state] ?? section.empty;

/**
 * Where the base has its middle and the back ends, along the fabric from the front's mouth, mm.
 *
 * @example
 * stations({ sectionMm: { front: 100, back: 90, base: 20 } }) // => { baseMm: 110, backEndMm: 210 }
 */
export const stations = ({
  sectionMm,
}: Pick<FoldedPlan['pouch'], 'sectionMm'>): { baseMm: number; backEndMm: number } => ({
  baseMm: sectionMm.front + sectionMm.base / 2,
  backEndMm: sectionMm.front + sectionMm.base + sectionMm.back,
});
