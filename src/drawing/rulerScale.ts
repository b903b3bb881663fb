import { MM_PER_INCH, type LengthUnit } from '@/core/units';

/** Evenly spaced ticks of a ruler, the first at its 0. Longer ones lie over shorter ones. */
export interface Ticks {
  everyMm: number;
  /** How many there are, the one at 0 counted. */
  count: number;
  /** How long they are drawn, 0 to 1. */
  weight: number;
}

/** What is on a ruler: its ticks, the shortest first, and its numbers. */
export interface RulerScale {
  ticks: Ticks[];
  numbers: { atMm: number; text: string }[];
}

/**
 * The scale of a ruler of lengths: a tick every half centimetre with a number each centimetre or five, or every quarter inch
 * with a number each inch or two.
 *
 * @param lengthMm what the ruler is laid along
 * @param pxPerMm the scale on the screen, so that numbers don't run into each other
 *
 * @example
 * lengthScale(20, 'cm', 4).numbers.map(({ text }) => text) // => ['0', '1', '2']
 */
export function lengthScale(lengthMm: number, unit: LengthUnit, pxPerMm: number): RulerScale {
  const stepMm = unit === 'cm' ? 5 : MM_PER_INCH / 4;
  const stepsAUnit = unit === 'cm' ? 2 : 4;
  const roomForOne = stepMm * stepsAUnit * pxPerMm >= 22;
  const numberEvery = stepsAUnit * (roomForOne ? 1 : unit === 'cm' ? 5 : 2);
  const steps = Math.floor(lengthMm / stepMm + 1e-6);
  const ticks = ticksEvery(stepMm, steps);
  return {
    ticks: [ticks(1, 0.4), ticks(stepsAUnit, 0.7), ticks(numberEvery, 1)],
    numbers: numbersEvery(numberEvery, steps, stepMm, stepsAUnit),
  };
}

/**
 * The scale of a ruler of counts: a tick for each row or stitch boundary, a number every five, ten or more, as they have room.
 *
 * @example
 * countScale(4, 5, 4).ticks[0] // => { everyMm: 5, count: 5, weight: 0.35 }
 */
export function countScale(count: number, sizeMm: number, pxPerMm: number): RulerScale {
  const numberEvery = [5, 10, 20, 50, 100].find((step) => step * sizeMm * pxPerMm >= 24) ?? 100;
  const ticks = ticksEvery(sizeMm, count);
  return {
    ticks: [ticks(1, 0.35), ticks(5, 0.65), ticks(numberEvery, 1)],
    // Row 0 is no row.
    numbers: numbersEvery(numberEvery, count, sizeMm, 1).slice(1),
  };
}

const ticksEvery =
  (stepMm: number, steps: number) =>
  (every: number, weight: number): Ticks => ({
    everyMm: every * stepMm,
    count: Math.floor(steps / every) + 1,
    weight,
  });

const numbersEvery = (every: number, steps: number, stepMm: number, stepsAUnit: number) =>
  Array.from({ length: Math.floor(steps / every) + 1 }, (_, index) => ({
    atMm: index * every * stepMm,
    text: String((index * every) / stepsAUnit),
  }));
