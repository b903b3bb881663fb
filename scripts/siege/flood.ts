import { join } from 'node:path';
import type { Design } from '../../src/core/design';
import { seededRandom } from '../../src/core/random';
import { Ledger } from './ledger';
import { lookAt } from './lookAt';
import { makersAtWork } from './makers';
import { onServer } from './onServer';
import { inScratch, pause } from './scratch';
import { Tally } from './tally';

const MAKERS = 40;
const READERS = 10;
/** The program saves a second after a change: so long, on the whole, everyone here waits between two steps, ms. */
const LEAST_REST_MS = 500;
const MOST_REST_MS = 1500;
const READ = [
  '/',
  '/api/bags',
  '/api/bags?offset=20&limit=20',
  '/api/swatches',
  '/api/things',
  '/api/notions',
  '/swatches',
  '/api/health',
];

/** Fifty clients at once: most of them work, as fast as the program saves, the others look at the shelf and the libraries, page after page. */
export async function flood(design: Design, seed: number, endsMs: number): Promise<Tally> {
  const tally = new Tally();
  const random = seededRandom(seed);
  await inScratch((folder) =>
    onServer({ path: join(folder, 'bags.sqlite'), design, tally }, async ({ server, client, place }) => {
      // Looked at once: what a first page costs after a start is measured elsewhere.
      for (const page of READ) await client.ask('GET', page);
      const ledger = new Ledger();
      const isOver = () => performance.now() > endsMs || !server.isRunning;
      const rest = () => pause(LEAST_REST_MS + random() * (MOST_REST_MS - LEAST_REST_MS));
      const read = async (): Promise<void> => {
        while (!isOver()) {
          await client.ask('GET', READ[Math.floor(random() * READ.length)] as string);
          await rest();
        }
      };
      const readers = Array.from({ length: READERS }, read);
      tally.acknowledged += await makersAtWork(place, ledger, { makers: MAKERS, name: 'flood', random, isOver, rest });
      await Promise.all(readers);
      if (server.isRunning) await lookAt(ledger.bags, ledger, place.look, tally);
    }),
  );
  return tally;
}
