import { OTHER_STITCH_SHARE } from '@/core/defaults';
import { pickUpRatio } from '@/core/borders';
import type { WorkedStrap } from '@/core/design';
import {
  COMMON_PRACTICE,
  GEOMETRY,
  MEMORY,
  input,
  inputFrom,
  makeFigure,
  restsOn,
  type Figure,
  type Reason,
} from '@/core/figures';
import { nameAt, type FittingInput } from '@/core/fittings';
import { startingChain, type StitchPattern } from '@/core/stitches';
import { footCount, footDepthMm, type StrapFoot } from './strapFoot';
import type { StrapSizes } from './strapSizes';
import { OVERLAP_NAMES, type HungStrap } from './hungStrap';
import { shortLoopFigure } from './growing';
import { lengthFigures } from './strapLengths';
import { rangeFigures } from './rangeFigures';
import type { StripGauge } from './stripGauge';
import type { StrapNature } from './natures';

/** What is told of a worked strap. */
export interface StrapFigures {
  /** What one takes of its width, where it differs from the panel's stitch; and what one takes along it. */
  stitchWidth?: Figure;
  rowHeight: Figure;
  /** Stitches in each row or round, and rows or rounds: one of them makes its width, the other its length. */
  stitches: Figure;
  rows: Figure;
  /** Not of a cord, which is chains itself, nor of what grows from the body. */
  startingChain?: Figure;
  width: Figure;
  thickness: Figure;
  /** What it takes of yarn, as an area of the bag's own fabric. */
  fabric: Figure;
  growth: Figure;
  between: Figure;
  slackToWork: Figure;
  slackPlanned: Figure;
  pulledPlanned: Figure;
  footRows: Figure;
  footDepth: Figure;
  /** Rows of the short loop that a long one is passed through. */
  shortRows?: Figure;
  /** Picked up in the ends of its rows, along each long edge. */
  border?: Figure;
  /** How short and how long it can be worn, and where what adjusts it stands; where it can be adjusted. */
  shortest?: Figure;
  longest?: Figure;
  stands?: Figure;
}

/** What a strap is told from, besides the bag. */
export interface ToldStrap {
  strap: WorkedStrap;
  nature: StrapNature;
  /** What it is worked in, and the bag. */
  stitch: StitchPattern;
  panel: StitchPattern;
  sizes: StrapSizes;
  gauge: StripGauge;
  hung: HungStrap;
  /** Over all stitches of a gusset or a band, whatever width was wanted. */
  goesOn: boolean;
}

const FOOT_UNITS = { row: 'Rows', stitch: 'Stitches' } as const;

/** Tells a worked strap, each number with its reason. */
export function strapFigures(told: ToldStrap, bag: FittingInput): StrapFigures {
  const { strap, gauge, nature, hung } = told;
  const { foot } = hung.feet;
  const named = (id: string) => nameAt(bag.at, id);
  const acrossFigure = acrossCountFigure(told, named);
  const lengths = lengthFigures(told, named);
  const isLong = nature.lie === 'along';
  const [stitches, rows] = isLong ? [lengths.alongCount, acrossFigure] : [acrossFigure, lengths.alongCount];
  const width = widthFigure(told, acrossFigure, named);
  const covers = footCount(foot);
  const footRows = makeFigure(
    named('strap.footRows'),
    `${FOOT_UNITS[covers.unit]} each foot covers`,
    covers.count,
    covers.unit,
    {
      rule:
        foot.on === 'sides'
          ? 'Overlap divided by the panel’s row height, to the nearest row, down from the upper end of the side.'
          : foot.on === 'face'
            ? 'Overlap divided by the panel’s row height, to the nearest row, down from the mouth.'
            : 'Overlap divided by what a row (or a stitch, where it is worked lengthwise) of the strip takes along it, from its end.',
      inputs: [input(OVERLAP_NAMES[strap.ends.kind], strap.overlapMm, 'mm'), inputFrom(bag.gauge.rowHeight)],
      source: GEOMETRY,
    },
  );
  const { between, slackToWork, slackPlanned, pulledPlanned } = lengths;
  const shortRows = shortLoopFigure(told, bag.at);
  return {
    stitches,
    rows,
    ...(nature.cord ? {} : { startingChain: chainFigure(told, stitches, bag) }),
    ...(nature.borderRows > 0 ? { border: borderFigure(told, rows, bag) } : {}),
    ...(shortRows ? { shortRows } : {}),
    ...rangeFigures(told, pulledPlanned, named),
    width,
    thickness: thicknessFigure(told, bag),
    fabric: fabricFigure(told, { width, slackPlanned, shortRows }, named),
    growth: gauge.growth,
    rowHeight: gauge.along,
    footRows,
    footDepth: footDepthFigure(footRows, foot, bag),
    ...(gauge.across.id === bag.gauge.stitchWidth.id ? {} : { stitchWidth: gauge.across }),
    ...{ between, slackToWork, slackPlanned, pulledPlanned },
  };
}

const ACROSS_RULES = {
  across:
    'Wanted width divided by the width of one stitch on the wide swatch, to what the stitch’s repeat allows. A narrow strip can come out a little different: check it on the trial strip.',
  along: 'Wanted width divided by the height of one row.',
  round: 'Twice the wanted width, as it lies flat in two layers, divided by the width of one stitch.',
} as const;

/** How wide it lies, slack: of what goes across it, and what is worked along its edges. */
function widthFigure({ nature, gauge, sizes }: ToldStrap, across: Figure, named: (id: string) => string): Figure {
  const { layers, cord } = nature;
  const borderMm = nature.borderRows * 2 * gauge.borderMm;
  return makeFigure(
    named('strap.width'),
    'Width of the strap, slack',
    sizes.widthMm,
    'mm',
    {
      rule: cord
        ? 'What one strand is wide, times what is usual for so many of them. A trial says better.'
        : layers === 2
          ? 'What goes round it, times what one takes, halved: it lies in two layers.'
          : `What goes across it, times what one takes${borderMm > 0 ? ', and a row along each edge' : ''}.`,
      inputs: [
        inputFrom(across),
        inputFrom(gauge.across),
        ...(borderMm > 0 ? [input('A row along each edge, both', borderMm, 'mm')] : []),
      ],
      source: cord ? MEMORY : GEOMETRY,
    },
    cord
      ? (sizes.widthMm * (gauge.across.plusMinus ?? 0)) / gauge.across.value
      : (sizes.acrossCount * (gauge.across.plusMinus ?? 0)) / layers,
  );
}

/** Stitches along each long edge, picked up in the ends of its rows so that it lies flat. */
function borderFigure({ gauge }: ToldStrap, rows: Figure, { gauge: ofBag, at }: FittingInput): Figure {
  const ratio = pickUpRatio(gauge.along.value, ofBag.stitchWidth.value);
  const count = Math.max(1, Math.round((rows.value * ratio.stitches) / ratio.rows));
  return makeFigure(nameAt(at, 'strap.border'), 'Picked up along each edge', count, 'stitch', {
    rule: 'Rows of the strap, at the ratio that lies flat along row ends.',
    inputs: [
      inputFrom(rows),
      input('Stitches to pick up', ratio.stitches, 'stitch'),
      input('from rows', ratio.rows, 'row'),
    ],
    source: GEOMETRY,
  });
}

/** How many stitches or rows make its width. */
function acrossCountFigure({ strap, nature, gauge, sizes, goesOn }: ToldStrap, named: (id: string) => string): Figure {
  const { lie, layers } = nature;
  if (goesOn)
    return makeFigure(named('strap.stitches'), 'Stitches across the strap', sizes.acrossCount, 'stitch', {
      rule: 'As many as the strip has that it goes on from, whatever width was wanted.',
      inputs: [],
      source: GEOMETRY,
    });
  if (lie === 'cord')
    return makeFigure(named('strap.strands'), 'Strands', sizes.acrossCount, 'count', {
      rule: 'As this kind of cord has.',
      inputs: [],
      source: COMMON_PRACTICE,
    });
  const reason: Reason = {
    rule:
      lie === 'along' && layers === 2
        ? 'Twice the wanted width, as it lies folded, divided by the height of one row; the last of them joins the two edges.'
        : ACROSS_RULES[lie],
    inputs: [input('Width you want', strap.widthMm, 'mm'), inputFrom(gauge.across)],
    source: GEOMETRY,
  };
  return lie === 'along'
    ? makeFigure(named('strap.rows'), 'Rows of the strap', sizes.acrossCount, 'row', reason)
    : makeFigure(
        named('strap.stitches'),
        lie === 'round' ? 'Stitches round the strap' : 'Stitches across the strap',
        sizes.acrossCount,
        'stitch',
        reason,
      );
}

function chainFigure({ stitch, nature }: ToldStrap, stitches: Figure, { design, at }: FittingInput): Figure {
  const { turningChain, foundation } = design.settings;
  return makeFigure(
    nameAt(at, 'strap.startingChain'),
    'Starting chain of the strap',
    nature.written === 'i-cord' ? stitches.value : startingChain(stitches.value, stitch, turningChain, foundation),
    'chain',
    {
      rule:
        nature.lie === 'round' ? 'One for each stitch of its round.' : 'As for the panel, from the strap’s stitches.',
      inputs: [inputFrom(stitches)],
      source: GEOMETRY,
    },
  );
}

function thicknessFigure({ stitch, panel, nature }: ToldStrap, { gauge, at }: FittingInput): Figure {
  const ratio = stitch.nature.thicknessToSc / panel.nature.thicknessToSc;
  const times = ratio * nature.layers;
  const mm = gauge.fabricThickness.value * times;
  return makeFigure(
    nameAt(at, 'strap.thickness'),
    'Thickness of the strap',
    mm,
    'mm',
    {
      rule: 'Thickness of the bag’s fabric, times what is usual for the strap’s stitch against the bag’s, in as many layers as lie on each other.',
      inputs: [
        inputFrom(gauge.fabricThickness),
        input('Strap’s stitch against the bag’s', ratio, 'ratio'),
        input('Layers', nature.layers, 'count'),
      ],
      source: MEMORY,
      basis: 'foretold',
    },
    Math.hypot((gauge.fabricThickness.plusMinus ?? 0) * times, stitch.id === panel.id ? 0 : mm * OTHER_STITCH_SHARE),
  );
}

/** The fabric of a strap, in all its layers, as an area of the bag's that takes as much yarn. */
function fabricFigure(
  { stitch, panel, nature, gauge, sizes }: ToldStrap,
  { width, slackPlanned, shortRows }: Pick<StrapFigures, 'width' | 'slackPlanned'> & { shortRows: Figure | null },
  named: (id: string) => string,
): Figure {
  const ratio = stitch.nature.yarnToSc / panel.nature.yarnToSc;
  const shortMm = (shortRows?.value ?? 0) * gauge.along.value;
  if (nature.cord) return cordFabricFigure({ gauge, nature, sizes }, nature.cord, ratio, named);
  return makeFigure(
    named('strap.fabric'),
    'Fabric of the strap',
    width.value * (slackPlanned.value + shortMm) * nature.layers * ratio,
    'mm2',
    {
      rule: 'Width times length, in as many layers as lie on each other, times the yarn that its stitch usually takes against the bag’s.',
      inputs: [
        inputFrom(width),
        inputFrom(slackPlanned),
        ...(shortMm > 0 ? [input('Short loop, slack', shortMm, 'mm')] : []),
        input('Layers', nature.layers, 'count'),
        input('Yarn for the same area, against the bag’s stitch', ratio, 'ratio'),
      ],
      source: stitch.id === panel.id ? GEOMETRY : MEMORY,
    },
  );
}

/** The strands of a cord, laid out before they are twisted or plaited, as an area of the bag's fabric. */
const cordFabricFigure = (
  { gauge, sizes }: Pick<ToldStrap, 'gauge' | 'nature' | 'sizes'>,
  { strands, takesShare }: NonNullable<StrapNature['cord']>,
  ratio: number,
  named: (id: string) => string,
): Figure => {
  const longMm = sizes.plannedSlackMm / (1 - takesShare);
  return makeFigure(named('strap.fabric'), 'Fabric of the cord', longMm * gauge.across.value * strands * ratio, 'mm2', {
    rule: 'Length of a strand before it is twisted or plaited, times its width, for every strand, times the yarn that it usually takes against the bag’s stitch.',
    inputs: [
      input('A strand is long', longMm, 'mm'),
      inputFrom(gauge.across),
      input('Strands', strands, 'count'),
      input('Yarn for the same area, against the bag’s stitch', ratio, 'ratio'),
    ],
    source: MEMORY,
  });
};

/** How far down a foot reaches: so many rows, or stitches, of what it lies on. */
function footDepthFigure(footRows: Figure, foot: StrapFoot, { gauge, pouch, at }: FittingInput): Figure {
  const depthMm = footDepthMm(foot, pouch);
  const inRows = foot.on !== 'strip-ends';
  const each = inRows ? inputFrom(gauge.rowHeight) : input('Each takes', depthMm / footRows.value, 'mm');
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
    inRows ? footRows.value * (gauge.rowHeight.plusMinus ?? 0) : null,
  );
}
