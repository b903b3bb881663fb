import { join } from 'node:path';
import { seededRandom } from '../../src/core/random';
import type { Design } from '../../src/core/design';
import { Besieged } from './besieged';
import { Client } from './client';
import { Ledger } from './ledger';
import { lookAt } from './lookAt';
import { makersAtWork } from './makers';
import { onServer } from './onServer';
import { overHttp } from './overHttp';
import { inScratch, pause } from './scratch';
import { Tally } from './tally';

const MAKERS = 6;
/** So often a server is killed on one database before the next begins with an empty one. */
const KILLS_A_DATABASE = 20;
/** A start takes about as long as this: one that is killed within it is killed while it starts, ms. */
const STARTING_MS = 1500;
const MOST_WORKING_MS = 1200;
/** So many bags that were not worked on are looked at too after each kill. */
const OTHERS_LOOKED_AT = 5;

/**
 * Kills the server at random instants, while makers save, begin, copy and put away bags, and while it starts; looks after each kill whether all that was
 * acknowledged is there, whole.
 *
 * @param endsMs when to stop, by `performance.now()`
 */
export async function killServer(design: Design, seed: number, endsMs: number): Promise<Tally> {
  const tally = new Tally();
  const random = seededRandom(seed);
  for (let database = 0; performance.now() < endsMs; database += 1)
    await inScratch(async (folder) => {
      const path = join(folder, 'bags.sqlite');
      const ledger = new Ledger();
      let touched: string[] = [];
      for (let kill = 0; kill < KILLS_A_DATABASE && performance.now() < endsMs; kill += 1) {
        if (random() < 0.2) {
          await Besieged.startAndKill(path, random() * STARTING_MS);
          tally.kills += 1;
          continue;
        }
        const server = await Besieged.start(path);
        const client = new Client(server.address, tally);
        const place = overHttp(client, design, tally);
        const others = ledger.bags.filter(() => random() * ledger.bags.length < OTHERS_LOOKED_AT);
        await lookAt([...new Set([...touched, ...others])], ledger, place.look, tally);
        let isOver = false;
        const before = new Map(ledger.bags.map((id) => [id, ledger.stateOf(id)]));
        const name = `d${database} k${kill}`;
        const worked = makersAtWork(place, ledger, { makers: MAKERS, name, random, isOver: () => isOver });
        await pause(random() * MOST_WORKING_MS);
        await server.kill();
        tally.kills += 1;
        isOver = true;
        tally.acknowledged += await worked;
        client.close();
        touched = ledger.bags.filter((id) => before.get(id) !== ledger.stateOf(id) || ledger.isAsked(id));
      }
      // All of it, once more, at the end of this database.
      await onServer({ path, design, tally }, ({ place }) => lookAt(ledger.bags, ledger, place.look, tally));
    });
  return tally;
}
