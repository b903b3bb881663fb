import { MM_PER_INCH, type LengthUnit } from '@/core/units';

/** A tick of a ruler: where it stands, how long it is drawn (0 to 1), and its number when it has one. */
export interface Tick {
  atMm: number;
  weight: number;
  label: string | null;
}

/**
 * The ticks of a ruler of lengths: every half centimetre with a number each centimetre or five, or every quarter inch
 * with a number each inch.
 *
 * @param lengthMm what the ruler is laid along
 * @param pxPerMm the scale on the screen, so that numbers don't run into each other
 *
 * @example
 * lengthTicks(20, 'cm', 4).map((tick) => tick.label) // => ['0', null, '1', null, '2']
 */
export function lengthTicks(lengthMm: number, unit: LengthUnit, pxPerMm: number): Tick[] {
  const stepMm = unit === 'cm' ? 5 : MM_PER_INCH / 4;
  const stepsAUnit = unit === 'cm' ? 2 : 4;
  const roomForOne = stepMm * stepsAUnit * pxPerMm >= 22;
  const labelEvery = stepsAUnit * (roomForOne ? 1 : unit === 'cm' ? 5 : 2);
  return Array.from({ length: Math.floor(lengthMm / stepMm + 1e-6) + 1 }, (_, index) => ({
    atMm: index * stepMm,
    weight: index % labelEvery === 0 ? 1 : index % stepsAUnit === 0 ? 0.7 : 0.4,
    label: index % labelEvery === 0 ? String(index / stepsAUnit) : null,
  }));
}

/**
 * The ticks of a ruler of counts: one for each row or stitch boundary, a number every ten (or more, where they are fine).
 *
 * @example
 * countTicks(4, 5, 4).map((tick) => tick.atMm) // => [0, 5, 10, 15, 20]
 */
export function countTicks(count: number, sizeMm: number, pxPerMm: number): Tick[] {
  const every = [5, 10, 20, 50, 100].find((step) => step * sizeMm * pxPerMm >= 24) ?? 100;
  return Array.from({ length: count + 1 }, (_, index) => ({
    atMm: index * sizeMm,
    weight: index % every === 0 ? 1 : index % 5 === 0 ? 0.65 : 0.35,
    label: index % every === 0 && index > 0 ? String(index) : null,
  }));
}
