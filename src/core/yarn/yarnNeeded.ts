import { SEAMS } from '@/core/body';
import {
  OTHER_STITCH_SHARE,
  SCALE_ERROR_G,
  SEAM_YARN_RATIO,
  TAIL_MM,
  TAPE_ERROR_MM,
  YARN_RESERVE,
} from '@/core/defaults';
import { isMeasured, patternOf, swatchPatternOf, type Design } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { GaugeStage } from '@/core/gauge';
import type { PiecesFigures } from '@/core/pieces';
import type { Problem } from '@/core/problems';
import type { PouchStage } from '@/core/stages';
import { footDepthMm, type StrapStage } from '@/core/strap';

import { heldTogether, yarnClassProblems } from './yarnClass';

/** What to have of one of the yarns. */
export interface YarnLot {
  name: string;
  ballMassG: number;
  mass: Figure;
  length: Figure;
  balls: Figure;
}

export interface YarnStage {
  /** The yarn as it is held: metres of it, all strands together, that weigh a gram; null where a label was not read. */
  held: Figure | null;
  /** Null when the swatch was not weighed: nothing honest can be said then. */
  figures: { massPerArea: Figure; fabric: Figure; sewing: Figure; mass: Figure; length: Figure; balls: Figure } | null;
  /** The same for each yarn held, the first yarn first; none when nothing can be said. */
  lots: YarnLot[];
  problems: Problem[];
}

/** 95 % of a reading equally likely anywhere within ± 1 of its limit (JCGM 100:2008, 4.3.7). */
const COVERAGE_OF_LIMITS = 1.96 / Math.sqrt(3);

/**
 * Yarn for the whole bag: the area of panel and strap times the swatch's mass for its area, plus the yarn that sews
 * the seams and the tails, plus a reserve.
 */
export function yarnStage(
  design: Design,
  gauge: GaugeStage,
  pouch: PouchStage,
  { area: panelArea, seams, pieceCount }: PiecesFigures,
  strap: StrapStage | null,
): YarnStage {
  const { weighed } = design.swatch;
  const yarns = yarnsHeld(design.swatch);
  const held = heldFigure(yarns);
  // Rough figures are the class's own and can't contradict it.
  const classProblems = yarnClassProblems(
    design.swatch,
    isMeasured(design.swatch) ? gauge.onSwatch.stitchWidth.value : null,
    swatchPatternOf(design).nature.widthToSc,
  );
  const nothing = (problem: Problem): YarnStage => ({
    held,
    figures: null,
    lots: [],
    problems: [...classProblems, problem],
  });
  if (weighed === null) return nothing(weighingProblem('swatch-not-weighed', ['swatch', 'weighed']));
  const { massG: swatchG, widthMm: swatchWidthMm, heightMm: swatchHeightMm } = weighed;
  if (yarns === null) return nothing(weighingProblem('ball-not-known', ['swatch', 'yarn', 'ballMassG']));
  if (swatchWidthMm === null || swatchHeightMm === null)
    return nothing(
      weighingProblem('mass-without-area', ['swatch', 'weighed', swatchWidthMm === null ? 'widthMm' : 'heightMm'], {
        massG: swatchG,
        leastWidthMm: Math.max(0, ...design.swatch.stitchReadings.map(({ lengthMm }) => lengthMm)),
        leastHeightMm: Math.max(0, ...design.swatch.rowReadings.map(({ lengthMm }) => lengthMm)),
      }),
    );

  const swatchArea = swatchWidthMm * swatchHeightMm;
  const yarnRatio = patternOf(design).nature.yarnToSc / swatchPatternOf(design).nature.yarnToSc;
  const gPerMm2 = (swatchG / swatchArea) * yarnRatio;
  const densityShare =
    COVERAGE_OF_LIMITS *
      Math.hypot(SCALE_ERROR_G / swatchG, TAPE_ERROR_MM / swatchWidthMm, TAPE_ERROR_MM / swatchHeightMm) +
    (design.stitch === design.swatch.stitch ? 0 : OTHER_STITCH_SHARE);
  const massPerArea = makeFigure(
    'yarn.massPerArea',
    'Mass of the fabric',
    gPerMm2 * 1e6,
    'g/m2',
    {
      rule: 'Mass of the swatch divided by its area. The ± is that of a kitchen scale (± 1 g) and a tape: a bigger swatch makes it smaller.',
      inputs: [
        input('Swatch on the scale', swatchG, 'g'),
        input('Swatch width', swatchWidthMm, 'mm'),
        input('Swatch height', swatchHeightMm, 'mm'),
        ...(design.stitch === design.swatch.stitch
          ? []
          : [input('Bag’s stitch against the swatch’s, usually', yarnRatio, 'ratio')]),
      ],
      source: { kind: 'measured' },
    },
    gPerMm2 * 1e6 * densityShare,
  );

  const strapAreaMm2 = strap ? strap.figures.width.value * strap.figures.slackPlanned.value : 0;
  const areaMm2 = panelArea.value + strapAreaMm2;
  const areaShare = relative(panelArea);
  const fabricG = areaMm2 * gPerMm2;
  const fabric = makeFigure(
    'yarn.fabric',
    'Yarn in the fabric',
    fabricG,
    'g',
    {
      rule: 'Area of all pieces and the strap, times the mass of the fabric.',
      inputs: [
        inputFrom(panelArea),
        ...(strap ? [inputFrom(strap.figures.width), inputFrom(strap.figures.slackPlanned)] : []),
        inputFrom(massPerArea),
      ],
      source: GEOMETRY,
    },
    fabricG * Math.hypot(densityShare, areaShare),
  );

  // What sews is one strand of the first yarn.
  const [first] = yarns;
  const gPerMm = first.ballMassG / (first.ballLengthM * 1000);
  const tailCount = 2 * pieceCount + 4 + (strap ? 2 + 4 : 0);
  const seam = SEAMS[design.body.seam.kind];
  const feetMm = strap ? 2 * footOutlineMm(strap, pouch) : 0;
  const sewingG = (seam.yarnRatio * seams.value + SEAM_YARN_RATIO * feetMm + tailCount * TAIL_MM) * gPerMm;
  const sewing = makeFigure('yarn.sewing', 'Yarn to sew with, and tails', sewingG, 'g', {
    rule: `Length of the seams times ${seam.yarnRatio}, what strap feet are whipped with times ${SEAM_YARN_RATIO} (usual for whipping: 3.6 to 3.9), plus a tail of ${TAIL_MM} mm at each end of a yarn.`,
    inputs: [
      inputFrom(seams),
      input('Round the strap’s feet', feetMm, 'mm'),
      input('Tails', tailCount, 'count'),
      input('One ball', first.ballMassG, 'g'),
      input('One ball', first.ballLengthM, 'm'),
    ],
    source: seam.yarnSource,
  });

  const massG = (fabricG + sewingG) * (1 + YARN_RESERVE);
  const massPlusMinus = (fabric.plusMinus ?? 0) * (1 + YARN_RESERVE);
  const mass = makeFigure(
    'yarn.mass',
    'Yarn to have',
    massG,
    'g',
    {
      rule: `Yarn in the fabric and to sew with, plus ${YARN_RESERVE * 100} % kept in reserve.`,
      inputs: [inputFrom(fabric), inputFrom(sewing)],
      source: COMMON_PRACTICE,
    },
    massPlusMinus,
  );
  const lots = yarnLots(yarns, { fabric, sewing, mass });
  return {
    held,
    figures: { massPerArea, fabric, sewing, mass, length: lots[0].length, balls: lots[0].balls },
    lots,
    problems: classProblems,
  };
}

function weighingProblem(
  code: 'swatch-not-weighed' | 'mass-without-area' | 'ball-not-known',
  path: string[],
  values: Record<string, number> = {},
): Problem {
  return { code, severity: 'mind', place: 'swatch', path, values, repairs: [] };
}

interface YarnHeld {
  name: string;
  strands: number;
  ballMassG: number;
  ballLengthM: number;
}

/** The yarns of a swatch that are held together, the first of them the one that it is named for; null where a label was not read. */
function yarnsHeld({ yarn, strands, heldWith }: Design['swatch']): [YarnHeld, ...YarnHeld[]] | null {
  const all = [{ ...yarn, strands }, ...heldWith].map(({ name, strands: held, ballMassG, ballLengthM }) =>
    ballMassG === null || ballLengthM === null ? null : { name, strands: held, ballMassG, ballLengthM },
  );
  return all.every((one) => one !== null) ? (all as [YarnHeld, ...YarnHeld[]]) : null;
}

/**
 * What each yarn held has of the whole: as much of the fabric as a metre of it weighs of a metre of all together. The first
 * one sews as well.
 */
function yarnLots(
  yarns: readonly [YarnHeld, ...YarnHeld[]],
  { fabric, sewing, mass }: { fabric: Figure; sewing: Figure; mass: Figure },
): [YarnLot, ...YarnLot[]] {
  const gPerM = (yarn: YarnHeld) => (yarn.strands * yarn.ballMassG) / yarn.ballLengthM;
  const allGPerM = yarns.reduce((sum, yarn) => sum + gPerM(yarn), 0);
  const alone = yarns.length === 1;
  return yarns.map((yarn, index): YarnLot => {
    const id = (what: string) => (index === 0 ? `yarn.${what}` : `yarn.${what}.${index + 1}`);
    const of = alone ? '' : ` of ${yarn.name}`;
    const share = gPerM(yarn) / allGPerM;
    const lotMass = alone
      ? mass
      : makeFigure(
          `yarn.mass.of.${index + 1}`,
          `Yarn to have${of}`,
          (fabric.value * share + (index === 0 ? sewing.value : 0)) * (1 + YARN_RESERVE),
          'g',
          {
            rule: `Yarn in the fabric, times what a metre of this one weighs of a metre of all held together${index === 0 ? '; it sews as well' : ''}; plus ${YARN_RESERVE * 100} % kept in reserve.`,
            inputs: [
              inputFrom(fabric),
              input('Its share', share, 'ratio'),
              ...(index === 0 ? [inputFrom(sewing)] : []),
            ],
            source: COMMON_PRACTICE,
          },
          (fabric.plusMinus ?? 0) * share * (1 + YARN_RESERVE),
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
    return { name: yarn.name, ballMassG: yarn.ballMassG, mass: lotMass, length, balls };
  }) as [YarnLot, ...YarnLot[]];
}

/** A foot is sewn round its four sides. */
function footOutlineMm(strap: StrapStage, pouch: PouchStage): number {
  return 2 * (strap.figures.width.value + footDepthMm(strap, pouch));
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
