import { LANGUAGES } from '@/core/language';
import type { Pattern } from '@/core/wording';
import type { Picture } from '../picture/picture';
import type { Block } from './layPages';

/** A picture that belongs into a pattern: before which of its sections it stands, and what it shows. */
export interface PatternPicture {
  before: string;
  label: string;
  picture: Picture;
  /** Lines that belong to it. */
  notes?: readonly string[];
}

const LABELS = ['rows?', 'rounds?', ...Object.values(LANGUAGES).flatMap(({ rowLabels }) => rowLabels)].join('|');
/** A line that tells a row, or several, of any size and in any language: it gets a box to tick. */
const ROW = new RegExp(`^(?:Size [^:]{1,16}: )?(?:${LABELS}) (?:da )?\\d`, 'i');

/** The section whose pictures stand before its heading. */
export const FIRST = 'about';

/** Whether a line of a pattern is ticked once it is worked. */
export const isTicked = (line: string): boolean => ROW.test(line);

/**
 * A pattern as blocks, its pictures where they belong.
 *
 * @example
 * patternBlocks({ title: 'A pouch', sections: [{ id: 'panel', heading: 'Panel', lines: ['Ch 21.', 'Row 1: sc across.'] }] }, []).blocks.map(({ kind }) => kind) // => ['title', 'heading', 'line', 'row']
 */
export function patternBlocks(
  { title, sections }: Pattern,
  pictures: readonly PatternPicture[],
): { blocks: Block[]; pictures: Map<number, Picture> } {
  const blocks: Block[] = [{ kind: 'title', text: title }];
  const placed = new Map<number, Picture>();
  for (const { id, heading, lines } of sections) {
    const own = pictures.filter(({ before }) => before === id);
    // What the bag looks like comes before all that is said of it.
    if (id !== FIRST) blocks.push({ kind: 'heading', text: heading });
    for (const { label, picture, notes = [] } of own) {
      placed.set(blocks.length, picture);
      blocks.push({ kind: 'picture', widthMm: picture.widthMm, heightMm: picture.heightMm, label });
      for (const text of notes) blocks.push({ kind: 'line', text });
    }
    if (id === FIRST) blocks.push({ kind: 'heading', text: heading });
    for (const text of lines) blocks.push({ kind: isTicked(text) ? 'row' : 'line', text });
  }
  return { blocks, pictures: placed };
}
