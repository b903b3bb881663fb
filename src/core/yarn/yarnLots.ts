import type { ColourUse } from '@/core/colours';
import { TAIL_MM, YARN_RESERVE } from '@/core/defaults';
import type { Design } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, type Figure, type ReasonInput } from '@/core/figures';
import { lackingFigure } from './yarnAtHand';

/** What to have of one of the yarns. */
export interface YarnLot {
  name: string;
  /** Which of the design's yarns it is: 0 of those held for the bag, then the further ones in their order. */
  yarn: number;
  ballMassG: number;
  mass: Figure;
  length: Figure;
  balls: Figure;
  /** Of the fabric, by mass. */
  share: number;
  /** What of it is in fabric and trim, g. */
  fabricG: number;
  /** What of it is at hand, and the balls that are still to be bought; null where that is not said. */
  atHandG: number | null;
  lacking: Figure | null;
}

/** A yarn as it is held, its label read. */
export interface YarnHeld {
  name: string;
  strands: number;
  ballMassG: number;
  ballLengthM: number;
}

/** What the balls that are still to be bought of a yarn are asked by. */
export const lackingId = (index: number): string => (index === 0 ? 'yarn.lacking' : `yarn.lacking.${index + 1}`);

/** What one yarn has of the whole: so much of the fabric, why, and whether it sews as well. */
interface YarnPart {
  number: number;
  yarn: Pick<YarnHeld, 'name' | 'ballMassG' | 'ballLengthM'>;
  share: number;
  fabricG: number;
  tailsG: number;
  sews: boolean;
  rule: string;
  inputs: ReasonInput[];
}

interface Needed {
  fabric: Figure;
  trim: Figure | null;
  sewing: Figure;
  mass: Figure;
  perArea: Figure;
}

/**
 * What each yarn has of the whole. Of those held together, as much of the fabric as a metre of it weighs of a metre of all; the first one sews as well. A yarn of another
 * colour takes the place of the first one in its rows.
 */
export function yarnLots(
  yarns: readonly [YarnHeld, ...YarnHeld[]],
  needed: Needed,
  { yarnAtHandG, furtherYarns }: Pick<Design, 'yarnAtHandG' | 'furtherYarns'>,
  uses: readonly ColourUse[],
): [YarnLot, ...YarnLot[]] {
  const parts = [...heldParts(yarns, needed, uses), ...colourParts(yarns, needed, furtherYarns, uses)];
  // A colour whose ball is not known has its rows all the same: they are none of the first yarn's.
  const alone = parts.length === 1 && uses.every(({ areaMm2 }) => areaMm2 === 0);
  return parts.map((part, index) => lotOf(part, index, { alone, needed, atHandG: yarnAtHandG[index] ?? null })) as [
    YarnLot,
    ...YarnLot[],
  ];
}

const gPerM = ({ strands, ballMassG, ballLengthM }: YarnHeld): number => (strands * ballMassG) / ballLengthM;

/** What a metre of a yarn weighs of a metre of all that are held together. */
const shareOf = (yarn: YarnHeld, yarns: readonly YarnHeld[]): number =>
  gPerM(yarn) / yarns.reduce((sum, one) => sum + gPerM(one), 0);

/** Fabric of a colour's rows, g of the whole bundle. */
const colourG = ({ areaMm2 }: ColourUse, { perArea }: Needed): number => (areaMm2 * perArea.value) / 1e6;

function heldParts(yarns: readonly YarnHeld[], needed: Needed, uses: readonly ColourUse[]): YarnPart[] {
  const { fabric, trim, sewing } = needed;
  const inColoursG = uses.reduce((sum, use) => sum + colourG(use, needed), 0);
  return yarns.map((yarn, index) => {
    const share = shareOf(yarn, yarns);
    const sews = index === 0;
    const lessG = sews ? inColoursG : 0;
    return {
      ...{ number: 0, yarn, share, sews, tailsG: 0 },
      fabricG: (fabric.value + (trim?.value ?? 0) - lessG) * share,
      rule: `Yarn in the fabric${lessG > 0 ? ', less that of rows in other colours' : ''}, times what a metre of this one weighs of a metre of all held together${sews ? '; it sews as well' : ''}`,
      inputs: [
        inputFrom(fabric),
        ...(trim ? [inputFrom(trim)] : []),
        ...(lessG > 0 ? [input('Rows in other colours', lessG, 'g')] : []),
        input('Its share', share, 'ratio'),
        ...(sews ? [inputFrom(sewing)] : []),
      ],
    };
  });
}

const tailsG = (
  { tails }: ColourUse,
  { ballMassG, ballLengthM }: Pick<YarnHeld, 'ballMassG' | 'ballLengthM'>,
): number => (tails * TAIL_MM * ballMassG) / (ballLengthM * 1000);

/** The tails of stripes in other colours, as far as their balls are known: beside what sews, since each yarn has its own. Null where there are none. */
export function stripeTails(furtherYarns: Design['furtherYarns'], uses: readonly ColourUse[]): Figure | null {
  const each = furtherYarns.flatMap(({ name, ballMassG, ballLengthM }, index) => {
    const use = uses[index];
    return ballMassG === null || ballLengthM === null || !use || use.tails === 0
      ? []
      : [{ name, count: use.tails, massG: tailsG(use, { ballMassG, ballLengthM }) }];
  });
  if (each.length === 0) return null;
  const massG = each.reduce((sum, one) => sum + one.massG, 0);
  return makeFigure('yarn.tails', 'Tails of stripes', massG, 'g', {
    rule: `A tail of ${TAIL_MM} mm at each end of every stripe, by what a metre of its yarn weighs.`,
    inputs: each.flatMap(({ name, count, massG: ownG }) => [
      input(`Tails of ${name}`, count, 'count'),
      input('They weigh', ownG, 'g'),
    ]),
    source: COMMON_PRACTICE,
  });
}

/** Those of other colours whose ball is known; of the others nothing honest can be said. */
const colourParts = (
  yarns: readonly [YarnHeld, ...YarnHeld[]],
  needed: Needed,
  furtherYarns: Design['furtherYarns'],
  uses: readonly ColourUse[],
): YarnPart[] =>
  furtherYarns.flatMap(({ name, ballMassG, ballLengthM }, index) => {
    const use = uses[index];
    if (ballMassG === null || ballLengthM === null || !use) return [];
    const share = shareOf(yarns[0], yarns);
    return [
      {
        number: index + 1,
        yarn: { name, ballMassG, ballLengthM },
        share,
        fabricG: colourG(use, needed) * share,
        tailsG: tailsG(use, { ballMassG, ballLengthM }),
        sews: false,
        rule: `Area of its rows, times the mass of the fabric, plus a tail of ${TAIL_MM} mm at each end of every stripe`,
        inputs: [
          input('Area of its rows', use.areaMm2, 'mm2'),
          inputFrom(needed.perArea),
          input('Its share', share, 'ratio'),
          input('Tails', use.tails, 'count'),
        ],
      },
    ];
  });

function lotOf(
  { number, yarn, share, fabricG, tailsG, sews, rule, inputs }: YarnPart,
  index: number,
  { alone, needed, atHandG }: { alone: boolean; needed: Needed; atHandG: number | null },
): YarnLot {
  const { fabric, sewing, mass } = needed;
  const id = (what: string) => (index === 0 ? `yarn.${what}` : `yarn.${what}.${index + 1}`);
  const of = alone ? '' : ` of ${yarn.name}`;
  const lotMass = alone
    ? mass
    : makeFigure(
        `yarn.mass.of.${index + 1}`,
        `Yarn to have${of}`,
        (fabricG + tailsG + (sews ? sewing.value : 0)) * (1 + YARN_RESERVE),
        'g',
        { rule: `${rule}; plus ${YARN_RESERVE * 100} % kept in reserve.`, inputs, source: COMMON_PRACTICE },
        fabricG * relative(fabric) * (1 + YARN_RESERVE),
      );
  const mPerG = yarn.ballLengthM / yarn.ballMassG;
  const ball = [input('One ball', yarn.ballLengthM, 'm'), input('One ball', yarn.ballMassG, 'g')];
  const length = makeFigure(
    id('length'),
    `Yarn to have, length${of}`,
    lotMass.value * mPerG,
    'm',
    {
      rule: 'Mass to have, times the length of a ball, divided by its mass.',
      inputs: [inputFrom(lotMass), ...ball],
      source: GEOMETRY,
    },
    (lotMass.plusMinus ?? 0) * mPerG,
  );
  const balls = makeFigure(
    id('balls'),
    `Balls to buy${of}`,
    Math.ceil((lotMass.value + (lotMass.plusMinus ?? 0)) / yarn.ballMassG),
    'ball',
    {
      rule: 'Mass to have, with its ± on top, divided by the mass of a ball, rounded up: the one that is too many is cheaper than the one that is missing.',
      inputs: [inputFrom(lotMass), input('One ball', yarn.ballMassG, 'g')],
      source: GEOMETRY,
    },
  );
  const lot = { name: yarn.name, yarn: number, ballMassG: yarn.ballMassG, mass: lotMass };
  const lacking = atHandG === null ? null : lackingFigure({ id: lackingId(index), ...lot, atHandG });
  return { ...lot, length, balls, share, fabricG: fabricG + tailsG, atHandG, lacking };
}

/** A figure's ± as a share of it. */
export const relative = (figure: Figure): number => (figure.plusMinus ?? 0) / figure.value;
