'use client';

import { useMemo, createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import { useStore } from 'zustand';
import { looseItems, carriedThings } from '@/core/contents';
import { inWorker } from '@/ui/workers/planningWorker';
import type { BagStore } from './bagStore';
import { rememberPackings, wantsSearch } from './knownPackings';

/** How the search for the best packing stands. */
export type PackingSearch = { state: 'at-rest' } | { state: 'searching'; share: number; stop: () => void };

const SearchContext = createContext<PackingSearch>({ state: 'at-rest' });

/** She may still be typing: the search begins this long after the last change of the list, ms. */
const SETTLE_MS = 250;

/** Looks for the best packing of what goes in, away from the screen, whenever a first try has not proven it; then plans anew. */
export function PackingSearchProvider({ store, children }: { store: BagStore; children: ReactNode }) {
  const contents = useStore(store, (state) => state.design.contents);
  const pockets = useStore(store, (state) => state.design.pockets);
  const items = useMemo(() => looseItems({ contents, pockets }), [contents, pockets]);
  const [search, setSearch] = useState<PackingSearch>({ state: 'at-rest' });

  useEffect(() => {
    if (!wantsSearch(items)) return;
    let stop = () => {};
    const timer = setTimeout(() => {
      const running = inWorker(
        (worker, onShare) =>
          worker.pack(
            carriedThings(items).map(({ box }) => box),
            onShare,
          ),
        (share) => setSearch({ state: 'searching', share, stop: () => running.stop() }),
      );
      stop = running.stop;
      setSearch({ state: 'searching', share: 0, stop: running.stop });
      void running.result.then((packings) => {
        setSearch({ state: 'at-rest' });
        if (packings === null) return;
        rememberPackings(items, packings);
        store.getState().planAnew();
      });
    }, SETTLE_MS);
    return () => {
      clearTimeout(timer);
      stop();
    };
  }, [items, store]);
  return <SearchContext.Provider value={search}>{children}</SearchContext.Provider>;
}

/** How the search for the best packing of this bag stands. */
export const usePackingSearch = (): PackingSearch => useContext(SearchContext);
