import type { Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import * as firstTables from './migrations/0001-first-tables';
import * as swatchStitch from './migrations/0002-swatch-stitch';
import * as thingsAndPatterns from './migrations/0003-things-and-patterns';

/** Every migration in order. A new one is a new file and a line here. */
const MIGRATIONS = [
  { name: '0001-first-tables', ...firstTables },
  { name: '0002-swatch-stitch', ...swatchStitch },
  { name: '0003-things-and-patterns', ...thingsAndPatterns },
];

/** Brings the tables up to date. Safe to call at every start. */
export async function migrate(sequelize: Sequelize): Promise<string[]> {
  const umzug = new Umzug({
    migrations: MIGRATIONS.map(({ name, up, down }) => ({
      name,
      up: () => up(sequelize.getQueryInterface()),
      down: () => down(sequelize.getQueryInterface()),
    })),
    storage: new SequelizeStorage({ sequelize, tableName: 'migrations' }),
    logger: undefined,
  });
  return (await umzug.up()).map(({ name }) => name);
}
