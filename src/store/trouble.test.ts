import { chmodSync, mkdirSync, mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { fullDesign } from '@/core/testing/designs';
import { StoreTrouble, openStore } from '.';
import { connect } from './connection';

let folder: string;
let path: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'ruelle-trouble-'));
  path = join(folder, 'bags.sqlite');
});
afterEach(() => rmSync(folder, { recursive: true }));

const sentenceOf = (file: string): Promise<string> =>
  openStore(file).then(
    () => 'opened',
    (error: unknown) => (error instanceof StoreTrouble ? error.sentence : `not in words: ${String(error)}`),
  );

/** A database with a bag in it, closed. */
async function withABag(): Promise<void> {
  const store = await openStore(path);
  await store.bags.create(fullDesign());
  await store.close();
}

describe('a database that can’t be opened is said to be so in a sentence, and left as it is', () => {
  it('a file that is none', async () => {
    writeFileSync(path, 'Dear diary, '.repeat(200));
    expect(await sentenceOf(path)).toContain('no database of Ruelle’s');
    expect(readFileSync(path, 'utf8')).toBe('Dear diary, '.repeat(200));
    expect(readdirSync(folder)).toEqual(['bags.sqlite']);
  });

  it('one of another program', async () => {
    const other = connect(path);
    await other.query('CREATE TABLE recipes (name TEXT)');
    await other.close();
    const before = readFileSync(path);
    expect(await sentenceOf(path)).toContain('of another program');
    expect(readFileSync(path).equals(before)).toBe(true);
  });

  it('one of a newer Ruelle', async () => {
    await withABag();
    const later = connect(path);
    await later.query("INSERT INTO migrations (name) VALUES ('0999-from-later')");
    await later.close();
    expect(await sentenceOf(path)).toContain('newer Ruelle');
  });

  it('a damaged one', async () => {
    await withABag();
    const bytes = readFileSync(path);
    bytes.fill(0xa5, 100, bytes.length);
    writeFileSync(path, bytes);
    expect(await sentenceOf(path)).toMatch(/damaged|no database/);
    expect(readFileSync(path).equals(bytes)).toBe(true);
  });

  it('one of whose head a byte is another, whichever', async () => {
    await withABag();
    const whole = readFileSync(path);
    const HEAD = { from: 16, to: 100 };
    const heard = new Set<string>();
    for (let at = HEAD.from; at < HEAD.to; at += 1)
      for (const byte of [9, 0xff]) {
        const bytes = Buffer.from(whole);
        bytes[at] = byte;
        const other = join(folder, `${at}-${byte}.sqlite`);
        writeFileSync(other, bytes);
        const sentence = await sentenceOf(other);
        expect([at, byte, sentence]).not.toContainEqual(expect.stringContaining('not in words'));
        if (sentence !== 'opened') expect(readFileSync(other).equals(bytes)).toBe(true);
        heard.add(sentence.replace(other, ''));
      }
    expect(heard.size).toBeGreaterThan(2);
  });

  it('a folder in its place', async () => {
    mkdirSync(path);
    expect(await sentenceOf(path)).toContain('can’t be opened');
  });

  it('a file in the place of its folder', async () => {
    writeFileSync(path, '');
    expect(await sentenceOf(join(path, 'bags.sqlite'))).toContain('no folder');
  });

  it.skipIf(process.getuid?.() === 0)('a folder that can’t be written', async () => {
    chmodSync(folder, 0o500);
    expect(await sentenceOf(path)).toMatch(/can’t be opened|can’t be written/);
    chmodSync(folder, 0o700);
  });
});
