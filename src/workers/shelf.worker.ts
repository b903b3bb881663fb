import { parentPort } from 'node:worker_threads';
import { shelfWork } from './shelfWork';

/** A thread of the server: does what it is asked, one after the other, and answers under the number of the question. */
parentPort?.on('message', ({ id, task, args }: { id: number; task: keyof typeof shelfWork; args: never[] }) => {
  try {
    const work = shelfWork[task] as (...args: never[]) => unknown;
    parentPort?.postMessage({ id, answer: work(...args) });
  } catch (error) {
    parentPort?.postMessage({ id, error: String(error) });
  }
});
