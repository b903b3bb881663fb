import type { StitchPattern } from '@/core/stitches';
import type { AllowedCounts } from './construction';

/** What a pattern allows across a panel worked in rows. */
export const allowedInRows = ({ repeatStitches, edgeStitches }: StitchPattern): AllowedCounts => ({
  repeatStitches,
  edgeStitches,
});

/**
 * What a pattern allows across one face of a round: a round closes, so it takes full repeats and nothing beside them, and both faces
 * are to have the same count.
 *
 * @example
 * allowedInRounds({ repeatStitches: 4, edgeStitches: 1 }) // => { repeatStitches: 2, edgeStitches: 0 }
 */
export const allowedInRounds = ({
  repeatStitches,
}: Pick<StitchPattern, 'repeatStitches' | 'edgeStitches'>): AllowedCounts => ({
  repeatStitches: repeatStitches % 2 === 0 ? repeatStitches / 2 : repeatStitches,
  edgeStitches: 0,
});
