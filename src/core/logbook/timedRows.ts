import { rowToWork, type BenchState } from '@/core/bench';
import type { Piece } from '@/core/pieces';

/** A row that was timed: its stitches, and how long it took, ms. */
export interface TimedRow {
  stitches: number;
  ms: number;
}

/**
 * The rows that were timed, with their stitches; one that the plan doesn't have any more is left out.
 *
 * @example
 * timedRows([{ id: 'disc', kind: 'disc', copies: 1, counts: [6, 12], increase: 6 }], { rowMs: [{ part: 'disc.1', row: 2, ms: 60_000 }] }) // => [{ stitches: 12, ms: 60000 }]
 */
export const timedRows = (pieces: readonly Piece[], { rowMs }: Pick<BenchState, 'rowMs'>): TimedRow[] =>
  rowMs.flatMap(({ part, row, ms }) => {
    const piece = pieces.find(({ id }) => part.startsWith(`${id}.`));
    const told = piece ? rowToWork(piece, row) : null;
    return told ? [{ stitches: told.stitches, ms }] : [];
  });
