import { createWriteStream, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable, Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { nanoid } from 'nanoid';
import type { RestoreChanges, RestoreWay } from '@/store';
import { Refused } from '../http';
import { once } from '../once';
import { readPhoto } from '../readPhoto';
import { copiesFolder, getStore } from '../store';
import { copyAt } from './nightly';
import { openBackup, type OpenBackup } from './zipIn';

/** The largest copy that is taken in, bytes. */
const MOST_BYTES = 4_000_000_000;
/** A copy that was looked into waits so long to be brought in, ms. */
const WAITS_MS = 30 * 60_000;
/** So many wait at once: she looks into one, perhaps into another. */
const MOST_WAITING = 3;

interface Waiting {
  copy: OpenBackup;
  gone: () => void;
}

/** Copies that were looked into, by the word they are asked for with. */
const waiting = (): Map<string, Waiting> => once('restoring', () => new Map());

/**
 * Looks into a copy: what bringing it in would change.
 *
 * @param nightly the name of one of the copies that are made every night; null: the one that is sent
 * @throws Refused when it can't be brought in; nothing was changed then
 */
export async function lookInto(
  request: Request,
  nightly: string | null,
): Promise<{ token: string; changes: RestoreChanges }> {
  const folder = mkdtempSync(join(tmpdir(), 'ruelle-restore-'));
  const clear = () => rmSync(folder, { recursive: true, force: true });
  try {
    const path =
      nightly === null ? await taken(request, join(folder, 'copy.zip')) : copyAt(await copiesFolder(), nightly);
    if (path === null) throw new Refused(404, { sentence: 'There is no such copy.' });
    const copy = await openBackup(path);
    const token = nanoid(20);
    const timer = setTimeout(() => letGo(token), WAITS_MS).unref();
    const gone = () => {
      clearTimeout(timer);
      copy.close();
      clear();
    };
    const all = waiting();
    for (const old of [...all.keys()].slice(0, Math.max(0, all.size + 1 - MOST_WAITING))) letGo(old);
    all.set(token, { copy, gone });
    return { token, changes: await (await getStore()).restore.changes(copy.contents) };
  } catch (error) {
    clear();
    throw error;
  }
}

/** What is sent, on the disk. @throws Refused 413 when it is too large, 400 when it didn't come to its end */
async function taken(request: Request, path: string): Promise<string> {
  let bytes = 0;
  const isTooLarge = () => bytes > MOST_BYTES;
  const limit = new Transform({
    transform(part: Buffer, _, done) {
      bytes += part.byteLength;
      done(isTooLarge() ? new Error('too large') : null, part);
    },
  });
  if (request.body === null) throw new Refused(400, { sentence: 'This could not be read.' });
  try {
    await pipeline(Readable.fromWeb(request.body as never), limit, createWriteStream(path));
  } catch (error) {
    if (isTooLarge()) throw new Refused(413, { sentence: 'This is larger than any copy. It was not taken in.' });
    if (/ENOSPC/.test(String(error))) throw error;
    throw new Refused(400, { sentence: 'The copy did not come to its end. Nothing was changed.' });
  }
  return path;
}

/**
 * Brings a copy in that was looked into.
 *
 * @returns what there would be left to change afterwards
 * @throws Refused 404 when it doesn't wait any more
 */
export async function bringIn(token: string, way: RestoreWay): Promise<RestoreChanges> {
  const held = waiting().get(token);
  if (!held) throw new Refused(404, { sentence: 'This copy isn’t open any more. Choose it again.' });
  const { restore } = await getStore();
  const { contents, picture } = held.copy;
  await restore.bringIn(contents, way, async (id) => {
    const bytes = await picture(id);
    // Drawn anew like any photo, wherever the copy came from.
    return bytes && readPhoto(bytes).catch(() => null);
  });
  const changes = await restore.changes(contents);
  letGo(token);
  return changes;
}

/** Lets a copy go. */
export function letGo(token: string): void {
  waiting().get(token)?.gone();
  waiting().delete(token);
}
