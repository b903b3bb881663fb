import {
  OTHER_PIECE_SHARE,
  OTHER_STITCH_SHARE,
  PROPORTION_FACTOR,
  READINGS_FAR_APART,
  ROUGH_SHARE,
} from '@/core/defaults';
import { isMeasured, swatchPatternOf, type Swatch } from '@/core/design';
import type { Problem } from '@/core/problems';
import type { StitchNature } from '@/core/stitches';
import type { Reading } from './estimateGauge';
import { pieceOfBody } from './pieceOfBody';
import type { SwatchGauge } from './swatchGauge';
import type { WorkedIn } from './workedIn';

/** What is doubtful about a swatch for a bag: that nothing is measured, or what its readings contradict. */
export function gaugeProblems(design: WorkedIn, told: SwatchGauge, nature: StitchNature): Problem[] {
  const { swatch } = design;
  const ofReadings = [
    ...readingProblems('stitchReadings', 'gauge.stitchWidth', swatch.stitchReadings),
    ...readingProblems('rowReadings', 'gauge.rowHeight', swatch.rowReadings),
    ...outlineProblems(swatch),
  ];
  if (!isMeasured(swatch)) return [notMeasured(swatch), ...ofReadings];
  return [
    ...ofReadings,
    ...(swatch.thicknessMm === null ? [thicknessGuessed(told)] : []),
    ...proportionProblems(design, told, nature),
    ...swatchProblems(design),
  ];
}

/** The one step that makes a rough plan a true one. */
const notMeasured = ({ stitchReadings, rowReadings }: Swatch): Problem => ({
  code: 'not-measured',
  severity: 'decide',
  place: 'swatch',
  path: ['swatch', stitchReadings.length === 0 ? 'stitchReadings' : 'rowReadings'],
  asks: ['gauge.stitchWidth', 'gauge.rowHeight'],
  values: { share: ROUGH_SHARE, onlyRows: stitchReadings.length > 0 && rowReadings.length === 0 },
  repairs: [],
});

/** Bends, bridge and height follow from it, if by little. */
const thicknessGuessed = ({ thicknessMm }: SwatchGauge): Problem => ({
  code: 'thickness-not-measured',
  severity: 'mind',
  place: 'swatch',
  path: ['swatch', 'thicknessMm'],
  asks: ['gauge.thickness'],
  values: { thicknessMm },
  repairs: [],
});

/** A reading is laid on the swatch: it can't be longer than that is, but for what a tape is off. */
function outlineProblems({ weighed, stitchReadings, rowReadings }: Swatch): Problem[] {
  const beyond = (
    field: 'stitchReadings' | 'rowReadings',
    size: 'widthMm' | 'heightMm',
    readings: readonly Reading[],
  ): Problem[] => {
    const outlineMm = weighed?.[size] ?? null;
    const longestMm = Math.max(0, ...readings.map(({ lengthMm }) => lengthMm));
    if (outlineMm === null || longestMm <= outlineMm + OUTLINE_ERROR_MM) return [];
    return [
      {
        code: 'reading-beyond-swatch',
        severity: 'decide',
        place: 'swatch',
        path: ['swatch', field],
        values: { longestMm, outlineMm, isUp: size === 'heightMm' },
        repairs: [],
      },
    ];
  };
  return [...beyond('stitchReadings', 'widthMm', stitchReadings), ...beyond('rowReadings', 'heightMm', rowReadings)];
}

/** Both ends of a tape, and a swatch that is drawn out a little when it is read, mm. From memory. */
const OUTLINE_ERROR_MM = 3;

/** Rows of one stitch taken for rows of another show in the shape of a stitch: a treble is nearly three times as high as wide. */
function proportionProblems({ swatch }: WorkedIn, { stitch, row }: SwatchGauge, nature: StitchNature): Problem[] {
  const usual = nature.heightToSc / nature.widthToSc;
  const seen = row.mm / stitch.mm;
  const times = seen / usual;
  if (times <= PROPORTION_FACTOR && times >= 1 / PROPORTION_FACTOR) return [];
  return [
    {
      code: 'rows-unlike-stitch',
      severity: 'decide',
      place: 'swatch',
      path: ['swatch', 'rowReadings'],
      asks: ['gauge.rowHeight', 'gauge.stitchWidth'],
      values: {
        seenMm: row.mm,
        usualMm: stitch.mm * usual,
        // Rows over 10 cm, as they were counted and as they would usually be.
        seenRows: 100 / row.mm,
        usualRows: 100 / (stitch.mm * usual),
      },
      names: { stitch: swatch.stitch },
      repairs: [],
    },
  ];
}

function swatchProblems(design: WorkedIn): Problem[] {
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
      values: { share: OTHER_PIECE_SHARE, isRounds: pieceOfBody(design.body.kind) === 'rounds' },
      repairs: [
        {
          code: 'swatch-was-for-this',
          values: { isRounds: pieceOfBody(design.body.kind) === 'rounds' },
          edits: [{ path: ['swatch', 'standsFor'], value: pieceOfBody(design.body.kind) }],
        },
      ],
    });
  const { repeatStitches } = swatchPatternOf(design);
  const widest = Math.max(0, ...swatch.stitchReadings.map(({ count }) => count));
  if (repeatStitches > 1 && widest > 0 && widest < 2 * repeatStitches)
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

function readingProblems(
  field: 'stitchReadings' | 'rowReadings',
  figure: string,
  readings: readonly Reading[],
): Problem[] {
  const at = { place: 'swatch', path: ['swatch', field], asks: [figure] } as const;
  if (readings.length === 1) return [{ code: 'one-reading', severity: 'mind', values: {}, repairs: [], ...at }];
  if (readings.length === 0) return [];

  const sizes = readings.map(({ count, lengthMm }) => lengthMm / count);
  const least = Math.min(...sizes);
  const most = Math.max(...sizes);
  const apart = (2 * (most - least)) / (most + least);
  if (apart <= READINGS_FAR_APART) return [];
  const values = { apartShare: apart, leastMm: least, mostMm: most };
  return [{ code: 'readings-far-apart', severity: 'decide', values, repairs: [], ...at }];
}
