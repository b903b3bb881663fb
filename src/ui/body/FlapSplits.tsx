'use client';

import type { SplitId } from '@/core/flap';
import { useBagBehind, useBagStore } from '@/ui/bag/BagProvider';
import { AskableNumber } from '@/ui/figures/FigureTicket';

const NAMES: Record<SplitId, string> = {
  thirds: 'Thirds',
  'two-thirds': 'Two thirds, the rest flap',
  'nearly-half': 'Nearly halves, a short flap',
  'to-the-closure': 'To a closure halfway down',
};

/** The splits that makers use, to start from: each with how far the flap would come down. */
export function FlapSplits() {
  const splits = useBagBehind('numbers', (state) => state.plan.splits);
  const store = useBagStore();
  if (splits.length === 0) return null;
  return (
    <div className="splits">
      Start from
      {splits.map(({ id, drop, isPlanned, edits }) => (
        <div key={id}>
          <button
            type="button"
            className="take"
            aria-pressed={isPlanned}
            onClick={() => store.getState().edit(`Split: ${NAMES[id]}`, edits)}
          >
            {NAMES[id]}
          </button>
          <AskableNumber figure={drop} />
        </div>
      ))}
    </div>
  );
}
