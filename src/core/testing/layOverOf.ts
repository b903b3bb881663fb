import type { LayOverStage } from '@/core/lining';
import type { Plan } from '@/core/plan';

/**
 * The lining of a plan that is laid over the crochet.
 *
 * @throws Error where it has none of that kind
 */
export function layOverOf({ lining }: Pick<Plan, 'lining'>): LayOverStage {
  if (!lining || !('turnUnder' in lining)) throw new Error('no lining that is laid over the crochet');
  return lining;
}
