import { CLIPS_EVERY_MM } from '@/core/defaults';
import { spread } from '@/core/shaping';
import type { JoinedStretch } from './join';

/** So many of the one edge, counted from where the stretch begins, meet so many of the other. */
export interface ClipPair {
  first: number;
  second: number;
}

/**
 * Where both edges of a stretch are clipped together between its anchors, before they are joined: about every five centimetres, the counts
 * spread as the join spreads them.
 *
 * @returns nothing of a stretch that is too short for a clip between its anchors
 *
 * @example
 * clipPairs({ name: 'side', first: 40, second: 30, lengthMm: 150 }) // => [{ first: 13, second: 10 }, { first: 27, second: 20 }]
 */
export function clipPairs({ first, second, lengthMm }: JoinedStretch): ClipPair[] {
  const fewer = Math.min(first, second);
  const parts = Math.min(fewer, Math.round(lengthMm / CLIPS_EVERY_MM));
  if (parts < 2) return [];
  const taken = spread(Math.max(first, second), fewer);
  return Array.from({ length: parts - 1 }, (_, index) => {
    const few = Math.round((fewer * (index + 1)) / parts);
    const many = taken.slice(0, few).reduce((sum, count) => sum + count, 0);
    return first >= second ? { first: many, second: few } : { first: few, second: many };
  });
}
