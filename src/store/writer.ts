import type { Sequelize } from 'sequelize';

/**
 * The only way to write. Writes go one after the other, each whole or not at all, on a connection on which nothing else is done: two that
 * came at once would each wait for the other's lock, and one of them be refused.
 */
export class Writer {
  private last: Promise<unknown> = Promise.resolve();

  /**
   * @param connection one that is used for nothing but what is written here
   * @param check throws where nothing must be written
   */
  constructor(
    private readonly connection: Sequelize,
    private readonly check: () => void = () => {},
  ) {}

  /**
   * Does some writing once all that was asked before is done. What it throws takes all of it back.
   *
   * @returns what the work gives, once it is on the disk
   */
  write<T>(work: () => Promise<T>): Promise<T> {
    const mine = this.last.then(() => this.inTransaction(work));
    this.last = mine.catch(() => undefined);
    return mine;
  }

  /** Resolves once all that was asked so far is done. */
  async idle(): Promise<void> {
    await this.last;
  }

  private async inTransaction<T>(work: () => Promise<T>): Promise<T> {
    this.check();
    await this.connection.query('BEGIN IMMEDIATE');
    try {
      const result = await work();
      await this.connection.query('COMMIT');
      return result;
    } catch (error) {
      // A disk that is full has ended the transaction by itself, and then there is nothing to take back.
      await this.connection.query('ROLLBACK').catch(() => undefined);
      throw error;
    }
  }
}
