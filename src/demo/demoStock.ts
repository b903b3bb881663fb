import { stockIdSchema, type StockItem } from '@/core/stock';

const id = (name: string) => stockIdSchema.parse(name);

/** What lies on the maker's shelves: yarn, cloth, what is left over of it, and what is counted. */
export const demoStock = (): StockItem[] => [
  {
    ...{
      id: id('stock-harbour'),
      kind: 'yarn',
      name: 'Harbour cotton',
      price: 4.3,
      colour: 'harbour blue',
    },
    ...{ weightClass: 3, ballMassG: 50, ballLengthM: 92, dyeLot: '7 B', balls: 3, openedG: [31] },
  },
  {
    ...{ id: id('stock-meadow'), kind: 'yarn', name: 'Meadow cotton', price: 3.9, colour: 'moss' },
    ...{ weightClass: 4, ballMassG: 50, ballLengthM: 61, dyeLot: '', balls: 6, openedG: [28, 12] },
  },
  {
    ...{ id: id('stock-bandstand'), kind: 'yarn', name: 'Bandstand linen mix', price: 7.2, colour: 'madder' },
    ...{ weightClass: 3, ballMassG: 100, ballLengthM: 208, dyeLot: '12', balls: 0, openedG: [83, 17] },
  },
  {
    ...{ id: id('stock-ticking'), kind: 'cloth', name: 'Striped ticking', price: 11.5 },
    ...{ stuff: 'cloth', widthMm: 1380, lengthMm: 740 },
  },
  {
    ...{ id: id('stock-ticking-corner'), kind: 'remnant', name: 'Corner of the ticking', price: null, stuff: 'cloth' },
    outline: [
      [0, 0],
      [420, 0],
      [420, 180],
      [260, 180],
      [260, 470],
      [0, 470],
    ],
  },
  {
    ...{ id: id('stock-red-felt'), kind: 'remnant', name: 'Red felt, a strip', price: null, stuff: 'felt' },
    outline: [
      [0, 0],
      [300, 0],
      [300, 140],
      [0, 140],
    ],
  },
  { id: id('stock-thread'), kind: 'other', name: 'Strong thread, black', price: 2.6, count: 2 },
];
