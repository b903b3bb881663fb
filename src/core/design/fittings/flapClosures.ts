import { z } from 'zod';
import { SNAP_INSET_MM } from '@/core/defaults';
import { lengthMm } from '../fields';
import { USUAL_BUTTON, buttonholeFields } from './button';
import { USUAL_ACROSS, closureIdSchema, onFlapFields, type OnFlap } from './onFlap';

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

/** How long prongs can be, mm. */
export const PRONG_LIMITS = { leastMm: 2, mostMm: 30 } as const;

/** A tongue on the flap that is pushed into a catch on the front, both held by prongs. */
export const tuckLockSchema = z.strictObject({
  kind: z.literal('tuck-lock'),
  ...onFlapFields,
  /** The catch, across the bag and along it. */
  widthMm: lengthMm(10, 100),
  heightMm: lengthMm(8, 60),
  prongMm: lengthMm(PRONG_LIMITS.leastMm, PRONG_LIMITS.mostMm),
});
export type TuckLock = z.infer<typeof tuckLockSchema>;

/** A button on the front, and a hole left in the flap. */
export const buttonholeSchema = z.strictObject({
  kind: z.literal('buttonhole'),
  ...onFlapFields,
  ...buttonholeFields,
  /** In a row of the flap; or in a round of the edging along its edge. */
  madeIn: z.enum(['row', 'edging']),
});
export type Buttonhole = z.infer<typeof buttonholeSchema>;

const onFlap = <Kind extends string>(kind: Kind) => ({
  kind,
  id: closureIdSchema.parse(kind),
  insetMm: SNAP_INSET_MM,
  ...USUAL_ACROSS,
  mate: 'loaded' as OnFlap['mate'],
});

/** Each as it is first put on. Sizes from memory. */
export const usualPressStud = (): PressStud => ({ ...onFlap('press-stud'), diameterMm: 13 });
export const usualTurnLock = (): TurnLock => ({ ...onFlap('turn-lock'), widthMm: 34, heightMm: 21, postMm: 7 });
export const usualTuckLock = (): TuckLock => ({ ...onFlap('tuck-lock'), widthMm: 42, heightMm: 24, prongMm: 9 });
export const usualHookTape = (): HookTape => ({ ...onFlap('hook-tape'), widthMm: 55, heightMm: 18 });
export const usualButtonhole = (): Buttonhole => ({
  ...onFlap('buttonhole'),
  ...USUAL_BUTTON,
  madeIn: 'row',
});
