import type { Trim, TrimKind, TrimOf } from '@/core/design';
import { CHAIN_YARN_TIMES, KNOT_MM, SLIP_LINE_TIMES, TAIL_MM, TIE_MM } from '@/core/defaults';
import type { FabricMark, MarkForm } from '@/core/fittings';

/** What of a trim can be told from its kind and choices alone. */
export interface TrimNature<Choice extends Trim> {
  /** How it looks in one of its places. */
  form(choice: Choice, stitchMm: number): MarkForm;
  stuff: FabricMark['stuff'];
  /** How far it hangs or reaches below its place, and to either side of it, mm. */
  reachMm(choice: Choice, stitchMm: number): { downMm: number; sideMm: number };
  standsMm(choice: Choice): number;
  /** Yarn of one of them, as it is held, mm; nought where it takes none. */
  yarnMm(choice: Choice, stitchMm: number): number;
  /** The rule by which that is reckoned, in words. */
  yarnRule: string;
  /** Fabric of one of them, mm²; nought where it is not of stitches. */
  fabricMm2(choice: Choice): number;
}

const round = (radiusMm: number): MarkForm => ({ kind: 'disc', radiusMm });
const none = () => 0;

/** A flower is as far across as two petals and its ring; a petal is half its chains long. */
const flowerRadiusMm = ({ petalChains }: TrimOf<'flower'>, stitchMm: number): number =>
  (petalChains / 2) * stitchMm + stitchMm;

/** Chains of the ring that a flower's petals stand on. From memory. */
export const RING_CHAINS = 5;

/** Round a flower's petals, the tip of the first above its middle. */
function petalOutline(choice: TrimOf<'flower'>, stitchMm: number): [number, number][] {
  const radiusMm = flowerRadiusMm(choice, stitchMm);
  const steps = 8 * choice.petals;
  return Array.from({ length: steps }, (_, step) => {
    const rad = (2 * Math.PI * step) / steps;
    const reach = radiusMm * (0.7 + 0.3 * Math.cos(choice.petals * rad));
    return [reach * Math.sin(rad), reach * Math.cos(rad)];
  });
}

/** Every kind of trim. Lengths of yarn are summed turn by turn and stitch by stitch; what a chain takes, and ends, from memory. */
export const TRIM_NATURES: { readonly [Kind in TrimKind]: TrimNature<TrimOf<Kind>> } = {
  tassel: {
    form: ({ lengthMm }) => ({
      kind: 'outline',
      points: [
        [-3, 0],
        [3, 0],
        [5, lengthMm],
        [-5, lengthMm],
      ],
    }),
    stuff: 'cord',
    reachMm: ({ lengthMm }) => ({ downMm: lengthMm, sideMm: 5 }),
    standsMm: () => 6,
    yarnMm: ({ lengthMm, wraps }) => 2 * wraps * lengthMm + 2 * TIE_MM,
    yarnRule: 'Once down the card and up again for every wrap, and two ties, above and round it.',
    fabricMm2: none,
  },
  flower: {
    form: (choice, stitchMm) => ({ kind: 'outline', points: petalOutline(choice, stitchMm) }),
    stuff: 'cord',
    reachMm: (choice, stitchMm) => {
      const mm = flowerRadiusMm(choice, stitchMm);
      return { downMm: mm, sideMm: mm };
    },
    standsMm: () => 2,
    yarnMm: ({ petals, petalChains }, stitchMm) =>
      (RING_CHAINS + 1 + petals * (petalChains + 1)) * stitchMm * CHAIN_YARN_TIMES + 2 * TIE_MM,
    yarnRule:
      'The chains of the ring and of all petals, with the slip stitch that ends each, three times as long as they are worked; and two ends.',
    fabricMm2: none,
  },
  pompon: {
    form: ({ diameterMm }) => round(diameterMm / 2),
    stuff: 'cord',
    reachMm: ({ diameterMm }) => ({ downMm: diameterMm / 2, sideMm: diameterMm / 2 }),
    standsMm: ({ diameterMm }) => diameterMm,
    yarnMm: ({ diameterMm, wraps }) => 2 * wraps * diameterMm + TIE_MM,
    yarnRule: 'Every wrap goes once across it and back; and one tie.',
    fabricMm2: none,
  },
  bow: {
    form: ({ widthMm, heightMm }) => ({
      kind: 'outline',
      points: [
        [-widthMm / 2, -heightMm / 2],
        [0, -heightMm / 6],
        [widthMm / 2, -heightMm / 2],
        [widthMm / 2, heightMm / 2],
        [0, heightMm / 6],
        [-widthMm / 2, heightMm / 2],
      ],
    }),
    stuff: 'stitches',
    reachMm: ({ widthMm, heightMm }) => ({ downMm: heightMm / 2, sideMm: widthMm / 2 }),
    standsMm: () => 8,
    yarnMm: none,
    yarnRule: '',
    // A strip of all its width and height, and one round its middle: a third of it high, a fifth of it wide.
    fabricMm2: ({ widthMm, heightMm, of }) =>
      of === 'cloth' ? 0 : widthMm * heightMm + ((2 * heightMm) / 3) * (widthMm / 5),
  },
  patch: {
    form: ({ widthMm, heightMm }) => ({ kind: 'patch', widthMm, lengthMm: heightMm }),
    stuff: 'cloth',
    reachMm: ({ widthMm, heightMm }) => ({ downMm: heightMm / 2, sideMm: widthMm / 2 }),
    standsMm: () => 0.5,
    yarnMm: none,
    yarnRule: '',
    fabricMm2: none,
  },
  charm: {
    form: ({ widthMm, heightMm }) => ({
      kind: 'outline',
      points: [
        [-1, 0],
        [1, 0],
        [widthMm / 2, heightMm / 2],
        [0, heightMm],
        [-widthMm / 2, heightMm / 2],
      ],
    }),
    stuff: 'metal',
    reachMm: ({ widthMm, heightMm }) => ({ downMm: heightMm, sideMm: widthMm / 2 }),
    standsMm: () => 2,
    yarnMm: none,
    yarnRule: '',
    fabricMm2: none,
  },
  'surface-line': {
    form: ({ lengthMm }) => ({
      kind: 'outline',
      points: [
        [-1.5, 0],
        [1.5, 0],
        [1.5, lengthMm],
        [-1.5, lengthMm],
      ],
    }),
    stuff: 'cord',
    reachMm: ({ lengthMm }) => ({ downMm: lengthMm, sideMm: 1.5 }),
    standsMm: () => 1,
    yarnMm: ({ lengthMm }) => lengthMm * SLIP_LINE_TIMES + 2 * TAIL_MM,
    yarnRule:
      'A slip stitch lies on the face and goes through it and back: four times the length of the line; and two ends.',
    fabricMm2: none,
  },
  beads: {
    form: ({ diameterMm }) => round(diameterMm / 2),
    stuff: 'metal',
    reachMm: ({ diameterMm }) => ({ downMm: diameterMm / 2, sideMm: diameterMm / 2 }),
    standsMm: ({ diameterMm }) => diameterMm / 2,
    yarnMm: ({ every }, stitchMm) => every * stitchMm * SLIP_LINE_TIMES,
    yarnRule: 'A row of slip stitches along the edge that carries them, four times as long as it.',
    fabricMm2: none,
  },
  fringe: {
    form: ({ lengthMm }) => ({
      kind: 'outline',
      points: [
        [-0.8, 0],
        [0.8, 0],
        [1.6, lengthMm],
        [-1.6, lengthMm],
      ],
    }),
    stuff: 'cord',
    reachMm: ({ lengthMm }) => ({ downMm: lengthMm, sideMm: 2 }),
    standsMm: () => 2,
    yarnMm: ({ lengthMm, strands }) => strands * (2 * lengthMm + KNOT_MM),
    yarnRule: 'Every strand is folded in two: twice as long as the fringe, and what its knot takes.',
    fabricMm2: none,
  },
  frill: {
    form: ({ chains }, stitchMm) => ({ kind: 'disc', radiusMm: Math.max(1, (chains * stitchMm) / 4) }),
    stuff: 'cord',
    reachMm: ({ chains }, stitchMm) => ({ downMm: (chains * stitchMm) / 2, sideMm: (chains * stitchMm) / 4 }),
    standsMm: () => 1,
    yarnMm: ({ chains }, stitchMm) => (chains + 1) * stitchMm * CHAIN_YARN_TIMES,
    yarnRule: 'The chains of a loop and the slip stitch that ends it, three times as long as they are worked.',
    fabricMm2: none,
  },
};

/** The nature of a trim, whatever its kind. */
export const natureOf = <Choice extends Trim>({ kind }: Choice): TrimNature<Choice> =>
  TRIM_NATURES[kind] as unknown as TrimNature<Choice>;
