import { useMemo } from 'react';
import { sheetText } from '@/core/wording';
import { useBagBehind } from '@/ui/bag/BagProvider';
import { HAND_RESTS_MS, useSettled } from '@/ui/bag/useSettled';
import { DrawingTwin } from './DrawingTwin';

/** The sheet in words, beside its drawing: pieces, parts, folds and marks with their numbers. It follows like the numbers. */
export function SheetTwin() {
  // Nobody reads it while a hand drags something.
  const { design, plan } = useSettled(
    useBagBehind('numbers', (state) => ({ design: state.design, plan: state.plan })),
    HAND_RESTS_MS,
  );
  const pieces = useMemo(() => sheetText(design, plan), [design, plan]);
  return <DrawingTwin label="The pieces in words" parts={pieces} />;
}
