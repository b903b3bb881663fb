import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Design } from '../../src/core/design';
import { seededRandom } from '../../src/core/random';
import { freePort } from '../lib/ports.mjs';
import { ROOT, SERVER } from '../lib/ready.mjs';
import { Ledger } from './ledger';
import { beginBag, onServer } from './onServer';
import { inScratch, pause } from './scratch';
import { Tally } from './tally';

const FIRST_PORT = 4600;
/** Within so long it has begun, or has said why not, ms. */
const MOST_STARTING_MS = 60_000;
const HEADER_BYTES = 100;

/**
 * Starts Ruelle on files that are no database of hers, or one that was damaged: it ends with one sentence and leaves the file as it is, or it begins and
 * answers. It never ends without a word, never says what is for developers, and never writes into what it can't read.
 *
 * @param files how many files, of one kind after the other
 */
export async function hostileFiles(design: Design, seed: number, files: number): Promise<Tally> {
  const tally = new Tally();
  const random = seededRandom(seed);
  const bytes = (length: number) => Buffer.from(Array.from({ length }, () => Math.floor(random() * 256)));
  await inScratch(async (folder) => {
    const good = await aDatabase(join(folder, 'good.sqlite'), design);
    const flipped = (from: number, to: number, times: number) => {
      const copy = Buffer.from(good);
      for (let time = 0; time < times; time += 1)
        copy[from + Math.floor(random() * (to - from))] = Math.floor(random() * 256);
      return copy;
    };
    const kinds: Record<string, () => Buffer> = {
      noise: () => bytes(1 + Math.floor(random() * 20_000)),
      'a picture': () => Buffer.concat([Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]), bytes(5000)]),
      'a database cut short': () => good.subarray(0, 1 + Math.floor(random() * (good.length - 1))),
      'a database with a bad head': () => flipped(0, HEADER_BYTES, 5),
      'a damaged database': () => flipped(HEADER_BYTES, good.length, 400),
      'a database with noise after it': () => Buffer.concat([good, bytes(5000)]),
    };
    const all = Object.entries(kinds);
    for (let file = 0; file < files; file += 1) {
      const [kind, make] = all[(seed + file) % all.length] as [string, () => Buffer];
      const path = join(folder, `${file}.sqlite`);
      writeFileSync(path, make());
      await startOn(path, kind, tally);
    }
    const directory = join(folder, 'directory.sqlite');
    mkdirSync(directory);
    await startOn(directory, 'a folder', tally);
  });
  return tally;
}

/** A whole database with a few bags in it. */
async function aDatabase(path: string, design: Design): Promise<Buffer> {
  await onServer({ path, design, tally: new Tally() }, async ({ place }) => {
    for (let bag = 0; bag < 10; bag += 1) await beginBag(place, new Ledger(), `good ${bag}`);
  });
  return readFileSync(path);
}

async function startOn(path: string, kind: string, tally: Tally): Promise<void> {
  const before = hashOf(path);
  const port = await freePort(FIRST_PORT);
  const child = spawn(process.execPath, [...SERVER, '127.0.0.1', String(port), '98'], {
    cwd: ROOT,
    stdio: ['ignore', 'ignore', 'pipe'],
    env: { ...process.env, RUELLE_DATABASE: path, NODE_ENV: 'production', NEXT_TELEMETRY_DISABLED: '1' },
  });
  let said = '';
  child.stderr.setEncoding('utf8').on('data', (part: string) => (said += part));
  const ended = new Promise<number | null>((resolve) => child.once('exit', (code) => resolve(code)));
  const address = `http://127.0.0.1:${port}`;
  let isDecided = false;
  const isUp = async (): Promise<boolean> => {
    while (!isDecided) {
      const answers = await fetch(`${address}/api/health`).then(
        () => true,
        () => false,
      );
      if (answers) return true;
      await pause(100);
    }
    return false;
  };
  const result = await Promise.race([ended, isUp(), pause(MOST_STARTING_MS).then(() => 'late' as const)]);
  isDecided = true;
  tally.requests += 1;
  if (result === true) {
    // It could be opened: whatever is damaged in it is a refusal or is set aside, and the server goes on.
    const answers: number[] = [];
    for (const asked of ['/api/bags', '/', '/api/swatches', '/api/things'])
      answers.push(
        await fetch(address + asked, { signal: AbortSignal.timeout(30_000) }).then(
          ({ status }) => status,
          () => 0,
        ),
      );
    if (answers.includes(0)) tally.broken.push(`on ${kind} the server began and did not answer`);
    child.kill('SIGTERM');
    await Promise.race([ended, pause(MOST_STARTING_MS)]);
  } else if (result === 'late') tally.broken.push(`on ${kind} the server neither began nor ended`);
  else {
    if (result === 0 || result === null) tally.broken.push(`on ${kind} the server ended with ${result}`);
    if (/\n\s+at |Error:/.test(said) || said.trim() === '')
      tally.broken.push(`on ${kind} the server said: ${said.slice(0, 200) || 'nothing'}`);
    if (hashOf(path) !== before) tally.broken.push(`on ${kind} the file was changed`);
  }
  if (child.exitCode === null) child.kill('SIGKILL');
}

const hashOf = (path: string): string =>
  statSync(path).isDirectory() ? 'folder' : createHash('sha256').update(readFileSync(path)).digest('hex');
