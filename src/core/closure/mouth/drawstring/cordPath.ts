import { spread } from '@/core/shaping';

/**
 * A cord's way round a mouth, stitch by stitch: how many stitches lie from one place where it passes through to the next. The first lie across the
 * centre front, where both ends leave: half of them on either side of the middle. Front and back read the same from both sides.
 *
 * @param front stitches of the front along the row, and of the back, with half of what lies between them at either side
 * @param passes how often it passes through: an even number from 4, no more than there are stitches in half the round
 * @returns as many counts as passes; they add up to all stitches
 * @throws RangeError for passes that are odd, or too few or too many
 * Source: arithmetic.
 *
 * @example
 * cordPath({ front: 20, back: 20 }, 8) // => [6, 5, 4, 5, 6, 5, 4, 5]
 * cordPath({ front: 21, back: 20 }, 4) // => [11, 10, 10, 10]
 */
export function cordPath({ front, back }: { front: number; back: number }, passes: number): number[] {
  const all = front + back;
  if (!Number.isInteger(passes) || passes < 4 || passes % 2 !== 0 || 2 * passes > all)
    throw new RangeError(`a cord can't pass ${passes} times through ${all} stitches`);
  const each = all / passes;
  // The middle of an odd count is a stitch: as many lie on either side of it.
  const acrossFront = nearestLike(each, front);
  const acrossBack = nearestLike(each, back);
  const side = spread((all - acrossFront - acrossBack) / 2, passes / 2 - 1);
  return [acrossFront, ...side, acrossBack, ...[...side].reverse()];
}

/** The whole number nearest to so much that is even or odd as another is, from 1. */
function nearestLike(value: number, like: number): number {
  const odd = Math.abs(like) % 2;
  const found = 2 * Math.round((value - odd) / 2) + odd;
  return Math.max(odd === 1 ? 1 : 2, found);
}
