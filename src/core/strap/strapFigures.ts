import type { PlainStrap } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, restsOn, type Figure } from '@/core/figures';
import { nameAt, type FittingInput } from '@/core/fittings';
import { startingChain, type StitchPattern } from '@/core/stitches';
import { footCount, footDepthMm, type StrapFoot } from './strapFoot';
import type { StrapSizes } from './strapSizes';
import { shareAt } from './stretch';
import type { StripGauge } from './stripGauge';

/** What is told of a plain strap. */
export interface StrapFigures {
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
  footDepth: Figure;
}

/** What a strap is told from, besides the bag. */
interface Told {
  strap: PlainStrap;
  sizes: StrapSizes;
  /** Width of a stitch in it. */
  across: Figure;
  gauge: StripGauge;
}

const FOOT_UNITS = { row: 'Rows', stitch: 'Stitches' } as const;

/** Tells a plain strap, each number with its reason. */
export function strapFigures(told: Told, plain: StitchPattern, foot: StrapFoot, bag: FittingInput): StrapFigures {
  const { strap, sizes, across, gauge } = told;
  const named = (id: string) => nameAt(bag.at, id);
  const stitches = makeFigure(named('strap.stitches'), 'Stitches across the strap', sizes.stitchCount, 'stitch', {
    rule: 'Wanted width divided by the width of one stitch on the wide swatch, at least two. A narrow strip can come out a little different: check it on the trial strip.',
    inputs: [input('Width you want', strap.widthMm, 'mm'), inputFrom(across)],
    source: GEOMETRY,
  });
  const { turningChain, foundation } = bag.design.settings;
  const covers = footCount(foot);
  const footRows = makeFigure(
    named('strap.footRows'),
    `${FOOT_UNITS[covers.unit]} each foot covers`,
    covers.count,
    covers.unit,
    {
      rule:
        foot.on === 'sides'
          ? 'Overlap divided by the panel’s row height, to the nearest row, down from the upper end of the side, inside the bag.'
          : 'Overlap divided by what a row (or a stitch, where it is worked lengthwise) of the strip takes along it, from its end, inside the bag.',
      inputs: [input('Overlap at each foot', strap.overlapMm, 'mm'), inputFrom(bag.gauge.rowHeight)],
      source: GEOMETRY,
    },
  );
  return {
    stitches,
    startingChain: makeFigure(
      named('strap.startingChain'),
      'Starting chain of the strap',
      startingChain(sizes.stitchCount, plain, turningChain, foundation),
      'chain',
      { rule: 'As for the panel, from the strap’s stitches.', inputs: [inputFrom(stitches)], source: GEOMETRY },
    ),
    width: makeFigure(
      named('strap.width'),
      'Width of the strap, slack',
      sizes.stitchCount * across.value,
      'mm',
      {
        rule: 'Stitches across, times the width of one stitch.',
        inputs: [inputFrom(stitches), inputFrom(across)],
        source: GEOMETRY,
      },
      sizes.stitchCount * (across.plusMinus ?? 0),
    ),
    growth: gauge.growth,
    rowHeight: gauge.rowHeight,
    footRows,
    footDepth: footDepthFigure(footRows, foot, bag),
    ...(across.id === bag.gauge.stitchWidth.id ? {} : { stitchWidth: across }),
    ...lengthFigures(told, named),
  };
}

/** How far down a foot reaches: so many rows, or stitches, of what it lies on. */
function footDepthFigure(footRows: Figure, foot: StrapFoot, { gauge, pouch, at }: FittingInput): Figure {
  const depthMm = footDepthMm(foot, pouch);
  const each = foot.on === 'sides' ? inputFrom(gauge.rowHeight) : input('Each takes', depthMm / footRows.value, 'mm');
  return makeFigure(
    nameAt(at, 'strap.footDepth'),
    'Each foot reaches down',
    depthMm,
    'mm',
    {
      rule: 'What each foot covers, times what one of them takes along it.',
      inputs: [inputFrom(footRows), each],
      source: GEOMETRY,
      ...restsOn(gauge.rowHeight),
    },
    foot.on === 'sides' ? footRows.value * (gauge.rowHeight.plusMinus ?? 0) : null,
  );
}

const BETWEEN: Readonly<Record<PlainStrap['school'], string>> = {
  pulled: 'Worn length divided by one plus what the strap grows when pulled: it is measured fully pulled.',
  loaded: 'Worn length divided by one plus what the strap grows under what it carries: it is measured as it hangs.',
  slack: 'The worn length itself: the strap is reinforced so that it can’t stretch, and measured slack.',
};

const WORN_LABEL: Readonly<Record<PlainStrap['school'], string>> = {
  pulled: 'Worn length, pulled',
  loaded: 'Worn length, under this bag',
  slack: 'Worn length, reinforced',
};

const FROM_TRIAL = 'The ± comes from the trial strip: a longer one makes it smaller.';
const WORN_RULE: Readonly<Record<PlainStrap['school'], string>> = {
  pulled: `Strap as worked less both overlaps; pulled, it grows as the trial strip did. ${FROM_TRIAL}`,
  loaded: `Strap as worked less both overlaps; under what it carries it grows as the trial strip did under weights. ${FROM_TRIAL}`,
  slack: 'Strap as worked less both overlaps: the tape inside keeps it so.',
};

type LengthFigures = Pick<StrapFigures, 'between' | 'slackToWork' | 'rows' | 'slackPlanned' | 'pulledPlanned'>;

/** How long it is to be worked, slack, and what comes of that when it is worn. */
function lengthFigures({ strap, sizes, gauge }: Told, named: (id: string) => string): LengthFigures {
  const { rowHeight, growth, doubt } = gauge;
  const { share } = sizes;
  const stretched =
    strap.school === 'pulled'
      ? [inputFrom(growth)]
      : strap.school === 'loaded'
        ? [input('Longer under what it carries, by', share, 'ratio'), inputFrom(growth)]
        : [];
  const overlap = input('Overlap at each foot', strap.overlapMm, 'mm');
  const between = makeFigure(
    named('strap.between'),
    'Slack, between its feet',
    sizes.slackMm - 2 * strap.overlapMm,
    'mm',
    {
      rule: BETWEEN[strap.school],
      inputs: [input('Worn length', strap.wornLengthMm, 'mm'), ...stretched],
      source: GEOMETRY,
    },
  );
  const slackToWork = makeFigure(named('strap.slackToWork'), 'Strap to work, slack', sizes.slackMm, 'mm', {
    rule: 'Slack length between the feet, plus the overlap sewn down at each end, which does not stretch.',
    inputs: [inputFrom(between), overlap],
    source: COMMON_PRACTICE,
  });
  const rows = makeFigure(named('strap.rows'), 'Rows of the strap', sizes.rowCount, 'row', {
    rule: 'Slack length to work divided by the row height of the trial strip, to the nearest row.',
    inputs: [inputFrom(slackToWork), inputFrom(rowHeight)],
    source: GEOMETRY,
  });
  const slackPlusMinus = sizes.rowCount * (rowHeight.plusMinus ?? 0);
  const shareDoubt =
    strap.school === 'slack'
      ? 0
      : doubt((one) => (strap.school === 'pulled' ? one.mostShare : shareAt(one, sizes.rest.pullN)));
  return {
    between,
    slackToWork,
    rows,
    slackPlanned: makeFigure(
      named('strap.slackPlanned'),
      'Strap as worked, slack',
      sizes.plannedSlackMm,
      'mm',
      {
        rule: 'Rows of the strap, times its row height.',
        inputs: [inputFrom(rows), inputFrom(rowHeight)],
        source: GEOMETRY,
      },
      slackPlusMinus,
    ),
    pulledPlanned: makeFigure(
      named('strap.pulledPlanned'),
      WORN_LABEL[strap.school],
      sizes.wornMm,
      'mm',
      {
        rule: WORN_RULE[strap.school],
        inputs: [inputFrom(rows), inputFrom(rowHeight), overlap, ...stretched],
        source: GEOMETRY,
      },
      Math.hypot(slackPlusMinus * (1 + share), shareDoubt * sizes.stretchingMm),
    ),
  };
}
