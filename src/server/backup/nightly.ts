import { createWriteStream, existsSync, mkdirSync, readdirSync, rmSync, statSync } from 'node:fs';
import { rename } from 'node:fs/promises';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { format } from 'date-fns';
import type { Store } from '@/store';
import { zipped } from './zipOut';

/** So many copies are kept, one a day. */
export const COPIES_KEPT = 7;
/** From this hour on the copy of a day is made: who works late has it in the copy of that day. */
const FROM_HOUR = 3;
/** So often it is looked whether there is one, ms. */
const LOOKED_AFTER_MS = 10 * 60_000;
/** Not in the first seconds of a start, when a maker waits for the shelf, ms. */
const FIRST_LOOK_MS = 60_000;

const IS_COPY = /^ruelle-\d{4}-\d{2}-\d{2}\.zip$/;

/** A copy that lies in the folder of copies. */
export interface NightlyCopy {
  name: string;
  bytes: number;
  madeAt: string;
}

/** Copies of a folder, the last first. */
export function copiesIn(folder: string): NightlyCopy[] {
  const names = existsSync(folder) ? readdirSync(folder).filter((name) => IS_COPY.test(name)) : [];
  return names
    .sort()
    .reverse()
    .map((name) => {
      const { size, mtime } = statSync(join(folder, name));
      return { name, bytes: size, madeAt: mtime.toISOString() };
    });
}

/** Where a copy lies; null where there is none of that name. */
export const copyAt = (folder: string, name: string): string | null =>
  IS_COPY.test(name) && existsSync(join(folder, name)) ? join(folder, name) : null;

/** Writes all of a store into a ZIP, which is there whole or not at all. */
export async function writeCopy(store: Pick<Store, 'everything'>, path: string, nowMs: number): Promise<void> {
  const part = `${path}.part`;
  try {
    await pipeline(
      Readable.from(zipped(store.everything(), new Date(nowMs).toISOString())),
      createWriteStream(part, { flush: true }),
    );
    await rename(part, path);
  } catch (error) {
    rmSync(part, { force: true });
    throw error;
  }
}

/**
 * Makes the copy of the day, if it is time and there is none yet, and clears away the oldest beyond those that are kept.
 *
 * @returns whether one was made
 */
export async function copyOfTheDay(store: Pick<Store, 'everything'>, folder: string, nowMs: number): Promise<boolean> {
  const now = new Date(nowMs);
  const path = join(folder, `ruelle-${format(now, 'yyyy-MM-dd')}.zip`);
  if (now.getHours() < FROM_HOUR || existsSync(path)) return false;
  mkdirSync(folder, { recursive: true });
  await writeCopy(store, path, nowMs);
  for (const { name } of copiesIn(folder).slice(COPIES_KEPT)) rmSync(join(folder, name), { force: true });
  return true;
}

/** Looks from time to time whether the copy of the day is due. What keeps it from being made is tried again. @returns how to stop */
export function copyEveryNight(store: Pick<Store, 'everything'>, folder: string): () => void {
  let isBusy = false;
  const look = () => {
    if (isBusy) return;
    isBusy = true;
    copyOfTheDay(store, folder, Date.now())
      .catch((error: unknown) => console.error('The copy of the day could not be made:', error))
      .finally(() => {
        isBusy = false;
      });
  };
  const first = setTimeout(look, FIRST_LOOK_MS).unref();
  const timer = setInterval(look, LOOKED_AFTER_MS).unref();
  return () => {
    clearTimeout(first);
    clearInterval(timer);
  };
}
