import type { FabricMark, FittingStage } from '@/core/fittings';
import { wordsOf } from '@/core/wording';

/** What the grip of a mark is called, and its change; null for one that has none. */
export function gripWords(
  fittings: readonly FittingStage[],
  { of }: Pick<FabricMark, 'of'>,
): { name: string; moved: string } | null {
  const stage = fittings.find(({ at }) => at.group === of.group && at.index === of.index);
  return stage ? wordsOf(stage).grip : null;
}
