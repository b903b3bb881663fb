import { BY_SIZE } from '@/core/language';

/** A number, and a list of one for each size behind the first: “26 (30, 34)”. */
const GRADED = new RegExp(String.raw`(?<![.,])(${BY_SIZE}) \(((?:${BY_SIZE})(?:,\s?(?:${BY_SIZE}))*)\)`, 'giu');
const SAYS_SIZES = /^\W*sizes?\b\W+([\p{L}\p{N} ./-]{1,20}?)\s?\(([\p{L}\p{N} ./,-]{1,120})\)/imu;
/** A line of one size alone. */
const OWN_LINE = /^(\s*size ([^:\n]{1,20}): )/i;
/** So many such lists of one length make a pattern of several sizes where it doesn’t say so. */
const LISTS_ENOUGH = 3;

/**
 * The sizes that a pattern is written in, by their names; none of a pattern in one size. Where it names none they are numbered.
 *
 * @example
 * sizesOf('Sizes: S (M, L)\nCh 26 (30, 34).') // => ['S', 'M', 'L']
 * sizesOf('Ch 26 (30, 34).\nRow 1: sc across. 25 (29, 33)\nRow 2: sc across. 25 (29, 33)') // => ['1', '2', '3']
 * sizesOf('Row 1: sc in each ch. (25)') // => []
 */
export function sizesOf(text: string): string[] {
  const said = SAYS_SIZES.exec(text);
  if (said?.[1] && said[2]) return [said[1].trim(), ...said[2].split(',').map((one) => one.trim())];
  const lists = new Map<number, number>();
  for (const [, , others = ''] of text.matchAll(GRADED)) {
    const sizes = others.split(',').length + 1;
    // “26 (30)” alone is a count more often than a size.
    if (sizes > 2) lists.set(sizes, (lists.get(sizes) ?? 0) + 1);
  }
  const [most] = [...lists].sort((one, other) => other[1] - one[1]);
  return most && most[1] >= LISTS_ENOUGH ? Array.from({ length: most[0] }, (_, index) => String(index + 1)) : [];
}

/**
 * A pattern of several sizes as it reads in one of them. What is of other sizes becomes room, so that every place stays where it was.
 *
 * @param size which one, from 0
 *
 * @example
 * ofSize('Ch 26 (30, 34).', 1, ['S', 'M', 'L']) // => 'Ch     30     .'
 */
export function ofSize(text: string, size: number, names: readonly string[]): string {
  const room = (words: string) => ' '.repeat(words.length);
  return text
    .split('\n')
    .map((line) => {
      const own = OWN_LINE.exec(line);
      const [, label = '', name = ''] = own ?? [];
      if (own && names.includes(name))
        return name === names[size] ? room(label) + line.slice(label.length) : room(line);
      return line.replace(GRADED, (whole, first: string, others: string) => {
        const all = others.split(',');
        if (all.length !== names.length - 1) return whole;
        if (size === 0) return first + room(whole.slice(first.length));
        const before = all.slice(0, size - 1).reduce((sum, one) => sum + one.length + 1, first.length + 2);
        const chosen = all[size - 1] ?? '';
        return room(whole.slice(0, before)) + chosen + room(whole.slice(before + chosen.length));
      });
    })
    .join('\n');
}
