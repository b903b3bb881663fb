import type { IncreaseSchool, ShapedRow } from '@/core/shaping';

/** The pieces that bags are made of. A bag has at most one of each, though it may be worked twice. */
export const PIECE_IDS = ['panel', 'front', 'back', 'gusset', 'disc', 'band', 'base', 'sides', 'half-disc'] as const;
export type PieceId = (typeof PIECE_IDS)[number];

/** Which part of the bag a stretch of rows is. */
export type ZoneId = 'front' | 'back' | 'bridge' | 'flap' | 'hem' | 'sides' | 'gusset' | 'band';

/** A stretch of rows of a piece, first and last row counted. */
export interface Zone {
  id: ZoneId;
  fromRow: number;
  toRow: number;
}

/** A line across a piece, after a row; after row 0 it is the edge that the piece begins at. */
export interface PieceLine {
  mark: string;
  kind: 'fold' | 'edge';
  afterRow: number;
}

interface PieceBase {
  id: PieceId;
  /** How often it is worked. */
  copies: number;
  /** Width of a stitch and height of a row (or round) in this piece, mm. */
  stitchMm: number;
  rowMm: number;
  /** Worked in the plain stitch that goes with the bag's, instead of in its pattern. */
  plain: boolean;
}

/** A piece of rows one above the other, or of rounds that lie flat. */
export interface RowsPiece extends PieceBase {
  kind: 'rows';
  /** Stitches that it begins with. */
  startStitches: number;
  /** Its rows, the first one first. Of rounds that lie flat, the stitches of one face. */
  rows: readonly ShapedRow[];
  /** So many of the rows, from the first, are rounds: two faces lie on each other. */
  roundCount: number;
  zones: Zone[];
  lines: PieceLine[];
}

/** A flat disc of rounds, or half of one of rows. */
export interface DiscPiece extends PieceBase {
  kind: 'disc' | 'half-disc';
  /** Stitches of each round, the innermost first. */
  counts: number[];
  /** Stitches more in each round. */
  increase: number;
  school: IncreaseSchool;
}

/** A flat oval of rounds about a chain. */
export interface OvalPiece extends PieceBase {
  kind: 'oval';
  /** Stitches along each straight side. */
  straightStitches: number;
  counts: number[];
  /** Stitches more in each round, half of them at each end. */
  increase: number;
  school: IncreaseSchool;
}

/** A piece of crochet as it is worked and as it lies flat. */
export type Piece = RowsPiece | DiscPiece | OvalPiece;

/**
 * A way along a piece: its rows, counted from where the way begins, and distances along it, in the rows of the piece. The front of a
 * bag is such a way from the mouth down, whichever way the piece is worked; the flap one from the back's upper end to its edge.
 */
export interface Track {
  piece: PieceId;
  /** The row before the first one on the way, seen from where it begins. */
  beforeRow: number;
  step: 1 | -1;
}

/**
 * The row of the piece that is row `k` on the way, from 1.
 *
 * @example
 * trackRow({ piece: 'front', beforeRow: 31, step: -1 }, 1) // => 30
 */
export const trackRow = ({ beforeRow, step }: Track, k: number): number => beforeRow + step * k;

/**
 * A distance on the way, as a distance from where the piece begins, mm.
 *
 * @example
 * trackAlongMm({ piece: 'front', beforeRow: 31, step: -1 }, 10, 5) // => 140
 */
export const trackAlongMm = ({ beforeRow, step }: Track, mm: number, rowMm: number): number =>
  step === 1 ? beforeRow * rowMm + mm : (beforeRow - 1) * rowMm - mm;

/**
 * Whether the rows of a part stand upright on the finished bag, as they were worked: towards the mouth on front and back, towards the fold
 * on a flap that hangs. Null for a part that has no up of its own.
 *
 * @example
 * standsUpright('front', { front: { piece: 'panel', beforeRow: 0, step: 1 }, back: { piece: 'panel', beforeRow: 61, step: -1 }, flap: null }) // => false
 */
export function standsUpright(zone: ZoneId, tracks: { front: Track; back: Track; flap: Track | null }): boolean | null {
  if (zone === 'front' || zone === 'sides') return tracks.front.step === -1;
  if (zone === 'back') return tracks.back.step === -1;
  return zone === 'flap' && tracks.flap ? tracks.flap.step === -1 : null;
}

/** Whether a piece's sides go round: two faces lie on each other. */
export const isInRounds = (piece: Piece): piece is RowsPiece => piece.kind === 'rows' && piece.roundCount > 0;

/** Whether a piece is worked in turned rows from its first on. */
export const isInRows = (piece: Piece): piece is RowsPiece => piece.kind === 'rows' && piece.roundCount === 0;
