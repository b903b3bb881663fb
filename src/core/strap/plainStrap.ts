import { MOST_WORN_MM, STRAP_STRETCH_ADVICE } from '@/core/defaults';
import { patternOf, type Design, type PlainStrap } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { GaugeStage } from '@/core/gauge';
import { trackRow, type PieceId, type Track, type PieceSet } from '@/core/pieces';
import type { Problem } from '@/core/problems';
import type { PouchStage, FlapStage } from '@/core/stages';
import { plainStitchOf, startingChain } from '@/core/stitches';
import { grownStrap, type GrownStrap } from './grownStrap';
import { stripGauge, strapWidthOfStitch } from './stripGauge';

/** Rows from one to another, both counted. */
export interface RowSpan {
  from: number;
  to: number;
}

/** Where a strap's foot is sewn, inside the bag. */
export type StrapFoot =
  /** So many rows down each side from the mouth, half on the front, half on the back. */
  | {
      on: 'sides';
      front: { piece: PieceId; rows: RowSpan };
      back: { piece: PieceId; rows: RowSpan };
      /** Stitches from the side edge that the foot covers, on the front and on the back. */
      frontStitches: number;
      backStitches: number;
    }
  /** In the middle of each end of a gusset or a band, over so many of its rows, or of its stitches where it is worked lengthwise. */
  | { on: 'strip-ends'; piece: PieceId; count: number; unit: 'row' | 'stitch'; depthMm: number };

export interface StrapStage {
  stitchCount: number;
  rowCount: number;
  foot: StrapFoot;
  /** What it would take up if it were grown from the body instead; null where the mouth has not as many stitches to give. */
  grown: GrownStrap | null;
  figures: {
    /** Where it differs from the panel's. */
    stitchWidth?: Figure;
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
export function plainStrapStage(
  strap: PlainStrap,
  design: Design,
  gauge: GaugeStage,
  pouch: PouchStage,
  flap: FlapStage,
  set: PieceSet,
): StrapStage {
  const panel = patternOf(design);
  const plain = plainStitchOf(panel);
  const across = strapWidthOfStitch(gauge, panel, plain);
  const stitchMm = across.value;
  const stitchCount = Math.max(2, Math.round(strap.widthMm / stitchMm));
  const { rowHeight, growth: growthFigure, problems: trialProblems } = stripGauge(strap, gauge, panel, plain);
  const rowMm = rowHeight.value;
  const growth = growthFigure.value;
  const slackMm = slackToWorkMm({ ...strap, slackMm: 1, pulledMm: 1 + growth });
  const rowCount = Math.max(1, Math.round(slackMm / rowMm));
  const plannedSlackMm = rowCount * rowMm;
  const stretchingMm = Math.max(0, plannedSlackMm - 2 * strap.overlapMm);
  const rowPlusMinus = rowHeight.plusMinus ?? 0;
  const pulledShare = strap.school === 'pulled' ? (growthFigure.plusMinus ?? 0) / (1 + growth) : 0;

  const stitches = makeFigure('strap.stitches', 'Stitches across the strap', stitchCount, 'stitch', {
    rule: 'Wanted width divided by the width of one stitch on the wide swatch, at least two. A narrow strip can come out a little different: check it on the trial strip.',
    inputs: [input('Width you want', strap.widthMm, 'mm'), inputFrom(across)],
    source: GEOMETRY,
  });
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
  const foot = footOf(stitchCount, strap.overlapMm, pouch, set);
  const footCount = foot.on === 'sides' ? foot.front.rows.to - foot.front.rows.from + 1 : foot.count;
  const footUnit = foot.on === 'sides' ? ('row' as const) : foot.unit;
  const { turningChain, foundation } = design.settings;

  return {
    stitchCount,
    rowCount,
    foot,
    grown: grownStrap(stitches, gauge, pouch, flap, set),
    figures: {
      ...(across.id === gauge.stitchWidth.id ? {} : { stitchWidth: across }),
      stitches,
      startingChain: makeFigure(
        'strap.startingChain',
        'Starting chain of the strap',
        startingChain(stitchCount, plain, turningChain, foundation),
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
          inputs: [inputFrom(stitches), inputFrom(across)],
          source: GEOMETRY,
        },
        stitchCount * (across.plusMinus ?? 0),
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
        rowCount * rowPlusMinus,
      ),
      pulledPlanned: makeFigure(
        'strap.pulledPlanned',
        strap.school === 'pulled' ? 'Worn length, pulled' : 'Worn length, reinforced',
        strap.school === 'pulled' ? stretchingMm * (1 + growth) : stretchingMm,
        'mm',
        {
          rule: 'Strap as worked less both overlaps; pulled, it grows as the trial strip did. The ± comes from the trial strip: a longer one makes it smaller.',
          inputs: [
            inputFrom(rows),
            inputFrom(rowHeight),
            input('Overlap at each foot', strap.overlapMm, 'mm'),
            inputFrom(growthFigure),
          ],
          source: GEOMETRY,
        },
        Math.hypot(
          rowCount * rowPlusMinus * (strap.school === 'pulled' ? 1 + growth : 1),
          pulledShare * stretchingMm * (1 + growth),
        ),
      ),
      footRows: makeFigure('strap.footRows', `${FOOT_UNITS[footUnit]} each foot covers`, footCount, footUnit, {
        rule:
          foot.on === 'sides'
            ? 'Overlap divided by the panel’s row height, to the nearest row, down from the upper end of the side, inside the bag.'
            : 'Overlap divided by what a row (or a stitch, where it is worked lengthwise) of the strip takes along it, from its end, inside the bag.',
        inputs: [input('Overlap at each foot', strap.overlapMm, 'mm'), inputFrom(gauge.rowHeight)],
        source: GEOMETRY,
      }),
    },
    problems: [...trialProblems, ...strapProblems(strap, growth), ...spanProblems(strap, pouch)],
  };
}

const FOOT_UNITS = { row: 'Rows', stitch: 'Stitches' } as const;

/** The ends of a gusset or a band, where there is one; else the sides, from the mouth down. */
function footOf(strapStitches: number, overlapMm: number, pouch: PouchStage, { pieces, tracks }: PieceSet): StrapFoot {
  const strip = pieces.find((piece) => piece.kind === 'rows' && (piece.id === 'gusset' || piece.id === 'band'));
  if (strip?.kind === 'rows') {
    const lengthwise = strip.rows.length * strip.rowMm < strip.startStitches * strip.stitchMm;
    const stepMm = lengthwise ? strip.stitchMm : strip.rowMm;
    const most = Math.max(1, Math.floor((lengthwise ? strip.startStitches : strip.rows.length) / 2));
    const count = Math.min(most, Math.max(1, Math.round(overlapMm / stepMm)));
    return {
      on: 'strip-ends',
      piece: strip.id,
      count,
      unit: lengthwise ? 'stitch' : 'row',
      depthMm: count * stepMm,
    };
  }
  const rows = Math.min(Math.max(1, Math.round(overlapMm / pouch.rowMm)), pouch.frontRows);
  const seamRows = Math.min(pouch.frontRows, pouch.backRows);
  const span = (track: Track, faceRows: number): { piece: PieceId; rows: RowSpan } => {
    const first = faceRows - seamRows + 1;
    const ends = [trackRow(track, first), trackRow(track, Math.min(faceRows, first + rows - 1))];
    return { piece: track.piece, rows: { from: Math.min(...ends), to: Math.max(...ends) } };
  };
  const frontStitches = Math.floor(strapStitches / 2);
  return {
    on: 'sides',
    front: span(tracks.front, pouch.frontRows),
    back: span(tracks.back, pouch.backRows),
    frontStitches,
    backStitches: strapStitches - frontStitches,
  };
}

/** How far down into the bag a foot reaches, mm. */
export const footDepthMm = ({ foot }: StrapStage, { rowMm }: PouchStage): number =>
  foot.on === 'sides' ? (foot.front.rows.to - foot.front.rows.from + 1) * rowMm : foot.depthMm;

/** Beyond the width of the bag, a strap needs so much for a hand to go through, mm. From memory. */
const HAND_MM = 160;

/** A strap that is no longer than the bag is wide, from side to side, hangs below its mouth. */
function spanProblems({ wornLengthMm }: PlainStrap, pouch: PouchStage): Problem[] {
  const widthMm = pouch.figures.width.value;
  if (wornLengthMm >= widthMm) return [];
  const wornMm = Math.ceil(widthMm + HAND_MM);
  return [
    {
      code: 'strap-shorter-than-bag',
      severity: 'decide',
      place: 'strap',
      path: ['straps', 0, 'wornLengthMm'],
      asks: ['size.width'],
      values: { wornMm: wornLengthMm, widthMm },
      repairs:
        wornMm <= MOST_WORN_MM
          ? [
              {
                code: 'strap-worn-to',
                values: { wornMm },
                edits: [{ path: ['straps', 0, 'wornLengthMm'], value: wornMm }],
              },
            ]
          : [],
    },
  ];
}

function strapProblems(strap: PlainStrap, growth: number): Problem[] {
  const problems: Problem[] = [
    { code: 'strap-load', severity: 'mind', place: 'strap', path: ['straps', 0], values: {}, repairs: [] },
  ];
  if (strap.school === 'pulled' && growth > STRAP_STRETCH_ADVICE)
    problems.push({
      code: 'strap-stretches-much',
      severity: 'decide',
      place: 'strap',
      path: ['straps', 0, 'sample', 'pulledMm'],
      asks: ['strap.growth'],
      values: { share: growth },
      repairs: [
        { code: 'strap-measured-slack', values: {}, edits: [{ path: ['straps', 0, 'school'], value: 'slack' }] },
      ],
    });
  return problems;
}
