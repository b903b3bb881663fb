'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { z } from 'zod';

/** Part of a library of the maker's: those that she searches for, the last changed first, as far as they were asked for. */
export interface LibraryPart<T> {
  kept: readonly T[];
  /** Names of those that can't be read here. */
  unreadable: readonly string[];
  /** How many there are of those that she searches for, shown or not. */
  total: number;
  /** Whether they have come: before that none are known, which is not the same as none. */
  loaded: boolean;
  search: string;
  find: (search: string) => void;
  /** Shows more of them. */
  more: () => Promise<void>;
}

/** A library, and how to keep or forget one. Both answer with null, or with a sentence. */
export interface LibraryShelf<T> extends LibraryPart<T> {
  keep: (one: T) => Promise<string | null>;
  forget: (id: string) => Promise<string | null>;
  /** Reads it anew, after something was kept in it from elsewhere. */
  reread: () => void;
}

/** Between two letters nobody asks, ms. */
export const TYPING_MS = 150;

const UNREACHED = 'Ruelle can’t be reached just now. Nothing was changed.';

/** Reads a part of a library: of those that are searched for, from one on. */
export type ReadPart<T> = (part: { search: string; offset: number }) => Promise<FoundLibrary<T>>;

/**
 * Reads a library part by part and follows what is searched for in it.
 *
 * @param read the same one at every call
 * @param first what is known of it already
 * @param asked a number that grows when it is to be read anew
 */
export function useLibraryPart<T>(read: ReadPart<T>, first: FoundLibrary<T> | null = null, asked = 0): LibraryPart<T> {
  const [found, setFound] = useState(first);
  const [search, setSearch] = useState('');
  /** For which search and how often it was asked last: an answer that comes late to another question is none. */
  const question = useRef(first === null ? null : `${search} ${asked}`);

  useEffect(() => {
    const mine = `${search} ${asked}`;
    if (question.current === mine) return;
    question.current = mine;
    const timer = setTimeout(
      () => void read({ search, offset: 0 }).then((now) => question.current === mine && setFound(now)),
      search === '' ? 0 : TYPING_MS,
    );
    return () => {
      clearTimeout(timer);
      question.current = null;
    };
  }, [read, search, asked]);

  const { kept, unreadable, total } = found ?? NOTHING;
  const more = useCallback(async () => {
    const asking = question.current;
    const next = await read({ search, offset: kept.length + unreadable.length });
    if (question.current !== asking) return;
    setFound({
      kept: [...kept, ...next.kept],
      unreadable: [...unreadable, ...next.unreadable],
      total: next.total,
    });
  }, [read, search, kept, unreadable]);
  return { kept, unreadable, total, loaded: found !== null, search, find: setSearch, more };
}

/** Reads a library and follows what is kept in it from here. It is empty when it can't be reached: nothing depends on it. */
export function useLibrary<T>(address: string, schema: z.ZodType<T>): LibraryShelf<T> {
  const [asked, setAsked] = useState(0);
  const read = useCallback<ReadPart<T>>((part) => readLibrary(address, schema, part), [address, schema]);
  const part = useLibraryPart(read, null, asked);

  const reread = useCallback(() => setAsked((times) => times + 1), []);
  const keep = useCallback(
    async (one: T): Promise<string | null> => {
      const sentence = await keepIn(address, one);
      if (sentence === null) reread();
      return sentence;
    },
    [address, reread],
  );
  const forget = useCallback(
    async (id: string): Promise<string | null> => {
      const sentence = await sendTo(`${address}/${id}`, { method: 'DELETE' });
      if (sentence === null) reread();
      return sentence;
    },
    [address, reread],
  );
  return { ...part, keep, forget, reread };
}

/** Keeps one in a library; null when it was taken, else why not, in a sentence. */
export const keepIn = <T>(address: string, one: T): Promise<string | null> =>
  sendTo(address, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ one }),
  });

/** Sends something; null when it was taken, else why not, in a sentence. */
export async function sendTo(path: string, init: RequestInit): Promise<string | null> {
  const response = await fetch(path, init).catch(() => null);
  if (response === null) return UNREACHED;
  if (response.ok) return null;
  const { sentence } = (await response.json().catch(() => ({}))) as { sentence?: string };
  return sentence ?? UNREACHED;
}

/** What was found of a library. */
export interface FoundLibrary<T> {
  kept: readonly T[];
  unreadable: readonly string[];
  total: number;
}
const NOTHING = { kept: [], unreadable: [], total: 0 };

const listedSchema = z.object({
  kept: z.array(z.unknown()),
  unreadable: z.array(z.string()),
  total: z.number(),
});

/** A part of what a library holds, as far as it can be read here, and the names of the rest. */
export async function readLibrary<T>(
  address: string,
  schema: z.ZodType<T>,
  { search = '', offset = 0 } = {},
): Promise<FoundLibrary<T>> {
  const part = new URLSearchParams({ search, offset: String(offset) });
  const answer: unknown = await fetch(`${address}?${part.toString()}`)
    .then((response) => response.json())
    .catch(() => null);
  const listed = listedSchema.safeParse(answer);
  if (!listed.success) return NOTHING;
  const { kept, unreadable, total } = listed.data;
  return {
    kept: kept.flatMap((one) => {
      const parsed = schema.safeParse(one);
      return parsed.success ? [parsed.data] : [];
    }),
    unreadable,
    total,
  };
}

/** All that a library holds, read part after part. */
export async function readWholeLibrary<T>(address: string, schema: z.ZodType<T>): Promise<T[]> {
  const whole: T[] = [];
  for (let offset = 0; ;) {
    const { kept, unreadable, total } = await readLibrary(address, schema, { offset });
    whole.push(...kept);
    offset += kept.length + unreadable.length;
    if (kept.length + unreadable.length === 0 || offset >= total) return whole;
  }
}

/**
 * All of a library, every part of it, for what is added up: nothing until it has come.
 *
 * @param changed another one when it is to be read anew
 */
export function useWholeLibrary<T>(address: string, schema: z.ZodType<T>, changed: unknown = null): readonly T[] {
  const [whole, setWhole] = useState<readonly T[]>([]);
  useEffect(() => {
    let isOver = false;
    void readWholeLibrary(address, schema).then((read) => {
      if (!isOver) setWhole(read);
    });
    return () => {
      isOver = true;
    };
  }, [address, schema, changed]);
  return whole;
}
