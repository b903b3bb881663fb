import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { seededRandom } from '../../src/core/random';
import { ROOT, bundle } from '../lib/ready.mjs';
import { Ledger, type BagState } from './ledger';
import { inScratch } from './scratch';
import { Tally } from './tally';

const PROGRAM = join(ROOT, '.next', 'siege-store.cjs');

/** So often a database is worked on, and the work killed, before the next begins. */
const KILLS_A_DATABASE = 40;
/** The processes side by side, each on a database of its own. */
const LANES = 2;
const MOST_WORKING_MS = 250;
/** Opening takes about as long as this: one that is killed within it is killed while it opens or brings the tables up to date, ms. */
const OPENING_MS = 450;
/** So many bags that were not worked on are looked at too after each kill. */
const OTHERS_LOOKED_AT = 10;
/** A database that takes longer to open than this can't be opened, ms. */
const MOST_OPENING_MS = 20_000;

/** Databases begin empty, or as an older Ruelle left them. */
const BEGINNINGS = [
  null,
  '0001-first-tables',
  '0002-swatch-stitch',
  '0003-things-and-patterns',
  '0004-save-ids',
  '0005-cards',
];

/**
 * Kills processes that work in the store, at random instants, while they open it, bring its tables up to date, and write; looks after each kill whether all
 * that was acknowledged is there, whole.
 *
 * @param endsMs when to stop, by `performance.now()`
 */
export async function killStore(seed: number, endsMs: number): Promise<Tally> {
  bundle('scripts/siege/storeWorker.ts', PROGRAM, ['--external:sqlite3', '--external:sequelize', '--external:umzug']);
  const tally = new Tally();
  const lanes = Array.from({ length: LANES }, (_, lane) => killInLane(seed + lane, endsMs));
  for (const one of await Promise.all(lanes)) tally.add(one);
  return tally;
}

async function killInLane(seed: number, endsMs: number): Promise<Tally> {
  const tally = new Tally();
  const random = seededRandom(seed);
  for (let database = 0; performance.now() < endsMs; database += 1)
    await inScratch(async (folder) => {
      const path = join(folder, 'bags.sqlite');
      const beginning = BEGINNINGS[Math.floor(random() * BEGINNINGS.length)] ?? null;
      if (beginning !== null) await toTheEnd([path, 'migrate', beginning]);
      const ledger = new Ledger();
      let touched = new Set<string>();
      for (let kill = 0; kill <= KILLS_A_DATABASE; kill += 1) {
        // The last look is at all of it.
        const isLast = kill === KILLS_A_DATABASE || performance.now() > endsMs;
        const ids = ledger.bags.filter(
          (id) => isLast || touched.has(id) || random() * ledger.bags.length < OTHERS_LOOKED_AT,
        );
        const isKilledOpening = !isLast && random() < 0.25;
        const before = new Set(ledger.bags);
        touched = new Set();
        await killOne({
          args: [path, String(Math.floor(random() * 1e9)), `d${database} k${kill}`, ...ids],
          ids,
          afterMs: isKilledOpening ? random() * OPENING_MS : null,
          workingMs: isLast ? 0 : random() * MOST_WORKING_MS,
          ledger,
          tally,
          touched,
        });
        for (const id of ledger.bags) if (!before.has(id)) touched.add(id);
        if (isLast) break;
      }
    });
  return tally;
}

interface Killed {
  args: readonly string[];
  /** The bags that it is to look at first. */
  ids: readonly string[];
  /** When to kill it after its start; null to let it look first, and work as long as is said. */
  afterMs: number | null;
  workingMs: number;
  ledger: Ledger;
  tally: Tally;
  /** Where the bags are noted that it worked on. */
  touched: Set<string>;
}

function killOne({ args, ids, afterMs, workingMs, ledger, tally, touched }: Killed): Promise<void> {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, [PROGRAM, ...args], { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] });
    let isKilled = false;
    let hasLooked = false;
    let said = '';
    const kill = (): void => {
      isKilled = true;
      child.kill('SIGKILL');
    };
    const timer = setTimeout(kill, afterMs ?? MOST_OPENING_MS);
    const hear = ([word, id, state]: [string, string, BagState | null]): void => {
      if (word === 'looked') {
        hasLooked = true;
        if (afterMs === null) {
          clearTimeout(timer);
          setTimeout(kill, workingMs);
        }
        return;
      }
      if (word === 'found') {
        const loss = ledger.compare(id, state);
        if (loss !== null) tally.lost.push(loss);
        return;
      }
      touched.add(id);
      if (word === 'ask') ledger.ask(id, state as BagState);
      else if (word === 'refuse') {
        ledger.refuse(id);
        tally.broken.push(`a change of bag ${id} was refused, though nobody else works on it`);
      } else {
        ledger.keep(id, state as BagState);
        tally.acknowledged += 1;
      }
    };
    let rest = '';
    child.stdout.setEncoding('utf8').on('data', (part: string) => {
      const lines = (rest + part).split('\n');
      rest = lines.pop() ?? '';
      for (const line of lines) hear(JSON.parse(line) as [string, string, BagState | null]);
    });
    child.stderr.setEncoding('utf8').on('data', (part: string) => (said += part));
    child.once('close', () => {
      clearTimeout(timer);
      tally.kills += 1;
      if (!isKilled) tally.broken.push(`the store ended by itself: ${said.slice(0, 300)}`);
      else if (afterMs === null && !hasLooked) tally.lost.push(`a database could not be opened (${ids.length} bags)`);
      // Bags that it did not come to look at are looked at next time.
      else if (!hasLooked) for (const id of ids) touched.add(id);
      resolve();
    });
  });
}

function toTheEnd(args: readonly string[]): Promise<void> {
  return new Promise((resolve, reject) => {
    const child = spawn(process.execPath, [PROGRAM, ...args], { cwd: ROOT, stdio: ['ignore', 'ignore', 'inherit'] });
    child.once('close', (code) => (code === 0 ? resolve() : reject(new Error('an older database was not made'))));
  });
}
