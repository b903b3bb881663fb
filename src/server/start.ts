import { isStoreTrouble } from '@/store';
import { closeStore, getStore } from './store';

/** How the process ends when it can't be started: not as if all were well. */
const NOT_STARTED = 1;
/** How long the last writing may take when it is stopped, ms. */
const MOST_CLOSING_MS = 5000;

/** Opens the store before anything is asked of it; what keeps it from that is said in a sentence. Closes it when the process is told to end. */
export async function start(): Promise<void> {
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.on(signal, () => void stop());
  // What started it is gone, however that came about.
  process.on('disconnect', () => void stop());
  try {
    await getStore();
  } catch (error) {
    console.error(isStoreTrouble(error) ? error.sentence : error);
    process.exit(NOT_STARTED);
  }
}

let stopping = false;

async function stop(): Promise<void> {
  if (stopping) return;
  stopping = true;
  setTimeout(() => process.exit(NOT_STARTED), MOST_CLOSING_MS).unref();
  await closeStore();
  process.exit(0);
}
