import { useEffect, useRef, useState } from 'react';
import { useBagStore } from '@/ui/bag/BagProvider';
import { inWorker, type Running, type Work } from './planningWorker';

/** How a piece of work away from the screen stands: none yet, going on (perhaps for the second time), done, or broken off. */
export type RunState<T> =
  | { kind: 'none' }
  | { kind: 'running'; share: number; isAgain: boolean }
  | { kind: 'done'; result: T }
  | { kind: 'failed' };

/**
 * A piece of work that is begun by hand. What it gave is put away once the bag changes, or what else it rests on. Where nothing was begun, a
 * change of the bag costs nothing.
 *
 * @param restsOn changes when its result is no longer of what is on the screen
 */
export function useRun<T>(restsOn?: unknown) {
  const store = useBagStore();
  const [state, setState] = useState<RunState<T>>({ kind: 'none' });
  const [restedOn, setRestedOn] = useState(restsOn);
  const running = useRef<Running<T> | null>(null);
  if (restedOn !== restsOn) {
    setRestedOn(restsOn);
    setState({ kind: 'none' });
  }
  useEffect(() => {
    // A change of what it rests on, or leaving it, ends what is going on.
    return () => running.current?.stop();
  }, [restsOn]);
  useEffect(
    () =>
      store.subscribe((now, before) => {
        if (now.edition === before.edition) return;
        running.current?.stop();
        setState((at) => (at.kind === 'none' ? at : { kind: 'none' }));
      }),
    [store],
  );
  const start = (work: Work<T>) => {
    running.current?.stop();
    let isStopped = false;
    let isAgain = false;
    const run = inWorker(
      work,
      (share) => setState({ kind: 'running', share, isAgain }),
      () => {
        isAgain = true;
        setState({ kind: 'running', share: 0, isAgain });
      },
    );
    running.current = { result: run.result, stop: () => ((isStopped = true), run.stop()) };
    setState({ kind: 'running', share: 0, isAgain });
    void run.result.then((result) => {
      if (isStopped) setState((now) => (now.kind === 'running' ? { kind: 'none' } : now));
      else setState(result ? { kind: 'done', result } : { kind: 'failed' });
    });
  };
  return { state, start, stop: () => running.current?.stop() };
}
