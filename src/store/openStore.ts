import { accessSync, constants, mkdirSync, mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, dirname, extname, join } from 'node:path';
import type { Sequelize } from 'sequelize';
import { ownStitchSchema, thingSchema, type OwnStitch, type Thing } from '@/core/design';
import { notionSchema, type Notion } from '@/core/notions';
import { stockItemSchema, type StockItem } from '@/core/stock';
import { BagRepository } from './bagRepository';
import { connect } from './connection';
import { Library } from './library';
import { MakingRepository } from './makingRepository';
import { PhotoRepository } from './photoRepository';
import { migrate, strangerIn } from './migrate';
import { defineModels } from './models';
import { SwatchRepository } from './swatchRepository';
import { ReckonedRepository } from './reckonedRepository';
import { sameFileCheck } from './sameFile';
import { everythingIn, type BackupFile } from './backup/everything';
import { Restore } from './backup/restore';
import { StoreTrouble, troubleOf } from './trouble';
import { Writer } from './writer';

export interface Store {
  bags: BagRepository;
  swatches: SwatchRepository;
  things: Library<Thing>;
  ownStitches: Library<OwnStitch>;
  notions: Library<Notion>;
  stock: Library<StockItem>;
  makings: MakingRepository;
  photos: PhotoRepository;
  reckoned: ReckonedRepository;
  restore: Restore;
  /** All that she has, file by file, as it is at this moment. */
  everything(): AsyncGenerator<BackupFile>;
  /** Makes one whole file of everything as it is at this moment, at a path where there is none yet. */
  copyTo(path: string): Promise<void>;
  close(): Promise<void>;
}

/**
 * Opens the database in a file, making it and bringing its tables up to date where needed.
 *
 * @param path the file, or `:memory:` for one that goes with the process
 * @param madeBy the version of Ruelle, by which it knows what it has reckoned itself
 * @throws StoreTrouble with a sentence when the file can't be opened, is none of Ruelle's, or of a newer one; it is then left as it is
 */
export async function openStore(path: string, madeBy = 'unbuilt'): Promise<Store> {
  const { writing, writer } = await openForWriting(path).catch((error: unknown) => {
    throw troubleOf(error, path);
  });
  // A database in memory is another one for every connection.
  const reading = path === ':memory:' ? writing : connect(path, { mustExist: true });
  // It is opened by the first question: now, while the file is known to be the one.
  await reading.query('SELECT 1');
  const access = { read: defineModels(reading), written: defineModels(writing), connection: writing, writer };
  const photos = new PhotoRepository(access, besideFile(path, 'photos'));
  return {
    bags: new BagRepository(access),
    swatches: new SwatchRepository(access),
    things: new Library(access, 'Thing', thingSchema),
    ownStitches: new Library(access, 'OwnStitch', ownStitchSchema),
    notions: new Library(access, 'Notion', notionSchema),
    stock: new Library(access, 'Stock', stockItemSchema),
    makings: new MakingRepository(access),
    photos,
    restore: new Restore(access, photos),
    everything: () => everythingAtOnce(reading, photos),
    reckoned: new ReckonedRepository(access, madeBy),
    copyTo: async (copyPath) => void (await reading.query('VACUUM INTO ?', { replacements: [copyPath] })),
    close: async () => {
      await writer.idle();
      if (reading !== writing) await reading.close();
      // Where the disk is full it stays beside the file, and is read from there.
      await writing.query(INTO_THE_FILE).catch(() => undefined);
      await writing.close();
    },
  };
}

/**
 * A folder beside the database, of its name. What belongs to one in memory lies with the system's passing files.
 *
 * @example
 * besideFile('/home/me/ruelle.sqlite', 'photos') // => '/home/me/ruelle-photos'
 */
export const besideFile = (path: string, what: string): string =>
  path === ':memory:'
    ? join(tmpdir(), `ruelle-${process.pid}-${what}`)
    : join(dirname(path), `${basename(path, extname(path))}-${what}`);

/** Everything of one moment: read from a copy that nobody writes. */
async function* everythingAtOnce(reading: Sequelize, photos: PhotoRepository): AsyncGenerator<BackupFile> {
  const folder = mkdtempSync(join(tmpdir(), 'ruelle-copy-'));
  try {
    const path = join(folder, 'copy.sqlite');
    await reading.query('VACUUM INTO ?', { replacements: [path] });
    const copy = connect(path, { mustExist: true });
    try {
      yield* everythingIn(defineModels(copy), photos);
    } finally {
      await copy.close();
    }
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** Puts what lies beside the file into it, so that the file is the whole of her work. */
const INTO_THE_FILE = 'PRAGMA wal_checkpoint(TRUNCATE)';

async function openForWriting(path: string): Promise<{ writing: Sequelize; writer: Writer }> {
  if (path !== ':memory:') {
    mkdirSync(dirname(path), { recursive: true });
    // SQLite would take its time to say so.
    if (statSync(path, { throwIfNoEntry: false })?.isDirectory()) throw new Error('EISDIR');
    accessSync(dirname(path), constants.W_OK);
  }
  const writing = connect(path);
  const writer = new Writer(writing, path === ':memory:' ? undefined : sameFileCheck(path));
  try {
    await prepare(writing, writer, path);
    return { writing, writer };
  } catch (error) {
    await writing.close().catch(() => undefined);
    throw error;
  }
}

async function prepare(connection: Sequelize, writer: Writer, path: string): Promise<void> {
  const stranger = await strangerIn(connection);
  if (stranger === 'newer')
    throw new StoreTrouble(
      `${path} was written by a newer Ruelle. It was left as it is. Start that one, or name another file.`,
    );
  if (stranger === 'foreign')
    throw new StoreTrouble(`${path} is a database of another program. It was left as it is. Name another file.`);
  // Kept in the file: a reader and a writer work side by side, and a crash leaves the last save whole. SQLite itself waits for the disk
  // at each commit (synchronous FULL).
  await connection.query('PRAGMA journal_mode = WAL');
  await writer.write(() => migrate(connection));
  await connection.query(INTO_THE_FILE);
}
