import { z } from 'zod';
import { count, idSchema, lengthMm } from '../fields';

/** A trim's name for the program. */
export const trimIdSchema = idSchema.brand<'TrimId'>();

/** What every trim has that sits in single places: on which face, how many beside each other, how far from its upper edge, or from the flap's edge. */
const spots = {
  id: trimIdSchema,
  on: z.enum(['front', 'flap']),
  count: count(1, 12),
  /** Down from the front's upper edge; on the flap in from its edge. */
  fromEdgeMm: lengthMm(0, 400),
};

/** What every trim has that runs along an edge. */
const along = {
  id: trimIdSchema,
  edge: z.enum(['flap', 'mouth']),
  /** One in every so many stitches. */
  every: count(1, 20),
};

/** Yarn wound over a card, tied, bound below and cut level. */
export const tasselSchema = z.strictObject({
  kind: z.literal('tassel'),
  ...spots,
  lengthMm: lengthMm(15, 200),
  wraps: count(4, 200),
});
/** Petals of chains round a ring of chains. */
export const flowerSchema = z.strictObject({
  kind: z.literal('flower'),
  ...spots,
  petals: count(3, 24),
  petalChains: count(3, 20),
  /** A button in its middle, across; null: none. */
  buttonMm: lengthMm(6, 60).nullable(),
});
/** Yarn wound and cut round. */
export const pomponSchema = z.strictObject({
  kind: z.literal('pompon'),
  ...spots,
  diameterMm: lengthMm(15, 120),
  wraps: count(20, 400),
});
/** A strip drawn together in its middle by another. */
export const bowSchema = z.strictObject({
  kind: z.literal('bow'),
  ...spots,
  widthMm: lengthMm(20, 300),
  heightMm: lengthMm(10, 150),
  of: z.enum(['crochet', 'cloth']),
});
/** A label or a patch that is sewn on. */
export const patchSchema = z.strictObject({
  kind: z.literal('patch'),
  ...spots,
  widthMm: lengthMm(8, 300),
  heightMm: lengthMm(8, 300),
});
/** A small thing that hangs from a ring. */
export const charmSchema = z.strictObject({
  kind: z.literal('charm'),
  ...spots,
  widthMm: lengthMm(4, 80),
  heightMm: lengthMm(4, 120),
});
/** Lines of slip stitch on the face, down from where they begin. */
export const surfaceLineSchema = z.strictObject({
  kind: z.literal('surface-line'),
  ...spots,
  lengthMm: lengthMm(10, 400),
});
/** Beads that are threaded on the yarn and worked in along an edge. */
export const beadsSchema = z.strictObject({
  kind: z.literal('beads'),
  ...along,
  diameterMm: lengthMm(2, 20),
  holeMm: lengthMm(0.4, 12),
});
/** Strands knotted into an edge. */
export const fringeSchema = z.strictObject({
  kind: z.literal('fringe'),
  ...along,
  lengthMm: lengthMm(10, 300),
  strands: count(1, 12),
});
/** Loops of chains along an edge. */
export const frillSchema = z.strictObject({
  kind: z.literal('frill'),
  ...along,
  chains: count(2, 20),
});

export const trimSchema = z.discriminatedUnion('kind', [
  tasselSchema,
  flowerSchema,
  pomponSchema,
  bowSchema,
  patchSchema,
  charmSchema,
  surfaceLineSchema,
  beadsSchema,
  fringeSchema,
  frillSchema,
]);
export type Trim = z.infer<typeof trimSchema>;
export type TrimKind = Trim['kind'];
export type TrimOf<Kind extends TrimKind> = Extract<Trim, { kind: Kind }>;
/** A trim in single places; and one along an edge. */
export type SpotTrim = Extract<Trim, { on: string }>;
export type EdgeTrim = Extract<Trim, { edge: string }>;

/** So many trims are planned on one bag. */
export const MOST_TRIMS = 8;

const spot = <Kind extends TrimKind>(kind: Kind) => ({
  kind,
  id: trimIdSchema.parse(kind),
  on: 'front' as const,
  count: 1,
  fromEdgeMm: 40,
});
const edge = <Kind extends TrimKind>(kind: Kind, every: number) => ({
  kind,
  id: trimIdSchema.parse(kind),
  edge: 'mouth' as const,
  every,
});

/** Each as it is first put on. Sizes from memory. */
export const USUAL_TRIMS: { readonly [Kind in TrimKind]: TrimOf<Kind> } = {
  tassel: { ...spot('tassel'), lengthMm: 65, wraps: 28 },
  flower: { ...spot('flower'), petals: 6, petalChains: 7, buttonMm: null },
  pompon: { ...spot('pompon'), diameterMm: 45, wraps: 120 },
  bow: { ...spot('bow'), widthMm: 80, heightMm: 42, of: 'crochet' },
  patch: { ...spot('patch'), widthMm: 48, heightMm: 24 },
  charm: { ...spot('charm'), widthMm: 16, heightMm: 22 },
  'surface-line': { ...spot('surface-line'), count: 3, fromEdgeMm: 12, lengthMm: 60 },
  beads: { ...edge('beads', 2), diameterMm: 4, holeMm: 1.6 },
  fringe: { ...edge('fringe', 3), lengthMm: 60, strands: 3 },
  frill: { ...edge('frill', 2), chains: 5 },
};
