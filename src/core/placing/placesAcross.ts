import { centreOf, offsetOf, placeAt, type StitchPlace } from '@/core/body';
import type { Across } from '@/core/design';
import { evenAcross, mirrored } from './evenAcross';

/**
 * Where along a row things are set, by count, mirrored: in the middle; two, as far in from either end as is wished, else a quarter of the row; or
 * several, each in the middle of as wide a share of it.
 *
 * @param stitches of the row
 * @param stitchMm width of one of them, mm
 *
 * Source: common practice for a pair near the sides, no source; else arithmetic.
 *
 * @example
 * placesAcross({ layout: 'centre', inMm: null, count: 3 }, 26, 5) // => [{ kind: 'between', after: 13 }]
 * placesAcross({ layout: 'pair', inMm: 22, count: 3 }, 26, 5) // => [{ kind: 'on', stitch: 5 }, { kind: 'on', stitch: 22 }]
 * placesAcross({ layout: 'even', inMm: null, count: 3 }, 27, 5) // => [{ kind: 'on', stitch: 5 }, { kind: 'on', stitch: 14 }, { kind: 'on', stitch: 23 }]
 */
export function placesAcross({ layout, inMm, count }: Across, stitches: number, stitchMm: number): StitchPlace[] {
  switch (layout) {
    case 'centre':
      return [centreOf(stitches)];
    case 'pair': {
      const first = inMm === null ? placeAt(stitches / 4, 1) : inFromEnd(inMm, stitches, stitchMm);
      return [first, mirrored(first, stitches)];
    }
    case 'even':
      return evenAcross(count, stitches);
  }
}

/** The place that is nearest to so far in from a row's end, on its own half of the row. */
function inFromEnd(inMm: number, stitches: number, stitchMm: number): StitchPlace {
  const place = placeAt(Math.max(inMm, stitchMm / 2), stitchMm);
  const most = centreOf(stitches);
  return offsetOf(place, 1) > offsetOf(most, 1) ? most : place;
}
