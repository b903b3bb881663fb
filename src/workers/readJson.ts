import type { z } from 'zod';
import type { FieldFault } from '@/core/design';

/** No bag has so many levels; what is read is walked through by functions that call themselves. */
const MOST_LEVELS = 100;

/**
 * Whether a text of JSON has lists or objects inside each other more often than any document of hers. It looks at the brackets outside
 * words only, once at each character: a pattern for words would go over an unfinished one again and again.
 *
 * @example
 * isNestedDeeply('[[1]]') // => false
 * isNestedDeeply('['.repeat(6000)) // => true
 */
export function isNestedDeeply(text: string): boolean {
  let depth = 0;
  let inWord = false;
  for (let at = 0; at < text.length; at += 1) {
    const character = text[at];
    if (character === '"') inWord = !inWord;
    else if (inWord) {
      // What follows a backslash ends no word.
      if (character === '\\') at += 1;
    } else if (character === '[' || character === '{') {
      depth += 1;
      if (depth > MOST_LEVELS) return true;
    } else if (character === ']' || character === '}') depth -= 1;
  }
  return false;
}

/** What a text was read as; the faults of what is of another shape, each at its place; none where it can't be read at all. */
export type ReadJson<T> = { ok: true; data: T } | { ok: false; faults: FieldFault[] | null };

/** Reads a text of JSON from outside as something of a shape. */
export function readJson<T>(text: string, schema: z.ZodType<T>): ReadJson<T> {
  if (isNestedDeeply(text)) return { ok: false, faults: null };
  let document: unknown;
  try {
    document = JSON.parse(text);
  } catch {
    return { ok: false, faults: null };
  }
  const parsed = schema.safeParse(document);
  if (parsed.success) return { ok: true, data: parsed.data };
  const faults = parsed.error.issues.map((issue) => ({
    path: issue.path.filter((step): step is string | number => typeof step !== 'symbol'),
    sentence: issue.message,
  }));
  return { ok: false, faults };
}
