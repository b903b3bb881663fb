import { partsToWork, rowToWork, rowsDone, type BenchState } from '@/core/bench';
import type { Piece } from '@/core/pieces';

/** How much of something is worked, and how much there is in all. */
export interface WorkedOfAll {
  worked: number;
  all: number;
}

/**
 * Rows and stitches of the pieces, each copy by itself. What is worked on or apart, as borders and straps, is not among them.
 *
 * @example
 * workCounted([{ id: 'disc', kind: 'disc', copies: 1, counts: [6, 12], increase: 6 }], { rows: new Map([['disc.1', 1]]) }).stitches // => { worked: 6, all: 18 }
 */
export function workCounted(
  pieces: readonly Piece[],
  state: Pick<BenchState, 'rows'>,
): { rows: WorkedOfAll; stitches: WorkedOfAll } {
  const rows = { worked: 0, all: 0 };
  const stitches = { worked: 0, all: 0 };
  for (const part of partsToWork(pieces)) {
    const piece = pieces.find(({ id }) => id === part.piece) as Piece;
    const done = Math.min(part.rowCount, rowsDone(state, part));
    rows.all += part.rowCount;
    rows.worked += done;
    for (let row = 1; row <= part.rowCount; row += 1) {
      const counted = rowToWork(piece, row)?.stitches ?? 0;
      stitches.all += counted;
      if (row <= done) stitches.worked += counted;
    }
  }
  return { rows, stitches };
}
