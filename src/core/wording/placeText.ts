import type { StitchPlace } from '@/core/body';
import type { PieceId } from '@/core/pieces';
import type { MotifPlace } from '@/core/stitches';
import { ordinal } from './counting';
import { listed } from './joinText';

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
 * Says places along a row that are mirrored: one in the middle; two, by the one from each end; or all of them.
 *
 * @example
 * spotsText([{ kind: 'on', stitch: 8 }], 15) // => 'on the 8th stitch of 15'
 * spotsText([{ kind: 'on', stitch: 4 }, { kind: 'on', stitch: 23 }], 26) // => 'on the 4th stitch of 26 from each end'
 */
export function spotsText(places: readonly StitchPlace[], ofStitches: number): string {
  const [first] = places;
  if (!first) return '';
  if (places.length === 2) return `${placeText(first)} of ${ofStitches} from each end`;
  return `${listed(places.map(placeText))} of ${ofStitches}`;
}

/**
 * Says where the middle of a row lies among the motifs of a field.
 *
 * @example
 * motifText({ kind: 'on', motif: 4, of: 7 }) // => 'on the 4th of 7 motifs'
 * motifText({ kind: 'between', after: 3, of: 6 }) // => 'after the 3rd of 6 motifs'
 */
export const motifText = (place: MotifPlace): string =>
  place.kind === 'on'
    ? `on the ${ordinal(place.motif)} of ${place.of} motifs`
    : `after the ${ordinal(place.after)} of ${place.of} motifs`;

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
