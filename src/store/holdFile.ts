import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import sqlite3 from 'sqlite3';
import { StoreTrouble, troubleOf } from './trouble';

/**
 * Holds a database for this process alone, so that two servers never share one unawares. The lock is the operating system's, through SQLite:
 * however the process ends, it is gone with it.
 *
 * @param path the database; `PATH.lock` and `PATH.open` beside it are of the lock. The first stays, empty: one that was taken away could be held by
 * someone who had just opened it, beside another who finds none and makes one.
 * @param address where the one that holds it answers, for the one that finds it held
 * @returns what gives it back
 * @throws StoreTrouble that says who has it
 */
export async function holdFile(path: string, address: string): Promise<() => Promise<void>> {
  const holderPath = `${path}.open`;
  const lock = await openLock(`${path}.lock`).catch((error: unknown) => {
    throw troubleOf(error, path);
  });
  try {
    await execute(lock, 'PRAGMA journal_mode = DELETE; BEGIN EXCLUSIVE');
  } catch (error) {
    await close(lock);
    if ((error as { code?: string }).code !== 'SQLITE_BUSY') throw error;
    throw new StoreTrouble(
      `${path} is open in another Ruelle already${holderOf(holderPath)}. Work there, or stop it first.`,
      error,
    );
  }
  writeFileSync(holderPath, `${address}\n`);
  return async () => {
    rmSync(holderPath, { force: true });
    await close(lock);
  };
}

function holderOf(path: string): string {
  try {
    const address = readFileSync(path, 'utf8').trim();
    return address === '' ? '' : `, at ${address}`;
  } catch {
    return '';
  }
}

const openLock = async (path: string): Promise<sqlite3.Database> => {
  mkdirSync(dirname(path), { recursive: true });
  return new Promise((resolve, reject) => {
    const database = new sqlite3.Database(path, (error) => (error ? reject(error) : resolve(database)));
  });
};

const execute = (database: sqlite3.Database, sql: string): Promise<void> =>
  new Promise((resolve, reject) => database.exec(sql, (error) => (error ? reject(error) : resolve())));

const close = (database: sqlite3.Database): Promise<void> =>
  new Promise((resolve, reject) => database.close((error) => (error ? reject(error) : resolve())));
