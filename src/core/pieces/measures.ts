import type { Piece, RowsPiece } from './piece';

/** Stitches in all of one piece, both faces of rounds that lie flat counted. */
export function stitchesInAll(piece: Piece): number {
  if (piece.kind !== 'rows') return piece.counts.reduce((sum, count) => sum + count, 0);
  return piece.rows.reduce((sum, { stitches }, index) => sum + stitches * (index < piece.roundCount ? 2 : 1), 0);
}

/** Stitches of a row, or of a round, from 1: of rounds that lie flat, of both faces. */
export function stitchesInRow(piece: Piece, row: number): number {
  if (piece.kind !== 'rows') return piece.counts[row - 1] ?? 0;
  return (piece.rows[row - 1]?.stitches ?? 0) * (row <= piece.roundCount ? 2 : 1);
}

/** Fabric of one piece, mm². Source: geometry; every stitch takes its width times its row's height. */
export const areaMm2 = (piece: Piece): number => stitchesInAll(piece) * piece.stitchMm * piece.rowMm;

/** Rows or rounds of a piece. */
export const rowCountOf = (piece: Piece): number => (piece.kind === 'rows' ? piece.rows.length : piece.counts.length);

/** The most stitches that a piece of rows has across. */
export const widestStitches = (piece: RowsPiece): number =>
  piece.rows.reduce((most, { stitches }) => Math.max(most, stitches), piece.startStitches);

/**
 * The size of a piece as it lies flat, mm: across, and along from where it begins.
 *
 * @example
 * flatSize({ kind: 'disc', id: 'disc', copies: 1, plain: true, stitchMm: 5, rowMm: 5, counts: [6, 12], increase: 6, school: 'stacked' }) // => { widthMm: 20, lengthMm: 20 }
 */
export function flatSize(piece: Piece): { widthMm: number; lengthMm: number } {
  switch (piece.kind) {
    case 'rows':
      return { widthMm: widestStitches(piece) * piece.stitchMm, lengthMm: piece.rows.length * piece.rowMm };
    case 'disc':
      return { widthMm: 2 * radiusMm(piece), lengthMm: 2 * radiusMm(piece) };
    case 'half-disc':
      return { widthMm: 2 * radiusMm(piece), lengthMm: radiusMm(piece) };
    case 'oval':
      return {
        widthMm: piece.straightStitches * piece.stitchMm + 2 * radiusMm(piece),
        lengthMm: 2 * radiusMm(piece),
      };
  }
}

/** From the middle, or the chain, out to the rim, mm. */
export const radiusMm = ({ counts, rowMm }: { counts: readonly number[]; rowMm: number }): number =>
  counts.length * rowMm;

/** Whether every row of a piece is as wide as the first. */
export const isStraight = (piece: RowsPiece): boolean =>
  piece.rows.every(({ stitches }) => stitches === piece.startStitches);
