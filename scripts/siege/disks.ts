import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync, statfsSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Design } from '../../src/core/design';
import { seededRandom } from '../../src/core/random';
import type { Besieged } from './besieged';
import { Ledger } from './ledger';
import { lookAt } from './lookAt';
import { makersAtWork } from './makers';
import { onServer } from './onServer';
import { inScratch } from './scratch';
import { Tally } from './tally';

const MAKERS = 3;
/** A disk of its own for the siege, that is soon full. */
const DISK = '16m';

/**
 * A disk that fills up, a file that can't grow, and one that is taken away while it is worked on: nothing acknowledged is lost, and it goes on after.
 *
 * @param workingMs how long is worked before, while and after each
 */
export async function badDisks(design: Design, seed: number, workingMs: number): Promise<Tally> {
  const tally = new Tally();
  await inScratch(async (folder) => {
    const disk = join(folder, 'disk');
    mkdirSync(disk);
    if (mount(['-t', 'tmpfs', '-o', `size=${DISK}`, 'tmpfs', disk])) {
      try {
        await onDisk({ design, seed, workingMs, tally, path: join(disk, 'bags.sqlite') }, [
          { name: 'the disk is full', spoil: () => fill(disk), mend: () => empty(disk) },
        ]);
      } finally {
        spawnSync('umount', ['-l', disk]);
      }
    } else tally.notes.push('no disk of its own could be had here: a full one was not tried');
    const path = join(folder, 'bags.sqlite');
    await onDisk({ design, seed: seed + 1, workingMs, tally, path }, [
      {
        name: 'no file can grow',
        spoil: ({ pid }) => limitFiles(pid, Math.max(...['', '-wal'].map((ending) => sizeOf(path + ending)))),
        mend: ({ pid }) => limitFiles(pid, 'unlimited'),
      },
      {
        name: 'the file is taken away',
        spoil: () => move(path, `${path}.away`),
        mend: () => move(`${path}.away`, path),
      },
    ]);
  });
  return tally;
}

interface Spoiling {
  name: string;
  spoil: (server: Besieged) => void;
  mend: (server: Besieged) => void;
}

interface OnDisk {
  design: Design;
  seed: number;
  workingMs: number;
  tally: Tally;
  /** Where the database is. */
  path: string;
}

async function onDisk({ design, seed, workingMs, tally, path }: OnDisk, spoilings: readonly Spoiling[]): Promise<void> {
  const random = seededRandom(seed);
  const ledger = new Ledger();
  await onServer({ path, design, tally, mayRefuse: true }, async ({ server, place }) => {
    const workOn = async (name: string): Promise<number> => {
      const endsMs = performance.now() + workingMs;
      const isOver = () => performance.now() > endsMs || !server.isRunning;
      const done = await makersAtWork(place, ledger, { makers: MAKERS, name, random, isOver });
      tally.acknowledged += done;
      return done;
    };
    for (const [turn, { name, spoil, mend }] of spoilings.entries()) {
      await workOn(`s${turn} well`);
      spoil(server);
      const meanwhile = await workOn(`s${turn} spoilt`);
      mend(server);
      const after = await workOn(`s${turn} mended`);
      tally.notes.push(`${name}: ${meanwhile} steps done meanwhile, ${after} after`);
      if (meanwhile > 0 && name.startsWith('the file')) tally.broken.push(`though ${name}, steps were acknowledged`);
      if (after === 0) tally.broken.push(`after ${name.replace('is ', 'was ')} nothing could be saved any more`);
      await lookAt(ledger.bags, ledger, place.look, tally);
    }
  });
  // As a later start finds it.
  await onServer({ path, design, tally }, ({ place }) => lookAt(ledger.bags, ledger, place.look, tally));
}

const mount = (args: readonly string[]): boolean => spawnSync('mount', args).status === 0;

/** No file of a process can grow beyond so many bytes. */
function limitFiles(pid: number, bytes: number | 'unlimited'): void {
  // The softer of the two limits only: the harder one could not be raised again.
  spawnSync('prlimit', ['--pid', String(pid), `--fsize=${bytes}:`]);
}

const sizeOf = (path: string): number => statSync(path, { throwIfNoEntry: false })?.size ?? 0;

const FILLERS = 'filler';

function fill(disk: string): void {
  const { bavail, bsize } = statfsSync(disk);
  // Down to the last block: one large file, then as many small ones as go in.
  for (const [part, size] of [bavail * bsize - 65_536, 16_384, 16_384, 16_384, 4096, 4096, 4096, 4096].entries())
    try {
      writeFileSync(join(disk, `${FILLERS}${part}`), Buffer.alloc(Math.max(0, size)));
    } catch {
      // It is full.
    }
}

function empty(disk: string): void {
  for (const name of readdirSync(disk)) if (name.startsWith(FILLERS)) rmSync(join(disk, name));
}

function move(from: string, to: string): void {
  // What was made in its place meanwhile would be a second database; that there is one is found by what is lost.
  if (existsSync(to)) rmSync(to);
  renameSync(from, to);
}
