import { join } from 'node:path';
import type { MakingEvent } from '../../src/core/bench';
import type { Design } from '../../src/core/design';
import { seededRandom } from '../../src/core/random';
import { Besieged } from './besieged';
import { Client } from './client';
import { Ledger } from './ledger';
import { beginBag } from './onServer';
import { overHttp } from './overHttp';
import { inScratch, pause } from './scratch';
import { Tally } from './tally';

const MOST_TAPPING_MS = 900;
/** So many devices count at one bag. */
const DEVICES = 3;
const OK = 200;

/**
 * Kills the server while several devices count rows of one bag, each sending again what was not acknowledged, as a browser does; looks after each kill whether every
 * acknowledged row is there, and none twice.
 *
 * @param endsMs when to stop, by `performance.now()`
 */
export async function tapsThroughKills(design: Design, seed: number, endsMs: number): Promise<Tally> {
  const tally = new Tally();
  const random = seededRandom(seed);
  await inScratch(async (folder) => {
    const path = join(folder, 'bags.sqlite');
    const acknowledged = new Set<string>();
    /** What each device has told and not heard of. */
    const unsent: MakingEvent[][] = Array.from({ length: DEVICES }, () => []);
    let bag: string | null = null;
    let taps = 0;
    while (performance.now() < endsMs) {
      const server = await Besieged.start(path);
      const client = new Client(server.address, tally);
      bag ??= await beginBag(overHttp(client, design, tally), new Ledger(), 'counted');
      const address = `/api/bags/${bag}/making`;
      await lookAtRows(client, address, acknowledged, tally);
      let isOver = false;
      const device = async (mine: MakingEvent[], name: number): Promise<void> => {
        while (!isOver) {
          taps += 1;
          const id = `device-${name}-tap-${taps}`;
          mine.push({ kind: 'row', id, n: taps, atMs: taps * 1000, piece: 'panel', copy: 1, row: taps });
          const sent = [...mine];
          const answer = await client.ask('POST', address, { events: sent }).catch(() => null);
          if (answer?.status !== OK) return;
          sent.forEach((event) => acknowledged.add(event.id));
          mine.splice(0, sent.length);
          tally.acknowledged += 1;
        }
      };
      const devices = unsent.map(device);
      await pause(random() * MOST_TAPPING_MS);
      await server.kill();
      tally.kills += 1;
      isOver = true;
      await Promise.all(devices);
      client.close();
    }
    const server = await Besieged.start(path);
    const client = new Client(server.address, tally);
    if (bag !== null) await lookAtRows(client, `/api/bags/${bag}/making`, acknowledged, tally);
    client.close();
    await server.stop();
  });
  return tally;
}

async function lookAtRows(
  client: Client,
  address: string,
  acknowledged: ReadonlySet<string>,
  tally: Tally,
): Promise<void> {
  const found: string[] = [];
  for (let after = 0, more = true; more;) {
    const answer = await client.ask('GET', `${address}?after=${after}`);
    if (answer?.status !== OK) {
      tally.broken.push(`the rows could not be read: ${answer?.status}`);
      return;
    }
    const told = answer.body as { events: MakingEvent[]; last: number; more: boolean };
    found.push(...told.events.map(({ id }) => id));
    [after, more] = [told.last, told.more];
  }
  const names = new Set(found);
  if (names.size !== found.length) tally.broken.push('a row was kept twice');
  for (const id of acknowledged) if (!names.has(id)) tally.lost.push(`row ${id} was acknowledged and is gone`);
}
