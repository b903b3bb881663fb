import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { Sequelize } from 'sequelize';
import sqlite3 from 'sqlite3';
import { BagRepository } from './bagRepository';
import { migrate } from './migrate';
import { defineModels } from './models';
import { SwatchRepository } from './swatchRepository';

export interface Store {
  bags: BagRepository;
  swatches: SwatchRepository;
  close(): Promise<void>;
}

/**
 * What every connection is told. WAL lets a reader and a writer work side by side; FULL keeps a save through a power
 * cut; a busy database is waited for instead of failing at once.
 */
const PRAGMAS = ['journal_mode = WAL', 'synchronous = FULL', 'foreign_keys = ON', 'busy_timeout = 5000'];

/**
 * Opens the database in a file, making it and bringing its tables up to date where needed.
 *
 * @param path the file, or `:memory:` for one that goes with the process
 */
export async function openStore(path: string): Promise<Store> {
  if (path !== ':memory:') mkdirSync(dirname(path), { recursive: true });
  const sequelize = new Sequelize({ dialect: 'sqlite', dialectModule: sqlite3, storage: path, logging: false });
  sequelize.addHook('afterConnect', async (connection) => {
    for (const pragma of PRAGMAS) await runOn(connection as sqlite3.Database, `PRAGMA ${pragma}`);
  });
  await migrate(sequelize);
  const models = defineModels(sequelize);
  return {
    bags: new BagRepository(sequelize, models),
    swatches: new SwatchRepository(models),
    close: () => sequelize.close(),
  };
}

function runOn(connection: sqlite3.Database, sql: string): Promise<void> {
  return new Promise((resolve, reject) => connection.exec(sql, (error) => (error ? reject(error) : resolve())));
}
