import { thingIdSchema, type Thing } from '@/core/design';

const thing = (id: string, parts: Omit<Thing, 'id' | 'known' | 'turns'> & Partial<Thing>): Thing => ({
  turns: 'in-the-plane',
  known: null,
  ...parts,
  id: thingIdSchema.parse(id),
});

/** What the band carries, measured by its maker. */
export const THINGS = {
  marchCards: thing('march-cards', {
    name: 'March cards in their band',
    widthMm: 174,
    heightMm: 121,
    thicknessMm: 9,
    massG: 128,
  }),
  pencil: thing('pencil', { name: 'Pencil', widthMm: 7, heightMm: 172, thicknessMm: 7, massG: 6 }),
  glasses: thing('glasses', {
    name: 'Reading glasses, folded',
    widthMm: 139,
    heightMm: 41,
    thicknessMm: 22,
    massG: 31,
  }),
  mouthpiece: thing('mouthpiece', { name: 'Cornet mouthpiece', widthMm: 28, heightMm: 67, thicknessMm: 28, massG: 94 }),
  pastilles: thing('pastilles', { name: 'Tin of pastilles', widthMm: 74, heightMm: 51, thicknessMm: 19, massG: 58 }),
  cashBook: thing('cash-book', { name: 'Cash book', widthMm: 147, heightMm: 187, thicknessMm: 13, massG: 264 }),
  coinBag: thing('coin-bag', { name: 'Bag of coins', widthMm: 92, heightMm: 71, thicknessMm: 26, massG: 318 }),
  soloParts: thing('solo-parts', {
    name: 'Solo parts, folded',
    widthMm: 141,
    heightMm: 104,
    thicknessMm: 6,
    massG: 52,
  }),
  tuner: thing('tuner', { name: 'Tuner in its box', widthMm: 88, heightMm: 97, thicknessMm: 21, massG: 73 }),
  hallKeys: thing('hall-keys', {
    name: 'Keys of the hall',
    widthMm: 61,
    heightMm: 97,
    thicknessMm: 17,
    massG: 112,
    turns: 'any-way',
  }),
};

/** Things of hers that come up when she lists what goes into the next bag. */
export const demoThings = (): Thing[] => Object.values(THINGS);
