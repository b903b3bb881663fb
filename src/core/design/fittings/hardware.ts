import { z } from 'zod';
import { count, idSchema, lengthMm } from '../fields';

/** A piece of hardware's name for the program. */
export const hardwareIdSchema = idSchema.brand<'HardwareId'>();

/** What all hardware has: on which face, or at both sides, how many beside each other, how far from the upper edge, or in from the flap's. */
const spots = {
  id: hardwareIdSchema,
  on: z.enum(['sides', 'front', 'back', 'flap']),
  /** Beside each other on a face; at the sides there is one at each. */
  count: count(1, 24),
  fromEdgeMm: lengthMm(0, 400),
};

/** A ring, round or like a D, for a clasp, a strap or a key. */
export const ringSchema = z.strictObject({
  kind: z.literal('ring'),
  ...spots,
  shape: z.enum(['round', 'd']),
  insideMm: lengthMm(4, 100),
  wireMm: lengthMm(0.8, 10),
  /** In the seam at the side, in a folded tab, worked in with a slip stitch, or sewn over. */
  held: z.enum(['seam', 'tab', 'worked-in', 'sewn']),
});
export type Ring = z.infer<typeof ringSchema>;

/** Two heads and a shank between them. */
export const rivetSchema = z.strictObject({
  kind: z.literal('rivet'),
  ...spots,
  headMm: lengthMm(3, 25),
  /** The shank, from head to end before it is set. */
  shankMm: lengthMm(2, 30),
});
export type Rivet = z.infer<typeof rivetSchema>;

export const eyeletSchema = z.strictObject({
  kind: z.literal('eyelet'),
  ...spots,
  holeMm: lengthMm(2, 40),
  /** The rim beyond the hole. */
  rimMm: lengthMm(1, 15),
  /** The barrel, from the rim to its end before it is set. */
  barrelMm: lengthMm(2, 30),
});
export type Eyelet = z.infer<typeof eyeletSchema>;

/** A swivel clasp, for keys or for something with a ring. */
export const claspSchema = z.strictObject({
  kind: z.literal('clasp'),
  ...spots,
  /** Its eye, inside, which the tab goes through. */
  insideMm: lengthMm(4, 60),
  lengthMm: lengthMm(15, 120),
});
export type Clasp = z.infer<typeof claspSchema>;

/** A plate with holes that a ready-made handle clips or buckles to. */
export const handlePlateSchema = z.strictObject({
  kind: z.literal('handle-plate'),
  ...spots,
  widthMm: lengthMm(10, 120),
  heightMm: lengthMm(10, 150),
  /** Holes that it is sewn through. */
  holes: count(2, 40),
});
export type HandlePlate = z.infer<typeof handlePlateSchema>;

export const hardwareSchema = z.discriminatedUnion('kind', [
  ringSchema,
  rivetSchema,
  eyeletSchema,
  claspSchema,
  handlePlateSchema,
]);
export type Hardware = z.infer<typeof hardwareSchema>;
export type HardwareKind = Hardware['kind'];
export type HardwareOf<Kind extends HardwareKind> = Extract<Hardware, { kind: Kind }>;

/** So much hardware is planned on one bag. */
export const MOST_HARDWARE = 8;

const put = <Kind extends HardwareKind>(kind: Kind, on: Hardware['on'], count = 1) => ({
  kind,
  id: hardwareIdSchema.parse(kind),
  on,
  count,
  fromEdgeMm: 25,
});

/** Each as it is first put on. Sizes from memory. */
export const USUAL_HARDWARE: { readonly [Kind in HardwareKind]: HardwareOf<Kind> } = {
  ring: { ...put('ring', 'sides'), shape: 'd', insideMm: 22, wireMm: 3, held: 'tab' },
  rivet: { ...put('rivet', 'front', 2), headMm: 8, shankMm: 10 },
  eyelet: { ...put('eyelet', 'front', 4), holeMm: 7, rimMm: 3, barrelMm: 6 },
  clasp: { ...put('clasp', 'back'), insideMm: 18, lengthMm: 42 },
  'handle-plate': { ...put('handle-plate', 'front', 2), widthMm: 24, heightMm: 34, holes: 6 },
};
