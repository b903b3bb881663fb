import { z } from 'zod';
import { count, idSchema, lengthMm } from '../fields';

/** So many pockets are planned in one bag. */
export const MOST_POCKETS = 8;

/** What every pocket has: the wall that it is on, where, and the thing that it is for. */
const placed = {
  on: z.enum(['front', 'back']),
  /** Its upper edge lies so far below the mouth. */
  fromMouthMm: lengthMm(0, 400),
  /** Its middle from the wall's; more is away from the working hand's edge. */
  acrossMm: lengthMm(-300, 300),
  /** What of the things carried it is for, by its id; null: nothing that is on the list. */
  holds: idSchema.nullable(),
};

/** How large it is finished; null: as its thing needs it, or as is usual. */
const sized = {
  widthMm: lengthMm(15, 500).nullable(),
  heightMm: lengthMm(15, 500).nullable(),
};

const ofCloth = { seamMm: lengthMm(3, 30), hemMm: lengthMm(5, 60) };

/** A piece of cloth with a hem, sewn on at its sides and its bottom. */
export const slipPocketSchema = z.strictObject({ kind: z.literal('slip'), ...placed, ...sized, ...ofCloth });
/** The same, sewn down between its parts. */
export const dividedPocketSchema = z.strictObject({
  kind: z.literal('divided'),
  ...placed,
  ...sized,
  ...ofCloth,
  parts: count(2, 8),
});
/** A bag of cloth behind a slit in the lining that a zipper closes. */
export const zippedPocketSchema = z.strictObject({
  kind: z.literal('zipped'),
  ...placed,
  ...sized,
  seamMm: lengthMm(3, 30),
});
/** A piece of the bag's own fabric, sewn on outside. */
export const crochetPocketSchema = z.strictObject({ kind: z.literal('crocheted'), ...placed, ...sized });
/** Clear vinyl outside, its holes made first, sewn on through them with backstitch. */
export const vinylPocketSchema = z.strictObject({
  kind: z.literal('vinyl'),
  ...placed,
  ...sized,
  pitchMm: lengthMm(3, 15),
  holesInMm: lengthMm(3, 15),
});
/** A strip sewn on at both ends, for a pen or a key. */
export const loopPocketSchema = z.strictObject({
  kind: z.literal('loop'),
  ...placed,
  /** How wide the strip is. */
  heightMm: lengthMm(6, 60),
  /** How much of it stands free between its ends; null: as its thing needs it. */
  girthMm: lengthMm(10, 400).nullable(),
});

export const pocketSchema = z.discriminatedUnion('kind', [
  slipPocketSchema,
  dividedPocketSchema,
  zippedPocketSchema,
  crochetPocketSchema,
  vinylPocketSchema,
  loopPocketSchema,
]);
export type Pocket = z.infer<typeof pocketSchema>;
export type PocketKind = Pocket['kind'];
export type PocketOf<Kind extends PocketKind> = Extract<Pocket, { kind: Kind }>;

/** Pockets that are sewn on outside, before the bag is joined; all others are inside. */
export const isOutside = ({ kind }: { kind: PocketKind }): boolean => kind === 'crocheted' || kind === 'vinyl';

const usual = { acrossMm: 0, holds: null as string | null };
const asNeeded = { widthMm: null as number | null, heightMm: null as number | null };

/** Each as it is first put in. Places and allowances from common practice, no source. */
export const USUAL_POCKETS: { readonly [Kind in PocketKind]: PocketOf<Kind> } = {
  slip: { kind: 'slip', on: 'back', fromMouthMm: 30, ...usual, ...asNeeded, seamMm: 10, hemMm: 20 },
  divided: { kind: 'divided', on: 'back', fromMouthMm: 30, ...usual, ...asNeeded, seamMm: 10, hemMm: 20, parts: 2 },
  zipped: { kind: 'zipped', on: 'back', fromMouthMm: 40, ...usual, ...asNeeded, seamMm: 10 },
  crocheted: { kind: 'crocheted', on: 'back', fromMouthMm: 30, ...usual, ...asNeeded },
  vinyl: { kind: 'vinyl', on: 'back', fromMouthMm: 30, ...usual, ...asNeeded, pitchMm: 6, holesInMm: 6 },
  loop: { kind: 'loop', on: 'back', fromMouthMm: 20, ...usual, heightMm: 10, girthMm: null },
};
