import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import type { Sequelize } from 'sequelize';
import { ownStitchSchema, thingSchema, type OwnStitch, type Thing } from '@/core/design';
import { BagRepository } from './bagRepository';
import { connect } from './connection';
import { Library } from './library';
import { migrate } from './migrate';
import { defineModels } from './models';
import { SwatchRepository } from './swatchRepository';
import { Writer } from './writer';

export interface Store {
  bags: BagRepository;
  swatches: SwatchRepository;
  things: Library<Thing>;
  ownStitches: Library<OwnStitch>;
  close(): Promise<void>;
}

/**
 * Opens the database in a file, making it and bringing its tables up to date where needed.
 *
 * @param path the file, or `:memory:` for one that goes with the process
 */
export async function openStore(path: string): Promise<Store> {
  if (path !== ':memory:') mkdirSync(dirname(path), { recursive: true });
  const writing = connect(path);
  const writer = new Writer(writing);
  try {
    await prepare(writing, writer);
  } catch (error) {
    await writing.close();
    throw error;
  }
  // A database in memory is another one for every connection.
  const reading = path === ':memory:' ? writing : connect(path);
  const access = { read: defineModels(reading), written: defineModels(writing), writer };
  return {
    bags: new BagRepository(access),
    swatches: new SwatchRepository(access),
    things: new Library(access, 'Thing', thingSchema),
    ownStitches: new Library(access, 'OwnStitch', ownStitchSchema),
    close: async () => {
      await writer.idle();
      if (reading !== writing) await reading.close();
      await writing.query(INTO_THE_FILE);
      await writing.close();
    },
  };
}

/** Puts what lies beside the file into it, so that the file is the whole of her work. */
const INTO_THE_FILE = 'PRAGMA wal_checkpoint(TRUNCATE)';

async function prepare(connection: Sequelize, writer: Writer): Promise<void> {
  // Kept in the file: a reader and a writer work side by side, and a crash leaves the last save whole. SQLite itself waits for the disk
  // at each commit (synchronous FULL).
  await connection.query('PRAGMA journal_mode = WAL');
  await writer.write(() => migrate(connection));
  await connection.query(INTO_THE_FILE);
}
