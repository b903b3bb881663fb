'use client';

import { useMemo } from 'react';
import type { widthRemedy } from '@/core/body';
import type { Figure } from '@/core/figures';
import { offRemedyText } from '@/core/wording';
import { focusingChange } from '@/ui/focus/focusChange';
import { useBag, useBagBehind, useBagStore } from '@/ui/bag/BagProvider';
import { HAND_RESTS_MS, useSettled } from '@/ui/bag/useSettled';

interface OffRemedyLineProps {
  /** The size as it begins a sentence. */
  name: string;
  off: Figure;
  remedyOf: typeof widthRemedy;
}

/** What brings a size nearer that is off by more than she would notice, with one press; or why nothing does. It waits until the hand rests. */
export function OffRemedyLine({ name, off, remedyOf }: OffRemedyLineProps) {
  const plan = useSettled(
    useBagBehind('numbers', (state) => state.plan),
    HAND_RESTS_MS,
  );
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const store = useBagStore();
  const remedy = useMemo(
    () => remedyOf(plan.contents.settled, plan.gauge, plan.pouch, off.value),
    [remedyOf, plan, off.value],
  );
  if (remedy === null) return null;
  const says = offRemedyText(remedy, unit);
  return (
    <div className="off-remedy">
      {name}: {remedy.kind === 'no-nearer' ? says : null}
      {remedy.kind !== 'no-nearer' && (
        <button
          type="button"
          className="take"
          onClick={(event) => focusingChange(event, () => store.getState().edit(says, remedy.edits))}
        >
          {says}
        </button>
      )}
    </div>
  );
}
