/** Letters as they are compared: whatever their case and their accents. */
const plain = (text: string): string => text.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase();

/**
 * Looks through many things as one types: those in whose text all words of the search are, in the order they were given. The texts are made ready once.
 *
 * @param textOf all that a thing can be found by
 *
 * @example
 * finder(['Étui, red', 'Bolt of red felt', 'Zip'], (text) => text)('RED et') // => ['Étui, red']
 */
export function finder<T>(all: readonly T[], textOf: (one: T) => string): (search: string) => readonly T[] {
  const texts = all.map((one) => plain(textOf(one)));
  return (search) => {
    const words = plain(search).split(/\s+/).filter(Boolean);
    if (words.length === 0) return all;
    return all.filter((_, index) => words.every((word) => (texts[index] as string).includes(word)));
  };
}
