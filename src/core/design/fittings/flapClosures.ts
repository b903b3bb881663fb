import { z } from 'zod';
import { SNAP_INSET_MM } from '@/core/defaults';
import { lengthMm } from '../fields';
import { closureIdSchema, onFlapFields, type OnFlap } from './onFlap';

/** A press stud of two halves that are sewn on. */
export const pressStudSchema = z.strictObject({
  kind: z.literal('press-stud'),
  ...onFlapFields,
  diameterMm: lengthMm(5, 30),
});
export type PressStud = z.infer<typeof pressStudSchema>;

/** A plate with a slot, let into the flap, and a post on the front that is turned across it. */
export const turnLockSchema = z.strictObject({
  kind: z.literal('turn-lock'),
  ...onFlapFields,
  /** The plate, across the bag and along it; the post above the front's face. */
  widthMm: lengthMm(10, 80),
  heightMm: lengthMm(8, 60),
  postMm: lengthMm(2, 20),
});
export type TurnLock = z.infer<typeof turnLockSchema>;

/** Tape with hooks on the flap, with loops on the front. */
export const hookTapeSchema = z.strictObject({
  kind: z.literal('hook-tape'),
  ...onFlapFields,
  /** Across the bag, and along it. */
  widthMm: lengthMm(10, 400),
  heightMm: lengthMm(8, 60),
});
export type HookTape = z.infer<typeof hookTapeSchema>;

/** What a button has. */
const button = {
  diameterMm: lengthMm(8, 60),
  thicknessMm: lengthMm(1, 30),
};

/** A button on the front, and a hole left in a row of the flap. */
export const buttonholeSchema = z.strictObject({
  kind: z.literal('buttonhole'),
  ...onFlapFields,
  ...button,
  /** How much smaller than the button the hole is made, since it gives: a share of diameter and thickness. */
  giveShare: z
    .number({ error: 'Write a share.' })
    .min(0, { error: 'A hole gives nothing or more.' })
    .max(0.4, { error: 'A hole gives four tenths at most.' }),
});
export type Buttonhole = z.infer<typeof buttonholeSchema>;

const onFlap = <Kind extends string>(kind: Kind) => ({
  kind,
  id: closureIdSchema.parse(kind),
  insetMm: SNAP_INSET_MM,
  layout: 'centre' as OnFlap['layout'],
  mate: 'loaded' as OnFlap['mate'],
});

/** Each as it is first put on. Sizes from memory. */
export const usualPressStud = (): PressStud => ({ ...onFlap('press-stud'), diameterMm: 13 });
export const usualTurnLock = (): TurnLock => ({ ...onFlap('turn-lock'), widthMm: 34, heightMm: 21, postMm: 7 });
export const usualHookTape = (): HookTape => ({ ...onFlap('hook-tape'), widthMm: 55, heightMm: 18 });
export const usualButtonhole = (): Buttonhole => ({
  ...onFlap('buttonhole'),
  diameterMm: 23,
  thicknessMm: 4,
  giveShare: 0.12,
});
