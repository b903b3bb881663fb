import { useEffect, useRef, useState } from 'react';
import type { ReadPattern } from '@/core/reader';
import type { ReadAnswer, ReadQuestion, ReadWay } from '@/workers/reader.worker';

/** A text with what was read of it: places in it are true of that text alone. */
export interface Reading {
  text: string;
  read: ReadPattern;
}

/** A text that takes longer than this is given up, ms: nobody waits for it while typing. */
const LONGEST_MS = 6000;

/**
 * Reads a text in a worker, as it is typed: the newest one counts, and a worker that is still at an older one is let finish it first. One that takes too long is ended.
 *
 * @returns what was read last, without what is worked in its rows; all of it, once the typing rests; and whether the newest text was given up
 */
export function useReading(
  text: string,
  way: ReadWay,
): {
  reading: Reading | null;
  whole: Reading | null;
  isGivenUp: boolean;
} {
  const [reading, setReading] = useState<Reading | null>(null);
  const [whole, setWhole] = useState<Reading | null>(null);
  const [givenUp, setGivenUp] = useState<string | null>(null);
  const desk = useRef<Desk | null>(null);
  useEffect(() => {
    const mine = new Desk(setReading, setWhole, setGivenUp);
    desk.current = mine;
    return () => mine.close();
  }, []);
  const { words, size } = way;
  useEffect(() => desk.current?.ask(text, { words, size }), [text, words, size]);
  return { reading, whole, isGivenUp: givenUp === text && text !== '' };
}

/** The worker, what it is at, and what comes next. */
class Desk {
  private worker: Worker | null = null;
  private isBusy = false;
  private next: { text: string; way: ReadWay } | null = null;
  private asked = 0;
  private timer: ReturnType<typeof setTimeout> | null = null;

  constructor(
    private readonly onRead: (reading: Reading) => void,
    private readonly onWhole: (reading: Reading) => void,
    private readonly onGivenUp: (text: string) => void,
  ) {}

  ask(text: string, way: ReadWay): void {
    this.next = { text, way };
    if (!this.isBusy) this.go();
  }

  close(): void {
    if (this.timer) clearTimeout(this.timer);
    this.worker?.terminate();
    this.worker = null;
    this.next = null;
  }

  private go(): void {
    const { next } = this;
    if (!next) return;
    this.next = null;
    this.isBusy = true;
    this.asked += 1;
    const id = this.asked;
    this.worker ??= newWorker();
    const { worker } = this;
    const done = () => {
      if (this.timer) clearTimeout(this.timer);
      this.isBusy = false;
      this.go();
    };
    worker.onmessage = ({ data }: MessageEvent<ReadAnswer>) => {
      if (data.id !== id || this.worker !== worker) return;
      if ('whole' in data) return this.onWhole({ text: next.text, read: data.whole });
      this.onRead({ text: next.text, read: data.answer as ReadPattern });
      done();
    };
    const giveUp = () => {
      if (this.worker !== worker) return;
      worker.terminate();
      this.worker = null;
      this.onGivenUp(next.text);
      done();
    };
    worker.onerror = giveUp;
    this.timer = setTimeout(giveUp, LONGEST_MS);
    worker.postMessage({ id, text: next.text, way: next.way, do: 'read' } satisfies ReadQuestion);
  }
}

const newWorker = (): Worker =>
  new Worker(new URL('../../workers/reader.worker.ts', import.meta.url), { type: 'module' });

/** What is asked of the reader besides reading. */
type Change = ReadQuestion extends infer One ? (One extends { do: 'read' } ? never : One) : never;
type Asked<One extends Change = Change> = One extends Change ? Omit<One, 'id'> : never;

/** Changes a text in a worker of its own; null where that takes too long. */
export const changedText = <Answer>(asked: Asked): Promise<Answer | null> =>
  new Promise((resolve) => {
    const worker = newWorker();
    const end = (answer: Answer | null) => {
      clearTimeout(timer);
      worker.terminate();
      resolve(answer);
    };
    const timer = setTimeout(() => end(null), LONGEST_MS);
    worker.onmessage = ({ data }: MessageEvent<ReadAnswer>) => 'answer' in data && end(data.answer as Answer);
    worker.onerror = () => end(null);
    worker.postMessage({ ...asked, id: 1 });
  });
