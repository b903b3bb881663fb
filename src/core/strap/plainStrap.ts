import type { PouchStage } from '@/core/body';
import { STRAP_STRETCH_ADVICE, TAPE_ERROR_MM } from '@/core/defaults';
import { patternOf, type Design, type PlainStrap } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { GaugeStage } from '@/core/gauge';
import type { Problem } from '@/core/problems';
import { plainStitchOf, startingChain } from '@/core/stitches';

/** Where a strap's foot is sewn, inside the bag: so many rows down each side seam, half on the front, half on the back. */
export interface StrapFoot {
  frontRows: { from: number; to: number };
  backRows: { from: number; to: number };
  /** Stitches from the side edge that the foot covers, on the front and on the back. */
  frontStitches: number;
  backStitches: number;
}

export interface StrapStage {
  stitchCount: number;
  rowCount: number;
  foot: StrapFoot;
  figures: {
    stitches: Figure;
    startingChain: Figure;
    width: Figure;
    growth: Figure;
    rowHeight: Figure;
    between: Figure;
    slackToWork: Figure;
    rows: Figure;
    slackPlanned: Figure;
    pulledPlanned: Figure;
    footRows: Figure;
  };
  problems: Problem[];
}

/** 95 % of a tape reading that is equally likely anywhere within its limits, mm (JCGM 100:2008, 4.3.7). */
const READING_PLUS_MINUS_MM = (1.96 * TAPE_ERROR_MM) / Math.sqrt(3);

/**
 * Length of strap to work, measured slack, for a length worn.
 *
 * One school measures a strap fully pulled and works to that: the slack length is the worn length times slack over
 * pulled. The other reinforces it so that it can't stretch, and measures it slack. The sewn-in ends do not
 * stretch and come on top.
 *
 * @returns mm
 * Source: geometry; the schools and the overlap are common practice.
 *
 * @example
 * slackToWorkMm({ wornLengthMm: 1000, school: 'pulled', slackMm: 80, pulledMm: 100, overlapMm: 0 }) // => 800
 * slackToWorkMm({ wornLengthMm: 1000, school: 'slack', slackMm: 80, pulledMm: 100, overlapMm: 30 }) // => 1060
 */
export function slackToWorkMm(strap: {
  wornLengthMm: number;
  school: PlainStrap['school'];
  slackMm: number;
  pulledMm: number;
  overlapMm: number;
}): number {
  const share = strap.school === 'pulled' ? strap.slackMm / strap.pulledMm : 1;
  return strap.wornLengthMm * share + 2 * strap.overlapMm;
}

/** Plans a plain strap worked in short rows: stitches across, rows along, and where its feet are sewn. */
export function plainStrapStage(strap: PlainStrap, design: Design, gauge: GaugeStage, pouch: PouchStage): StrapStage {
  const { sample } = strap;
  const stitchMm = gauge.stitchWidth.value;
  const stitchCount = Math.max(2, Math.round(strap.widthMm / stitchMm));
  const rowMm = sample.slackMm / sample.rows;
  const growth = sample.pulledMm / sample.slackMm - 1;
  const slackMm = slackToWorkMm({ ...strap, ...sample });
  const rowCount = Math.max(1, Math.round(slackMm / rowMm));
  const plannedSlackMm = rowCount * rowMm;
  const stretchingMm = Math.max(0, plannedSlackMm - 2 * strap.overlapMm);

  const stitches = makeFigure('strap.stitches', 'Stitches across the strap', stitchCount, 'stitch', {
    rule: 'Wanted width divided by the width of one stitch on the wide swatch, at least two. A narrow strip can come out a little different: check it on the trial strip.',
    inputs: [input('Width you want', strap.widthMm, 'mm'), inputFrom(gauge.stitchWidth)],
    source: GEOMETRY,
  });
  const samplePlusMinus = READING_PLUS_MINUS_MM / sample.rows;
  const rowHeight = makeFigure(
    'strap.rowHeight',
    'Row height in the strap, slack',
    rowMm,
    'mm/row',
    {
      rule: 'Trial strip lying slack, divided by its rows.',
      inputs: [input('Trial strip, slack', sample.slackMm, 'mm'), input('Rows in it', sample.rows, 'row')],
      source: { kind: 'measured' },
    },
    samplePlusMinus,
  );
  const growthFigure = makeFigure(
    'strap.growth',
    'Longer when fully pulled, by',
    growth,
    'ratio',
    {
      rule: 'Trial strip pulled, divided by slack, less one.',
      inputs: [input('Trial strip, pulled', sample.pulledMm, 'mm'), input('Trial strip, slack', sample.slackMm, 'mm')],
      source: { kind: 'measured' },
    },
    (1 + growth) * Math.hypot(READING_PLUS_MINUS_MM / sample.slackMm, READING_PLUS_MINUS_MM / sample.pulledMm),
  );
  const between = makeFigure('strap.between', 'Slack, between its feet', slackMm - 2 * strap.overlapMm, 'mm', {
    rule:
      strap.school === 'pulled'
        ? 'Worn length divided by one plus what the strap grows when pulled: it is measured fully pulled.'
        : 'The worn length itself: the strap is reinforced so that it can’t stretch, and measured slack.',
    inputs: [input('Worn length', strap.wornLengthMm, 'mm'), inputFrom(growthFigure)],
    source: GEOMETRY,
  });
  const slackToWork = makeFigure('strap.slackToWork', 'Strap to work, slack', slackMm, 'mm', {
    rule: 'Slack length between the feet, plus the overlap sewn down at each end, which does not stretch.',
    inputs: [inputFrom(between), input('Overlap at each foot', strap.overlapMm, 'mm')],
    source: COMMON_PRACTICE,
  });
  const rows = makeFigure('strap.rows', 'Rows of the strap', rowCount, 'row', {
    rule: 'Slack length to work divided by the row height of the trial strip, to the nearest row.',
    inputs: [inputFrom(slackToWork), inputFrom(rowHeight)],
    source: GEOMETRY,
  });
  const footRowCount = Math.min(Math.max(1, Math.round(strap.overlapMm / pouch.rowMm)), pouch.frontRows);
  const foot = footAt(stitchCount, footRowCount, pouch);
  const { turningChain, foundation } = design.settings;

  return {
    stitchCount,
    rowCount,
    foot,
    figures: {
      stitches,
      startingChain: makeFigure(
        'strap.startingChain',
        'Starting chain of the strap',
        startingChain(stitchCount, plainStitchOf(patternOf(design)), turningChain, foundation),
        'chain',
        { rule: 'As for the panel, from the strap’s stitches.', inputs: [inputFrom(stitches)], source: GEOMETRY },
      ),
      width: makeFigure(
        'strap.width',
        'Width of the strap, slack',
        stitchCount * stitchMm,
        'mm',
        {
          rule: 'Stitches across, times the width of one stitch.',
          inputs: [inputFrom(stitches), inputFrom(gauge.stitchWidth)],
          source: GEOMETRY,
        },
        stitchCount * (gauge.stitchWidth.plusMinus ?? 0),
      ),
      growth: growthFigure,
      rowHeight,
      between,
      slackToWork,
      rows,
      slackPlanned: makeFigure(
        'strap.slackPlanned',
        'Strap as worked, slack',
        plannedSlackMm,
        'mm',
        {
          rule: 'Rows of the strap, times its row height.',
          inputs: [inputFrom(rows), inputFrom(rowHeight)],
          source: GEOMETRY,
        },
        rowCount * samplePlusMinus,
      ),
      pulledPlanned: makeFigure(
        'strap.pulledPlanned',
        strap.school === 'pulled' ? 'Worn length, pulled' : 'Worn length, reinforced',
        strap.school === 'pulled' ? stretchingMm * (1 + growth) : stretchingMm,
        'mm',
        {
          rule: 'Strap as worked less both overlaps; pulled, it grows as the trial strip did. The ± comes from reading the trial strip: a longer one makes it smaller.',
          inputs: [
            inputFrom(rows),
            inputFrom(rowHeight),
            input('Overlap at each foot', strap.overlapMm, 'mm'),
            inputFrom(growthFigure),
          ],
          source: GEOMETRY,
        },
        rowCount * samplePlusMinus,
      ),
      footRows: makeFigure('strap.footRows', 'Rows each foot covers', footRowCount, 'row', {
        rule: 'Overlap divided by the panel’s row height, to the nearest row, down from the upper end of the side seam, inside the bag.',
        inputs: [input('Overlap at each foot', strap.overlapMm, 'mm'), inputFrom(gauge.rowHeight)],
        source: GEOMETRY,
      }),
    },
    problems: strapProblems(strap, growth),
  };
}

function footAt(strapStitches: number, footRows: number, pouch: PouchStage): StrapFoot {
  const seamRows = pouch.figures.seamRows.value;
  const frontFrom = pouch.frontRows - seamRows + 1;
  const backTo = pouch.frontRows + seamRows;
  const frontStitches = Math.floor(strapStitches / 2);
  return {
    frontRows: { from: frontFrom, to: frontFrom + footRows - 1 },
    backRows: { from: backTo - footRows + 1, to: backTo },
    frontStitches,
    backStitches: strapStitches - frontStitches,
  };
}

function strapProblems(strap: PlainStrap, growth: number): Problem[] {
  const problems: Problem[] = [
    { code: 'strap-load', severity: 'mind', place: 'strap', path: ['strap'], values: {}, repairs: [] },
  ];
  if (strap.school === 'pulled' && growth > STRAP_STRETCH_ADVICE)
    problems.push({
      code: 'strap-stretches-much',
      severity: 'decide',
      place: 'strap',
      path: ['strap', 'sample', 'pulledMm'],
      asks: ['strap.growth'],
      values: { share: growth },
      repairs: [{ code: 'strap-measured-slack', values: {}, edits: [{ path: ['strap', 'school'], value: 'slack' }] }],
    });
  return problems;
}
