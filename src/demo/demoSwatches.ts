import { swatchIdSchema, type Swatch } from '@/core/design';

/** A swatch of the demo's maker, in her words and numbers. All of them are invented. */
const swatch = (id: string, parts: Omit<Swatch, 'id' | 'standsFor' | 'heldWith'>): Swatch => ({
  heldWith: [],
  ...parts,
  id: swatchIdSchema.parse(id),
  standsFor: 'panel',
});

export const harbourCotton = swatch('demo-harbour', {
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

export const bandstandLinen = swatch('demo-bandstand', {
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

export const meadowCotton = swatch('demo-meadow', {
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
export const meadowRounds: Swatch = {
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

/** Swatches of the library that no bag is made from. */
export const demoSwatches = (): Swatch[] => harbourTrials;
