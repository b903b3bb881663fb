/** Kills the server under saves and taps until five hundred of them were acknowledged, and prints what was lost of them as JSON. */
import { fullDesign } from '../src/core/testing/designs';
import { killServer } from './siege/killServer';
import { Tally } from './siege/tally';
import { tapsThroughKills } from './siege/tapsThroughKills';

const ACKNOWLEDGED = 500;
/** So long of each kind, in turn, ms; and no longer in all. */
const TURN_MS = 12_000;
const MOST_MS = 8 * 60_000;

async function main(): Promise<void> {
  const total = new Tally();
  const design = fullDesign();
  const ends = performance.now() + MOST_MS;
  for (let seed = 1; total.acknowledged < ACKNOWLEDGED && performance.now() < ends; seed += 1) {
    total.add(await tapsThroughKills(design, seed, performance.now() + TURN_MS));
    total.add(await killServer(design, seed, performance.now() + TURN_MS));
  }
  const { acknowledged, kills, lost } = total;
  process.stdout.write(JSON.stringify({ acknowledged, kills, lost: lost.length }));
  process.exit(lost.length > 0 ? 1 : 0);
}

void main();
