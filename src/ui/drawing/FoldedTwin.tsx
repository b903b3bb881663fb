import { useMemo } from 'react';
import type { FoldState } from '@/core/fold';
import { foldedText } from '@/core/wording';
import { useBagBehind } from '@/ui/bag/BagProvider';
import { HAND_RESTS_MS, useSettled } from '@/ui/bag/useSettled';
import { DrawingTwin } from './DrawingTwin';

const NAMES: Record<FoldState, string> = { flat: 'Folded flat', empty: 'Empty', loaded: 'Loaded' };

/** The folded bag in words, beside a drawing of it. It follows like the numbers. */
export function FoldedTwin({ label, states }: { label: string; states: readonly FoldState[] }) {
  // Nobody reads it while a hand drags something.
  const { design, plan } = useSettled(
    useBagBehind('numbers', (state) => ({ design: state.design, plan: state.plan })),
    HAND_RESTS_MS,
  );
  const told = states.join();
  const parts = useMemo(
    () =>
      (told.split(',') as FoldState[]).map((state) => ({
        name: NAMES[state],
        lines: foldedText(plan, state, design.settings.lengthUnit),
      })),
    [design.settings.lengthUnit, plan, told],
  );
  return <DrawingTwin label={label} parts={parts} />;
}
