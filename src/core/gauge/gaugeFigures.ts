import { COUNT_ERROR, OTHER_PIECE_SHARE, OTHER_STITCH_SHARE, READINGS_FAR_APART, TAPE_ERROR_MM } from '@/core/defaults';
import { patternOf, swatchPatternOf, type Design } from '@/core/design';
import { figureId, input, inputFrom, makeFigure, type Figure, type ReasonInput } from '@/core/figures';
import type { Problem } from '@/core/problems';
import { carriedOver, openShare } from './carriedOver';
import { pieceOfBody } from './pieceOfBody';
import { estimateGauge, type GaugeEstimate, type Reading } from './estimateGauge';
import { timesLonger } from './widerSwatch';

/** What of a design the gauge follows from. */
type Worked = Pick<Design, 'swatch' | 'stitch' | 'ownStitches' | 'plainEdge' | 'body'>;

export interface GaugeStage {
  /** As measured on the swatch; where the bag is in another stitch, its own are foretold from these. */
  onSwatch: { stitchWidth: Figure; rowHeight: Figure };
  stitchWidth: Figure;
  rowHeight: Figure;
  fabricThickness: Figure;
  /** How wide, and how high, readings must be for half the present ±. */
  widerForHalf: Figure;
  tallerForHalf: Figure;
  problems: Problem[];
}

const SOURCE = {
  kind: 'published',
  reference: 'ratio estimate: Cochran, Sampling Techniques; uncertainty: JCGM 100:2008 (GUM)',
} as const;

/**
 * Stitch width, row height and thickness of the bag's fabric as figures, with what is doubtful about the readings. Where the
 * bag is worked in another stitch than the swatch, they are foretold from what is usual for both, with a wider ±.
 */
export function gaugeStage(design: Worked): GaugeStage {
  const { swatch, stitch } = design;
  const width = estimateGauge(swatch.stitchReadings);
  const height = estimateGauge(swatch.rowReadings);
  const measured = {
    stitchWidth: gaugeFigure('gauge.stitchWidth', 'Width of one stitch', 'mm/stitch', swatch.stitchReadings, width),
    rowHeight: gaugeFigure('gauge.rowHeight', 'Height of one row', 'mm/row', swatch.rowReadings, height),
    fabricThickness: makeFigure('gauge.thickness', 'Thickness of the fabric', swatch.thicknessMm, 'mm', {
      rule: 'As you measured it on the swatch, pressed lightly between two flat things.',
      inputs: [],
      source: { kind: 'measured' },
    }),
    widerForHalf: halfFigure('gauge.widerForHalf', 'Readings this wide halve it', swatch.stitchReadings, width),
    tallerForHalf: halfFigure('gauge.tallerForHalf', 'Readings this high halve it', swatch.rowReadings, height),
  };
  const isOwn = swatch.stitch === stitch && swatch.standsFor === pieceOfBody(design.body.kind);
  const onSwatch = isOwn
    ? { stitchWidth: measured.stitchWidth, rowHeight: measured.rowHeight }
    : {
        stitchWidth: ofSwatch(measured.stitchWidth, 'gauge.onSwatch.stitchWidth'),
        rowHeight: ofSwatch(measured.rowHeight, 'gauge.onSwatch.rowHeight'),
      };
  const problems = [
    ...readingProblems('stitchReadings', 'gauge.stitchWidth', swatch.stitchReadings),
    ...readingProblems('rowReadings', 'gauge.rowHeight', swatch.rowReadings),
    ...swatchProblems(design),
  ];
  if (isOwn) return { ...measured, onSwatch, problems };
  const from = swatchPatternOf(design).nature;
  const to = patternOf(design).nature;
  return {
    ...measured,
    onSwatch,
    stitchWidth: foretold(onSwatch.stitchWidth, measured.stitchWidth, to.widthToSc / from.widthToSc, design),
    rowHeight: foretold(onSwatch.rowHeight, measured.rowHeight, to.heightToSc / from.heightToSc, design),
    fabricThickness: foretold(
      measured.fabricThickness,
      measured.fabricThickness,
      to.thicknessToSc / from.thicknessToSc,
      design,
    ),
    problems,
  };
}

/** A measure as it is on the swatch, told apart from the bag's own. */
const ofSwatch = (figure: Figure, id: string): Figure => ({
  ...figure,
  id: figureId(id),
  label: `${figure.label}, on the swatch`,
});

/** A measure of the swatch carried over to another stitch or another piece, with what that leaves open. */
function foretold(shown: Figure, measured: Figure, ratio: number, { swatch, stitch, body }: Worked): Figure {
  const open = openShare({
    otherStitch: swatch.stitch !== stitch,
    otherPiece: swatch.standsFor !== pieceOfBody(body.kind),
  });
  const over = carriedOver({ mm: measured.value, plusMinusMm: measured.plusMinus ?? 0 }, ratio, open);
  const rule =
    swatch.stitch === stitch
      ? 'As measured, but on a swatch for another piece: how much the bag differs from it is not known.'
      : 'As measured on the swatch, times what is usual for the bag’s stitch against the swatch’s. A swatch in the bag’s own stitch makes the ± far smaller.';
  return makeFigure(
    measured.id,
    measured.label,
    over.mm,
    measured.unit,
    {
      rule,
      inputs: [
        ...(shown.id === measured.id
          ? [input(`${measured.label}, on the swatch`, measured.value, measured.unit)]
          : [inputFrom(shown)]),
        input('Bag’s stitch against the swatch’s', ratio, 'ratio'),
        input('Not known', open, 'ratio'),
      ],
      source: { kind: 'memory' },
    },
    over.plusMinusMm,
  );
}

/** The length that readings must have for half the ±, as many of them as there are. */
function halfFigure(id: string, label: string, readings: readonly Reading[], estimate: GaugeEstimate): Figure {
  const longestMm = Math.max(...readings.map(({ lengthMm }) => lengthMm));
  const times = timesLonger(estimate, 0.5);
  return makeFigure(id, label, longestMm * times, 'mm', {
    rule: `As many readings, each so many times longer: what tape and count can be off is shared by more stitches, and uneven stitches average out. It takes for granted that one stitch knows nothing of the next.`,
    inputs: [
      input('Longest reading now', longestMm, 'mm'),
      input('Times longer', times, 'count'),
      input('± from the readings differing, a stitch or row', estimate.spreadMm, 'mm'),
      input('± from reading tape and count, a stitch or row', estimate.readingMm, 'mm'),
    ],
    source: SOURCE,
  });
}

function swatchProblems(design: Worked): Problem[] {
  const { swatch, stitch } = design;
  const asks = ['gauge.stitchWidth', 'gauge.rowHeight'];
  const problems: Problem[] = [];
  if (swatch.stitch !== stitch)
    problems.push({
      code: 'swatch-other-stitch',
      severity: 'decide',
      place: 'swatch',
      path: ['swatch', 'stitch'],
      asks,
      values: { share: OTHER_STITCH_SHARE },
      repairs: [
        {
          code: 'work-in-swatch-stitch',
          values: {},
          edits: [
            { path: ['stitch'], value: swatch.stitch },
            { path: ['body', 'chosenStitches'], value: null },
          ],
        },
        { code: 'swatch-was-in-this', values: {}, edits: [{ path: ['swatch', 'stitch'], value: stitch }] },
      ],
    });
  if (swatch.standsFor !== pieceOfBody(design.body.kind))
    problems.push({
      code: 'swatch-other-piece',
      severity: 'decide',
      place: 'swatch',
      path: ['swatch', 'standsFor'],
      asks,
      values: { share: OTHER_PIECE_SHARE, isRounds: pieceOfBody(design.body.kind) === 'rounds' ? 1 : 0 },
      repairs: [
        {
          code: 'swatch-was-for-this',
          values: { isRounds: pieceOfBody(design.body.kind) === 'rounds' ? 1 : 0 },
          edits: [{ path: ['swatch', 'standsFor'], value: pieceOfBody(design.body.kind) }],
        },
      ],
    });
  const { repeatStitches } = swatchPatternOf(design);
  const widest = Math.max(...swatch.stitchReadings.map(({ count }) => count));
  if (repeatStitches > 1 && widest < 2 * repeatStitches)
    problems.push({
      code: 'swatch-under-two-repeats',
      severity: 'mind',
      place: 'swatch',
      path: ['swatch', 'stitchReadings'],
      values: { stitches: 2 * repeatStitches, widest },
      repairs: [],
    });
  return problems;
}

function gaugeFigure(
  id: string,
  label: string,
  unit: 'mm/stitch' | 'mm/row',
  readings: readonly Reading[],
  estimate: GaugeEstimate,
): Figure {
  const counted = unit === 'mm/stitch' ? ('stitch' as const) : ('row' as const);
  const inputs: ReasonInput[] = readings.flatMap((reading, index) => [
    input(`Reading ${index + 1}: counted`, reading.count, counted),
    input(`Reading ${index + 1}: over`, reading.lengthMm, 'mm'),
  ]);
  const spread = estimate.spreadSeen
    ? 'how far the readings differ'
    : 'a usual spread, since one reading cannot show its own';
  return makeFigure(
    id,
    label,
    estimate.mm,
    unit,
    {
      rule: `All lengths together, divided by all counts together. The ± joins ${spread} with what a tape (± ${TAPE_ERROR_MM} mm) and a count (± ${COUNT_ERROR}) can be off; 19 times in 20 the truth lies within it.`,
      inputs: [
        ...inputs,
        input('± from the readings differing', estimate.spreadMm, unit),
        input('± from reading tape and count', estimate.readingMm, unit),
      ],
      source: SOURCE,
    },
    estimate.plusMinusMm,
  );
}

function readingProblems(
  field: 'stitchReadings' | 'rowReadings',
  figure: string,
  readings: readonly Reading[],
): Problem[] {
  const at = { place: 'swatch', path: ['swatch', field], asks: [figure] } as const;
  if (readings.length === 1) return [{ ...at, code: 'one-reading', severity: 'decide', values: {}, repairs: [] }];

  const sizes = readings.map(({ count, lengthMm }) => lengthMm / count);
  const least = Math.min(...sizes);
  const most = Math.max(...sizes);
  const apart = (2 * (most - least)) / (most + least);
  if (apart <= READINGS_FAR_APART) return [];
  const values = { apartShare: apart, leastMm: least, mostMm: most };
  return [{ ...at, code: 'readings-far-apart', severity: 'decide', values, repairs: [] }];
}
