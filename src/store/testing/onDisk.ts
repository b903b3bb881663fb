import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach } from 'vitest';
import { openStore, type Store } from '..';

/** A store in a file of its own, fresh for every test; a test may close it and open another in its place. */
export interface OnDisk {
  folder: string;
  path: string;
  store: Store;
}

/** Opens a store on the disk before every test of a file, and clears it away after. */
export function storeOnDisk(): OnDisk {
  const at = {} as OnDisk;
  beforeEach(async () => {
    at.folder = mkdtempSync(join(tmpdir(), 'ruelle-store-'));
    at.path = join(at.folder, 'bags.sqlite');
    at.store = await openStore(at.path);
  });
  afterEach(async () => {
    await at.store.close();
    rmSync(at.folder, { recursive: true });
  });
  return at;
}
