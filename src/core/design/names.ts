/** Characters that turn the direction of what follows them: a name that holds one is read as another. */
const DIRECTIONS = /[\u061c\u200e\u200f\u202a-\u202e\u2066-\u2069]/g;
/** Everything that ends a line, and other characters that can't be seen. */
// eslint-disable-next-line no-control-regex
const LINE_ENDS = /[\u0000-\u001f\u007f-\u009f\u2028\u2029]+/g;

/**
 * A name on one line, read in the order in which it is written.
 *
 * @example
 * onOneLine('Wallet\nfor solos') // => 'Wallet for solos'
 */
export const onOneLine = (name: string): string => name.replace(DIRECTIONS, '').replace(LINE_ENDS, ' ');

const letters = new Intl.Segmenter(undefined, { granularity: 'grapheme' });

/**
 * The beginning of a name, cut between what is read as single letters: an emoji is kept or left out whole.
 *
 * @param most characters, as JavaScript counts them
 *
 * @example
 * nameCut('Tuba', 2) // => 'Tu'
 */
export function nameCut(name: string, most: number): string {
  if (name.length <= most) return name;
  let cut = '';
  for (const { segment } of letters.segment(name)) {
    if (cut.length + segment.length > most) break;
    cut += segment;
  }
  return cut.trimEnd();
}
