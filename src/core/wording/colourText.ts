import { colourRuns, type ColourRun } from '@/core/colours';
import type { Design } from '@/core/design';
import type { Piece } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { PIECE_NAMES } from './pieceNames';

/**
 * What a yarn is called in rows of colour: A is the swatch's own.
 *
 * @example
 * colourLetter(1) // => 'B'
 */
export const colourLetter = (yarn: number): string => String.fromCharCode(65 + yarn);

/** The yarns by their letters, the rows of every piece in them, and how to change; none for a bag of one colour. */
export function colourLines({ swatch, furtherYarns, colourRows }: Design, { pieces }: Pick<Plan, 'pieces'>): string[] {
  if (furtherYarns.length === 0 || colourRows.length === 0) return [];
  const yarns = [swatch.yarn, ...furtherYarns].map(({ name }, index) => `${colourLetter(index)}: ${name}`);
  return [
    `${yarns.join('; ')}.`,
    ...pieces.map((piece) => `${PIECE_NAMES[piece.id]}: ${runsText(colourRuns(colourRows, piece), piece)}.`),
    'Change in the last yarn over of the row before: the loop that begins the new row has its colour already.',
  ];
}

/** The rows in each yarn, in the order of the yarns. */
function runsText(runs: readonly ColourRun[], piece: Piece): string {
  const word = piece.kind === 'rows' && piece.roundCount === 0 ? 'row' : 'round';
  const yarns = [...new Set(runs.map(({ yarn }) => yarn))].sort((a, b) => a - b);
  return yarns
    .map((yarn) => {
      const own = runs.filter((run) => run.yarn === yarn);
      const rows = own.map(({ fromRow, toRow }) => (fromRow === toRow ? `${fromRow}` : `${fromRow}–${toRow}`));
      const one = own.length === 1 && own[0]?.fromRow === own[0]?.toRow;
      return `${colourLetter(yarn)} in ${word}${one ? '' : 's'} ${rows.join(', ')}`;
    })
    .join('; ');
}

/** At which rows the colour changes, and to what: for whoever works it row by row. */
export const colourChanges = (design: Design, piece: Piece): { row: number; says: string }[] =>
  colourRuns(design.colourRows, piece)
    .slice(1)
    .map(({ yarn, fromRow }) => ({
      row: fromRow,
      says: `in ${colourLetter(yarn)}, ${(yarn === 0 ? design.swatch.yarn : design.furtherYarns[yarn - 1])?.name ?? ''}`,
    }));
