import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { shelfWork, type ShelfWork } from '@/workers/shelfWork';

type Task = keyof ShelfWork;
interface Waiting {
  resolve: (answer: never) => void;
  reject: (error: Error) => void;
  timer: NodeJS.Timeout;
}

/** Where the thread's program is laid when Ruelle is built. While it is worked on, it would be that of the last build. */
const PROGRAM =
  process.env.NODE_ENV === 'production'
    ? join(/* turbopackIgnore: true */ process.cwd(), '.next', 'shelf.worker.cjs')
    : null;

/** Longer than any plan takes. A thread that needs more is ended, and what was asked of it fails, ms. */
const MOST_MS = 10_000;

/**
 * A thread of the server for work that others must not wait for. It is made when something is first asked of it, and anew after it died.
 * Where there is no program, the work is done in place.
 */
export class Thread {
  private worker: Worker | null = null;
  private asked = 0;
  private readonly waiting = new Map<number, Waiting>();

  /**
   * @param mostMs how long one thing may take, waiting for others not counted among it
   * @param program the file that the thread runs, null for none
   */
  constructor(
    private readonly mostMs = MOST_MS,
    private readonly program: string | null = PROGRAM,
  ) {}

  ask<T extends Task>(task: T, ...args: Parameters<ShelfWork[T]>): Promise<ReturnType<ShelfWork[T]>> {
    const { program } = this;
    if (program === null || !existsSync(program)) {
      const work = shelfWork[task] as (...args: Parameters<ShelfWork[T]>) => ReturnType<ShelfWork[T]>;
      return Promise.resolve().then(() => work(...args));
    }
    const worker = (this.worker ??= this.begin(program));
    const id = (this.asked += 1);
    return new Promise((resolve, reject) => {
      const timer = setTimeout(
        () => this.end(new Error(`${task} took too long`)),
        this.mostMs * (this.waiting.size + 1),
      );
      this.waiting.set(id, { resolve: resolve as Waiting['resolve'], reject, timer });
      worker.postMessage({ id, task, args });
    });
  }

  private begin(program: string): Worker {
    const worker = new Worker(program);
    // It keeps nothing from ending.
    worker.unref();
    worker.on('message', ({ id, answer, error }: { id: number; answer: never; error?: string }) => {
      const waiting = this.waiting.get(id);
      this.waiting.delete(id);
      clearTimeout(waiting?.timer);
      if (error === undefined) waiting?.resolve(answer);
      else waiting?.reject(new Error(error));
    });
    // What is heard of one that was replaced since is none of the new one's.
    const ended = (error: Error) => {
      if (this.worker === worker) this.end(error);
    };
    worker.on('error', (error) => ended(error as Error));
    worker.on('exit', () => ended(new Error('the thread has ended')));
    return worker;
  }

  /** Ends the thread: all that was asked of it fails, and the next question begins another. */
  private end(error: Error): void {
    void this.worker?.terminate();
    this.worker = null;
    for (const { reject, timer } of this.waiting.values()) {
      clearTimeout(timer);
      reject(error);
    }
    this.waiting.clear();
  }
}
