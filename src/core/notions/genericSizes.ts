import type { NotionKind } from './sizeFields';

/** Sizes of one piece, by their fields, mm; holes are counted. */
export type PieceSizes = Readonly<Record<string, number>>;

const each = (field: string, ...sizes: number[]): PieceSizes[] => sizes.map((mm) => ({ [field]: mm }));
const buttons: PieceSizes[] = [
  [11, 2.5],
  [15, 3],
  [18, 3.5],
  [20, 4],
  [25, 4.5],
  [28, 5],
  [34, 6],
].map(([diameterMm = 0, thicknessMm = 0]) => ({ diameterMm, thicknessMm }));

/** Sizes that such pieces are mostly sold in. From memory; makers and countries differ: hers rule. */
export const GENERIC_SIZES: Readonly<Partial<Record<NotionKind, readonly PieceSizes[]>>> = {
  'magnetic-snap': [10, 14, 18].map((diameterMm) => ({ diameterMm, prongMm: diameterMm === 18 ? 11 : 9 })),
  'press-stud': each('diameterMm', 7, 10, 13, 15, 21, 30),
  'turn-lock': [
    { widthMm: 27, heightMm: 16, postMm: 6 },
    { widthMm: 34, heightMm: 21, postMm: 7 },
    { widthMm: 45, heightMm: 28, postMm: 9 },
  ],
  'tuck-lock': [
    { widthMm: 30, heightMm: 18, prongMm: 8 },
    { widthMm: 42, heightMm: 24, prongMm: 9 },
    { widthMm: 58, heightMm: 32, prongMm: 10 },
  ],
  buttonhole: buttons,
  'button-loop': buttons,
  tab: buttons,
  'toggle-loop': [
    { lengthMm: 30, thicknessMm: 9 },
    { lengthMm: 40, thicknessMm: 12 },
    { lengthMm: 50, thicknessMm: 14 },
  ],
  frame: [
    { widthMm: 85, armMm: 35, radiusMm: 10, holes: 28 },
    { widthMm: 125, armMm: 45, radiusMm: 12, holes: 38 },
    { widthMm: 165, armMm: 55, radiusMm: 15, holes: 48 },
    { widthMm: 205, armMm: 65, radiusMm: 18, holes: 58 },
  ],
  ring: [
    { insideMm: 15, wireMm: 2.5 },
    { insideMm: 20, wireMm: 3 },
    { insideMm: 25, wireMm: 3.5 },
    { insideMm: 32, wireMm: 4 },
    { insideMm: 38, wireMm: 4 },
  ],
  rivet: [
    { headMm: 7, shankMm: 6 },
    { headMm: 9, shankMm: 9 },
    { headMm: 9, shankMm: 12 },
    { headMm: 12, shankMm: 15 },
  ],
  eyelet: [
    { holeMm: 4, rimMm: 2, barrelMm: 5 },
    { holeMm: 6, rimMm: 2.5, barrelMm: 6 },
    { holeMm: 10, rimMm: 4, barrelMm: 7 },
    { holeMm: 14, rimMm: 5, barrelMm: 8 },
  ],
  clasp: [
    { insideMm: 10, lengthMm: 32 },
    { insideMm: 15, lengthMm: 38 },
    { insideMm: 20, lengthMm: 45 },
    { insideMm: 25, lengthMm: 55 },
  ],
  'handle-plate': [
    { widthMm: 18, heightMm: 26, holes: 4 },
    { widthMm: 24, heightMm: 34, holes: 6 },
    { widthMm: 32, heightMm: 48, holes: 8 },
  ],
  beads: [
    { diameterMm: 3, holeMm: 1 },
    { diameterMm: 4, holeMm: 1.6 },
    { diameterMm: 6, holeMm: 2.5 },
    { diameterMm: 8, holeMm: 3.5 },
  ],
};

/** The usual sizes of a kind; none where there are none. */
export const genericSizesOf = (kind: string): readonly PieceSizes[] =>
  (GENERIC_SIZES as Readonly<Record<string, readonly PieceSizes[]>>)[kind] ?? [];
