import { useCallback, useEffect, useState } from 'react';
import type { z } from 'zod';

/** Reads what an address answers, and reads it again when asked to; null until it has come, or where it can't be read. */
export function useAnswered<T>(address: string, schema: z.ZodType<T>): { answer: T | null; reread: () => void } {
  const [answer, setAnswer] = useState<T | null>(null);
  const [asked, setAsked] = useState(0);
  useEffect(() => {
    let isOver = false;
    void fetch(address, { cache: 'no-store' })
      .then((response) => response.json())
      .then((document: unknown) => {
        const read = schema.safeParse(document);
        if (read.success && !isOver) setAnswer(read.data);
      })
      .catch(() => undefined);
    return () => {
      isOver = true;
    };
  }, [address, schema, asked]);
  return { answer, reread: useCallback(() => setAsked((times) => times + 1), []) };
}

/** Asks for something to be done. @returns what was answered, or why not, in a sentence */
export async function askFor<T>(
  address: string,
  init: RequestInit,
  schema: z.ZodType<T>,
): Promise<{ ok: true; answer: T } | { ok: false; sentence: string }> {
  const unreached = { ok: false as const, sentence: 'Ruelle can’t be reached just now. Nothing was changed.' };
  const response = await fetch(address, init).catch(() => null);
  if (response === null) return unreached;
  const document = (await response.json().catch(() => null)) as { sentence?: unknown } | null;
  const read = response.ok ? schema.safeParse(document) : null;
  if (read?.success) return { ok: true, answer: read.data };
  return typeof document?.sentence === 'string' ? { ok: false, sentence: document.sentence } : unreached;
}

/** A document as the body of what is asked. */
export const sending = (method: 'POST' | 'PUT', document: unknown): RequestInit => ({
  method,
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify(document),
});
