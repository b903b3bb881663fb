import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Works in a folder that is there only as long as it works. */
export async function inScratch<T>(work: (folder: string) => Promise<T>): Promise<T> {
  const folder = mkdtempSync(join(tmpdir(), 'ruelle-siege-'));
  try {
    return await work(folder);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** So long, ms. */
export const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));
