import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { fullDesign } from '@/core/testing/designs';
import { Thread } from './thread';

const folder = mkdtempSync(join(tmpdir(), 'ruelle-thread-'));
afterAll(() => rmSync(folder, { recursive: true }));

/** A program that answers with the name of the design, and knows some that are trouble. */
const program = join(folder, 'thread.cjs');
writeFileSync(
  program,
  `const { parentPort } = require('node:worker_threads');
  parentPort.on('message', ({ id, args: [design] }) => {
    if (design.name === 'endless') for (;;);
    if (design.name === 'crash') process.exit(3);
    if (design.name === 'broken') throw new Error('out of hand');
    if (design.name === 'fault') return parentPort.postMessage({ id, error: 'it was refused' });
    parentPort.postMessage({ id, answer: design.name });
  });`,
);
const ask = (thread: Thread, name: string) => thread.ask('card', { ...fullDesign(), name }, null);

describe('a thread of the server', () => {
  it('answers what it is asked, many at once, each with its own', async () => {
    const thread = new Thread(5000, program);
    const names = Array.from({ length: 30 }, (_, index) => `bag ${index}`);
    expect(await Promise.all(names.map((name) => ask(thread, name)))).toEqual(names);
  });

  it('passes a failure on, and goes on', async () => {
    const thread = new Thread(5000, program);
    await expect(ask(thread, 'fault')).rejects.toThrow('it was refused');
    expect(await ask(thread, 'next')).toBe('next');
  });

  it.each(['broken', 'crash', 'endless'])(
    'is made anew after it %s, and all that was asked of it fails',
    async (name) => {
      const thread = new Thread(3000, program);
      const [first, second] = await Promise.allSettled([ask(thread, name), ask(thread, 'behind it')]);
      expect([first.status, second.status]).toEqual(['rejected', 'rejected']);
      expect(await ask(thread, 'next')).toBe('next');
    },
  );

  it('does the work in place where its program is missing', async () => {
    const thread = new Thread(5000, join(folder, 'missing.cjs'));
    expect((await thread.ask('card', fullDesign(), null)).card).toMatchObject({ name: fullDesign().name });
  });
});
