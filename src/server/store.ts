import { readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { besideFile, holdFile, openStore, type Store } from '@/store';
import { copyEveryNight } from './backup/nightly';
import { once } from './once';

interface Kept {
  /** Where its copies lie. */
  copies: string | undefined;
  store: Promise<Store> | undefined;
  /** Closes the store and gives its file back. */
  close: (() => Promise<void>) | undefined;
}

const kept = once<Kept>('store', () => ({ copies: undefined, store: undefined, close: undefined }));

/** The maker's own database, unless told otherwise. */
const DEFAULT_DATABASE = 'data/ruelle.sqlite';

/** The open store, opened on the first call. A failed opening is tried again on the next. */
export function getStore(): Promise<Store> {
  kept.store ??= openHeld(resolve(/* turbopackIgnore: true */ process.env.RUELLE_DATABASE ?? DEFAULT_DATABASE)).catch(
    (error: unknown) => {
      kept.store = undefined;
      throw error;
    },
  );
  return kept.store;
}

/** Where the copies lie that are made every night. */
export async function copiesFolder(): Promise<string> {
  await getStore();
  return kept.copies ?? '';
}

/** Closes the store, if it is open, once all that was asked of it is written. */
export async function closeStore(): Promise<void> {
  const { close } = kept;
  kept.close = undefined;
  await kept.store?.catch(() => undefined);
  await close?.();
}

/** By what this build of Ruelle is told from another: what an earlier one reckoned may be otherwise now. */
function builtAs(): string {
  try {
    return readFileSync(join(/* turbopackIgnore: true */ process.cwd(), '.next', 'BUILD_ID'), 'utf8').trim();
  } catch {
    // While it is worked on there is none.
    return `unbuilt ${process.pid} ${Date.now()}`;
  }
}

async function openHeld(path: string): Promise<Store> {
  const giveBack = await holdFile(path, process.env.RUELLE_ADDRESS ?? '');
  try {
    const store = await openStore(path, builtAs());
    kept.copies = besideFile(path, 'copies');
    const noMoreCopies = copyEveryNight(store, kept.copies);
    void store.photos.sweep(Date.now()).catch(() => undefined);
    kept.close = async () => {
      noMoreCopies();
      await store.close();
      await giveBack();
    };
    return store;
  } catch (error) {
    await giveBack();
    throw error;
  }
}
