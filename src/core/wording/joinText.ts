import { capital } from '@/core/units';
import type { Design } from '@/core/design';
import { clipPairs, type Join, type JoinId, type JoinedStretch, type PieceId, type StretchName } from '@/core/pieces';
import { spread } from '@/core/shaping';
import { formatQuantity } from './quantity';
import { ordinal } from './counting';

/** What each join is called. */
export const JOIN_NAMES: Record<JoinId, string> = {
  sides: 'Side seams',
  corners: 'Across the corners',
  'gusset-front': 'Gusset to the front',
  'gusset-back': 'Gusset to the back',
  'side-bands': 'Bands to the panel',
  'band-front': 'Bands to the front',
  'band-back': 'Bands to the back',
  'band-ends': 'Bands’ ends across the base',
  'band-rim': 'Band to the discs',
  'base-rim': 'Base to the sides',
  bottom: 'Across the bottom',
  flap: 'Half disc to the back',
};

/** What a stretch of an edge is called within a sentence. */
export const STRETCH_NAMES: Record<StretchName, string> = {
  side: 'side',
  corner: 'corner',
  base: 'base',
  rim: 'rim',
  'back-edge': 'upper edge',
};

/** How edges of different counts meet: stretch by stretch, between the anchors, with where two of one go to one of the other. */
export function joinLines(design: Design, join: Join): string[] {
  const [one, other] = join.edges;
  const length = (mm: number) => formatQuantity(mm, 'mm', design.settings.lengthUnit);
  // Between two corners there may be less than a row: nothing is joined to nothing there.
  const joined = join.stretches.filter(({ first, second }) => first > 0 || second > 0);
  return joined.map((stretch) => {
    const { name, lengthMm } = stretch;
    const [first, second] = [
      PIECE_IN_TEXT[one.piece],
      one.piece === other.piece
        ? 'the other edge'
        : `${PIECE_IN_TEXT[other.piece]}${other.hasBorder ? '’s border' : ''}`,
    ];
    return [
      `${capital(STRETCH_NAMES[name])}, ${length(lengthMm)}: ${meetWords(stretch, first, second)}`,
      ...clipWords(stretch),
    ].join(' ');
  });
}

/** Where a stretch is clipped together before it is joined; nothing of a short one. */
function clipWords(stretch: JoinedStretch): string[] {
  const pairs = clipPairs(stretch);
  if (pairs.length === 0) return [];
  return [
    `Clip ${listed(pairs.map(({ first, second }) => (first === second ? String(first) : `${first} with ${second}`)))}${stretch.first === stretch.second ? ' of both' : ''}.`,
  ];
}

/** What a piece is called within a sentence. */
export const PIECE_IN_TEXT: Record<PieceId, string> = {
  panel: 'the panel',
  front: 'the front',
  back: 'the back',
  gusset: 'the gusset',
  disc: 'the disc',
  band: 'the band',
  base: 'the base',
  sides: 'the sides',
  'half-disc': 'the half disc',
};

/** More than so many places are said by how they are spread, not one by one. */
const MOST_NAMED = 10;

/**
 * How two counts meet, in words.
 *
 * @example
 * meetWords({ name: 'side', first: 7, second: 5, lengthMm: 40 }, 'the front', 'the gusset') // => '7 of the front to 5 of the gusset; two to one at the 2nd and 4th of the gusset.'
 */
export function meetWords({ first, second }: JoinedStretch, one: string, other: string): string {
  const met = `${first} of ${one} to ${second} of ${other}`;
  if (first === second) return `${met}, one to one.`;
  if (first === 0 || second === 0) return `${met}: ease ${first === 0 ? 'them' : 'these'} in.`;
  const [more, fewer, fewerName] = first > second ? [first, second, other] : [second, first, one];
  const taken = spread(more, fewer);
  const least = Math.min(...taken);
  const places = taken.flatMap((count, index) => (count > least ? [index + 1] : []));
  const words = (count: number) => ['none', 'one', 'two', 'three', 'four'][count] ?? String(count);
  if (places.length === 0) return `${met}, ${words(least)} to one throughout.`;
  const rest = least === 1 ? '' : `, ${words(least)} to one elsewhere`;
  const where =
    places.length > MOST_NAMED
      ? `${places.length} times, evenly spread`
      : `at the ${listed(places.map(ordinal))} of ${fewerName}`;
  return `${met}; ${words(least + 1)} to one ${where}${rest}.`;
}

/**
 * @example
 * listed(['a', 'b', 'c']) // => 'a, b and c'
 */
export const listed = (items: readonly string[]): string =>
  items.length < 2 ? items.join('') : `${items.slice(0, -1).join(', ')} and ${items.at(-1)}`;
