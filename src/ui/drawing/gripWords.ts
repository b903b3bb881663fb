import { fittingAt, type FabricMark, type FittingStage } from '@/core/fittings';
import { wordsOf } from '@/core/wording';

/** What the grip of a mark is called, and its change; null for one that has none. */
export function gripWords(
  fittings: readonly FittingStage[],
  { of }: Pick<FabricMark, 'of'>,
): { name: string; moved: string } | null {
  const stage = fittingAt(fittings, of);
  return stage ? wordsOf(stage).grip : null;
}
