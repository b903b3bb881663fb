import { isInRows, type Piece } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import type { MakingEventOf } from './makingEvent';

/** What a tester measured after a row, and what the plan has there, mm; null where either isn't known. */
export interface TestedSize {
  what: 'width' | 'length';
  measuredMm: number;
  plannedMm: number | null;
}

/**
 * What a tester measured beside what the plan has after the same row: its width in that row, its length up to it. Of rounds and of what is beside the pieces the plan says neither.
 *
 * Source: arithmetic: stitches by the width of one, rows by the height of one.
 */
export function testedSizes(
  { pieces }: Pick<Plan, 'pieces'>,
  { at, widthMm, lengthMm }: MakingEventOf<'tested'>,
): TestedSize[] {
  const piece = at === null ? undefined : pieces.find(({ id }) => id === at.piece);
  const planned = at && piece ? plannedAfter(piece, at.row) : null;
  return [
    ...(widthMm === null ? [] : [{ what: 'width' as const, measuredMm: widthMm, plannedMm: planned?.widthMm ?? null }]),
    ...(lengthMm === null
      ? []
      : [{ what: 'length' as const, measuredMm: lengthMm, plannedMm: planned?.lengthMm ?? null }]),
  ];
}

function plannedAfter(piece: Piece, row: number): { widthMm: number; lengthMm: number } | null {
  if (!isInRows(piece) || piece.kind !== 'rows') return null;
  const worked = piece.rows[row - 1];
  return worked ? { widthMm: worked.stitches * piece.stitchMm, lengthMm: row * piece.rowMm } : null;
}
