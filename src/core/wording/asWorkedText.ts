import { capital } from '@/core/units';
import type { Design } from '@/core/design';
import type { Join, JoinedStretch } from '@/core/pieces';
import { spread } from '@/core/shaping';
import { PIECE_IN_TEXT, STRETCH_NAMES } from './joinText';
import { formatQuantity } from './quantity';
import { spreadText } from './spreadText';

/** How many rows of a band end at each of its sides: every other one. */
const turnsOf = ({ second }: Pick<JoinedStretch, 'second'>): number => second / 2;

/**
 * How a stretch of an edge is used up by the turns of a band that is joined to it as it is worked, in words: what most turns take first.
 *
 * @example
 * turnWords({ first: 24, second: 20 }) // => '2 at a turn, 3 at the 2nd, 4th, 7th and 9th'
 * turnWords({ first: 31, second: 32 }) // => '2 at a turn, 1 at the 9th'
 * turnWords({ first: 20, second: 20 }) // => '2 at every turn'
 */
export const turnWords = ({ first, second }: Pick<JoinedStretch, 'first' | 'second'>): string =>
  spreadText(first, Math.max(1, turnsOf({ second })), { place: 'turn', words: takenWords });

/** A turn that finds no place of its own is joined once more where the one before was. */
const takenWords = (count: number): string => (count === 0 ? 'the same place again' : String(count));

/** A band that is joined as it is worked: stretch by stretch, how many places of the edge go to how many rows. */
export function asWorkedLines(design: Design, { edges: [one], stretches }: Join): string[] {
  return stretches
    .filter(({ second }) => second > 0)
    .map((stretch) => {
      const { name, first, second, lengthMm } = stretch;
      const long = formatQuantity(lengthMm, 'mm', design.settings.lengthUnit);
      return `${capital(STRETCH_NAMES[name])}, ${long}: ${first} of ${PIECE_IN_TEXT[one.piece]} to ${second} rows, of which ${turnsOf(stretch)} end at each side: ${turnWords(stretch)}.`;
    });
}

/** How many places of an edge are used up after so many rows. */
export function usedAfter({ stretches }: Pick<Join, 'stretches'>, rows: number): number {
  let used = 0;
  let left = rows;
  for (const { first, second } of stretches) {
    const here = Math.min(left, second);
    const taken = spread(first, Math.max(1, second / 2));
    used += taken.slice(0, Math.floor(here / 2)).reduce((sum, count) => sum + count, 0);
    left -= here;
  }
  return used;
}
