import { proxy } from 'comlink';
import { useCallback, useEffect, useMemo, useState } from 'react';
import {
  byHand,
  clothPieces,
  clothToCut,
  moved,
  placesOf,
  type LaidOut,
  type Layout,
  type LayoutPiece,
} from '@/core/layout';
import { LAYING_NAMES } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { useRun } from '@/ui/workers/useRun';

/**
 * The pieces of this bag on its cloth: as she has laid them, or as a search for the shortest layout has; and how that search stands. What it has found stays
 * when it is stopped, and is kept with the bag once she has a hand in it.
 *
 * @param besides pieces of other bags that are cut from the same cloth
 */
export function useClothLayout(besides: readonly LayoutPiece[]) {
  const lining = useBag((state) => state.plan.lining);
  const pockets = useBag((state) => state.plan.pockets);
  const cloth = useBag((state) => state.design.cloth);
  const store = useBagStore();
  const pieces = useMemo(
    () => [...clothPieces({ lining, pockets }, cloth, LAYING_NAMES), ...besides],
    [lining, pockets, cloth, besides],
  );
  const { state, start, stop } = useRun<Layout>(besides);
  const [best, setBest] = useState<Layout | null>(null);
  useEffect(
    () =>
      store.subscribe((now, before) => {
        if (now.edition !== before.edition) setBest(null);
      }),
    [store],
  );
  const isByHand = cloth.laid.length > 0;
  const laid = useMemo((): LaidOut | null => {
    if (isByHand) return byHand(pieces, cloth.laid, clothToCut(cloth));
    return best && { ...best, clashes: [], beyond: [] };
  }, [isByHand, best, pieces, cloth]);
  const layOut = () => {
    if (isByHand) store.getState().edit('Laid out anew', [{ path: ['cloth', 'laid'], value: [] }]);
    setBest(null);
    start(async (worker, onShare) => {
      const layout = await worker.layOut(pieces, clothToCut(cloth), onShare, proxy(setBest));
      setBest(layout);
      return layout;
    });
  };
  /** Moves a piece of a layout, or turns it; from then on it is hers. Moves of one piece in a row are one thing to undo. */
  const move = useCallback(
    (from: Layout, index: number, by: Parameters<typeof moved>[2]) => {
      const name = from.pieces[from.laid[index]?.piece ?? -1]?.name ?? 'piece';
      const next = moved(from, index, by, clothToCut(store.getState().design.cloth));
      const change = `${by === 'turn' ? 'Turned' : 'Moved'} the ${name} on the cloth`;
      store.getState().edit(change, [{ path: ['cloth', 'laid'], value: placesOf(next) }], `lay ${index}`);
    },
    [store],
  );
  const [held, setHeld] = useState<string | null>(null);
  return { pieces, laid, isByHand, state, layOut, stop, move, held, setHeld };
}
