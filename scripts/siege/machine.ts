import { mkdtempSync, rmSync } from 'node:fs';
import { open } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pause } from './scratch';

const EVERY_MS = 50;
/** A beat that comes so much too late was kept from it by the machine, ms. */
const LEAST_STANDSTILL_MS = 300;
/** Rounds of the fixed sum: about half a millisecond of work. */
const SUM_ROUNDS = 400_000;
/** Of all beats the share that ran best is the machine's usual pace. */
const USUAL_SHARE = 0.25;

/** A stretch of time, by `performance.now()`. */
export interface Stretch {
  startMs: number;
  endMs: number;
}

/** What a beat of the machine cost: the time of the processor that a fixed sum took, which does not grow with what else is at work. */
interface Beat {
  atMs: number;
  costMs: number;
}

/**
 * Listens whether the machine itself stands still or slows down, as a shared one does now and then. Beat after beat it writes a little to the disk, and notes
 * where that came much too late; and it does a fixed sum, and notes what that cost of the processor's own time. What an answer waited for the machine is not laid to Ruelle's account.
 */
export class Machine {
  private readonly standstills: Stretch[] = [];
  private readonly beats: Beat[] = [];
  private usualMs = 1;
  private isOver = false;
  private beating: Promise<void> | null = null;

  listen(): void {
    this.beating = this.beat();
  }

  async stop(): Promise<void> {
    this.isOver = true;
    await this.beating;
    this.usualMs = usualCostMs(this.beats);
  }

  get stoodStillMs(): number {
    return this.standstills.reduce((sum, { startMs, endMs }) => sum + endMs - startMs, 0);
  }

  /** How many times longer than usual the slowest tenth of the beats took. */
  get slowestTenth(): number {
    return at(sortedCosts(this.beats), 0.9) / this.usualMs;
  }

  /** What a stretch would have taken without standstills and at the machine's usual pace, ms; once it has stopped to listen. */
  runningMs({ startMs, endMs }: Stretch): number {
    return (
      (endMs - startMs - overlapMs({ startMs, endMs }, this.standstills)) /
      slownessIn(this.beats, this.usualMs, { startMs, endMs })
    );
  }

  private async beat(): Promise<void> {
    const folder = mkdtempSync(join(tmpdir(), 'ruelle-beat-'));
    const file = await open(join(folder, 'beat'), 'w');
    while (!this.isOver) {
      const startMs = performance.now();
      await pause(EVERY_MS);
      this.beats.push({ atMs: performance.now(), costMs: costOfSumMs() });
      await file.write(Buffer.alloc(512, 1), 0, 512, 0);
      await file.datasync();
      const endMs = performance.now();
      if (endMs - startMs > EVERY_MS + LEAST_STANDSTILL_MS)
        this.standstills.push({ startMs: startMs + EVERY_MS, endMs });
    }
    await file.close();
    rmSync(folder, { recursive: true });
  }
}

/**
 * How much of one stretch lies in others, which don't overlap each other.
 *
 * @example
 * overlapMs({ startMs: 0, endMs: 10 }, [{ startMs: 8, endMs: 30 }]) // => 2
 */
export const overlapMs = ({ startMs, endMs }: Stretch, others: readonly Stretch[]): number =>
  others.reduce((sum, other) => sum + Math.max(0, Math.min(endMs, other.endMs) - Math.max(startMs, other.startMs)), 0);

const sortedCosts = (beats: readonly Beat[]): number[] =>
  beats.map(({ costMs }) => costMs).sort((one, other) => one - other);

const at = (sorted: readonly number[], share: number): number => sorted[Math.floor(share * (sorted.length - 1))] ?? 1;

/** What a beat costs when nothing slows the machine down, ms. */
export const usualCostMs = (beats: readonly Beat[]): number => at(sortedCosts(beats), USUAL_SHARE);

/**
 * How many times slower than usual the machine was in a stretch, by the middle one of its beats; 1 where it was faster, or where no beat fell into it.
 *
 * @param usualMs what a beat usually costs, ms
 *
 * @example
 * const beats = [1, 1, 1, 1, 4, 4, 4].map((costMs, atMs) => ({ atMs, costMs }));
 * slownessIn(beats, 1, { startMs: 4, endMs: 6 }) // => 4
 */
export const slownessIn = (beats: readonly Beat[], usualMs: number, { startMs, endMs }: Stretch): number => {
  const within = beats.filter(({ atMs }) => atMs >= startMs && atMs <= endMs);
  return within.length === 0 ? 1 : Math.max(1, at(sortedCosts(within), 0.5) / usualMs);
};

/** The processor's own time that a fixed sum takes, ms. */
function costOfSumMs(): number {
  const before = process.cpuUsage();
  let sum = 0;
  for (let round = 0; round < SUM_ROUNDS; round += 1) sum = (sum * 31 + round) | 0;
  const { user, system } = process.cpuUsage(before);
  return sum === 0.5 ? 0 : (user + system) / 1000;
}
