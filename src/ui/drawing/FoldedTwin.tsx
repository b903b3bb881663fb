import { useMemo } from 'react';
import type { FoldState } from '@/core/fold';
import { foldedText } from '@/core/wording';
import { useRestedBag } from '@/ui/bag/useRestedBag';
import { DrawingTwin } from './DrawingTwin';

const NAMES: Record<FoldState, string> = { flat: 'Folded flat', empty: 'Empty', loaded: 'Loaded' };

/** The folded bag in words, beside a drawing of it. It follows like the numbers. */
export function FoldedTwin({ label, states }: { label: string; states: readonly FoldState[] }) {
  const { design, plan } = useRestedBag();
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
