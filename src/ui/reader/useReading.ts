import { useEffect, useRef, useState } from 'react';
import type { ReadPattern, TermSet } from '@/core/reader';

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
 * @returns what was read last; and whether the newest text was given up
 */
export function useReading(text: string, terms: TermSet | null): { reading: Reading | null; isGivenUp: boolean } {
  const [reading, setReading] = useState<Reading | null>(null);
  const [givenUp, setGivenUp] = useState<string | null>(null);
  const desk = useRef<Desk | null>(null);
  useEffect(() => {
    const mine = new Desk(setReading, setGivenUp);
    desk.current = mine;
    return () => mine.close();
  }, []);
  useEffect(() => desk.current?.ask(text, terms), [text, terms]);
  return { reading, isGivenUp: givenUp === text && text !== '' };
}

/** The worker, what it is at, and what comes next. */
class Desk {
  private worker: Worker | null = null;
  private isBusy = false;
  private next: { text: string; terms: TermSet | null } | null = null;
  private asked = 0;
  private timer: ReturnType<typeof setTimeout> | null = null;

  constructor(
    private readonly onRead: (reading: Reading) => void,
    private readonly onGivenUp: (text: string) => void,
  ) {}

  ask(text: string, terms: TermSet | null): void {
    this.next = { text, terms };
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
    this.worker ??= new Worker(new URL('../../workers/reader.worker.ts', import.meta.url), { type: 'module' });
    const { worker } = this;
    const done = () => {
      if (this.timer) clearTimeout(this.timer);
      this.isBusy = false;
      this.go();
    };
    worker.onmessage = ({ data }: MessageEvent<{ id: number; read: ReadPattern }>) => {
      if (data.id !== id || this.worker !== worker) return;
      this.onRead({ text: next.text, read: data.read });
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
    worker.postMessage({ id, text: next.text, terms: next.terms });
  }
}
