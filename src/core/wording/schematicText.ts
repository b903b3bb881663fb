import type { Design } from '@/core/design';
import { fittingAt, type FabricMark } from '@/core/fittings';
import type { PieceId } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { FITTING_WORDS, wordsOf } from './fittings';
import { rowWord, spotsText } from './placeText';
import { formatQuantity } from './quantity';
import { lineInWords } from './written/inWords';
import { mergedBySize, mergedByUnit } from './written/mergedLines';

/** What stands on the schematic of a piece. */
export interface SchematicText {
  across(stitches: number, mm: number): string;
  rows(piece: PieceId, from: number, to: number, mm: number): string;
  length(mm: number): string;
  marks(letter: string, marks: readonly FabricMark[]): string;
  letter(index: number): string;
}

/** More places than so many in a row are told by their number; the step says each. */
const MOST_PLACES = 4;

/** The words on the schematic of a piece, in the unit of the settings. */
export function schematicText(design: Design, plan: Plan, words = FITTING_WORDS): SchematicText {
  const length = (mm: number) => formatQuantity(mm, 'mm', design.settings.lengthUnit);
  return {
    across: (stitches, mm) => `${lineInWords(design, `${stitches} ${stitches === 1 ? 'st' : 'sts'}`)}, ${length(mm)}`,
    rows: (piece, from, to, mm) => {
      const word = rowWord(piece, from === to ? 1 : 2);
      return `${lineInWords(design, from === to ? `${word} ${from}` : `${word} ${from} to ${to}`)}: ${length(mm)}`;
    },
    length,
    letter: (index) => String.fromCharCode(65 + (index % 26)) + (index < 26 ? '' : String(Math.floor(index / 26) + 1)),
    marks: (letter, marks) => {
      const [first] = marks;
      if (!first?.count) return '';
      const stage = fittingAt(plan.fittings, first.of);
      const name = stage ? wordsOf(stage, words).title : '';
      const { row, ofStitches } = first.count;
      const places = marks.flatMap(({ count }) => (count ? [count.place] : []));
      const where = places.length > MOST_PLACES ? `${places.length} of them along` : spotsText(places, ofStitches);
      return `${letter} ${name}: ${rowWord(first.piece, 1)} ${row}, ${where}${places.length > MOST_PLACES ? ` its ${ofStitches} stitches` : ''}; ${length(first.alongMm)} from where the piece begins, ${first.face === 'outer' ? 'outside' : 'inside'}.`;
    },
  };
}

/**
 * One text of several sizes, or in both units: "14.1 (16.0) cm". What differs in words is told for each.
 *
 * @example
 * oneOfSizes(['26 sts', '30 sts'], ['S', 'M']) // => '26 (30) sts'
 */
export const oneOfSizes = (texts: readonly string[], names: readonly string[]): string =>
  texts.length === 1
    ? (texts[0] ?? '')
    : mergedBySize(
        texts.map((text) => [text]),
        names,
      ).join(' · ');

/** One text in both units. */
export const oneOfUnits = (text: string, other: string): string => mergedByUnit([text], [other])[0] ?? text;
