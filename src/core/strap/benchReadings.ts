import { massOfPullG } from './stretch';

/** What a pull gauge and the tape beside it say at one moment. */
export interface BenchReading {
  pullN: number;
  lengthMm: number;
}

/**
 * Reads a line as a pull gauge sends it: the pull in newtons, and the length on the tape in mm.
 *
 * @returns null for a line that is broken off, or no reading: one is left out, and the next one is as good
 *
 * @example
 * readBenchLine('P 4.91 L 203.4') // => { pullN: 4.91, lengthMm: 203.4 }
 * readBenchLine('P 4.9') // => null
 */
export function readBenchLine(line: string): BenchReading | null {
  const [, pull, length] = /^P (-?\d+(?:\.\d+)?) L (\d+(?:\.\d+)?)$/.exec(line.trim()) ?? [];
  return pull === undefined || length === undefined ? null : { pullN: Number(pull), lengthMm: Number(length) };
}

/** Readings that are taken together, and how far apart the least and the most of them may be. Ours. */
const TOGETHER = 8;
const STEADY = { pullN: 0.6, lengthMm: 2 } as const;

/** What a strip came to on the gauge: its length, and the mass whose pull that is. */
export interface HeldReading {
  lengthMm: number;
  massG: number;
}

/**
 * The last readings as one, once they hold still: their mean.
 *
 * @returns null while they move, or are too few
 *
 * @example
 * heldReading(Array.from({ length: 8 }, () => ({ pullN: 4.903325, lengthMm: 203 }))) // => { lengthMm: 203, massG: 500 }
 * heldReading([{ pullN: 5, lengthMm: 203 }]) // => null
 */
export function heldReading(readings: readonly BenchReading[]): HeldReading | null {
  const last = readings.slice(-TOGETHER);
  if (last.length < TOGETHER) return null;
  const pulls = last.map(({ pullN }) => pullN);
  const lengths = last.map(({ lengthMm }) => lengthMm);
  if (spread(pulls) > STEADY.pullN || spread(lengths) > STEADY.lengthMm) return null;
  return {
    lengthMm: Math.round(10 * mean(lengths)) / 10,
    massG: Math.max(0, Math.round(massOfPullG(mean(pulls)))),
  };
}

const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;
const spread = (values: readonly number[]): number => Math.max(...values) - Math.min(...values);
