import { proxy } from 'comlink';
import { useEffect, useMemo, useState } from 'react';
import { clothPieces, sheetOf, type Layout, type LayoutPiece } from '@/core/layout';
import { LINING_NAMES } from '@/core/lining';
import { pocketPart } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { useRun } from '@/ui/workers/useRun';

/** The pieces of this bag on its cloth, and how a search for the shortest layout stands. What it has found stays when it is stopped. */
export function useClothLayout() {
  const lining = useBag((state) => state.plan.lining);
  const pockets = useBag((state) => state.plan.pockets);
  const cloth = useBag((state) => state.design.cloth);
  const store = useBagStore();
  const pieces = useMemo(
    () =>
      clothPieces({ lining, pockets }, cloth, { lining: (id) => LINING_NAMES[id], pocket: ({ at }) => pocketPart(at) }),
    [lining, pockets, cloth],
  );
  const { state, start, stop } = useRun<Layout>();
  const [best, setBest] = useState<{ pieces: LayoutPiece[]; layout: Layout } | null>(null);
  useEffect(
    () =>
      store.subscribe((now, before) => {
        if (now.edition !== before.edition) setBest(null);
      }),
    [store],
  );
  const layOut = () => {
    setBest(null);
    start(async (worker, onShare) => {
      const found = (layout: Layout) => setBest({ pieces, layout });
      const layout = await worker.layOut(pieces, sheetOf(cloth), onShare, proxy(found));
      found(layout);
      return layout;
    });
  };
  return { pieces, found: best, state, layOut, stop };
}
