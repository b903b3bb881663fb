import type { Sequelize } from 'sequelize';

/** So many are written together at most: whoever comes after them waits no longer than they take. */
const MOST_TOGETHER = 50;

/** A piece of writing that was asked for. */
interface Wish {
  work: () => Promise<unknown>;
  resolve: (result: never) => void;
  reject: (error: unknown) => void;
}

/**
 * The only way to write. Writes go one after the other, each whole or not at all, on a connection on which nothing else is done: two that
 * came at once would each wait for the other's lock, and one of them be refused. Those that wait meanwhile go to the disk together, since the disk
 * takes as long for many as for one; none is answered before it is there.
 */
export class Writer {
  private readonly waiting: Wish[] = [];
  private running: Promise<void> | null = null;

  /**
   * @param connection one that is used for nothing but what is written here
   * @param check throws where nothing must be written
   */
  constructor(
    private readonly connection: Sequelize,
    private readonly check: () => void = () => {},
  ) {}

  /**
   * Does some writing once all that was asked before is done. What it throws takes all of it back, and nothing else.
   *
   * @returns what the work gives, once it is on the disk
   */
  write<T>(work: () => Promise<T>): Promise<T> {
    return new Promise((resolve, reject) => {
      this.waiting.push({ work, resolve, reject });
      this.running ??= this.run();
    });
  }

  /** Resolves once all that was asked so far is done. */
  async idle(): Promise<void> {
    await this.running;
  }

  private async run(): Promise<void> {
    while (this.waiting.length > 0) await this.together(this.waiting.splice(0, MOST_TOGETHER));
    this.running = null;
  }

  /** One transaction of all that is wished. Where it fails as a whole, each of them fails. */
  private async together(wishes: readonly Wish[]): Promise<void> {
    const answers: (() => void)[] = [];
    try {
      this.check();
      await this.connection.query('BEGIN IMMEDIATE');
      for (const wish of wishes) answers.push(await this.attempt(wish));
      await this.connection.query('COMMIT');
    } catch (error) {
      // A disk that is full has ended the transaction by itself, and then there is nothing to take back.
      await this.connection.query('ROLLBACK').catch(() => undefined);
      for (const { reject } of wishes) reject(error);
      return;
    }
    for (const answer of answers) answer();
  }

  /**
   * One of them within the transaction.
   *
   * @returns how it is to be answered once they are on the disk
   * @throws what it failed of, where the transaction ended with it
   */
  private async attempt({ work, resolve, reject }: Wish): Promise<() => void> {
    await this.connection.query('SAVEPOINT one');
    try {
      const result = await work();
      await this.connection.query('RELEASE one');
      return () => resolve(result as never);
    } catch (error) {
      try {
        await this.connection.query('ROLLBACK TO one');
        await this.connection.query('RELEASE one');
      } catch {
        throw error;
      }
      return () => reject(error);
    }
  }
}
