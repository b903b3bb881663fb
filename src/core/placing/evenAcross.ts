import { centreOf, offsetOf, placeAt, type StitchPlace } from '@/core/body';

/**
 * So many places across a row, each in the middle of as wide a share of it, mirrored by count: as many stitches from one end as from the other.
 * The middle one of an odd number is the middle of the row.
 *
 * Source: arithmetic.
 *
 * @example
 * evenAcross(1, 15) // => [{ kind: 'on', stitch: 8 }]
 * evenAcross(2, 26) // => [{ kind: 'on', stitch: 7 }, { kind: 'on', stitch: 20 }]
 */
export function evenAcross(count: number, stitches: number): StitchPlace[] {
  const half = Array.from({ length: Math.floor(count / 2) }, (_, index) =>
    placeAt(((index + 0.5) * stitches) / count, 1),
  );
  return [
    ...half,
    ...(count % 2 === 1 ? [centreOf(stitches)] : []),
    ...half.map((place) => mirrored(place, stitches)).reverse(),
  ];
}

/**
 * The place that lies as many stitches from the other end of the row.
 *
 * @example
 * mirrored({ kind: 'on', stitch: 3 }, 20) // => { kind: 'on', stitch: 18 }
 */
export const mirrored = (place: StitchPlace, stitches: number): StitchPlace =>
  placeAt(stitches - offsetOf(place, 1), 1);
