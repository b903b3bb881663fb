import { yarnOfRow, type ColourRow } from '@/core/design';
import { rowCountOf, stitchesInRow, type Piece } from '@/core/pieces';

/** Rows of a piece that are worked one after the other in one yarn; 0 is the swatch's own. */
export interface ColourRun {
  yarn: number;
  fromRow: number;
  toRow: number;
}

/**
 * A piece as runs of rows in one yarn, from its first row to its last.
 *
 * @param stripes the stripes of the design
 *
 * @example
 * colourRuns([{ yarn: 0, fromRow: 3, rows: 2, everyRows: null, piece: 'all' }], { id: 'disc', kind: 'disc', counts: [6, 12, 18, 24, 30], increase: 6, school: 'stacked', copies: 1, stitchMm: 5, rowMm: 5, plain: true }).map(({ yarn }) => yarn) // => [0, 1, 0]
 */
export function colourRuns(stripes: readonly ColourRow[], piece: Piece): ColourRun[] {
  const runs: ColourRun[] = [];
  for (let row = 1; row <= rowCountOf(piece); row += 1) {
    const yarn = yarnOfRow(stripes, piece.id, row);
    const last = runs.at(-1);
    if (last?.yarn === yarn) last.toRow = row;
    else runs.push({ yarn, fromRow: row, toRow: row });
  }
  return runs;
}

/** What the pieces of a bag take of one of the further yarns. */
export interface ColourUse {
  areaMm2: number;
  /** Ends of yarn that its stripes leave to weave in. */
  tails: number;
}

/**
 * What the pieces take of every further yarn: the area of its rows, every copy counted, and two ends for each of its stripes.
 *
 * @param count how many further yarns there are
 */
export function colourUses(stripes: readonly ColourRow[], pieces: readonly Piece[], count: number): ColourUse[] {
  const uses = Array.from({ length: count }, (): ColourUse => ({ areaMm2: 0, tails: 0 }));
  for (const piece of pieces)
    for (const { yarn, fromRow, toRow } of colourRuns(stripes, piece)) {
      const use = uses[yarn - 1];
      if (!use) continue;
      use.tails += 2 * piece.copies;
      for (let row = fromRow; row <= toRow; row += 1)
        use.areaMm2 += piece.copies * stitchesInRow(piece, row) * piece.stitchMm * piece.rowMm;
    }
  return uses;
}
