import type { Sequelize } from 'sequelize';
import type { Models } from './models';
import type { Writer } from './writer';

/** How the repositories reach the database: they read on one connection and write on another, in turn. */
export interface Access {
  read: Models;
  /** Models on the connection that is written on: used inside `writer.write` only. */
  written: Models;
  /** That connection itself, for statements where a model would be in the way. */
  connection: Sequelize;
  writer: Writer;
}
