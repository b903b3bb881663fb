import { partKey, rowToWork, type BenchState, type PartToWork } from '@/core/bench';

/** A row that was timed: its stitches, and how long it took, ms. */
export interface TimedRow {
  stitches: number;
  ms: number;
}

/**
 * The rows that were timed, with their stitches; one that the plan doesn't have any more is left out.
 *
 * @example
 * timedRows([{ piece: 'disc', copy: 1, rowCount: 2, step: null, of: { id: 'disc', kind: 'disc', copies: 1, counts: [6, 12], increase: 6 } }], { rowMs: [{ part: 'disc.1', row: 2, ms: 60_000 }] }) // => [{ stitches: 12, ms: 60000 }]
 */
export const timedRows = (parts: readonly PartToWork[], { rowMs }: Pick<BenchState, 'rowMs'>): TimedRow[] =>
  rowMs.flatMap(({ part, row, ms }) => {
    const worked = parts.find((one) => partKey(one) === part);
    const told = worked ? rowToWork(worked.of, row) : null;
    return told ? [{ stitches: told.stitches, ms }] : [];
  });
