import { proxy, wrap, type Remote } from 'comlink';
import type { PlanningWork } from '@/workers/planningWork';

/** A piece of work that goes on in a worker, and how to stop it. */
export interface Running<T> {
  /** What it gives; null when it was stopped or the worker failed. */
  result: Promise<T | null>;
  stop: () => void;
}

/** What to ask of a worker; the second argument is told how much is done. */
export type Work<T, W = PlanningWork> = (worker: Remote<W>, onShare: (share: number) => void) => Promise<T>;

/** The worker for what is reckoned. */
const planningWorker = () =>
  new Worker(new URL('../../workers/planning.worker.ts', import.meta.url), { type: 'module' });

/** A worker that dies is replaced so often. */
const MOST_RESTARTS = 1;

/**
 * Starts a piece of heavy work away from the screen, in a worker of its own. Stopping it ends the worker, so that nothing of it
 * goes on. A worker that dies is replaced once, and the work begun anew.
 *
 * @param onShare told how much is done, from 0 to 1
 * @param onRestart told when the worker had died and the work begins anew
 * @param newWorker makes the worker that can do it
 */
export function inWorker<T, W = PlanningWork>(
  work: Work<T, W>,
  onShare: (share: number) => void,
  onRestart: () => void = () => {},
  newWorker: () => Worker = planningWorker,
): Running<T> {
  let over = false;
  let restarts = 0;
  let worker: Worker | null = null;
  let finish: (result: T | null) => void = () => {};
  const result = new Promise<T | null>((resolve) => {
    finish = (value) => {
      over = true;
      worker?.terminate();
      resolve(value);
    };
  });
  const begin = () => {
    const own = newWorker();
    worker = own;
    // What a worker said last can arrive after it was ended or replaced.
    const isCurrent = () => !over && worker === own;
    own.onerror = () => {
      if (!isCurrent()) return;
      own.terminate();
      if (restarts >= MOST_RESTARTS) return finish(null);
      restarts += 1;
      onRestart();
      begin();
    };
    const whileRunning = (share: number) => {
      if (isCurrent()) onShare(share);
    };
    const end = (value: T | null) => {
      if (isCurrent()) finish(value);
    };
    work(wrap<W>(own), proxy(whileRunning)).then(end, () => end(null));
  };
  begin();
  return { result, stop: () => finish(null) };
}
