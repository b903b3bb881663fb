'use client';

import { useCallback, useEffect, useState } from 'react';
import { z } from 'zod';

/** A library of the maker's: what is in it, and how to keep or forget one. Both answer with null, or with a sentence. */
export interface LibraryShelf<T> {
  kept: readonly T[];
  /** Names of those that can't be read here. */
  unreadable: readonly string[];
  keep: (one: T) => Promise<string | null>;
  forget: (id: string) => Promise<string | null>;
}

const UNREACHED = 'Ruelle can’t be reached just now. Nothing was changed.';

/** Reads a library and follows what is kept in it from here. It is empty when it can't be reached: nothing depends on it. */
export function useLibrary<T>(address: string, schema: z.ZodType<T>): LibraryShelf<T> {
  const [found, setFound] = useState<FoundLibrary<T>>(NOTHING);
  const [asked, setAsked] = useState(0);

  useEffect(() => {
    let gone = false;
    void readLibrary(address, schema).then((now) => {
      if (!gone) setFound(now);
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
  return { ...found, keep, forget };
}

/** Sends something; null when it was taken, else why not, in a sentence. */
export async function sendTo(path: string, init: RequestInit): Promise<string | null> {
  const response = await fetch(path, init).catch(() => null);
  if (response === null) return UNREACHED;
  if (response.ok) return null;
  const { sentence } = (await response.json().catch(() => ({}))) as { sentence?: string };
  return sentence ?? UNREACHED;
}

interface FoundLibrary<T> {
  kept: T[];
  unreadable: string[];
}
const NOTHING = { kept: [], unreadable: [] };

const listedSchema = z.object({ kept: z.array(z.unknown()), unreadable: z.array(z.string()) });

/** What a library holds, as far as it can be read here, and the names of the rest. */
export async function readLibrary<T>(address: string, schema: z.ZodType<T>): Promise<FoundLibrary<T>> {
  const answer: unknown = await fetch(address)
    .then((response) => response.json())
    .catch(() => null);
  const listed = listedSchema.safeParse(answer);
  if (!listed.success) return NOTHING;
  const { kept, unreadable } = listed.data;
  return {
    kept: kept.flatMap((one) => {
      const parsed = schema.safeParse(one);
      return parsed.success ? [parsed.data] : [];
    }),
    unreadable,
  };
}
