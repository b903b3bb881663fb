import { foundationOf } from './begunPlain';
import type { Foundation, StitchPattern, TurningChainSchool } from './stitch';

/**
 * Chains to make before the first row of `stitchCount` stitches: the stitches, plus the chains passed over, less one
 * where the turning chain stands for the first stitch. A tube's chain is joined into a ring, and none is passed over. Foundation
 * stitches need no chain.
 *
 * @param stitchCount stitches in the row, a whole number of at least 1
 * @returns chains, a whole number
 * @throws RangeError when the stitch count is not a whole number of at least 1
 * Source: arithmetic; the chains passed over are common practice.
 *
 * @example
 * startingChain(25, STITCHES.sc, 'does-not-count', 'chain') // => 26
 * startingChain(40, STITCHES.hdc, 'counts', 'chain') // => 41
 * startingChain(40, STITCHES.hdc, 'counts', 'foundation-stitches') // => 0
 * startingChain(10, STITCHES['spiral-tube'], 'counts', 'chain') // => 10
 */
export function startingChain(
  stitchCount: number,
  stitch: StitchPattern,
  school: TurningChainSchool,
  foundation: Foundation,
): number {
  if (!Number.isInteger(stitchCount) || stitchCount < 1)
    throw new RangeError('a starting chain is for a whole number of stitches, at least one');
  if (foundationOf(stitch, foundation) === 'foundation-stitches') return 0;
  if (stitch.inRounds) return stitchCount;
  // Of a single stitch the chain beside it can't be the first.
  const used = stitchCount === 1 ? 'does-not-count' : school;
  const turningChainCounts = used === 'counts' ? 1 : 0;
  return stitchCount + stitch.turningChain[used].skippedInFoundation - turningChainCounts;
}
