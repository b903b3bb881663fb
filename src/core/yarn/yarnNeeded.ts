import {
  OTHER_STITCH_SHARE,
  SCALE_ERROR_G,
  SEAM_YARN_RATIO,
  TAIL_MM,
  TAPE_ERROR_MM,
  YARN_RESERVE,
} from '@/core/defaults';
import type { Design } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { FlapStage } from '@/core/flap';
import type { PouchStage } from '@/core/body';
import type { Problem } from '@/core/problems';
import { estimateGauge } from '@/core/gauge';
import { STITCHES } from '@/core/stitches';
import type { StrapStage } from '@/core/strap';

import { heldTogether, yarnClassProblems } from './yarnClass';

export interface YarnStage {
  /** The yarn as it is held: metres of it, all strands together, that weigh a gram. */
  held: Figure;
  /** Null when the swatch was not weighed: nothing honest can be said then. */
  figures: { massPerArea: Figure; fabric: Figure; sewing: Figure; mass: Figure; length: Figure; balls: Figure } | null;
  problems: Problem[];
}

/** 95 % of a reading equally likely anywhere within ± 1 of its limit (JCGM 100:2008, 4.3.7). */
const COVERAGE_OF_LIMITS = 1.96 / Math.sqrt(3);

/**
 * Yarn for the whole bag: the area of panel and strap times the swatch's mass for its area, plus the yarn that sews
 * the seams and the tails, plus a reserve.
 */
export function yarnStage(design: Design, pouch: PouchStage, flap: FlapStage, strap: StrapStage | null): YarnStage {
  const { weighed, yarn } = design.swatch;
  const held = heldFigure(design.swatch);
  const classProblems = yarnClassProblems(design.swatch, estimateGauge(design.swatch.stitchReadings).mm);
  if (weighed === null)
    return {
      held,
      figures: null,
      problems: [
        ...classProblems,
        {
          code: 'swatch-not-weighed',
          severity: 'mind',
          place: 'swatch',
          path: ['swatch', 'weighed'],
          values: {},
          repairs: [],
        },
      ],
    };

  const swatchArea = weighed.widthMm * weighed.heightMm;
  const yarnRatio = STITCHES[design.stitch].nature.yarnToSc / STITCHES[design.swatch.stitch].nature.yarnToSc;
  const gPerMm2 = (weighed.massG / swatchArea) * yarnRatio;
  const densityShare =
    COVERAGE_OF_LIMITS *
      Math.hypot(SCALE_ERROR_G / weighed.massG, TAPE_ERROR_MM / weighed.widthMm, TAPE_ERROR_MM / weighed.heightMm) +
    (design.stitch === design.swatch.stitch ? 0 : OTHER_STITCH_SHARE);
  const massPerArea = makeFigure(
    'yarn.massPerArea',
    'Mass of the fabric',
    gPerMm2 * 1e6,
    'g/m2',
    {
      rule: 'Mass of the swatch divided by its area. The ± is that of a kitchen scale (± 1 g) and a tape: a bigger swatch makes it smaller.',
      inputs: [
        input('Swatch on the scale', weighed.massG, 'g'),
        input('Swatch width', weighed.widthMm, 'mm'),
        input('Swatch height', weighed.heightMm, 'mm'),
        ...(design.stitch === design.swatch.stitch
          ? []
          : [input('Bag’s stitch against the swatch’s, usually', yarnRatio, 'ratio')]),
      ],
      source: { kind: 'measured' },
    },
    gPerMm2 * 1e6 * densityShare,
  );

  const { panelWidth, seamLength } = pouch.figures;
  const { panelLength } = flap.figures;
  const strapAreaMm2 = strap ? strap.figures.width.value * strap.figures.slackPlanned.value : 0;
  const areaMm2 = panelWidth.value * panelLength.value + strapAreaMm2;
  const areaShare = Math.hypot(relative(panelWidth), relative(panelLength));
  const fabricG = areaMm2 * gPerMm2;
  const fabric = makeFigure(
    'yarn.fabric',
    'Yarn in the fabric',
    fabricG,
    'g',
    {
      rule: 'Area of panel and strap, times the mass of the fabric.',
      inputs: [
        inputFrom(panelWidth),
        inputFrom(panelLength),
        ...(strap ? [inputFrom(strap.figures.width), inputFrom(strap.figures.slackPlanned)] : []),
        inputFrom(massPerArea),
      ],
      source: GEOMETRY,
    },
    fabricG * Math.hypot(densityShare, areaShare),
  );

  const gPerMm = yarn.ballMassG / (yarn.ballLengthM * 1000);
  const sewnMm = 2 * seamLength.value + (strap ? 2 * footOutlineMm(strap, pouch) : 0);
  const tailCount = 2 + 4 + (strap ? 2 + 4 : 0);
  const sewingG = (SEAM_YARN_RATIO * sewnMm + tailCount * TAIL_MM) * gPerMm;
  const sewing = makeFigure('yarn.sewing', 'Yarn to sew with, and tails', sewingG, 'g', {
    rule: `Length sewn times ${SEAM_YARN_RATIO} for a whipped seam (usual: 3.6 to 3.9), plus a tail of ${TAIL_MM} mm at each end of a yarn.`,
    inputs: [
      input('Length sewn', sewnMm, 'mm'),
      input('Tails', tailCount, 'count'),
      input('One ball', yarn.ballMassG, 'g'),
      input('One ball', yarn.ballLengthM, 'm'),
    ],
    source: COMMON_PRACTICE,
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
  const length = makeFigure(
    'yarn.length',
    'Yarn to have, length',
    massG / gPerMm / 1000,
    'm',
    {
      rule: 'Mass to have, times the length of a ball, divided by its mass.',
      inputs: [inputFrom(mass), input('One ball', yarn.ballLengthM, 'm'), input('One ball', yarn.ballMassG, 'g')],
      source: GEOMETRY,
    },
    massPlusMinus / gPerMm / 1000,
  );
  const balls = makeFigure('yarn.balls', 'Balls to buy', Math.ceil((massG + massPlusMinus) / yarn.ballMassG), 'ball', {
    rule: 'Mass to have, with its ± on top, divided by the mass of a ball, rounded up: the one that is too many is cheaper than the one that is missing.',
    inputs: [inputFrom(mass), input('One ball', yarn.ballMassG, 'g')],
    source: GEOMETRY,
  });
  return { held, figures: { massPerArea, fabric, sewing, mass, length, balls }, problems: classProblems };
}

/** A foot is sewn round its four sides. */
function footOutlineMm(strap: StrapStage, pouch: PouchStage): number {
  return 2 * (strap.figures.width.value + strap.figures.footRows.value * pouch.rowMm);
}

const relative = (figure: Figure): number => (figure.plusMinus ?? 0) / figure.value;

function heldFigure({ yarn, strands }: Design['swatch']): Figure {
  const oneNm = yarn.ballLengthM / yarn.ballMassG;
  return makeFigure(
    'yarn.count',
    'Yarn as held, metric count',
    heldTogether(Array<number>(strands).fill(oneNm)),
    'm/g',
    {
      rule: 'Length of a ball divided by its mass; for strands held together, one over the sum of one over each.',
      inputs: [
        input('One ball', yarn.ballLengthM, 'm'),
        input('One ball', yarn.ballMassG, 'g'),
        input('Strands', strands, 'count'),
      ],
      source: GEOMETRY,
    },
  );
}
