import { mkdtempSync, rmSync } from 'node:fs';
import { open } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pause } from './scratch';

const EVERY_MS = 50;
/** A beat that comes so much too late was kept from it by the machine, ms. */
const LEAST_STANDSTILL_MS = 300;

/** A stretch of time, by `performance.now()`. */
export interface Stretch {
  startMs: number;
  endMs: number;
}

/**
 * Listens whether the machine itself stands still, as a shared one does now and then: it writes a little to the disk, beat after beat, and notes where that
 * came much too late. What an answer waited for the machine is not laid to Ruelle's account.
 */
export class Machine {
  private readonly standstills: Stretch[] = [];
  private isOver = false;
  private beating: Promise<void> | null = null;

  listen(): void {
    this.beating = this.beat();
  }

  async stop(): Promise<void> {
    this.isOver = true;
    await this.beating;
  }

  get stoodStillMs(): number {
    return this.standstills.reduce((sum, { startMs, endMs }) => sum + endMs - startMs, 0);
  }

  /** How much of a stretch the machine did not stand still, ms. */
  runningMs({ startMs, endMs }: Stretch): number {
    return endMs - startMs - overlapMs({ startMs, endMs }, this.standstills);
  }

  private async beat(): Promise<void> {
    const folder = mkdtempSync(join(tmpdir(), 'ruelle-beat-'));
    const file = await open(join(folder, 'beat'), 'w');
    while (!this.isOver) {
      const startMs = performance.now();
      await pause(EVERY_MS);
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
