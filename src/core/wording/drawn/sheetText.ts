import type { Design } from '@/core/design';
import { fittingAt } from '@/core/fittings';
import { rowCountOf, widestStitches, type Piece } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { formatLength } from '@/core/units';
import { FITTING_WORDS, wordsOf } from '../fittings';
import type { DrawnText } from './drawnText';
import { foldWords } from '../pieceText';
import { PIECE_NAMES } from '../pieceNames';
import { placeText } from '../placeText';

/**
 * The drawing of the flat pieces in words, for whoever doesn't see it: every piece with its counts, its folds and parts by row and distance, and what is set on it by row and stitch.
 *
 * @param words the words of what is put on
 */
export function sheetText(design: Design, plan: Plan, words = FITTING_WORDS): DrawnText[] {
  const { lengthUnit } = design.settings;
  const length = (mm: number) => formatLength(mm, lengthUnit);
  return plan.pieces.map((piece) => ({
    name: `${PIECE_NAMES[piece.id]}${piece.copies > 1 ? `, ${piece.copies} alike` : ''}: ${countsText(piece)}`,
    lines: [
      ...partsOf(piece),
      ...(piece.kind === 'rows' ? piece.lines : []).flatMap(({ mark, kind, afterRow }) => {
        if (kind !== 'fold') return [];
        const what = foldWords(mark) ?? 'a part begins';
        return [`After row ${afterRow}, ${length(afterRow * piece.rowMm)} from its beginning: ${what}`];
      }),
      ...plan.marks
        .filter((mark) => mark.piece === piece.id && mark.count !== null)
        .flatMap(({ of, alongMm, count }) => {
          const stage = fittingAt(plan.fittings, of);
          if (!stage || count === null) return [];
          const row = Math.floor(alongMm / piece.rowMm + 1e-9) + 1;
          return [`${wordsOf(stage, words).title}: row ${row}, ${placeText(count.place)} of ${count.ofStitches}`];
        }),
    ],
  }));
}

/** How many stitches and rows a piece has. */
export const countsText = (piece: Piece): string =>
  piece.kind === 'rows'
    ? `${widestStitches(piece)} stitches by ${rowCountOf(piece)} ${piece.roundCount > 0 ? 'rounds' : 'rows'}`
    : `${piece.counts.length} ${piece.kind === 'half-disc' ? 'rows' : 'rounds'}, the last one of ${piece.counts.at(-1) ?? 0} stitches`;

const ZONE_NAMES: Record<string, string> = {
  front: 'Front',
  back: 'Back',
  bridge: 'Over the top',
  flap: 'Flap',
  hem: 'Hem',
};

const partsOf = (piece: Piece): string[] =>
  piece.kind === 'rows' && piece.zones.length > 1
    ? piece.zones.map(({ id, fromRow, toRow }) => `${ZONE_NAMES[id] ?? id}: rows ${fromRow} to ${toRow}`)
    : [];
