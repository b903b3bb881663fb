import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { Sequelize } from 'sequelize';
import sqlite3 from 'sqlite3';
import { ownStitchSchema, thingSchema, type OwnStitch, type Thing } from '@/core/design';
import { BagRepository } from './bagRepository';
import { Library } from './library';
import { migrate } from './migrate';
import { defineModels } from './models';
import { SwatchRepository } from './swatchRepository';

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
  const sequelize = new Sequelize({ dialect: 'sqlite', dialectModule: sqlite3, storage: path, logging: false });
  // Kept in the file: a reader and a writer work side by side, and a crash leaves the last save whole. Foreign keys are
  // switched on by Sequelize on each connection, and SQLite itself waits for the disk at each commit (synchronous FULL).
  await sequelize.query('PRAGMA journal_mode = WAL');
  await migrate(sequelize);
  const models = defineModels(sequelize);
  return {
    bags: new BagRepository(sequelize, models),
    swatches: new SwatchRepository(models),
    things: new Library(models.Thing, thingSchema),
    ownStitches: new Library(models.OwnStitch, ownStitchSchema),
    close: () => sequelize.close(),
  };
}
