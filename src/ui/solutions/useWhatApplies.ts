import { useBag } from '@/ui/bag/BagProvider';

/** What of a search for better plans is about something that this bag has: a flap, and folds across its rows. */
export function useWhatApplies(): { hasFlap: boolean; hasFolds: boolean } {
  const hasFlap = useBag((state) => state.plan.flap.hasFlap);
  const hasFolds = useBag((state) =>
    state.plan.pieces.some((piece) => piece.kind === 'rows' && piece.lines.some(({ kind }) => kind === 'fold')),
  );
  return { hasFlap, hasFolds };
}
