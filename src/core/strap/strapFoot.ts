import { trackRow, type PieceId, type PieceSet, type RowsPiece, type Track } from '@/core/pieces';
import type { PouchStage } from '@/core/stages';

/** Rows from one to another, both counted. */
export interface RowSpan {
  from: number;
  to: number;
}

/** Where a strap's foot is sewn, inside the bag. */
export type StrapFoot =
  /** So many rows down each side from the mouth, half on the front, half on the back. */
  | {
      on: 'sides';
      front: { piece: PieceId; rows: RowSpan };
      back: { piece: PieceId; rows: RowSpan };
      /** Stitches from the side edge that the foot covers, on the front and on the back. */
      frontStitches: number;
      backStitches: number;
    }
  /** In the middle of each end of a gusset or a band, over so many of its rows, or of its stitches where it is worked lengthwise. */
  | { on: 'strip-ends'; piece: PieceId; count: number; unit: 'row' | 'stitch'; depthMm: number };

/** The gusset or the band that a bag has between its faces, if it has one. */
export const stripOf = ({ pieces }: Pick<PieceSet, 'pieces'>): RowsPiece | null =>
  pieces.find((piece): piece is RowsPiece => piece.kind === 'rows' && (piece.id === 'gusset' || piece.id === 'band')) ??
  null;

/** Whether a strip is worked in few long rows, along it, instead of many short ones across. */
export const isLengthwise = (strip: Pick<RowsPiece, 'rows' | 'rowMm' | 'startStitches' | 'stitchMm'>): boolean =>
  strip.rows.length * strip.rowMm < strip.startStitches * strip.stitchMm;

/** Where a strap's feet go: the ends of a gusset or a band, where there is one; else the sides, from the mouth down. */
export function strapFoot(
  strapStitches: number,
  overlapMm: number,
  pouch: Pick<PouchStage, 'rowMm' | 'frontRows' | 'backRows'>,
  set: Pick<PieceSet, 'pieces' | 'tracks'>,
): StrapFoot {
  const strip = stripOf(set);
  if (strip) {
    const lengthwise = isLengthwise(strip);
    const stepMm = lengthwise ? strip.stitchMm : strip.rowMm;
    const most = Math.max(1, Math.floor((lengthwise ? strip.startStitches : strip.rows.length) / 2));
    const count = Math.min(most, Math.max(1, Math.round(overlapMm / stepMm)));
    return {
      on: 'strip-ends',
      piece: strip.id,
      count,
      unit: lengthwise ? 'stitch' : 'row',
      depthMm: count * stepMm,
    };
  }
  const rows = Math.min(Math.max(1, Math.round(overlapMm / pouch.rowMm)), pouch.frontRows);
  const seamRows = Math.min(pouch.frontRows, pouch.backRows);
  const span = (track: Track, faceRows: number): { piece: PieceId; rows: RowSpan } => {
    const first = faceRows - seamRows + 1;
    const ends = [trackRow(track, first), trackRow(track, Math.min(faceRows, first + rows - 1))];
    return { piece: track.piece, rows: { from: Math.min(...ends), to: Math.max(...ends) } };
  };
  const frontStitches = Math.floor(strapStitches / 2);
  return {
    on: 'sides',
    front: span(set.tracks.front, pouch.frontRows),
    back: span(set.tracks.back, pouch.backRows),
    frontStitches,
    backStitches: strapStitches - frontStitches,
  };
}

/** How many rows, or stitches, a foot covers from the mouth down. */
export const footCount = (foot: StrapFoot): { count: number; unit: 'row' | 'stitch' } =>
  foot.on === 'sides'
    ? { count: foot.front.rows.to - foot.front.rows.from + 1, unit: 'row' }
    : { count: foot.count, unit: foot.unit };

/** How far down into the bag a foot reaches, mm. */
export const footDepthMm = (foot: StrapFoot, { rowMm }: Pick<PouchStage, 'rowMm'>): number =>
  foot.on === 'sides' ? footCount(foot).count * rowMm : foot.depthMm;
