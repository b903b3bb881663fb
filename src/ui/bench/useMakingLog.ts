import { startTransition, useEffect, useState, useSyncExternalStore } from 'react';
import type { BenchState } from '@/core/bench';
import { useBagStore } from '@/ui/bag/BagProvider';
import { createMakingLog, type MakingLog, type MakingLogState } from './makingLog';

const never = () => () => {};

/** Whether the browser's own memory can be looked into: not while the page is first drawn. */
export const useInBrowser = (): boolean =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  );

/** The log of the open bag's making, kept and followed as long as the bench is shown. */
export function useMakingLog(): MakingLog {
  const store = useBagStore();
  const [log] = useState((): MakingLog => createMakingLog(store.getState().id));
  useEffect(() => log.start(), [log]);
  return log;
}

/** Follows how all that was told is kept, and how far the making is. */
export const useMaking = ({ subscribe, getState }: MakingLog): MakingLogState =>
  useSyncExternalStore(subscribe, getState, getState);

/** Follows how far the making is, and nothing else of it. */
export function useBench({ subscribe, getState }: MakingLog): BenchState {
  const get = () => getState().bench;
  return useSyncExternalStore(subscribe, get, get);
}

/** Follows how far the making is by a frame: what is under the hand is drawn first. */
export function useBenchBehind({ subscribe, getState }: MakingLog): BenchState {
  const [bench, setBench] = useState(() => getState().bench);
  useEffect(() => {
    const follow = () => startTransition(() => setBench(getState().bench));
    follow();
    return subscribe(follow);
  }, [subscribe, getState]);
  return bench;
}
