import { rowToWork, rowsLeft, type BenchState, type PartToWork } from '@/core/bench';

/** How much of something is worked, and how much there is in all. */
export interface WorkedOfAll {
  worked: number;
  all: number;
}

/**
 * Rows and stitches of all that is worked by rows, each copy by itself.
 *
 * @example
 * workCounted([{ piece: 'disc', copy: 1, rowCount: 2, step: null, of: { id: 'disc', kind: 'disc', copies: 1, counts: [6, 12], increase: 6 } }], { rows: new Map([['disc.1', 1]]), steps: new Map() }).stitches // => { worked: 6, all: 18 }
 */
export function workCounted(
  parts: readonly PartToWork[],
  state: Pick<BenchState, 'rows' | 'steps'>,
): { rows: WorkedOfAll; stitches: WorkedOfAll } {
  const rows = { worked: 0, all: 0 };
  const stitches = { worked: 0, all: 0 };
  for (const part of parts) {
    const done = part.rowCount - rowsLeft(state, part);
    rows.all += part.rowCount;
    rows.worked += done;
    for (let row = 1; row <= part.rowCount; row += 1) {
      const counted = rowToWork(part.of, row)?.stitches ?? 0;
      stitches.all += counted;
      if (row <= done) stitches.worked += counted;
    }
  }
  return { rows, stitches };
}
