import { spread } from '@/core/shaping';
import { ordinal } from './counting';
import { listed } from './joinText';

/** More than so many places are said by how they are spread, not one by one. */
const MOST_NAMED = 10;

const plain = (count: number): string => (count === 0 ? 'none' : String(count));

/**
 * How a count is spread over places, in words: what most places take first.
 *
 * @param words how so many are said to go to a place
 * @param place what a place is called
 *
 * @example
 * spreadText(24, 10, { place: 'mark' }) // => '2 at a mark, 3 at the 2nd, 4th, 7th and 9th'
 * spreadText(20, 10, { place: 'turn' }) // => '2 at every turn'
 * spreadText(7, 9, { place: 'stitch' }) // => '1 at a stitch, none at the 3rd and 7th'
 */
export function spreadText(
  count: number,
  places: number,
  { place, words = plain }: { place: string; words?: (count: number) => string },
): string {
  const taken = spread(count, places);
  const least = Math.min(...taken);
  const most = 2 * taken.filter((one) => one > least).length > taken.length ? least + 1 : least;
  const others = taken.flatMap((one, index) => (one === most ? [] : [index + 1]));
  if (others.length === 0) return `${words(most)} at every ${place}`;
  const where =
    others.length > MOST_NAMED
      ? `${others.length} ${place}${place.endsWith('ch') ? 'es' : 's'}, evenly spread`
      : `the ${listed(others.map(ordinal))}`;
  return `${words(most)} at a ${place}, ${words(most === least ? least + 1 : least)} at ${where}`;
}
