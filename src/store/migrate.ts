import type { Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import * as firstTables from './migrations/0001-first-tables';
import * as swatchStitch from './migrations/0002-swatch-stitch';
import * as thingsAndPatterns from './migrations/0003-things-and-patterns';
import * as saveIds from './migrations/0004-save-ids';
import * as cards from './migrations/0005-cards';
import * as notions from './migrations/0006-notions';
import * as stock from './migrations/0007-stock';
import * as makings from './migrations/0008-makings';
import * as photos from './migrations/0009-photos';

/** Every migration in order. A new one is a new file and a line here. */
const MIGRATIONS = [
  { name: '0001-first-tables', ...firstTables },
  { name: '0002-swatch-stitch', ...swatchStitch },
  { name: '0003-things-and-patterns', ...thingsAndPatterns },
  { name: '0004-save-ids', ...saveIds },
  { name: '0005-cards', ...cards },
  { name: '0006-notions', ...notions },
  { name: '0007-stock', ...stock },
  { name: '0008-makings', ...makings },
  { name: '0009-photos', ...photos },
];

/**
 * What keeps a database from being brought up to date: it is of a newer Ruelle, or of another program. Null where nothing does.
 */
export async function strangerIn(sequelize: Sequelize): Promise<'newer' | 'foreign' | null> {
  const names = async (query: string): Promise<string[]> =>
    ((await sequelize.query(query))[0] as { name: string }[]).map(({ name }) => name);
  const tables = await names("SELECT name FROM sqlite_master WHERE type IN ('table', 'view')");
  if (!tables.includes('migrations'))
    return tables.length > 0 && !tables.includes('bags') && !tables.includes('swatches') ? 'foreign' : null;
  const known = new Set(MIGRATIONS.map(({ name }) => name));
  return (await names('SELECT name FROM migrations')).some((name) => !known.has(name)) ? 'newer' : null;
}

/**
 * Brings the tables up to date. Safe to call at every start, and within one transaction only: then a start that is interrupted leaves them
 * as they were, and of two that come at once one waits for the other.
 *
 * @param to the last migration to do, to make a file as an older Ruelle left it; all of them where it is left out
 */
export async function migrate(sequelize: Sequelize, to?: string): Promise<string[]> {
  const umzug = new Umzug({
    migrations: MIGRATIONS.map(({ name, up, down }) => ({
      name,
      up: () => up(sequelize.getQueryInterface()),
      down: () => down(sequelize.getQueryInterface()),
    })),
    storage: new SequelizeStorage({ sequelize, tableName: 'migrations' }),
    logger: undefined,
  });
  return (await umzug.up(to === undefined ? undefined : { to })).map(({ name }) => name);
}
