import { z } from 'zod';
import { LINING_STUFFS, count, idSchema, lengthMm, massG, remnantSchema, shortText } from '@/core/design';
import { priceSchema } from '@/core/notions';

/** An item's name for the program. Branded, so that it never passes for a bag's. */
export const stockIdSchema = idSchema.brand<'StockId'>();
export type StockId = z.infer<typeof stockIdSchema>;

const words = (most: number) =>
  z
    .string()
    .trim()
    .max(most, { error: `Keep it to ${most} characters.` });
const common = { id: stockIdSchema, name: shortText(80), price: priceSchema };

/** Yarn: whole balls, and opened ones by the scale. Its price is that of a ball. */
const yarnSchema = z.strictObject({
  kind: z.literal('yarn'),
  ...common,
  colour: words(40),
  weightClass: z.number().int().min(0).max(7).nullable(),
  ballMassG: massG(0, 5000),
  ballLengthM: z
    .number({ error: 'Write the length of one ball, in metres.' })
    .min(0, { error: 'A length is nought or more.' })
    .max(20_000, { error: 'A ball has 20 000 m at most.' }),
  dyeLot: words(40),
  balls: count(0, 9999),
  openedG: z.array(massG(0, 5000)).max(40, { error: 'Forty opened balls are enough.' }),
});
export type StockYarn = z.infer<typeof yarnSchema>;

/** Cloth on a bolt. Its price is that of a metre. */
const clothSchema = z.strictObject({
  kind: z.literal('cloth'),
  ...common,
  stuff: z.enum(LINING_STUFFS),
  widthMm: lengthMm(50, 4000),
  lengthMm: lengthMm(0, 100_000),
});
export type StockCloth = z.infer<typeof clothSchema>;

/** What was left over of a cloth: its outline, mm, the grain upwards. */
const remnantItemSchema = z.strictObject({
  kind: z.literal('remnant'),
  ...common,
  stuff: z.enum(LINING_STUFFS),
  outline: remnantSchema.shape.outline,
});
export type StockRemnant = z.infer<typeof remnantItemSchema>;

/** Zippers, buttons, thread, snaps in a box: counted. */
const otherSchema = z.strictObject({ kind: z.literal('other'), ...common, count: count(0, 99_999) });
export type StockOther = z.infer<typeof otherSchema>;

export const stockItemSchema = z.discriminatedUnion('kind', [yarnSchema, clothSchema, remnantItemSchema, otherSchema]);
export type StockItem = z.infer<typeof stockItemSchema>;
export type StockKind = StockItem['kind'];

/** As each is first put in. Sizes from memory. */
export const USUAL_STOCK: { [Kind in StockKind]: Omit<Extract<StockItem, { kind: Kind }>, 'id'> } = {
  yarn: {
    kind: 'yarn',
    ...{ name: 'Yarn', price: null, colour: '', weightClass: null, dyeLot: '' },
    ...{ ballMassG: 50, ballLengthM: 100, balls: 1, openedG: [] },
  },
  cloth: { kind: 'cloth', name: 'Cloth', price: null, stuff: 'cloth', widthMm: 1100, lengthMm: 500 },
  remnant: {
    kind: 'remnant',
    ...{ name: 'Remnant', price: null, stuff: 'cloth' },
    outline: [
      [0, 0],
      [550, 0],
      [550, 500],
      [0, 500],
    ],
  },
  other: { kind: 'other', name: 'Buttons', price: null, count: 1 },
};

/**
 * How much yarn there is in all: whole balls and what is left of opened ones, g.
 *
 * @example
 * yarnInStoreG({ ballMassG: 50, balls: 3, openedG: [21, 8] }) // => 179
 */
export const yarnInStoreG = ({
  ballMassG,
  balls,
  openedG,
}: Pick<StockYarn, 'ballMassG' | 'balls' | 'openedG'>): number =>
  balls * ballMassG + openedG.reduce((sum, mass) => sum + mass, 0);

/** Whether two names are of one thing: letters alike, whatever their case and the room between them. */
export const isSameName = (one: string, other: string): boolean => plain(one) === plain(other);
const plain = (name: string): string => name.trim().toLowerCase().replace(/\s+/g, ' ');
