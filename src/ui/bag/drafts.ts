import { nanoid } from 'nanoid';
import { z } from 'zod';
import { readDesign, type Design } from '@/core/design';
import { localMemory } from '@/ui/browser/browserMemory';
import { livingTabs, tabName } from '@/ui/browser/tabs';

/** Unsaved work of one window on one bag, kept in the browser until the store has it. */
export interface Draft {
  baseRevision: number;
  design: Design;
  /** As it was kept: whether it can be used is found when it is. */
  history: unknown;
  /** Saves of it that were sent and not answered. */
  unanswered: readonly string[];
}

const PREFIX = 'ruelle.draft.';

const draftSchema = z.object({
  baseRevision: z.number().int(),
  design: z.unknown(),
  history: z.unknown(),
  unanswered: z.array(z.string()).default([]),
});

const keyOf = (bagId: string, tab: string): string => `${PREFIX}${bagId}.${tab}`;

/** Keeps unsaved work. A browser without room for it changes nothing: the save to the store still runs. */
export function keepDraft(bagId: string, draft: Draft): void {
  localMemory.set(keyOf(bagId, tabName()), JSON.stringify(draft));
}

export function dropDraft(bagId: string): void {
  localMemory.remove(keyOf(bagId, tabName()));
}

/**
 * Finds work on a bag that was never saved: this window's own, or that of a window that is gone. It is taken out. What can't be read, such as
 * work of a newer Ruelle, is left where it is.
 */
export async function takeDraft(bagId: string): Promise<{ draft: Draft; putBack: () => void } | null> {
  const own = keyOf(bagId, tabName());
  const living = await livingTabs();
  const keys = localMemory.keys().filter((key) => key.startsWith(`${PREFIX}${bagId}.`));
  const free = keys.filter((key) => key === own || !living.has(key.slice(`${PREFIX}${bagId}.`.length)));
  for (const key of free.sort((a, b) => Number(b === own) - Number(a === own))) {
    const text = localMemory.get(key);
    const draft = readDraft(text);
    if (draft === null || text === null) continue;
    localMemory.remove(key);
    return { draft, putBack: () => void localMemory.set(keyOf(bagId, nanoid()), text) };
  }
  return null;
}

function readDraft(text: string | null): Draft | null {
  try {
    const { design, ...rest } = draftSchema.parse(JSON.parse(text ?? ''));
    const read = readDesign(design);
    return read.ok ? { ...rest, design: read.design } : null;
  } catch {
    return null;
  }
}
