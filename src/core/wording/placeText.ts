import type { StitchPlace } from '@/core/body';
import type { PieceId } from '@/core/pieces';
import { ordinal } from './counting';

/**
 * Says a place across a row. Both sides count alike where it is the middle.
 *
 * @example
 * placeText({ kind: 'on', stitch: 8 }) // => 'on the 8th stitch'
 * placeText({ kind: 'between', after: 13 }) // => 'after the 13th stitch'
 */
export const placeText = (place: StitchPlace): string =>
  place.kind === 'on' ? `on the ${ordinal(place.stitch)} stitch` : `after the ${ordinal(place.after)} stitch`;

/**
 * What a row is called on a piece: of sides worked in rounds, a round.
 *
 * @example
 * rowWord('sides', 2) // => 'rounds'
 */
export const rowWord = (piece: PieceId, count: number): string => {
  const word = piece === 'sides' || piece === 'disc' ? 'round' : 'row';
  return count === 1 ? word : `${word}s`;
};
