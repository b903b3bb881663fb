import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { holdFile } from '.';

let folder: string;
let path: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'ruelle-hold-'));
  path = join(folder, 'bags.sqlite');
});
afterEach(() => rmSync(folder, { recursive: true }));

test('a file that is held is held by no other, who is told where the first answers', async () => {
  const giveBack = await holdFile(path, 'http://127.0.0.1:3000');
  await expect(holdFile(path, '')).rejects.toThrow('in another Ruelle already, at http://127.0.0.1:3000');
  await giveBack();
  expect(readdirSync(folder)).toEqual(['bags.sqlite.lock']);
  await (
    await holdFile(path, '')
  )();
});

test('two files are held beside each other', async () => {
  const both = await Promise.all([holdFile(path, 'a'), holdFile(join(folder, 'others.sqlite'), 'b')]);
  for (const giveBack of both) await giveBack();
});

test('however often it is given back and asked for at once, never two hold it', async () => {
  let holders = 0;
  let most = 0;
  let held = 0;
  const comeAndGo = async () => {
    for (let turn = 0; turn < 25; turn += 1) {
      const giveBack = await holdFile(path, 'x').catch(() => null);
      if (giveBack === null) continue;
      holders += 1;
      held += 1;
      most = Math.max(most, holders);
      await new Promise((resolve) => setTimeout(resolve, 1));
      holders -= 1;
      await giveBack();
    }
  };
  await Promise.all([comeAndGo(), comeAndGo(), comeAndGo()]);
  expect(most).toBe(1);
  expect(held).toBeGreaterThan(5);
});
