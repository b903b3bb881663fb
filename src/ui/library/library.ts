'use client';

import { useCallback, useEffect, useState } from 'react';
import { z } from 'zod';

/** A library of the maker's: what is in it, and how to keep or forget one. Both answer with null, or with a sentence. */
export interface LibraryShelf<T> {
  kept: readonly T[];
  keep: (one: T) => Promise<string | null>;
  forget: (id: string) => Promise<string | null>;
}

const UNREACHED = 'Ruelle can’t be reached just now. Nothing was changed.';

/** Reads a library and follows what is kept in it from here. It is empty when it can't be reached: nothing depends on it. */
export function useLibrary<T>(address: string, schema: z.ZodType<T>): LibraryShelf<T> {
  const [kept, setKept] = useState<readonly T[]>([]);
  const [asked, setAsked] = useState(0);

  useEffect(() => {
    let gone = false;
    void readLibrary(address, schema).then((found) => {
      if (!gone) setKept(found);
    });
    return () => {
      gone = true;
    };
  }, [address, schema, asked]);

  const send = useCallback(async (path: string, init: RequestInit): Promise<string | null> => {
    const sentence = await sendTo(path, init);
    if (sentence === null) setAsked((times) => times + 1);
    return sentence;
  }, []);
  const keep = useCallback(
    (one: T) =>
      send(address, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ one }),
      }),
    [address, send],
  );
  const forget = useCallback((id: string) => send(`${address}/${id}`, { method: 'DELETE' }), [address, send]);
  return { kept, keep, forget };
}

/** Sends something; null when it was taken, else why not, in a sentence. */
export async function sendTo(path: string, init: RequestInit): Promise<string | null> {
  const response = await fetch(path, init).catch(() => null);
  if (response === null) return UNREACHED;
  if (response.ok) return null;
  const { sentence } = (await response.json().catch(() => ({}))) as { sentence?: string };
  return sentence ?? UNREACHED;
}

/** What a library holds, as far as it can be read here. */
export async function readLibrary<T>(address: string, schema: z.ZodType<T>): Promise<T[]> {
  try {
    const response = await fetch(address);
    const { kept } = (await response.json()) as { kept: unknown[] };
    return kept.flatMap((one) => {
      const parsed = schema.safeParse(one);
      return parsed.success ? [parsed.data] : [];
    });
  } catch {
    return [];
  }
}
