import { z } from 'zod';
import { coordinateMm, idSchema, lengthMm, shortText } from './fields';

/** A piece of cloth that was left over: its outline, mm, the grain upwards. */
export const remnantSchema = z.strictObject({
  name: shortText(60),
  outline: z
    .array(z.tuple([coordinateMm(3000), coordinateMm(3000)]))
    .min(3, { error: 'A remnant has three corners at least.' })
    .max(40, { error: 'Forty corners are enough for a remnant.' }),
});
export type Remnant = z.infer<typeof remnantSchema>;
export const MOST_REMNANTS = 12;

/** Where she has laid a piece: of which name, how it is turned, its lower left corner, and the remnant it lies on; null: on the cloth itself. */
const laidSchema = z.strictObject({
  of: shortText(120),
  turn: z.union([z.literal(0), z.literal(90), z.literal(180), z.literal(270)]),
  xMm: coordinateMm(100_000),
  yMm: coordinateMm(100_000),
  remnant: z
    .int()
    .min(0)
    .max(MOST_REMNANTS - 1)
    .nullable(),
});
export type LaidByHand = z.infer<typeof laidSchema>;

/** Another bag of the shelf that is cut from the same cloth, by its name for the program and as it was called. */
const besideSchema = z.strictObject({ id: idSchema, name: shortText(200) });
export type BagBeside = z.infer<typeof besideSchema>;
export const MOST_BESIDE = 12;

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
  /** Whether it is cut as it lies folded, one selvedge on the other. */
  folded: z.boolean(),
  /** What was left over of it before, and is cut first. */
  remnants: z.array(remnantSchema).max(MOST_REMNANTS, { error: 'Twelve remnants are enough for one bag.' }),
  /** Bags that are cut from it too. */
  beside: z.array(besideSchema).max(MOST_BESIDE, { error: 'Twelve more bags are enough for one cloth.' }),
  /** Pieces as she has laid them; none: as the shortest layout has them. */
  laid: z.array(laidSchema).max(400, { error: 'Four hundred pieces are enough for one cloth.' }),
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
  folded: false,
  remnants: [],
  beside: [],
  laid: [],
};

/** What she measured of what she has finished; null: not measured. `of` is the whole bag from outside, or a piece as it lies flat. */
export const cameOutSchema = z.strictObject({
  of: z.enum(['bag', 'panel', 'front', 'back', 'gusset', 'disc', 'band', 'base', 'sides', 'half-disc', 'flap']),
  widthMm: lengthMm(5, 3000).nullable(),
  heightMm: lengthMm(5, 3000).nullable(),
  depthMm: lengthMm(2, 1000).nullable(),
});
export type CameOut = z.infer<typeof cameOutSchema>;

/**
 * All that came out with one more size of it; a part of which no size is left is left out.
 *
 * @example
 * cameOutWith([], 'bag', 'widthMm', 205) // => [{ of: 'bag', widthMm: 205, heightMm: null, depthMm: null }]
 */
export function cameOutWith(
  all: readonly CameOut[],
  of: CameOut['of'],
  size: 'widthMm' | 'heightMm' | 'depthMm',
  mm: number | null,
): CameOut[] {
  const before = all.find((one) => one.of === of);
  const now: CameOut = { of, widthMm: null, heightMm: null, depthMm: null, ...before, [size]: mm };
  const others = all.filter((one) => one.of !== of);
  const isEmpty = now.widthMm === null && now.heightMm === null && now.depthMm === null;
  return isEmpty ? others : [...others, now];
}
