import { statSync } from 'node:fs';
import { join } from 'node:path';
import type { Design } from '../../src/core/design';
import { seededRandom } from '../../src/core/random';
import { Ledger, type BagState } from './ledger';
import { lookAt } from './lookAt';
import { beginBag, onServer } from './onServer';
import { inScratch } from './scratch';
import { Tally } from './tally';
import type { Workplace } from './work';

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
    const before = { memory: 0, bytes: 0 };
    let memory = 0;
    await onServer({ path, design, tally }, async ({ server, place }) => {
      const ledger = new Ledger();
      for (let bag = 0; bag < BAGS; bag += 1) await beginBag(place, ledger, `soaked ${bag}`);
      Object.assign(before, { memory: server.memoryMb(), bytes: bytesOf(path) });
      const ids = ledger.bags;
      await Promise.all(
        Array.from({ length: CLIENTS }, (_, maker) =>
          saveAgainAndAgain(place, ledger, {
            mine: ids.filter((_id, index) => index % CLIENTS === maker),
            saves: saves / CLIENTS,
            name: `maker ${maker}`,
            random,
            tally,
          }),
        ),
      );
      await lookAt(ids, ledger, place.look, tally);
      memory = server.memoryMb();
    });
    const after = bytesOf(path);
    const kilobytes = (bytes: number) => (bytes / 1024).toFixed(0);
    tally.notes.push(
      `${tally.acknowledged} saves: memory ${before.memory.toFixed(0)} → ${memory.toFixed(0)} MB, file ${kilobytes(before.bytes)} → ${kilobytes(after)} kB`,
    );
    if (memory > MOST_MEMORY_MB) tally.broken.push(`the server takes ${memory.toFixed(0)} MB after the soak`);
    if (after - before.bytes > saves * MOST_GROWTH_BYTES)
      tally.broken.push(`the file grew by ${after - before.bytes} bytes in the soak`);
  });
  return tally;
}

interface Saving {
  mine: readonly string[];
  saves: number;
  /** Goes before each mark. */
  name: string;
  random: () => number;
  tally: Tally;
}

async function saveAgainAndAgain(
  place: Workplace,
  ledger: Ledger,
  { mine, saves, name, random, tally }: Saving,
): Promise<void> {
  for (let saved = 0; saved < saves; saved += 1) {
    const id = mine[Math.floor(random() * mine.length)] as string;
    const { revision } = ledger.stateOf(id) as BagState;
    const mark = `${name} ${saved}`;
    const next = { revision: revision + 1, mark, historyMark: mark, archived: false };
    ledger.ask(id, next);
    const outcome = await place.save(id, revision, mark);
    if (typeof outcome === 'string') return;
    ledger.keep(id, next);
    tally.acknowledged += 1;
  }
}

const bytesOf = (path: string): number =>
  ['', '-wal'].reduce((sum, ending) => sum + (statSync(path + ending, { throwIfNoEntry: false })?.size ?? 0), 0);
