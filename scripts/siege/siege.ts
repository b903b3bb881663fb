/**
 * `npm run siege [minutes]`: attacks Ruelle from every side for so long, an hour at most, and says what came of it. Ends with 1 where anything that was
 * acknowledged was lost or anything broke. One of ten minutes and more also ends so where an answer took longer than it may, and adds a line to the table of `docs/reliability.md`.
 */
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fullDesign } from '../../src/core/testing/designs';
import { ROOT } from '../lib/ready.mjs';
import { jumpingClock } from './clocks';
import { badDisks } from './disks';
import { flood } from './flood';
import { hostileFiles } from './hostileFiles';
import { killServer } from './killServer';
import { killStore } from './killStore';
import { Machine } from './machine';
import { malformedRequests } from './malformedRequests';
import { soak } from './soak';
import { tapsThroughKills } from './tapsThroughKills';
import { Tally } from './tally';

const MOST_MINUTES = 60;
/** No answer takes longer, ms. */
const MOST_ANSWER_MS = 2000;
/** The shortest siege that is written down. */
const LEAST_WRITTEN_MINUTES = 10;
const TABLE = join(ROOT, 'docs', 'reliability.md');
/** So many saves make a soak of an hour. */
const SOAK_SAVES = 10_000;

const design = fullDesign();

/** The sides, and the share of the time that each of them takes where it goes by time. */
const SIDES: { name: string; attack: (seed: number, minutes: number) => Promise<Tally> }[] = [
  { name: 'the store killed', attack: (seed, minutes) => killStore(seed, inMinutes(0.48 * minutes)) },
  { name: 'the server killed', attack: (seed, minutes) => killServer(design, seed, inMinutes(0.16 * minutes)) },
  { name: 'rows counted', attack: (seed, minutes) => tapsThroughKills(design, seed, inMinutes(0.06 * minutes)) },
  { name: 'malformed requests', attack: (seed, minutes) => malformedRequests(design, seed, inMinutes(0.08 * minutes)) },
  { name: 'fifty clients', attack: (seed, minutes) => flood(design, seed, inMinutes(0.06 * minutes)) },
  {
    name: 'a jumping clock',
    attack: (seed, minutes) => jumpingClock(design, seed, inMinutes(Math.max(0.08, 0.03 * minutes))),
  },
  { name: 'bad disks', attack: (seed, minutes) => badDisks(design, seed, Math.min(5000, 1000 + 100 * minutes)) },
  { name: 'hostile files', attack: (seed, minutes) => hostileFiles(design, seed, Math.ceil(minutes / 2)) },
  { name: 'a soak', attack: (seed, minutes) => soak(design, seed, Math.round((SOAK_SAVES * minutes) / MOST_MINUTES)) },
];

const inMinutes = (minutes: number): number => performance.now() + minutes * 60_000;

async function siege(minutes: number, seed: number): Promise<void> {
  const machine = new Machine();
  machine.listen();
  const total = new Tally();
  console.log(`A siege of ${minutes} min, seed ${seed}`);
  for (const { name, attack } of SIDES) {
    const startMs = performance.now();
    const tally = await attack(seed, minutes);
    total.add(tally);
    const seconds = ((performance.now() - startMs) / 1000).toFixed(0);
    const { kills, acknowledged, lost, requests, faults } = tally;
    console.log(
      `${name.padEnd(20)} ${seconds.padStart(5)} s   kills ${kills}, acknowledged ${acknowledged}, lost ${lost.length}; requests ${requests}, faults ${faults}`,
    );
    for (const note of tally.notes) console.log(`  ${note}`);
    for (const sentence of [...lost, ...tally.broken].slice(0, 20)) console.log(`  ✗ ${sentence}`);
  }
  await machine.stop();
  const byTheClock = total.slow.filter(({ startMs, endMs }) => endMs - startMs > MOST_ANSWER_MS).length;
  const answers = total.slow
    .map((answer) => ({ what: answer.what, ms: machine.runningMs(answer) }))
    .sort((one, other) => other.ms - one.ms);
  const [slowest] = answers;
  console.log(`slowest answer: ${slowest ? `${slowest.ms.toFixed(0)} ms, ${slowest.what}` : 'under 300 ms'}`);
  console.log(
    `the machine itself stood still for ${(machine.stoodStillMs / 1000).toFixed(1)} s; a tenth of the time it was ${machine.slowestTenth.toFixed(1)} times slower than usual, or more; by the clock ${byTheClock} answers took over 2 s`,
  );
  for (const { what, ms } of answers) if (ms > MOST_ANSWER_MS) total.broken.push(`${what} took ${ms.toFixed(0)} ms`);
  if (minutes >= LEAST_WRITTEN_MINUTES) writeDown(minutes, total, slowest?.ms ?? 0);
  const isClean = total.lost.length === 0 && total.broken.length === 0;
  console.log(isClean ? 'clean' : `not clean: ${total.lost.length} lost, ${total.broken.length} broken`);
  process.exit(isClean ? 0 : 1);
}

/** Adds a line to the table of sieges, before the line with the sums, and makes those anew. */
function writeDown(
  minutes: number,
  { kills, acknowledged, lost, requests, faults, notes }: Tally,
  slowestMs: number,
): void {
  if (!existsSync(TABLE)) return;
  const memory = /memory .*?→ (\d+) MB/.exec(notes.join('\n'))?.[1] ?? '–';
  const line = [
    new Date().toISOString().slice(0, 10),
    ...[
      `${minutes} min`,
      kills,
      acknowledged,
      lost.length,
      requests,
      faults,
      `${slowestMs.toFixed(0)} ms`,
      `${memory} MB`,
    ],
  ];
  const text = readFileSync(TABLE, 'utf8');
  const rows = text.split('\n');
  const sums = rows.findIndex((row) => row.startsWith('| all '));
  if (sums < 0) return;
  rows.splice(sums, 0, `| ${line.join(' | ')} |`);
  const counted = rows.filter((row) => /^\| \d{4}-/.test(row)).map((row) => row.split('|').map((cell) => cell.trim()));
  const sum = (column: number) => counted.reduce((all, cells) => all + Number(cells[column]), 0);
  rows[sums + 1] = `| all | | ${sum(3)} | ${sum(4)} | ${sum(5)} | ${sum(6)} | ${sum(7)} | | |`;
  writeFileSync(TABLE, rows.join('\n'));
}

const minutes = Number(process.argv[2] ?? MOST_MINUTES);
const seed = Number(process.argv[3] ?? Math.floor(Date.now() / 1000) % 1_000_000);
if (!(minutes > 0 && minutes <= MOST_MINUTES)) {
  console.error(`Give the minutes: more than 0, ${MOST_MINUTES} at most.`);
  process.exit(1);
}
void siege(minutes, seed);
