/** A place across a row: on a stitch, or between one stitch and the next. Counted from the row's right edge. */
export type StitchPlace = { kind: 'on'; stitch: number } | { kind: 'between'; after: number };

/**
 * The place across a row nearest to a distance from its edge: the middle of a stitch or the gap between two.
 *
 * @param offsetMm from the edge the stitches are counted from, mm
 * @param stitchMm width of one stitch, mm
 *
 * @example
 * placeAt(37.5, 5) // => { kind: 'on', stitch: 8 }
 * placeAt(65, 5) // => { kind: 'between', after: 13 }
 */
export function placeAt(offsetMm: number, stitchMm: number): StitchPlace {
  const halves = Math.round((offsetMm / stitchMm) * 2);
  return halves % 2 === 0 ? { kind: 'between', after: halves / 2 } : { kind: 'on', stitch: (halves + 1) / 2 };
}

/**
 * The middle of a row: a stitch when the count is odd, between two when it is even.
 * Source: arithmetic.
 *
 * @example
 * centreOf(15) // => { kind: 'on', stitch: 8 }
 * centreOf(26) // => { kind: 'between', after: 13 }
 */
export const centreOf = (stitchCount: number): StitchPlace => placeAt(stitchCount / 2, 1);

/** Distance of a place from the edge it is counted from, mm. */
export const offsetOf = (place: StitchPlace, stitchMm: number): number =>
  (place.kind === 'between' ? place.after : place.stitch - 0.5) * stitchMm;
