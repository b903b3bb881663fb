import { isLengthwise, isOneOfTwo, stripOf, trackRow, type PieceId, type PieceSet, type Track } from '@/core/pieces';
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
  /** So many rows down one face from the mouth, so many stitches in from either side. */
  | {
      on: 'face';
      face: 'front' | 'back';
      piece: PieceId;
      rows: RowSpan;
      inStitches: number;
      /** Stitches that each foot covers, and of the whole row. */
      stitches: number;
      ofStitches: number;
    }
  /** In the middle of each end of a gusset or a band, over so many of its rows, or of its stitches where it is worked lengthwise. */
  | { on: 'strip-ends'; piece: PieceId; count: number; unit: 'row' | 'stitch'; depthMm: number; isOneOfTwo: boolean };

/** Rows of a face that a foot covers, from the mouth down. */
const footRows = (overlapMm: number, { rowMm, frontRows }: Pick<PouchStage, 'rowMm' | 'frontRows'>): number =>
  Math.min(Math.max(1, Math.round(overlapMm / rowMm)), frontRows);

/** The rows of a piece that a foot lies on, on a face whose edge it is sewn to, or that many rows below its upper edge. */
function footSpan(track: Track, first: number, last: number): { piece: PieceId; rows: RowSpan } {
  const ends = [trackRow(track, first), trackRow(track, last)];
  return { piece: track.piece, rows: { from: Math.min(...ends), to: Math.max(...ends) } };
}

/** A foot on a face: so many stitches in from either side, from the mouth down. */
export function footOnFace(
  { face, inStitches }: { face: 'front' | 'back'; inStitches: number },
  strapStitches: number,
  overlapMm: number,
  pouch: Pick<PouchStage, 'rowMm' | 'frontRows' | 'backRows' | 'topStitches'>,
  { tracks }: Pick<PieceSet, 'tracks'>,
): Extract<StrapFoot, { on: 'face' }> {
  const faceRows = face === 'front' ? pouch.frontRows : pouch.backRows;
  // Level with the front's mouth, where a flap goes on from the back above it.
  const first = faceRows - Math.min(pouch.frontRows, pouch.backRows) + 1;
  const span = footSpan(tracks[face], first, Math.min(faceRows, first + footRows(overlapMm, pouch) - 1));
  return { on: 'face', face, ...span, inStitches, stitches: strapStitches, ofStitches: pouch.topStitches };
}

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
      isOneOfTwo: isOneOfTwo(strip),
    };
  }
  const rows = footRows(overlapMm, pouch);
  const seamRows = Math.min(pouch.frontRows, pouch.backRows);
  const span = (track: Track, faceRows: number): { piece: PieceId; rows: RowSpan } => {
    const first = faceRows - seamRows + 1;
    return footSpan(track, first, Math.min(faceRows, first + rows - 1));
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
  foot.on === 'strip-ends'
    ? { count: foot.count, unit: foot.unit }
    : { count: rowsOf(foot.on === 'sides' ? foot.front.rows : foot.rows), unit: 'row' };

const rowsOf = ({ from, to }: RowSpan): number => to - from + 1;

/** How far down into the bag a foot reaches, mm. */
export const footDepthMm = (foot: StrapFoot, { rowMm }: Pick<PouchStage, 'rowMm'>): number =>
  foot.on === 'strip-ends' ? foot.depthMm : footCount(foot).count * rowMm;
