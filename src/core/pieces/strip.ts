import { isInRows, type Piece, type RowsPiece } from './piece';

/** The gusset or the band that a bag has between its faces, if it has one. */
export const stripOf = ({ pieces }: { pieces: readonly Piece[] }): RowsPiece | null =>
  pieces.find((piece): piece is RowsPiece => (piece.id === 'gusset' || piece.id === 'band') && isInRows(piece)) ?? null;

/**
 * Whether a strip is worked in few long rows, along it, instead of many short ones across. Bands always are worked across.
 *
 * @example
 * isLengthwise({ id: 'gusset', rows: [], rowMm: 5, startStitches: 90, stitchMm: 5 }) // => true
 */
export const isLengthwise = ({
  id,
  rows,
  rowMm,
  startStitches,
  stitchMm,
}: Pick<RowsPiece, 'id' | 'rows' | 'rowMm' | 'startStitches' | 'stitchMm'>): boolean =>
  id === 'gusset' && rows.length * rowMm < startStitches * stitchMm;

/** Whether a strip is one of two, each with one end at the mouth and the other at the base. */
export const isOneOfTwo = ({ copies }: Pick<RowsPiece, 'copies'>): boolean => copies === 2;
