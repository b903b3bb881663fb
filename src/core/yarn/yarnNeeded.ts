import { SEAMS } from '@/core/body';
import { SEAM_YARN_RATIO, TAIL_MM, YARN_RESERVE } from '@/core/defaults';
import { isMeasured, swatchPatternOf, type Design } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, type Figure, type ReasonInput } from '@/core/figures';
import type { ColourUse } from '@/core/colours';
import type { FittingStage } from '@/core/fittings';
import type { GaugeStage } from '@/core/gauge';
import type { PiecesFigures } from '@/core/pieces';
import type { Problem } from '@/core/problems';
import { atHandProblems, lackingFigure } from './yarnAtHand';
import { massPerArea, wholeSwatch, type WeighedSwatch } from './massPerArea';
import { heldTogether, yarnClassProblems } from './yarnClass';

/** What to have of one of the yarns. */
interface YarnLot {
  name: string;
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

export interface YarnStage {
  /** The yarn as it is held: metres of it, all strands together, that weigh a gram; null where a label was not read. */
  held: Figure | null;
  /** Null when the swatch was not weighed: nothing honest can be said then. */
  figures: {
    massPerArea: Figure;
    fabric: Figure;
    /** Null where no trim takes yarn by its length. */
    trim: Figure | null;
    sewing: Figure;
    mass: Figure;
    length: Figure;
    balls: Figure;
  } | null;
  /** The same for each yarn held, the first yarn first; none when nothing can be said. */
  lots: YarnLot[];
  problems: Problem[];
}

/**
 * Yarn for the whole bag: the area of its pieces and of what is worked apart times the swatch's mass for its area, plus the yarn that sews
 * the seams and the tails, plus a reserve.
 *
 * @param pieces what they come to, and what of them is worked in other colours
 * @param fittings what is put on the bag, each with what it takes
 */
export function yarnStage(
  design: Design,
  gauge: GaugeStage,
  pieces: PiecesFigures & { uses: readonly ColourUse[] },
  fittings: readonly FittingStage[],
): YarnStage {
  const yarns = yarnsHeld(design.swatch);
  // Rough figures are the class's own and can't contradict it.
  const classProblems = yarnClassProblems(
    design.swatch,
    isMeasured(design.swatch) ? gauge.onSwatch.stitchWidth.value : null,
    swatchPatternOf(design).nature.widthToSc,
  );
  const held = heldFigure(yarns);
  const weighed = whatWasWeighed(design.swatch, yarns);
  if (!weighed.ok) return { held, figures: null, lots: [], problems: [...classProblems, weighed.problem] };

  const perArea = massPerArea(design, weighed.swatch);
  const fabric = fabricFigure(pieces, fittings, perArea);
  const sewing = sewingFigure(design, weighed.yarns[0], pieces, fittings);
  const trim = trimFigure(held, fittings);
  const mass = makeFigure(
    'yarn.mass',
    'Yarn to have',
    (fabric.value + sewing.value + (trim?.value ?? 0)) * (1 + YARN_RESERVE),
    'g',
    {
      rule: `Yarn in the fabric${trim ? ', in trim' : ''} and to sew with, plus ${YARN_RESERVE * 100} % kept in reserve.`,
      inputs: [fabric, ...(trim ? [trim] : []), sewing].map(inputFrom),
      source: COMMON_PRACTICE,
    },
    (fabric.plusMinus ?? 0) * (1 + YARN_RESERVE),
  );
  const lots = yarnLots(weighed.yarns, { fabric, trim, sewing, mass, perArea }, design, pieces.uses);
  return {
    held,
    figures: { massPerArea: perArea, fabric, trim, sewing, mass, length: lots[0].length, balls: lots[0].balls },
    lots,
    problems: [...classProblems, ...lastsProblems(lots, { sewing, perArea }, fittings)],
  };
}

/** Whether what is at hand of each yarn lasts; of those of which that is not said, nothing. */
const lastsProblems = (
  lots: readonly YarnLot[],
  { sewing, perArea }: { sewing: Figure; perArea: Figure },
  fittings: readonly FittingStage[],
): Problem[] =>
  lots.flatMap(({ name, mass, ballMassG, share, fabricG, atHandG }, index) =>
    atHandG === null
      ? []
      : atHandProblems(
          {
            id: lackingId(index),
            name,
            mass,
            ballMassG,
            atHandG,
            usedG: fabricG + (index === 0 ? sewing.value : 0),
            gPerMm2: (perArea.value * share) / 1e6,
          },
          index,
          fittings,
        ),
  );

const lackingId = (index: number): string => (index === 0 ? 'yarn.lacking' : `yarn.lacking.${index + 1}`);

type Weighed =
  { ok: true; swatch: WeighedSwatch; yarns: readonly [YarnHeld, ...YarnHeld[]] } | { ok: false; problem: Problem };

/** The swatch as it was weighed and measured, and its yarns; or what of that is missing. */
function whatWasWeighed(swatch: Design['swatch'], yarns: readonly [YarnHeld, ...YarnHeld[]] | null): Weighed {
  const missing = (problem: Problem): Weighed => ({ ok: false, problem });
  if (swatch.weighed === null)
    return missing({ code: 'swatch-not-weighed', path: ['swatch', 'weighed'], values: {}, ...unknown });
  if (yarns === null)
    return missing({ code: 'ball-not-known', path: ['swatch', 'yarn', 'ballMassG'], values: {}, ...unknown });
  const whole = wholeSwatch(swatch);
  if (whole) return { ok: true, swatch: whole, yarns };
  const { massG, widthMm } = swatch.weighed;
  return missing({
    code: 'mass-without-area',
    path: ['swatch', 'weighed', widthMm === null ? 'widthMm' : 'heightMm'],
    values: {
      massG,
      leastWidthMm: Math.max(0, ...swatch.stitchReadings.map(({ lengthMm }) => lengthMm)),
      leastHeightMm: Math.max(0, ...swatch.rowReadings.map(({ lengthMm }) => lengthMm)),
    },
    ...unknown,
  });
}

function fabricFigure({ area }: PiecesFigures, fittings: readonly FittingStage[], massPerArea: Figure): Figure {
  const strips = fittings.flatMap(({ worked }) => worked);
  const workedOn = fittings.flatMap((fitting) => fitting.workedOn);
  const areaMm2 =
    area.value +
    strips.reduce((sum, { fabric }) => sum + fabric.value, 0) +
    workedOn.reduce((sum, { value }) => sum + value, 0);
  const fabricG = (areaMm2 * massPerArea.value) / 1e6;
  return makeFigure(
    'yarn.fabric',
    'Yarn in the fabric',
    fabricG,
    'g',
    {
      rule: `Area of all pieces, and of what is worked apart${workedOn.length > 0 ? ' or worked on to them' : ''}, times the mass of the fabric.`,
      inputs: [
        inputFrom(area),
        ...strips.map(({ fabric }) => inputFrom(fabric)),
        ...workedOn.map(inputFrom),
        inputFrom(massPerArea),
      ],
      source: GEOMETRY,
    },
    fabricG * Math.hypot(relative(massPerArea), relative(area)),
  );
}

/** Yarn that trim takes by its length, as it is held; null where none does. */
function trimFigure(held: Figure | null, fittings: readonly FittingStage[]): Figure | null {
  const threads = fittings.flatMap((fitting) => fitting.threads);
  if (held === null || threads.length === 0) return null;
  const metres = threads.reduce((sum, { value }) => sum + value, 0);
  return makeFigure('yarn.trim', 'Yarn in trim', metres / held.value, 'g', {
    rule: 'Its length, as it is held, divided by the metres that weigh a gram.',
    inputs: [...threads, held].map(inputFrom),
    source: GEOMETRY,
  });
}

/** What sews is one strand of the first yarn. */
function sewingFigure(
  design: Design,
  first: YarnHeld,
  { seams, pieceCount }: PiecesFigures,
  fittings: readonly FittingStage[],
): Figure {
  const gPerMm = first.ballMassG / (first.ballLengthM * 1000);
  const tailCount = fittings.reduce((sum, { tails }) => sum + tails, 2 * pieceCount + 4);
  const seam = SEAMS[design.body.seam.kind];
  const sewn = fittings.flatMap((fitting) => fitting.sewn);
  const sewnMm = sewn.reduce((sum, { mm }) => sum + mm, 0);
  const sewingG = (seam.yarnRatio * seams.value + SEAM_YARN_RATIO * sewnMm + tailCount * TAIL_MM) * gPerMm;
  return makeFigure('yarn.sewing', 'Yarn to sew with, and tails', sewingG, 'g', {
    rule: `Length of the seams times ${seam.yarnRatio}, what is whipped on, all round, times ${SEAM_YARN_RATIO} (usual for whipping: 3.6 to 3.9), plus a tail of ${TAIL_MM} mm at each end of a yarn.`,
    inputs: [
      inputFrom(seams),
      ...sewn.map(({ label, mm }) => input(label, mm, 'mm')),
      input('Tails', tailCount, 'count'),
      input('One ball', first.ballMassG, 'g'),
      input('One ball', first.ballLengthM, 'm'),
    ],
    source: seam.yarnSource,
  });
}

/** What is not known of the yarn yet: nothing honest can be said then. */
const unknown = { severity: 'mind', place: 'swatch', repairs: [] as Problem['repairs'] } as const;

interface YarnHeld {
  name: string;
  strands: number;
  ballMassG: number;
  ballLengthM: number;
}

/** The yarns of a swatch that are held together, the first of them the one that it is named for; null where a label was not read. */
function yarnsHeld({ yarn, strands, heldWith }: Design['swatch']): [YarnHeld, ...YarnHeld[]] | null {
  const all = [{ strands, ...yarn }, ...heldWith].map(({ name, strands: held, ballMassG, ballLengthM }) =>
    ballMassG === null || ballLengthM === null ? null : { name, strands: held, ballMassG, ballLengthM },
  );
  return all.every((one) => one !== null) ? (all as [YarnHeld, ...YarnHeld[]]) : null;
}

/** What one yarn has of the whole: so much of the fabric, why, and whether it sews as well. */
interface YarnPart {
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
function yarnLots(
  yarns: readonly [YarnHeld, ...YarnHeld[]],
  needed: Needed,
  { yarnAtHandG, furtherYarns }: Pick<Design, 'yarnAtHandG' | 'furtherYarns'>,
  uses: readonly ColourUse[],
): [YarnLot, ...YarnLot[]] {
  const parts = [...heldParts(yarns, needed, uses), ...colourParts(yarns, needed, furtherYarns, uses)];
  return parts.map((part, index) =>
    lotOf(part, index, { alone: parts.length === 1, needed, atHandG: yarnAtHandG[index] ?? null }),
  ) as [YarnLot, ...YarnLot[]];
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
      ...{ yarn, share, sews, tailsG: 0 },
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
        yarn: { name, ballMassG, ballLengthM },
        share,
        fabricG: colourG(use, needed) * share,
        tailsG: (use.tails * TAIL_MM * ballMassG) / (ballLengthM * 1000),
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
  { yarn, share, fabricG, tailsG, sews, rule, inputs }: YarnPart,
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
  const lot = { name: yarn.name, ballMassG: yarn.ballMassG, mass: lotMass };
  const lacking = atHandG === null ? null : lackingFigure({ id: lackingId(index), ...lot, atHandG });
  return { ...lot, length, balls, share, fabricG: fabricG + tailsG, atHandG, lacking };
}

const relative = (figure: Figure): number => (figure.plusMinus ?? 0) / figure.value;

function heldFigure(yarns: readonly YarnHeld[] | null): Figure | null {
  if (yarns === null) return null;
  const counts = yarns.flatMap((yarn) => Array<number>(yarn.strands).fill(yarn.ballLengthM / yarn.ballMassG));
  return makeFigure('yarn.count', 'Yarn as held, metric count', heldTogether(counts), 'm/g', {
    rule: 'Length of a ball divided by its mass; for strands held together, one over the sum of one over each.',
    inputs: yarns.flatMap((yarn) => [
      input(`One ball of ${yarn.name}`, yarn.ballLengthM, 'm'),
      input(`One ball of ${yarn.name}`, yarn.ballMassG, 'g'),
      input(`Strands of ${yarn.name}`, yarn.strands, 'count'),
    ]),
    source: GEOMETRY,
  });
}
