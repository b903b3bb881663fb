import { SEAMS } from '@/core/body';
import { SEAM_YARN_RATIO, TAIL_MM, YARN_RESERVE } from '@/core/defaults';
import { isMeasured, swatchPatternOf, type Design } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { ColourUse } from '@/core/colours';
import type { FittingStage } from '@/core/fittings';
import type { GaugeStage } from '@/core/gauge';
import type { PiecesFigures } from '@/core/pieces';
import type { Problem } from '@/core/problems';
import { atHandProblems } from './yarnAtHand';
import { lackingId, relative, stripeTails, yarnLots, type YarnHeld, type YarnLot } from './yarnLots';
import { massPerArea, wholeSwatch, type WeighedSwatch } from './massPerArea';
import { heldTogether, yarnClassProblems } from './yarnClass';

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
    /** Null where no stripe is in another colour. */
    tails: Figure | null;
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
  const tails = stripeTails(design.furtherYarns, pieces.uses);
  const mass = makeFigure(
    'yarn.mass',
    'Yarn to have',
    (fabric.value + sewing.value + (trim?.value ?? 0) + (tails?.value ?? 0)) * (1 + YARN_RESERVE),
    'g',
    {
      rule: `Yarn in the fabric${trim ? ', in trim' : ''} and to sew with${tails ? ', and in tails of stripes' : ''}, plus ${YARN_RESERVE * 100} % kept in reserve.`,
      inputs: [fabric, ...(trim ? [trim] : []), sewing, ...(tails ? [tails] : [])].map(inputFrom),
      source: COMMON_PRACTICE,
    },
    (fabric.plusMinus ?? 0) * (1 + YARN_RESERVE),
  );
  const lots = yarnLots(weighed.yarns, { fabric, trim, sewing, mass, perArea }, design, pieces.uses);
  return {
    held,
    figures: { massPerArea: perArea, fabric, trim, sewing, tails, mass, length: lots[0].length, balls: lots[0].balls },
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

/** The yarns of a swatch that are held together, the first of them the one that it is named for; null where a label was not read. */
function yarnsHeld({ yarn, strands, heldWith }: Design['swatch']): [YarnHeld, ...YarnHeld[]] | null {
  const all = [{ strands, ...yarn }, ...heldWith].map(({ name, strands: held, ballMassG, ballLengthM }) =>
    ballMassG === null || ballLengthM === null ? null : { name, strands: held, ballMassG, ballLengthM },
  );
  return all.every((one) => one !== null) ? (all as [YarnHeld, ...YarnHeld[]]) : null;
}

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
