/**
 * Spreads stitches over places between two anchors, as evenly as whole stitches allow: pick-up along an edge, joining two edges
 * of different counts, increases round a disc. Two neighbours differ by one stitch at most, and it reads the same from either
 * end, but for the one place in the middle where an odd rest has to lie.
 *
 * @param count stitches to spread, a whole number from 0
 * @param places places to spread them over, a whole number from 1
 * @returns for each place how many stitches go there
 * @throws RangeError for counts that are not whole, or no places
 * Source: rounding the even line (the digital straight line), from the middle outwards.
 *
 * @example
 * spread(8, 5) // => [2, 1, 2, 1, 2]
 * spread(2, 6) // => [0, 1, 0, 0, 1, 0]
 */
export function spread(count: number, places: number): number[] {
  if (!Number.isInteger(count) || !Number.isInteger(places) || count < 0 || places < 1)
    throw new RangeError(`${count} can't be spread over ${places} places`);
  const upTo = (place: number): number => {
    // Below the middle a half is rounded up, above it down, so that both ends read the same.
    if (2 * place <= places) return Math.floor((2 * place * count + places) / (2 * places));
    return count - upTo(places - place);
  };
  return Array.from({ length: places }, (_, place) => upTo(place + 1) - upTo(place));
}
