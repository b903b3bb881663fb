import { proxy, wrap, type Remote } from 'comlink';
import type { PlanningWork } from '@/workers/planningWork';

/** A piece of work that goes on in a worker, and how to stop it. */
export interface Running<T> {
  /** What it gives; null when it was stopped or the worker failed. */
  result: Promise<T | null>;
  stop: () => void;
}

/**
 * Starts a piece of heavy work away from the screen, in a worker of its own. Stopping it ends the worker, so that nothing of it
 * goes on.
 *
 * @param work what to ask of the worker; the second argument is told how much is done
 */
export function inWorker<T>(
  work: (worker: Remote<PlanningWork>, onShare: (share: number) => void) => Promise<T>,
  onShare: (share: number) => void,
): Running<T> {
  const worker = new Worker(new URL('../../workers/planning.worker.ts', import.meta.url), { type: 'module' });
  let over = false;
  let finish: (result: T | null) => void = () => {};
  const result = new Promise<T | null>((resolve) => {
    finish = (value) => {
      over = true;
      worker.terminate();
      resolve(value);
    };
  });
  // What a worker said last can arrive after it was ended.
  const whileRunning = (share: number) => {
    if (!over) onShare(share);
  };
  worker.onerror = () => finish(null);
  work(wrap<PlanningWork>(worker), proxy(whileRunning)).then(finish, () => finish(null));
  return { result, stop: () => finish(null) };
}
