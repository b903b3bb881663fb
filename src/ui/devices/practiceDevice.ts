import type { SerialDevice } from './serialDevice';

/** A device that is none: it sends a line every so often, takes lines, and its plug can be pulled. */
export interface PracticeDevice extends SerialDevice {
  /** Pulls its plug out. */
  unplug(): void;
}

/** Calls back every so many ms, and gives what stops that. */
export type Clock = (tick: () => void, everyMs: number) => () => void;

/**
 * A practice device. It says nothing more once it is unplugged.
 *
 * @param line what it sends each time
 * @param told what it is told, a line at a time
 */
export function practiceDevice(
  everyMs: number,
  line: () => string,
  told: (line: string) => void,
  clock: Clock = everySoOften,
): PracticeDevice {
  let stop: (() => void) | null = null;
  let out: ReadableStreamDefaultController<Uint8Array> | null = null;
  const end = (how: (controller: ReadableStreamDefaultController<Uint8Array>) => void) => {
    stop?.();
    stop = null;
    if (out) how(out);
    out = null;
  };
  return {
    readable: new ReadableStream<Uint8Array>({
      start: (controller) => {
        out = controller;
      },
      cancel: () => end(() => undefined),
    }),
    writable: new WritableStream<Uint8Array>({ write: (bytes) => told(new TextDecoder().decode(bytes).trim()) }),
    open: () => {
      stop ??= clock(() => out?.enqueue(new TextEncoder().encode(`${line()}\n`)), everyMs);
      return Promise.resolve();
    },
    close: () => {
      end((controller) => controller.close());
      return Promise.resolve();
    },
    unplug: () => end((controller) => controller.error(new Error('the device was unplugged'))),
  };
}

function everySoOften(tick: () => void, everyMs: number): () => void {
  const timer = setInterval(tick, everyMs);
  return () => clearInterval(timer);
}
