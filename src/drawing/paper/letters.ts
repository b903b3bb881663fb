/** The letters of a font that come in files of their own. */
export type Letters = 'latin' | 'latin-ext' | 'vietnamese' | 'greek' | 'greek-ext' | 'cyrillic' | 'cyrillic-ext';

/** Which code points they have beyond the usual ones. Source: the blocks of the Unicode Standard. */
const BLOCKS: readonly (readonly [letters: Letters, from: number, to: number])[] = [
  ['latin-ext', 0x0100, 0x02ff],
  ['latin-ext', 0x1e00, 0x1e9f],
  ['vietnamese', 0x1ea0, 0x1eff],
  ['vietnamese', 0x0300, 0x036f],
  ['greek', 0x0370, 0x03ff],
  ['greek-ext', 0x1f00, 0x1fff],
  ['cyrillic', 0x0400, 0x045f],
  ['cyrillic-ext', 0x0460, 0x052f],
];

/**
 * The files that a text needs, the usual one first. What no file has is not asked for.
 *
 * @example
 * lettersIn('Etui') // => ['latin']
 * lettersIn('Łódź, Бабушка') // => ['latin', 'latin-ext', 'cyrillic']
 */
export function lettersIn(text: string): Letters[] {
  const found = new Set<Letters>();
  for (const letter of text) {
    const point = letter.codePointAt(0) ?? 0;
    const block = BLOCKS.find(([, from, to]) => point >= from && point <= to);
    if (block) found.add(block[0]);
  }
  return ['latin', ...new Set(BLOCKS.map(([letters]) => letters).filter((letters) => found.has(letters)))];
}
