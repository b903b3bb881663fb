import {
  ASSUMED_SPREAD,
  COUNT_ERROR,
  PIECE_FAR_FROM_SWATCH,
  PIECE_FROM_SWATCH_SHARE,
  ROUGH_SHARE,
  TAPE_ERROR_MM,
} from '@/core/defaults';
import { isMeasured, patternOf, swatchPatternOf, type Correction } from '@/core/design';
import {
  MEMORY,
  figureId,
  input,
  inputFrom,
  makeFigure,
  restsOn,
  type Basis,
  type Figure,
  type ReasonInput,
} from '@/core/figures';
import type { Problem } from '@/core/problems';
import { carriedOver, openOf } from './carriedOver';
import type { GaugeEstimate, Reading } from './estimateGauge';
import { gaugeProblems } from './gaugeProblems';
import { pieceOfBody } from './pieceOfBody';
import { swatchGauge, type SwatchGauge, type SwatchMeasure } from './swatchGauge';
import { updatedBy } from './updatedBy';
import { timesLonger } from './widerSwatch';
import type { WorkedIn } from './workedIn';

export interface GaugeStage {
  /** As measured on the swatch; where the bag is in another stitch, its own are foretold from these. */
  onSwatch: { stitchWidth: Figure; rowHeight: Figure };
  /** As planned from the swatch, and from the logbook where she goes by it, before the piece itself is measured. */
  bySwatch: { stitchWidth: Figure; rowHeight: Figure };
  stitchWidth: Figure;
  rowHeight: Figure;
  fabricThickness: Figure;
  /** How wide, and how high, readings must be for half the present ±; null without readings. */
  widerForHalf: Figure | null;
  tallerForHalf: Figure | null;
  /** What the bag's gauge rests on besides readings of its own; null where it rests on those. */
  basis: Basis | null;
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
export function gaugeStage(design: WorkedIn): GaugeStage {
  const { swatch } = design;
  const from = swatchPatternOf(design).nature;
  const to = patternOf(design).nature;
  const told = swatchGauge(swatch, from);
  const measured = {
    stitchWidth: gaugeFigure(
      'gauge.stitchWidth',
      'Width of one stitch',
      'mm/stitch',
      swatch.stitchReadings,
      told.stitch,
      design,
    ),
    rowHeight: gaugeFigure('gauge.rowHeight', 'Height of one row', 'mm/row', swatch.rowReadings, told.row, design),
    fabricThickness: thicknessFigure(told),
  };
  const half = {
    widerForHalf: halfFigure('gauge.widerForHalf', 'Readings this wide halve it', swatch.stitchReadings, told.stitch),
    tallerForHalf: halfFigure('gauge.tallerForHalf', 'Readings this high halve it', swatch.rowReadings, told.row),
  };
  const isOwn =
    swatch.stitch === design.stitch && (!isMeasured(swatch) || swatch.standsFor === pieceOfBody(design.body.kind));
  const onSwatch = isOwn
    ? { stitchWidth: measured.stitchWidth, rowHeight: measured.rowHeight }
    : {
        stitchWidth: ofSwatch(measured.stitchWidth, 'gauge.onSwatch.stitchWidth'),
        rowHeight: ofSwatch(measured.rowHeight, 'gauge.onSwatch.rowHeight'),
      };
  const bags = isOwn
    ? measured
    : {
        stitchWidth: foretold(onSwatch.stitchWidth, measured.stitchWidth, to.widthToSc / from.widthToSc, design),
        rowHeight: foretold(onSwatch.rowHeight, measured.rowHeight, to.heightToSc / from.heightToSc, design),
        fabricThickness: foretold(
          measured.fabricThickness,
          measured.fabricThickness,
          to.thicknessToSc / from.thicknessToSc,
          design,
        ),
      };
  const { worked } = design;
  const { stitchWidth: usualStitch, rowHeight: usualRow } = design.corrected;
  const before = {
    stitchWidth: usualStitch ? asHersCameOut(bags.stitchWidth, usualStitch) : bags.stitchWidth,
    rowHeight: usualRow ? asHersCameOut(bags.rowHeight, usualRow) : bags.rowHeight,
  };
  const isOfThis = worked !== null && worked.stitch === design.stitch && worked.hookMm === swatch.hookMm;
  const corrected = isOfThis
    ? {
        stitchWidth: worked.stitches
          ? correctedFigure(before.stitchWidth, worked.stitches, usualStitch !== null)
          : before.stitchWidth,
        rowHeight: correctedFigure(before.rowHeight, worked.rows, usualRow !== null),
      }
    : before;
  const isAllWorked = isOfThis && worked.stitches !== null;
  const problems = [...gaugeProblems(design, told, from), ...(isOfThis ? farFromSwatch(before, worked) : [])];
  const bySwatch = before;
  return { onSwatch, bySwatch, basis: isAllWorked ? null : basisOf(design), problems, ...bags, ...corrected, ...half };
}

/** What the gauge of the bag rests on: rough figures, a swatch for something else, or its own swatch. */
function basisOf({ swatch, stitch, body }: WorkedIn): Basis | null {
  if (!isMeasured(swatch)) return 'rough';
  return swatch.stitch === stitch && swatch.standsFor === pieceOfBody(body.kind) ? null : 'foretold';
}

/** The swatch's own gauge where the bag's differs from it: asked for by another name. */
const ofSwatch = (figure: Figure, id: string): Figure => ({
  ...figure,
  id: figureId(id),
  label: `${figure.label}, on the swatch`,
});

function thicknessFigure({ thicknessMm, thicknessMeasured }: SwatchGauge): Figure {
  return makeFigure(
    'gauge.thickness',
    'Thickness of the fabric',
    thicknessMm,
    'mm',
    thicknessMeasured
      ? {
          rule: 'As you measured it on the swatch, pressed lightly between two flat things.',
          inputs: [],
          source: { kind: 'measured' },
        }
      : {
          rule: 'Not measured yet: what is usual for the width of the stitch. Press the swatch lightly between two flat things and measure it.',
          inputs: [],
          source: MEMORY,
          basis: 'rough',
        },
    thicknessMeasured ? null : thicknessMm * ROUGH_SHARE,
  );
}

/** A measure of the swatch carried over to another stitch or another piece, with what that leaves open. */
function foretold(shown: Figure, measured: Figure, ratio: number, { swatch, stitch, body }: WorkedIn): Figure {
  const open = openOf(swatch, stitch, body.kind);
  const over = carriedOver({ mm: measured.value, plusMinusMm: measured.plusMinus ?? 0 }, ratio, open);
  const rule = !isMeasured(swatch)
    ? 'The rough figure, times what is usual for the bag’s stitch. A swatch replaces it.'
    : swatch.stitch === stitch
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
          ? [{ ...input(`${measured.label}, on the swatch`, measured.value, measured.unit), ...restsOn(measured) }]
          : [inputFrom(shown)]),
        input('Bag’s stitch against the swatch’s', ratio, 'ratio'),
        input('Not known', open, 'ratio'),
      ],
      source: MEMORY,
      ...(isMeasured(swatch) ? { basis: 'foretold' as const } : {}),
    },
    over.plusMinusMm,
  );
}

/** A measure of the bag as bags of hers came out against their swatches. Its ± has in it how far one bag is from another. */
const asHersCameOut = (before: Figure, { value, plusMinus, bags }: Correction): Figure =>
  makeFigure(
    before.id,
    before.label,
    before.value * value,
    before.unit,
    {
      rule: 'As the swatch says, times what your bags came out at against their swatches. The ± joins that of the swatch with how far one of your bags is from another.',
      inputs: [
        { ...input(`${before.label}, by the swatch`, before.value, before.unit), ...restsOn(before) },
        input('Your bags against their swatches', value, 'ratio'),
        input('± of that, for the next bag', plusMinus, 'ratio'),
        input('Bags that it rests on', bags, 'count'),
      ],
      source: { kind: 'measured' },
    },
    before.value * value * Math.hypot((before.plusMinus ?? 0) / before.value, plusMinus),
  );

/**
 * A measure of the bag, corrected by what the piece itself measures while it is worked.
 *
 * @param isByLogbook whether what is known has in it already how far a piece may be from its swatch
 */
function correctedFigure(before: Figure, piece: Reading, isByLogbook: boolean): Figure {
  const counted = before.unit === 'mm/stitch' ? ('stitch' as const) : ('row' as const);
  const share = isByLogbook ? 0 : PIECE_FROM_SWATCH_SHARE;
  const { mm, plusMinusMm } = updatedBy({ mm: before.value, plusMinusMm: before.plusMinus ?? 0 }, piece, share);
  return makeFigure(
    before.id,
    before.label,
    mm,
    before.unit,
    {
      rule: `What the swatch says and what the piece itself measures, each weighed by how sure it is: precisions add. ${isByLogbook ? 'How far your pieces are from their swatches is known from your logbook' : `A piece may differ from its swatch by ${100 * PIECE_FROM_SWATCH_SHARE} % (95 %)`}; a long piece says more than that.`,
      inputs: [
        input(`${before.label}, by the swatch`, before.value, before.unit),
        input('± of that, for a piece', Math.hypot(before.plusMinus ?? 0, share * before.value), before.unit),
        input('On the piece: counted', piece.count, counted),
        input('On the piece: over', piece.lengthMm, 'mm'),
      ],
      source: {
        kind: 'published',
        reference: 'conjugate normal update: Gelman and others, Bayesian Data Analysis, § 2.5',
      },
    },
    plusMinusMm,
  );
}

/** A piece that has nothing to do with its swatch. */
function farFromSwatch(
  bags: Pick<GaugeStage, 'stitchWidth' | 'rowHeight'>,
  worked: NonNullable<WorkedIn['worked']>,
): Problem[] {
  const far = (figure: Figure, reading: Reading | null, field: 'rows' | 'stitches'): Problem[] => {
    if (reading === null) return [];
    const share = reading.lengthMm / reading.count / figure.value - 1;
    if (Math.abs(share) <= PIECE_FAR_FROM_SWATCH) return [];
    return [
      {
        code: 'piece-unlike-swatch',
        severity: 'decide',
        place: 'bench',
        path: ['worked', field, 'lengthMm'],
        asks: [figure.id],
        values: { share, isRows: field === 'rows' },
        repairs: [{ code: 'forget-worked', values: {}, edits: [{ path: ['worked'], value: null }] }],
      },
    ];
  };
  return [...far(bags.rowHeight, worked.rows, 'rows'), ...far(bags.stitchWidth, worked.stitches, 'stitches')];
}

/** The length that readings must have for half the ±, as many of them as there are. */
function halfFigure(id: string, label: string, readings: readonly Reading[], estimate: GaugeEstimate): Figure | null {
  if (readings.length === 0) return null;
  const longestMm = Math.max(...readings.map(({ lengthMm }) => lengthMm));
  const times = timesLonger(estimate, 0.5);
  return makeFigure(id, label, longestMm * times, 'mm', {
    rule: `As many readings, each so many times longer: what tape and count can be off is shared by more stitches, and uneven stitches average out. It takes for granted that one stitch knows nothing of the next.`,
    inputs: [
      input('Longest reading now', longestMm, 'mm'),
      input('Times longer', times, 'count'),
      input('± from uneven stitches, a stitch or row', estimate.spreadMm, 'mm'),
      input('± from reading tape and count, a stitch or row', estimate.readingMm, 'mm'),
    ],
    source: SOURCE,
  });
}

function gaugeFigure(
  id: string,
  label: string,
  unit: 'mm/stitch' | 'mm/row',
  readings: readonly Reading[],
  estimate: SwatchMeasure,
  design: WorkedIn,
): Figure {
  if (!estimate.measured) return roughFigure(id, label, unit, estimate, design);
  const counted = unit === 'mm/stitch' ? ('stitch' as const) : ('row' as const);
  const inputs: ReasonInput[] = readings.flatMap((reading, index) => [
    input(`Reading ${index + 1}: counted`, reading.count, counted),
    input(`Reading ${index + 1}: over`, reading.lengthMm, 'mm'),
  ]);
  return makeFigure(
    id,
    label,
    estimate.mm,
    unit,
    {
      rule: `All lengths together, divided by all counts together. The ± joins how uneven crochet usually is (${100 * ASSUMED_SPREAD.share} % over ${ASSUMED_SPREAD.overMm / 10} cm, worth ${ASSUMED_SPREAD.worthReadings} readings) and how far yours differ with what a tape (± ${TAPE_ERROR_MM} mm) and a count (± ${COUNT_ERROR}) can be off; 19 times in 20 the truth lies within it.`,
      inputs: [
        ...inputs,
        input('± from uneven stitches', estimate.spreadMm, unit),
        input('± from reading tape and count', estimate.readingMm, unit),
      ],
      source: SOURCE,
    },
    estimate.plusMinusMm,
  );
}

/** A measure that nobody took: of the yarn's class and the hook, or of the other way of the stitch. */
function roughFigure(
  id: string,
  label: string,
  unit: 'mm/stitch' | 'mm/row',
  { mm, plusMinusMm }: SwatchMeasure,
  { swatch }: WorkedIn,
): Figure {
  const { weightClass } = swatch.yarn;
  const isRow = unit === 'mm/row';
  const from =
    isRow && swatch.stitchReadings.length > 0
      ? 'the width of the stitch, as measured, times what is usual for its height'
      : `${weightClass === null ? 'the hook alone' : 'what the yarn’s class usually gives on this hook (Craft Yarn Council, from memory)'}${isRow ? ', times what is usual for the height of the stitch' : ''}`;
  return makeFigure(
    id,
    label,
    mm,
    unit,
    {
      rule: `Not measured yet. Rough: ${from}, to ± ${100 * ROUGH_SHARE} %. Work a swatch and measure it.`,
      inputs: [
        ...(weightClass === null ? [] : [input('Weight class of the yarn', weightClass, 'count')]),
        input('Hook', swatch.hookMm, 'mm'),
      ],
      source: MEMORY,
      basis: 'rough',
    },
    plusMinusMm,
  );
}
