import type { Into, StitchKind, Worked } from '@/core/stitches';

/**
 * A stretch of yarn of one stitch, as the points that its middle runs through. `x` in stitches from the left side of the stitch's own column, `y` in rows from
 * where the row begins upwards, `z` in thicknesses of the yarn towards whoever works it.
 */
export interface Strand {
  part: StrandPart;
  points: readonly StrandPoint[];
}
export type StrandPoint = readonly [x: number, y: number, z: number];

/** What of a stitch a strand is: its two loops on top, its legs into the row below, what is wrapped round them, the bar on its far side. */
export type StrandPart = 'front-loop' | 'back-loop' | 'leg' | 'wrap' | 'bar' | 'bulge';

/** How thick yarn is drawn, as a share of the width of a stitch: two legs fill most of it. From memory. */
export const YARN_TO_STITCH = 0.4;

/** How high the legs of a stitch are wrapped, and how often, by its kind; whether a bar lies across its far side. */
interface Nature {
  wraps: number;
  bar: boolean;
  /** It leans: its legs run to one side of its foot. */
  leans: number;
}

const NATURES: Record<Exclude<StitchKind, 'bobble'>, Nature> = {
  'sl-st': { wraps: 0, bar: false, leans: 0 },
  sc: { wraps: 0, bar: true, leans: 0 },
  esc: { wraps: 0, bar: true, leans: 0 },
  hdc: { wraps: 0, bar: true, leans: 0 },
  dc: { wraps: 1, bar: true, leans: 0 },
  tr: { wraps: 2, bar: true, leans: 0 },
  'herringbone-hdc': { wraps: 0, bar: true, leans: 0.32 },
  'herringbone-dc': { wraps: 1, bar: true, leans: 0.32 },
};

/** Where the hook goes in: so far from the middle of its foot up, and at which depth, by what it is worked into. */
const FEET: Record<Into, { y: number; z: number; round: boolean }> = {
  stitch: { y: -0.12, z: -0.2, round: false },
  'back-loop': { y: 0.06, z: -0.7, round: false },
  'third-loop': { y: 0, z: -1, round: false },
  'two-layers': { y: 0.04, z: -0.6, round: false },
  'three-loops': { y: -0.05, z: -0.3, round: false },
  space: { y: -0.3, z: 0.2, round: false },
  spike: { y: -1.05, z: 0.7, round: false },
  'front-post': { y: -0.62, z: 0.9, round: true },
  'front-post-two-below': { y: -1.62, z: 0.95, round: true },
};

/** Legs that a bobble is made of. Common practice, no source: five. */
const BOBBLE_LEGS = 5;

/** What of the row below a stitch is worked round or through, and so takes out of sight. */
export const hidesLoops = (into: Into): { front: boolean; back: boolean } => ({
  front: into === 'stitch' || into === 'spike' || into === 'three-loops' || into === 'space',
  back:
    into === 'stitch' ||
    into === 'back-loop' ||
    into === 'spike' ||
    into === 'two-layers' ||
    into === 'three-loops' ||
    into === 'space',
});

/** The two loops on top of any stitch, which the next row is worked into. */
export const topLoops = (): Strand[] => [
  {
    part: 'back-loop',
    points: [
      [-0.08, 0.99, -0.6],
      [0.35, 1.1, -0.85],
      [1.08, 1.0, -0.6],
    ],
  },
  {
    part: 'front-loop',
    points: [
      [-0.08, 0.93, 0.6],
      [0.35, 0.84, 0.85],
      [1.08, 0.92, 0.6],
    ],
  },
];

/** A chain over nothing: an eye of two strands, with room below. */
export const chainStrands = (): Strand[] => [
  {
    part: 'back-loop',
    points: [
      [-0.1, 0.92, 0],
      [0.4, 1.06, 0.3],
      [1.1, 0.92, 0],
    ],
  },
  {
    part: 'front-loop',
    points: [
      [-0.1, 0.9, 0.1],
      [0.4, 0.74, 0.5],
      [1.1, 0.9, 0.1],
    ],
  },
];

/**
 * The yarn of one stitch, without the loops on its top, as it lies before whoever works it.
 *
 * @param feet where the places that it is worked into lie, in stitches from its own; one, or as many as it joins
 *
 * Source: which loops a stitch goes into, from the published meaning of its symbol; how its yarn lies, from memory.
 *
 * @example
 * stitchStrands({ work: 'dc', into: 'stitch', times: 1, over: 1, each: 1 }, [0]).filter(({ part }) => part === 'wrap').length // => 1
 */
export function stitchStrands({ work, into }: Worked, feet: readonly number[]): Strand[] {
  const foot = FEET[into];
  if (work === 'bobble') return bobble(feet[0] ?? 0, foot);
  const nature = NATURES[work];
  if (feet.length > 1) return [...feet.flatMap((x) => clusterLeg(x, nature, foot)), ...barOf(nature)];
  const x = feet[0] ?? 0;
  if (work === 'sl-st') return slipStitch(x, foot);
  const legs = foot.round ? roundPost(x, foot) : straightLegs(x, nature, foot);
  const post = work === 'esc' ? [chainAtFoot(x)] : [];
  return [...legs, ...post, ...wrapsOf(x, nature, foot), ...(foot.round ? [] : barOf(nature))];
}

type Foot = (typeof FEET)[Into];

/** Two legs that run apart from the foot to the loops on top: the V that is seen from the side that was worked. */
function straightLegs(x: number, { wraps, leans }: Nature, { y, z }: Foot): Strand[] {
  const bottom: StrandPoint = [x + 0.5, y, z];
  if (wraps === 0)
    return [-1, 1].map((side): Strand => ({
      part: 'leg',
      points: [bottom, [x * 0.5 + 0.5 + side * 0.16 + leans * 0.2, 0.42, 0.35], [0.5 + side * 0.3 + leans, 0.95, 0.7]],
    }));
  // A tall post is twisted: its strands cross on their way up.
  return [-1, 1].map((side): Strand => ({
    part: 'leg',
    points: [
      [x + 0.5 - side * 0.12, y, z],
      [x * 0.6 + 0.5 - side * 0.13, 0.24, 0.25 + side * 0.1],
      [x * 0.3 + 0.5 + side * 0.13 + leans * 0.3, 0.6, 0.35 - side * 0.1],
      [0.5 + side * 0.28 + leans, 0.95, 0.7],
    ],
  }));
}

/** Drawn up round the post of a stitch from the front: its legs lie before the fabric, and turn behind it below. */
const roundPost = (x: number, { y, z }: Foot): Strand[] =>
  [-1, 1].map((side): Strand => ({
    part: 'leg',
    points: [
      [x + 0.5 - side * 0.42, y - 0.04, -0.7],
      [x + 0.5 - side * 0.24, y + 0.06, z],
      [x * 0.5 + 0.5 - side * 0.06, (y + 0.95) / 2, z + 0.35],
      [0.5 + side * 0.26, 0.95, 0.8],
    ],
  }));

const slipStitch = (x: number, { y, z }: Foot): Strand[] =>
  [-1, 1].map((side): Strand => ({
    part: 'leg',
    points: [
      [x + 0.5, y, z],
      [0.5 + side * 0.2, 0.4, 0.5],
      [0.5 + side * 0.34, 0.9, 0.6],
    ],
  }));

/** The chain that an extended stitch is begun with. */
const chainAtFoot = (x: number): Strand => ({
  part: 'wrap',
  points: [
    [x + 0.2, 0.22, 0.5],
    [x + 0.5, 0.14, 0.8],
    [x + 0.8, 0.22, 0.5],
  ],
});

/** Yarn overs lie slantwise round the post, evenly up it. */
const wrapsOf = (x: number, { wraps }: Nature, { y }: Foot): Strand[] =>
  Array.from({ length: wraps }, (_, index): Strand => {
    const from = Math.max(y, -0.1);
    const up = from + ((0.92 - from) * (index + 1)) / (wraps + 1.15);
    const at = x * (1 - up) + 0.5;
    return {
      part: 'wrap',
      points: [
        [at - 0.27, up + 0.07, 0.2],
        [at, up, 1.15],
        [at + 0.27, up - 0.07, 0.2],
      ],
    };
  });

/** The last yarn over lies across the far side, under the loops. */
const barOf = ({ bar }: Nature): Strand[] =>
  bar
    ? [
        {
          part: 'bar',
          points: [
            [-0.06, 0.74, -0.7],
            [0.5, 0.62, -1.1],
            [1.06, 0.74, -0.7],
          ],
        },
      ]
    : [];

/** One leg of several that are joined at the top. */
function clusterLeg(x: number, { wraps }: Nature, { y, z }: Foot): Strand[] {
  const up = 0.5;
  const middle = x + 0.5 + (0 - x) * up;
  const leg: Strand = {
    part: 'leg',
    points: [
      [x + 0.5, y, z],
      [x * 0.62 + 0.5, 0.4, 0.5],
      [0.5 + x * 0.06, 0.95, 0.7],
    ],
  };
  const wrap: Strand = {
    part: 'wrap',
    points: [
      [middle - 0.22, up + 0.05, 0.4],
      [middle, up, 1],
      [middle + 0.22, up - 0.05, 0.4],
    ],
  };
  return wraps > 0 ? [leg, wrap] : [leg];
}

/** Legs into one place that bulge out of the far side, like the ribs of a ball. */
const bobble = (x: number, { y }: Foot): Strand[] => [
  ...Array.from({ length: BOBBLE_LEGS }, (_, index): Strand => {
    const side = (index - (BOBBLE_LEGS - 1) / 2) / ((BOBBLE_LEGS - 1) / 2);
    const out = 2.6 - Math.abs(side) * 0.9;
    return {
      part: 'bulge',
      points: [
        [x + 0.5 + side * 0.1, y + 0.06, -0.9],
        [x + 0.5 + side * 0.62, 0.2, -out],
        [0.5 + side * 0.66, 0.62, -out],
        [0.5 + side * 0.12, 0.98, -0.9],
      ],
    };
  }),
  ...straightLegs(x, NATURES.sc, FEET.stitch),
];
