import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Design } from '../../src/core/design';
import { seededRandom } from '../../src/core/random';
import { Ledger } from './ledger';
import { lookAt } from './lookAt';
import { makersAtWork } from './makers';
import { onServer } from './onServer';
import { inScratch } from './scratch';
import { Tally } from './tally';

const MAKERS = 4;

/** Run before the server: its clock jumps by up to ten years, forth and back, five times a second. */
const JUMPING = `
const now = Date.now;
const RealDate = Date;
let offMs = 0;
setInterval(() => { offMs = (Math.random() - 0.5) * 20 * 365 * 86400e3; }, 200).unref();
const jumped = () => Math.round(now() + offMs);
globalThis.Date = new Proxy(RealDate, {
  construct: (target, given, as) => Reflect.construct(target, given.length === 0 ? [jumped()] : given, as),
  apply: () => new RealDate(jumped()).toString(),
  get: (target, name) => (name === 'now' ? jumped : Reflect.get(target, name)),
});
`;

/** Work while the server's clock jumps: what is saved rests on no clock. */
export async function jumpingClock(design: Design, seed: number, endsMs: number): Promise<Tally> {
  const tally = new Tally();
  const random = seededRandom(seed);
  await inScratch(async (folder) => {
    const preload = join(folder, 'jumping.cjs');
    writeFileSync(preload, JUMPING);
    const path = join(folder, 'bags.sqlite');
    const ledger = new Ledger();
    // Stopped and started between, so that it wakes in another year.
    for (let start = 0; start === 0 || performance.now() < endsMs; start += 1) {
      const environment = { NODE_OPTIONS: `--require ${preload}` };
      await onServer({ path, design, tally, environment }, async ({ server, place }) => {
        await lookAt(ledger.bags.slice(-20), ledger, place.look, tally);
        const stopsMs = Math.min(endsMs, performance.now() + 5000);
        const isOver = () => performance.now() > stopsMs || !server.isRunning;
        tally.acknowledged += await makersAtWork(place, ledger, { makers: MAKERS, name: `c${start}`, random, isOver });
        await lookAt(ledger.bags.slice(-20), ledger, place.look, tally);
      });
    }
  });
  return tally;
}
