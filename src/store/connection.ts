import { Sequelize } from 'sequelize';
import sqlite3 from 'sqlite3';

/** How long SQLite waits for another process that is writing, before it gives up, ms. */
const BUSY_MS = 5000;

/** A connection that waits its turn when another process is writing. Sequelize has no other place to say so. */
class PatientDatabase extends sqlite3.Database {
  constructor(file: string, mode: number, opened: (error: Error | null) => void) {
    super(file, mode, opened);
    this.configure('busyTimeout', BUSY_MS);
  }
}

/**
 * One connection to a database file, through Sequelize. Foreign keys are switched on by it.
 *
 * @param mustExist true never makes a file where there is none
 */
export const connect = (path: string, { mustExist = false } = {}): Sequelize =>
  new Sequelize({
    ...(mustExist ? { dialectOptions: { mode: sqlite3.OPEN_READWRITE } } : {}),
    dialect: 'sqlite',
    dialectModule: { ...sqlite3, Database: PatientDatabase },
    storage: path,
    logging: false,
    // A file that can't be opened is tried no longer than one that is busy.
    pool: { acquire: BUSY_MS + 1000 },
  });
