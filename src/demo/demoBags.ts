import {
  closureIdSchema,
  starterDesign,
  swatchIdSchema,
  thingIdSchema,
  type AroundChain,
  type Body,
  type Contents,
  type Design,
  type FoldOverStrip,
  type Gusset,
  type OvalBase,
  type RoundPurse,
  type Swatch,
  type Thing,
} from '@/core/design';

/**
 * The demo: the brass band of a small village prepares its tour, and a maker supplies it with bags. Everything in it is
 * invented.
 */

const swatch = (id: string, parts: Omit<Swatch, 'id' | 'standsFor' | 'heldWith'>): Swatch => ({
  heldWith: [],
  ...parts,
  id: swatchIdSchema.parse(id),
  standsFor: 'panel',
});

const harbourCotton = swatch('demo-harbour', {
  name: 'Harbour cotton, 3.25',
  yarn: { name: 'Harbour cotton', colour: 'harbour', weightClass: null, ballMassG: 50, ballLengthM: 92 },
  hookMm: 3.25,
  hookLetter: null,
  strands: 1,
  stitch: 'sc',
  state: 'blocked',
  stitchReadings: [
    { count: 21, lengthMm: 103 },
    { count: 27, lengthMm: 131 },
    { count: 24, lengthMm: 118 },
    { count: 18, lengthMm: 88 },
  ],
  rowReadings: [
    { count: 19, lengthMm: 84 },
    { count: 28, lengthMm: 123 },
    { count: 23, lengthMm: 102 },
    { count: 16, lengthMm: 71 },
  ],
  thicknessMm: 2.3,
  weighed: { massG: 13, widthMm: 154, heightMm: 138 },
});

/** The same yarn on two more hooks: what the maker tried before she settled on 3.25. */
const harbourTrials: Swatch[] = [
  swatch('demo-harbour-275', {
    ...harbourCotton,
    name: 'Harbour cotton, 2.75',
    hookMm: 2.75,
    stitchReadings: [
      { count: 22, lengthMm: 98 },
      { count: 25, lengthMm: 113 },
      { count: 19, lengthMm: 85 },
    ],
    rowReadings: [
      { count: 24, lengthMm: 97 },
      { count: 20, lengthMm: 80 },
      { count: 27, lengthMm: 110 },
    ],
    thicknessMm: 2.2,
  }),
  swatch('demo-harbour-400', {
    ...harbourCotton,
    name: 'Harbour cotton, 4',
    hookMm: 4,
    stitchReadings: [
      { count: 18, lengthMm: 100 },
      { count: 23, lengthMm: 127 },
      { count: 15, lengthMm: 84 },
    ],
    rowReadings: [
      { count: 21, lengthMm: 107 },
      { count: 17, lengthMm: 86 },
      { count: 14, lengthMm: 72 },
    ],
    thicknessMm: 2.5,
  }),
];

const bandstandLinen = swatch('demo-bandstand', {
  name: 'Bandstand linen mix, 4',
  yarn: { name: 'Bandstand linen mix', colour: 'madder', weightClass: null, ballMassG: 100, ballLengthM: 208 },
  hookMm: 4,
  hookLetter: null,
  strands: 1,
  stitch: 'hdc',
  state: 'as-worked',
  stitchReadings: [
    { count: 17, lengthMm: 91 },
    { count: 22, lengthMm: 119 },
    { count: 26, lengthMm: 139 },
  ],
  rowReadings: [
    { count: 12, lengthMm: 88 },
    { count: 17, lengthMm: 124 },
    { count: 15, lengthMm: 111 },
  ],
  thicknessMm: 2.7,
  weighed: { massG: 17, widthMm: 162, heightMm: 149 },
});

const meadowCotton = swatch('demo-meadow', {
  name: 'Meadow cotton, double',
  yarn: { name: 'Meadow cotton', colour: 'moss', weightClass: null, ballMassG: 50, ballLengthM: 61 },
  hookMm: 4.5,
  hookLetter: null,
  strands: 2,
  stitch: 'sc',
  state: 'as-worked',
  stitchReadings: [
    { count: 14, lengthMm: 87 },
    { count: 19, lengthMm: 119 },
    { count: 16, lengthMm: 99 },
  ],
  rowReadings: [
    { count: 15, lengthMm: 84 },
    { count: 20, lengthMm: 113 },
    { count: 18, lengthMm: 101 },
  ],
  thicknessMm: 3.1,
  weighed: { massG: 21, widthMm: 148, heightMm: 151 },
});

/** The same yarn and hook in rounds, which work up a little differently. */
const meadowRounds: Swatch = {
  ...meadowCotton,
  id: swatchIdSchema.parse('demo-meadow-rounds'),
  name: 'Meadow cotton, double, in rounds',
  standsFor: 'rounds',
  stitchReadings: [
    { count: 15, lengthMm: 92 },
    { count: 21, lengthMm: 130 },
    { count: 18, lengthMm: 111 },
  ],
  rowReadings: [
    { count: 16, lengthMm: 91 },
    { count: 13, lengthMm: 75 },
    { count: 20, lengthMm: 114 },
  ],
};

const thing = (id: string, parts: Omit<Thing, 'id' | 'known' | 'turns'> & Partial<Thing>): Thing => ({
  turns: 'in-the-plane',
  known: null,
  ...parts,
  id: thingIdSchema.parse(id),
});

/** What the band carries, measured by its maker. */
const THINGS = {
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

const carrying = (
  items: [Thing, number][],
  parts: Pick<Contents, 'firmness' | 'carried'> & Partial<Contents>,
): Contents => ({
  thicknessMm: null,
  massG: null,
  easeMm: 12,
  chosenPacking: null,
  ...parts,
  items: items.map(([one, count]) => ({ thing: one, count })),
});

/** A body of another construction, in its own sizes. */
const made = <B extends Body>(
  own: Omit<B, keyof typeof SHARED | 'widthMm' | 'heightMm'>,
  widthMm: number,
  heightMm: number,
): B => ({ ...SHARED, ...own, widthMm, heightMm }) as unknown as B;

const SHARED = {
  sizesFrom: 'contents',
  chosenStitches: null,
  chosenRows: { front: null, back: null, bridge: null, flap: null },
  seam: { kind: 'mattress', finish: 'turned', takeUpStitches: 0.75 },
} as const;

const body = (widthMm: number, heightMm: number): FoldOverStrip => ({
  ...(starterDesign('thirds', harbourCotton.id).body as FoldOverStrip),
  sizesFrom: 'contents',
  widthMm,
  heightMm,
});

/** The bags of the demo, the first to be shown last. */
export function demoBags(): Design[] {
  const base = starterDesign('thirds', harbourCotton.id);
  const plain = { closures: [], straps: [], lining: null };
  return [
    {
      ...base,
      ...plain,
      name: 'Wallet for the solo parts',
      notes: 'In drops, so that it grips. Every soloist wants one.',
      contents: carrying(
        [
          [THINGS.soloParts, 1],
          [THINGS.pencil, 1],
        ],
        { firmness: 'soft', carried: 'in-the-hand' },
      ),
      swatch: harbourCotton,
      stitch: 'raised-drops',
      body: body(196, 118),
      flap: { kind: 'straight', dropMm: 69, widthMm: null, hemMm: null },
    },
    {
      ...base,
      ...plain,
      name: 'Bobbled case for the tuner',
      notes: 'Bobbles on the front; the folds should lie between them.',
      contents: carrying(
        [
          [THINGS.tuner, 1],
          [THINGS.pencil, 1],
        ],
        { firmness: 'soft', carried: 'in-the-hand' },
      ),
      swatch: harbourCotton,
      stitch: 'bobble-field',
      body: body(204, 131),
      flap: { kind: 'straight', dropMm: 83, widthMm: null, hemMm: null },
      lining: { kind: 'flat', allowanceMm: 18, insetMm: 3.5, thicknessMm: 0.35 },
    },
    {
      ...base,
      ...plain,
      name: 'Raffle purse',
      notes: 'Goes round the hall between the pieces.',
      contents: carrying([[THINGS.coinBag, 1]], { firmness: 'soft', carried: 'in-the-hand' }),
      swatch: meadowRounds,
      body: made<RoundPurse>(
        {
          kind: 'round-purse',
          depthMm: 44,
          openMm: 147,
          rounds: 'joined',
          increases: 'as-needed',
          stripTrial: { rows: 18, lengthMm: 103 },
        },
        148,
        148,
      ),
      flap: { kind: 'none', dropMm: 70, widthMm: null, hemMm: null },
    },
    {
      ...base,
      ...plain,
      name: 'Oil and rag pouch',
      notes: 'One for every valve instrument.',
      contents: carrying([[THINGS.mouthpiece, 1]], { firmness: 'soft', carried: 'in-the-hand' }),
      swatch: meadowRounds,
      body: made<AroundChain>(
        {
          kind: 'around-chain',
          start: 'chain',
          rounds: 'joined',
          endStitches: 1,
          narrowing: null,
          roundWalk: { rounds: 14, stitches: 3.5 },
        },
        118,
        126,
      ),
      flap: { kind: 'scalloped', dropMm: 71, widthMm: null, hemMm: null, scallops: 4, depthMm: 18 },
    },
    {
      ...base,
      ...plain,
      name: 'Basket for the tea urn keeper',
      notes: '',
      contents: carrying(
        [
          [THINGS.pastilles, 2],
          [THINGS.hallKeys, 1],
          [THINGS.glasses, 1],
        ],
        { firmness: 'soft', carried: 'in-the-hand' },
      ),
      swatch: meadowRounds,
      body: made<OvalBase>(
        {
          kind: 'oval-base',
          depthMm: 78,
          rounds: 'joined',
          increases: 'as-needed',
          narrowing: 8,
          roundWalk: null,
        },
        214,
        163,
      ),
      flap: { kind: 'none', dropMm: 70, widthMm: null, hemMm: null },
    },
    {
      ...base,
      name: 'Librarian’s satchel',
      notes: 'For the band’s librarian: the part books of one concert.',
      contents: carrying(
        [
          [THINGS.marchCards, 2],
          [THINGS.pencil, 2],
        ],
        { firmness: 'stiff', carried: 'across-the-body' },
      ),
      swatch: bandstandLinen,
      stitch: 'hdc',
      body: made<Gusset>(
        {
          kind: 'gusset',
          depthMm: 61,
          radiusMm: 8,
          gussetWorked: 'crosswise',
          stripTrial: { rows: 17, lengthMm: 131 },
        },
        223,
        168,
      ),
      flap: { kind: 'round', dropMm: 117, widthMm: null, hemMm: null },
      closures: [
        {
          kind: 'magnetic-snap',
          id: closureIdSchema.parse('snap'),
          diameterMm: 18,
          insetMm: 31,
          layout: 'centre',
          mate: 'loaded',
        },
      ],
      straps: [
        {
          kind: 'plain',
          widthMm: 33,
          wornLengthMm: 1090,
          school: 'slack',
          sample: { stitch: 'hdc', rows: 26, slackMm: 199, pulledMm: 223 },
          overlapMm: 34,
        },
      ],
      lining: { kind: 'flat', allowanceMm: 18, insetMm: 3.5, thicknessMm: 0.35 },
    },
    {
      ...base,
      name: 'Pouch for march cards',
      notes: 'For the third cornets. The cards are 10 mm thick in their band.',
      contents: carrying(
        [
          [THINGS.marchCards, 1],
          [THINGS.pencil, 2],
        ],
        {
          firmness: 'stiff',
          carried: 'in-the-hand',
          chosenPacking: { widthMm: 174, heightMm: 135, thicknessMm: 9 },
        },
      ),
      swatch: bandstandLinen,
      stitch: 'hdc',
      body: body(212, 148),
      flap: { kind: 'pointed', dropMm: 84, widthMm: null, hemMm: null, pointMm: 44 },
      closures: [],
      straps: [],
      lining: null,
    },
    {
      ...base,
      name: 'Treasurer’s shoulder bag',
      notes: '',
      contents: carrying(
        [
          [THINGS.cashBook, 1],
          [THINGS.coinBag, 2],
          [THINGS.hallKeys, 1],
          [THINGS.pencil, 1],
        ],
        {
          firmness: 'soft',
          carried: 'across-the-body',
          chosenPacking: { widthMm: 218, heightMm: 187, thicknessMm: 30 },
        },
      ),
      swatch: meadowCotton,
      body: body(246, 204),
      flap: { kind: 'rounded-corners', dropMm: 137, widthMm: null, hemMm: null, radiusMm: 46 },
      closures: [
        {
          kind: 'magnetic-snap',
          id: closureIdSchema.parse('snap'),
          diameterMm: 18,
          insetMm: 29,
          layout: 'pair',
          mate: 'loaded',
        },
      ],
      straps: [
        {
          kind: 'plain',
          widthMm: 37,
          wornLengthMm: 1085,
          school: 'pulled',
          sample: { stitch: 'sc', rows: 34, slackMm: 192, pulledMm: 217 },
          overlapMm: 33,
        },
      ],
      lining: null,
    },
    {
      ...base,
      name: 'Clutch for glasses and a mouthpiece',
      notes: 'For the conductor: reading glasses, a cornet mouthpiece, a pencil.',
      contents: carrying(
        [
          [THINGS.glasses, 1],
          [THINGS.mouthpiece, 1],
          [THINGS.pastilles, 1],
        ],
        {
          firmness: 'soft',
          carried: 'on-the-wrist',
          chosenPacking: { widthMm: 139, heightMm: 108, thicknessMm: 28 },
        },
      ),
      swatch: harbourCotton,
      body: body(176, 107),
      flap: { kind: 'straight', dropMm: 78, widthMm: null, hemMm: null },
      closures: [
        {
          kind: 'magnetic-snap',
          id: closureIdSchema.parse('snap'),
          diameterMm: 16,
          insetMm: 19,
          layout: 'centre',
          mate: 'loaded',
        },
      ],
      straps: [
        {
          kind: 'plain',
          widthMm: 19,
          wornLengthMm: 342,
          school: 'slack',
          sample: { stitch: 'sc', rows: 44, slackMm: 196, pulledMm: 221 },
          overlapMm: 21,
        },
      ],
      lining: { kind: 'flat', allowanceMm: 17, insetMm: 3.5, thicknessMm: 0.35 },
    },
  ];
}

/** Swatches of the library that no bag is made from. */
export const demoSwatches = (): Swatch[] => harbourTrials;
