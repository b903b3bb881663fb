import type { Sequelize } from 'sequelize';
import { describe, expect, it } from 'vitest';
import { Writer } from './writer';

/** A connection that only notes what is asked of it, and may refuse some of it. */
function noting(refuses: (sql: string, times: number) => boolean = () => false) {
  const said: string[] = [];
  const query = async (sql: string): Promise<void> => {
    said.push(sql);
    if (refuses(sql, said.filter((one) => one === sql).length)) throw new Error(`refused ${sql}`);
  };
  return { said, connection: { query } as unknown as Sequelize };
}

describe('what is written', () => {
  it('while something else is goes to the disk together, in the order it was asked', async () => {
    const { said, connection } = noting();
    const writer = new Writer(connection);
    const done = await Promise.all(
      [1, 2, 3, 4].map((number) => writer.write(async () => void said.push(`work ${number}`)).then(() => number)),
    );
    expect(done).toEqual([1, 2, 3, 4]);
    expect(said).toEqual([
      ...['BEGIN IMMEDIATE', 'work 1', 'COMMIT'],
      ...['BEGIN IMMEDIATE', 'work 2', 'work 3', 'work 4', 'COMMIT'],
    ]);
  });

  it('is answered only once it is on the disk', async () => {
    const { said, connection } = noting();
    const answered: number[] = [];
    const writer = new Writer(connection);
    await Promise.all([1, 2, 3].map((n) => writer.write(async () => n).then(() => answered.push(said.length))));
    // The first after the first COMMIT, the others after the second.
    expect(answered).toEqual([2, 4, 4].map((least) => expect.toSatisfy((at: number) => at >= least)));
    expect(said.filter((sql) => sql === 'COMMIT')).toHaveLength(2);
  });

  it('and fails takes nothing else with it: each of those beside it is done anew by itself', async () => {
    const { said, connection } = noting();
    const writer = new Writer(connection);
    const wishes = [1, 2, 3, 4].map((number) =>
      writer.write(async () => {
        said.push(`work ${number}`);
        if (number === 3) throw new Error('no');
        return number;
      }),
    );
    expect(await Promise.allSettled(wishes)).toMatchObject([
      { value: 1 },
      { value: 2 },
      { reason: { message: 'no' } },
      { value: 4 },
    ]);
    expect(said.slice(3)).toEqual([
      ...['BEGIN IMMEDIATE', 'work 2', 'work 3', 'ROLLBACK'],
      ...['BEGIN IMMEDIATE', 'work 2', 'COMMIT'],
      ...['BEGIN IMMEDIATE', 'work 3', 'ROLLBACK'],
      ...['BEGIN IMMEDIATE', 'work 4', 'COMMIT'],
    ]);
  });

  it('to a disk that refuses is acknowledged to nobody', async () => {
    const { connection } = noting((sql) => sql === 'COMMIT');
    const writer = new Writer(connection);
    const answers = await Promise.allSettled([1, 2, 3].map((number) => writer.write(async () => number)));
    expect(answers.map(({ status }) => status)).toEqual(['rejected', 'rejected', 'rejected']);
  });

  it('goes on after a disk that refused once', async () => {
    const { connection } = noting((sql, times) => sql === 'COMMIT' && times === 1);
    const writer = new Writer(connection);
    await expect(writer.write(async () => 1)).rejects.toThrow('refused COMMIT');
    expect(await writer.write(async () => 2)).toBe(2);
    await writer.idle();
  });

  it('is not begun where nothing must be written', async () => {
    const { said, connection } = noting();
    const writer = new Writer(connection, () => {
      throw new Error('the file is gone');
    });
    await expect(writer.write(async () => 1)).rejects.toThrow('the file is gone');
    expect(said).toEqual(['ROLLBACK']);
  });
});
