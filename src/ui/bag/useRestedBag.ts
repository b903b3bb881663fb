import type { Design } from '@/core/design';
import type { Plan } from '@/core/plan';
import { useBagBehind } from './BagProvider';
import { HAND_RESTS_MS, useSettled } from './useSettled';

/** The bag once the hand rests: for what nobody reads while something is dragged. */
export const useRestedBag = (): { design: Design; plan: Plan } =>
  useSettled(
    useBagBehind('numbers', (state) => ({ design: state.design, plan: state.plan })),
    HAND_RESTS_MS,
  );
