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
   * @param work it may be begun more than once, the one before taken back whole
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
    while (this.waiting.length > 0) {
      const wishes = this.waiting.splice(0, MOST_TOGETHER);
      const isDone = await this.together(wishes);
      // One of them failed: by itself none takes another one with it.
      if (!isDone) for (const wish of wishes) await this.together([wish]);
    }
    this.running = null;
  }

  /**
   * One transaction of all that is wished, answered once they are on the disk.
   *
   * @returns false where it was all taken back and nobody was answered, so that they can be tried one by one
   */
  private async together(wishes: readonly Wish[]): Promise<boolean> {
    const results: unknown[] = [];
    try {
      this.check();
      await this.connection.query('BEGIN IMMEDIATE');
      for (const { work } of wishes) results.push(await work());
      await this.connection.query('COMMIT');
    } catch (error) {
      // A disk that is full has ended the transaction by itself, and then there is nothing to take back.
      await this.connection.query('ROLLBACK').catch(() => undefined);
      if (wishes.length > 1) return false;
      for (const { reject } of wishes) reject(error);
      return true;
    }
    wishes.forEach(({ resolve }, wish) => resolve(results[wish] as never));
    return true;
  }
}
