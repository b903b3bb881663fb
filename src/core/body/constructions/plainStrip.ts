import type { RowsPiece } from '@/core/pieces';
import { shapedRows } from '@/core/shaping';

/** The pieces that stand between the faces of a bag: a gusset round it, or a band along it. */
type StripId = 'gusset' | 'band';

/**
 * A plain strip as a piece: rows of the same count, one above the other, with its first and last edge named after it. Heights and widths of one
 * stitch and one row in mm.
 *
 * Source: geometry.
 *
 * @example
 * plainStrip('band', { stitches: 9, rows: 40, stitchMm: 5, rowMm: 6, copies: 2 }).rows.length // => 40
 */
export const plainStrip = (
  id: StripId,
  {
    stitches,
    rows,
    stitchMm,
    rowMm,
    copies,
  }: { stitches: number; rows: number; stitchMm: number; rowMm: number; copies: number },
): RowsPiece => ({
  kind: 'rows',
  id,
  copies,
  plain: true,
  stitchMm,
  rowMm,
  startStitches: stitches,
  rows: shapedRows(stitches, Array<number>(rows).fill(stitches)),
  roundCount: 0,
  zones: [{ id, fromRow: 1, toRow: rows }],
  lines: [
    { mark: `edge.${id}`, kind: 'edge', afterRow: 0 },
    { mark: `edge.${id}`, kind: 'edge', afterRow: rows },
  ],
});
