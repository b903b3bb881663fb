import { patternRowCount, turningChainOf, type StitchKind, type StitchPattern } from '@/core/stitches';

/** Taller than a single crochet, so that a spiral of it begins with a step. Source: common practice, no source. */
const isTall = (kind: StitchKind): boolean => turningChainOf(kind).counts.chains > 1;

/**
 * Whether rounds are closed with a slip stitch. A spiral is, where she wishes for one, only in stitches that are low and of one row: tall
 * stitches would step where it begins, and a pattern has no place where one of its rows ends.
 *
 * @example
 * areJoined({ rounds: 'spiral' }, STITCHES.sc) // => false
 * areJoined({ rounds: 'spiral' }, STITCHES.dc) // => true
 */
export const areJoined = ({ rounds }: { rounds: 'joined' | 'spiral' }, pattern: StitchPattern): boolean =>
  rounds === 'joined' || isTall(pattern.base) || patternRowCount(pattern) > 1;

/** How rounds follow one another: on and on, each closed, or each closed and turned, as a pattern asks that was thought out in turned rows. */
export type RoundWay = 'spiral' | 'joined' | 'turned';

/**
 * How the rounds of a bag's sides follow one another.
 *
 * @example
 * roundWayOf({ rounds: 'spiral' }, STITCHES.sc) // => 'spiral'
 * roundWayOf({ rounds: 'spiral' }, STITCHES['bobble-field']) // => 'turned'
 */
export function roundWayOf(body: { rounds: 'joined' | 'spiral' }, pattern: StitchPattern): RoundWay {
  if (!areJoined(body, pattern)) return 'spiral';
  return patternRowCount(pattern) > 1 ? 'turned' : 'joined';
}
