import {
  MOST_FILE_CHARACTERS,
  readDesignText,
  settingsSchema,
  type Design,
  type StarterId,
  type YarnAndHook,
} from '@/core/design';
import { localMemory } from '@/ui/browser/browserMemory';
import { faultSentence } from '@/core/wording';
import { LAST_SETTINGS_KEY } from '@/ui/bag/lastSettings';
import type { BagCard } from '@/drawing';
import { SHELF_PAGE } from './shelfPage';

const UNREACHABLE = 'Ruelle can’t be reached just now. Nothing was changed.';

/** A part of the shelf; `unreadable` names the bags in it that this version can't show. */
export interface ShelfPart {
  cards: BagCard[];
  total: number;
  unreadable: string[];
}

type NewBag = { id: string } | { sentence: string };

type Answer<T> = { ok: true; answer: T } | { ok: false; sentence: string };

/** Asks the store for something; a refusal comes back as its sentence. */
async function ask<T>(path: string, method: string, body?: unknown): Promise<Answer<T>> {
  try {
    const response = await fetch(path, {
      method,
      ...(body === undefined ? {} : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
    });
    const answer = await response.json();
    return response.ok ? { ok: true, answer } : { ok: false, sentence: answer.sentence };
  } catch {
    return { ok: false, sentence: UNREACHABLE };
  }
}

const refusal = (result: Answer<unknown>): string | null => (result.ok ? null : result.sentence);

/** What a new bag is planned from: a swatch of the library, or the yarn's class and the hook where none was worked. */
export type BegunFrom = { swatchId: string } | { yarn: YarnAndHook };

/** A new bag from a starter, in the settings used last. */
export async function newBag(starter: StarterId, from: BegunFrom): Promise<NewBag> {
  const wish = { starter, settings: lastSettings(), ...from };
  const result = await ask<{ id: string }>('/api/bags', 'POST', wish);
  return result.ok ? result.answer : result;
}

/** The worked example, in the settings used last. */
export async function newExample(): Promise<NewBag> {
  const { workedExample, swatchIdSchema } = await import('@/core/design');
  const design = workedExample(swatchIdSchema.parse('example'), settingsSchema.safeParse(lastSettings()).data);
  const result = await ask<{ id: string }>('/api/bags', 'POST', { design });
  return result.ok ? result.answer : result;
}

/** A bag from a file. What can't be read is told in a sentence, and nothing is written. */
export async function importBag(file: File): Promise<NewBag> {
  if (file.size > MOST_FILE_CHARACTERS * 3)
    return { sentence: `“${file.name}” is far larger than any bag. Choose a file that ends in .ruelle.json.` };
  const read = readDesignText(await file.text());
  if (!read.ok) {
    const [fault] = read.faults;
    const where = fault && fault.path.length > 0 ? ` (${fault.path.join(' › ')})` : '';
    return { sentence: `“${file.name}” was not taken in. ${fault ? faultSentence(fault, 'cm') : ''}${where}` };
  }
  return bagFrom(read.design);
}

/** A bag that is designed already. */
export async function bagFrom(design: Design): Promise<NewBag> {
  const result = await ask<{ id: string }>('/api/bags', 'POST', { design });
  return result.ok ? result.answer : result;
}

export async function copyBag(id: string): Promise<string | null> {
  return refusal(await ask(`/api/bags/${id}/copy`, 'POST'));
}

export async function archiveBag(id: string, archived: boolean): Promise<string | null> {
  return refusal(await ask(`/api/bags/${id}/archive`, 'PUT', { archived }));
}

export async function loadCards({
  offset,
  archived,
  search,
}: {
  offset: number;
  archived: boolean;
  search: string;
}): Promise<ShelfPart | null> {
  const query = new URLSearchParams({
    offset: String(offset),
    limit: String(SHELF_PAGE),
    archived: archived ? 'yes' : 'no',
    search,
  });
  const result = await ask<ShelfPart>(`/api/bags?${query}`, 'GET');
  return result.ok ? result.answer : null;
}

function lastSettings(): unknown {
  try {
    const parsed = settingsSchema.safeParse(JSON.parse(localMemory.get(LAST_SETTINGS_KEY) ?? 'null'));
    return parsed.success ? parsed.data : undefined;
  } catch {
    return undefined;
  }
}
