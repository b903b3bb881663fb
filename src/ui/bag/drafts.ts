import { z } from 'zod';
import { readDesign, type Design } from '@/core/design';

/** Unsaved work of one window on one bag, kept in the browser until the store has it. */
export interface Draft {
  baseRevision: number;
  design: Design;
  /** As it was kept: whether it can be used is found when it is. */
  history: unknown;
}

const PREFIX = 'ruelle.draft.';
const TAB_KEY = 'ruelle.tab';

const draftSchema = z.object({
  baseRevision: z.number().int(),
  design: z.unknown(),
  history: z.unknown(),
});

/** The name of this window, the same after a reload. */
function tabName(): string {
  const known = sessionStorage.getItem(TAB_KEY);
  if (known !== null) return known;
  const name = crypto.randomUUID();
  sessionStorage.setItem(TAB_KEY, name);
  return name;
}

const keyOf = (bagId: string, tab: string): string => `${PREFIX}${bagId}.${tab}`;

/** Keeps unsaved work. A browser without room for it changes nothing: the save to the store still runs. */
export function keepDraft(bagId: string, draft: Draft): void {
  try {
    localStorage.setItem(keyOf(bagId, tabName()), JSON.stringify(draft));
  } catch {
    // No room, or not allowed: the store remains.
  }
}

export function dropDraft(bagId: string): void {
  localStorage.removeItem(keyOf(bagId, tabName()));
}

/**
 * Tells other windows that this one is alive, for as long as it is. A draft whose window is gone was left by a crash and
 * may be taken over.
 */
export function holdTab(): void {
  void navigator.locks?.request(PREFIX + tabName(), () => new Promise(() => undefined));
}

/** Finds work on a bag that was never saved: this window's own, or that of a window that is gone. It is taken out. */
export async function takeDraft(bagId: string): Promise<{ draft: Draft; putBack: () => void } | null> {
  const own = keyOf(bagId, tabName());
  const held = new Set((await navigator.locks?.query())?.held?.map(({ name }) => name) ?? []);
  const keys = Object.keys(localStorage).filter((key) => key.startsWith(`${PREFIX}${bagId}.`));
  const free = keys.filter((key) => key === own || !held.has(PREFIX + key.slice(`${PREFIX}${bagId}.`.length)));
  const [key] = free.sort((a, b) => Number(b === own) - Number(a === own));
  if (key === undefined) return null;
  const text = localStorage.getItem(key);
  localStorage.removeItem(key);
  const draft = readDraft(text);
  if (draft === null || text === null) return null;
  return { draft, putBack: () => localStorage.setItem(keyOf(bagId, crypto.randomUUID()), text) };
}

function readDraft(text: string | null): Draft | null {
  try {
    const parsed = draftSchema.parse(JSON.parse(text ?? ''));
    const read = readDesign(parsed.design);
    return read.ok ? { baseRevision: parsed.baseRevision, design: read.design, history: parsed.history } : null;
  } catch {
    return null;
  }
}
