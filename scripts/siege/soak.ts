import { statSync } from 'node:fs';
import { join } from 'node:path';
import type { Design } from '../../src/core/design';
import { seededRandom } from '../../src/core/random';
import { Besieged } from './besieged';
import { Client } from './client';
import { Ledger, type BagState } from './ledger';
import { lookAt } from './lookAt';
import { overHttp } from './overHttp';
import { inScratch } from './scratch';
import { Tally } from './tally';

const CLIENTS = 4;
const BAGS = 20;
/** The most memory that the server may take after all of it, MB. */
const MOST_MEMORY_MB = 350;
/** The most that the file may have grown by each save beyond the bags in it, bytes: nothing is kept of a save that another one took the place of. */
const MOST_GROWTH_BYTES = 100;

/** Saves twenty bags again and again, and looks at what it cost in memory and on the disk. */
export async function soak(design: Design, seed: number, saves: number): Promise<Tally> {
  const tally = new Tally();
  const random = seededRandom(seed);
  await inScratch(async (folder) => {
    const path = join(folder, 'bags.sqlite');
    const server = await Besieged.start(path);
    const client = new Client(server.address, tally);
    const place = overHttp(client, design, tally);
    const ledger = new Ledger();
    for (let bag = 0; bag < BAGS; bag += 1) {
      const made = await place.create(`soaked ${bag}`);
      if (typeof made === 'string') throw new Error('a bag could not be made');
      ledger.keep(made.done, { revision: 1, mark: `soaked ${bag}`, historyMark: null, archived: false });
    }
    const before = { memory: server.memoryMb(), bytes: bytesOf(path) };
    let saved = 0;
    const saveAll = async (mine: readonly string[]): Promise<void> => {
      while (saved < saves && server.isRunning) {
        saved += 1;
        const id = mine[Math.floor(random() * mine.length)] as string;
        const { revision } = ledger.stateOf(id) as BagState;
        const mark = `save ${saved}`;
        const next = { revision: revision + 1, mark, historyMark: mark, archived: false };
        ledger.ask(id, next);
        const outcome = await place.save(id, revision, mark);
        if (typeof outcome === 'string') return;
        ledger.keep(id, next);
        tally.acknowledged += 1;
      }
    };
    const ids = ledger.bags;
    await Promise.all(
      Array.from({ length: CLIENTS }, (_, maker) => saveAll(ids.filter((_id, index) => index % CLIENTS === maker))),
    );
    await lookAt(ids, ledger, place.look, tally);
    const memory = server.memoryMb();
    await server.stop();
    client.close();
    const after = bytesOf(path);
    const kilobytes = (bytes: number) => (bytes / 1024).toFixed(0);
    tally.notes.push(
      `${saved} saves: memory ${before.memory.toFixed(0)} → ${memory.toFixed(0)} MB, file ${kilobytes(before.bytes)} → ${kilobytes(after)} kB`,
    );
    const grown = after - before.bytes;
    if (memory > MOST_MEMORY_MB) tally.broken.push(`the server takes ${memory.toFixed(0)} MB after ${saved} saves`);
    if (grown > saved * MOST_GROWTH_BYTES) tally.broken.push(`the file grew by ${grown} bytes in ${saved} saves`);
  });
  return tally;
}

const bytesOf = (path: string): number =>
  ['', '-wal'].reduce((sum, ending) => sum + (statSync(path + ending, { throwIfNoEntry: false })?.size ?? 0), 0);
