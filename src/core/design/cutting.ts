import { z } from 'zod';
import { lengthMm } from './fields';

/** The cloth that pieces are laid on: as it lies on the bolt, and how it may be used. */
export const clothSchema = z.strictObject({
  /** From selvedge to selvedge, with both. */
  widthMm: lengthMm(200, 4000),
  /** Left out along either side. */
  selvedgeMm: lengthMm(0, 60),
  /** Left between pieces, so that the scissors go round. */
  betweenMm: lengthMm(0, 30),
  /** A nap, or a print with an up: every piece the same way round. */
  oneWay: z.boolean(),
  /** The print begins anew after so much, along the cloth; null without a print that has to match. */
  repeatMm: lengthMm(5, 1500).nullable(),
  /** So much of it is at hand; null: it is to be bought. */
  haveMm: lengthMm(10, 50_000).nullable(),
});
export type ClothOnBolt = z.infer<typeof clothSchema>;

/** As it is first taken to be. Widths that cotton is woven in, from memory. */
export const USUAL_CLOTH: ClothOnBolt = {
  widthMm: 1100,
  selvedgeMm: 10,
  betweenMm: 3,
  oneWay: false,
  repeatMm: null,
  haveMm: null,
};

/** What she measured of what she has finished; null: not measured. `of` is the whole bag from outside, or a piece as it lies flat. */
export const cameOutSchema = z.strictObject({
  of: z.enum(['bag', 'panel', 'front', 'back', 'gusset', 'disc', 'band', 'base', 'sides', 'half-disc', 'flap']),
  widthMm: lengthMm(5, 3000).nullable(),
  heightMm: lengthMm(5, 3000).nullable(),
  depthMm: lengthMm(2, 1000).nullable(),
});
export type CameOut = z.infer<typeof cameOutSchema>;
