import { z } from 'zod';
import { count } from './fields';

const number = (least: number, most: number) => {
  const error = `Write a number from ${least} to ${most}.`;
  return z.number({ error }).min(least, { error }).max(most, { error });
};

/** What bags that were made taught: its value, how far the next bag may be from it (95 %), and how many bags it rests on. */
const correction = (least: number, most: number, mostPlusMinus: number) =>
  z
    .strictObject({ value: number(least, most), plusMinus: number(0, mostPlusMinus), bags: count(1, 100_000) })
    .nullable();

/** Corrections that she has taken from her logbook into this bag; null each where she hasn't. */
export const correctedSchema = z.strictObject({
  /** A stitch of the bag as a multiple of the swatch's, and a row. The ± is a share of it. */
  stitchWidth: correction(0.4, 2.5, 1),
  rowHeight: correction(0.4, 2.5, 1),
  /** What a strap gains in time, as a share of what it has stretched at first. The ± is such a share. */
  creep: correction(0, 3, 3),
  /** Yarn as a multiple of what the plan reckons. The ± is a share of it. */
  yarn: correction(0.2, 5, 1),
  /** Hours of work for 1,000 stitches. The ± is a share of it. */
  pace: correction(0.01, 200, 3),
});
export type Corrected = z.infer<typeof correctedSchema>;
export type Correction = NonNullable<Corrected['pace']>;

export const UNCORRECTED: Corrected = { stitchWidth: null, rowHeight: null, creep: null, yarn: null, pace: null };

/** How a price is made of what a bag costs: materials and hours; or so many times the materials. Makers hold with either. */
export const sellingSchema = z.strictObject({
  by: z.enum(['hours', 'materials'], { error: 'Choose how the price is made.' }),
  perHour: number(0, 100_000),
  /** Hours of work; null: as they are reckoned from the stitches. */
  hours: number(0, 10_000).nullable(),
  /** The materials, so many times. */
  times: number(1, 100),
  /** What comes to it besides: packing, fees, the way to the market. */
  besides: number(0, 1_000_000),
});
export type Selling = z.infer<typeof sellingSchema>;

/** As it is first asked for. Three times the materials: common practice, no source. */
export const USUAL_SELLING: Selling = { by: 'hours', perHour: 0, hours: null, times: 3, besides: 0 };
