import { resolve } from 'node:path';
import { openStore, type Store } from '@/store';

/** Next bundles this module more than once; the connection is kept where every copy finds it. */
const kept = globalThis as typeof globalThis & { ruelleStore?: Promise<Store> };

/** The maker's own database, unless told otherwise. */
const DEFAULT_DATABASE = 'data/ruelle.sqlite';

/** The open store, opened on the first call. A failed opening is tried again on the next. */
export function getStore(): Promise<Store> {
  kept.ruelleStore ??= openStore(
    resolve(/* turbopackIgnore: true */ process.env.RUELLE_DATABASE ?? DEFAULT_DATABASE),
  ).catch((error: unknown) => {
    kept.ruelleStore = undefined;
    throw error;
  });
  return kept.ruelleStore;
}
