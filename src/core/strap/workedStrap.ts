import { strapForCarrying } from '@/core/contents';
import { patternOf, type WorkedStrap, type WorkedStrapKind } from '@/core/design';
import {
  nameAt,
  type FittingInput,
  type FittingKind,
  type FittingPlace,
  type FittingStage,
  type StepRule,
  type WorkedStrip,
} from '@/core/fittings';
import type { StitchPattern } from '@/core/stitches';
import { attachStep, sewnMm, shorterThanHardware, wornOf } from './attaching';
import { footMarks } from './footMarks';
import { grownFigures, grownStrap, type GrownStrap } from './grownStrap';
import { allHangingFigures, hangingFigures, type HangingFigures } from './hangingFigures';
import { goesOnOver, growingProblems } from './growing';
import { hungBands } from './hungBands';
import { hungFigures, hungStrap, type HungStrap } from './hungStrap';
import { STRAP_NATURES, canGrow, strapStitch, widthCount, type StrapNature } from './natures';
import { rowsOfStrap } from './rowsOfStrap';
import { strapFigures, type StrapFigures } from './strapFigures';
import type { StrapLoad } from './strapLoad';
import { strapPieces } from './strapPath';
import { strapProblems } from './strapProblems';
import { strapSizes, wornShare } from './strapSizes';
import type { StretchCurve } from './stretch';
import { stripGauge } from './stripGauge';

export interface WorkedStrapStage<Choice extends WorkedStrap = WorkedStrap> extends FittingStage<Choice> {
  nature: StrapNature;
  /** What it is worked in. */
  stitch: StitchPattern;
  /** Stitches in each row or round, and rows or rounds. */
  stitchCount: number;
  rowCount: number;
  /** How far down into the bag its feet reach, mm. */
  footDepthMm: number;
  /** What it takes up where it grows from the body, or would if it did; null where the mouth has not as many stitches to give, or it is not in short rows. */
  grown: GrownStrap | null;
  figures: StrapFigures;
  /** What it carries, and how it hangs under it; null where that is not known. */
  load: StrapLoad;
  hung: HungStrap;
  hanging: HangingFigures | null;
  curve: StretchCurve;
  /** What of it stretches, as worked, mm: all but what its ends take. */
  stretchingMm: number;
  /** From mouth to mouth as it hangs, mm: empty, and with what goes in, or as it is meant to be worn where that has no weight. */
  hangs: { emptyMm: number; fullMm: number };
}

type Of<Kind extends WorkedStrapKind> = Extract<WorkedStrap, { kind: Kind }>;

/** A kind of worked strap: all are planned alike, and differ by their natures and their words. */
export const workedStrapKind = <Kind extends WorkedStrapKind>(
  kind: Kind,
): FittingKind<Of<Kind>, WorkedStrapStage<Of<Kind>>> => ({
  usual: ({ contents }) => ({ ...strapForCarrying(contents.carried), kind }) as Of<Kind>,
  plan(strap, bag) {
    const { design, gauge, at } = bag;
    const nature = STRAP_NATURES[kind];
    const panel = patternOf(design);
    const stitch = strapStitch(nature, panel);
    const strip = stripGauge(strap, { nature, stitch, panel, gauge, at });
    const goesOn = goesOnOver(strap, nature, bag);
    const across =
      goesOn === null
        ? widthCount(nature, stitch, strap.widthMm, strip.across.value, nature.borderRows * 2 * strip.borderMm)
        : { count: goesOn, widthMm: goesOn * strip.across.value };
    const hung = hungStrap(strap, across.widthMm, bag);
    if (hung.path.hardwareMm >= hung.wornMm) return { ok: false, problems: [shorterThanHardware(strap, hung, bag)] };
    const { load, feet } = hung;
    const worn = { share: wornShare(strap, hung.wornMm, strip.curve, load), curve: strip.curve, hung };
    const sizes = strapSizes(strap, across, strip.along.value, worn);
    const told = {
      strap,
      nature,
      stitch,
      panel,
      sizes,
      gauge: strip,
      hung,
      goesOn: goesOn !== null,
    };
    const { startingChain, ...others } = strapFigures(told, bag);
    const grown = canGrow(nature) ? grownStrap(others.stitches, bag) : null;
    // What grows from the body begins with no chain.
    const grows = strap.ends.kind === 'grown' && grown !== null;
    const figures: StrapFigures = grows || !startingChain ? others : { ...others, startingChain };
    const hanging = hangingFigures({ ...told, slack: figures.slackPlanned, width: figures.width }, bag);
    const deepMm = figures.footDepth.value;
    const hangs = {
      emptyMm: sizes.stretchingMm + hung.path.hardwareMm - hung.path.doubledMm,
      fullMm: load.mass === null ? sizes.wornMm : sizes.rest.lengthMm,
    };
    return {
      ok: true,
      stage: {
        choice: strap,
        at,
        marks: footMarks(feet.foot, strap, figures.width.value, bag),
        bands: hungBands(
          strap,
          hung,
          { ...hangs, widthMm: figures.width.value, thicknessMm: figures.thickness.value },
          at,
        ),
        worked: [workedStrip(figures, at)],
        beside: rowsOfStrap(strap, nature, figures, at, grows),
        workedOn: [],
        threads: [],
        cloth: [],
        bought: 0,
        // A foot is sewn round its four sides.
        sewn: [{ label: 'Round the strap’s feet', mm: sewnMm(strap.ends, figures.width.value, deepMm) }],
        tails: tailsOf(strap),
        steps: stepsOf(strap, bag),
        differs: [],
        sizes: [figures.pulledPlanned],
        worn: wornOf(strap, hung.wornMm, at),
        closes: null,
        holds: [],
        fromEdgeMm: null,
        compared: [figures.slackToWork],
        asked: [
          ...(Object.values(figures) as StrapFigures[keyof StrapFigures][]),
          ...grownFigures(grown),
          ...hungFigures(hung),
          ...allHangingFigures(load, hanging),
        ].filter((figure) => figure !== undefined),
        problems: [
          ...strip.problems,
          ...hung.problems,
          ...strapProblems(strap, { strip, sizes, hung, hanging }, bag),
          ...growingProblems(strap, grown, canGrow(nature) ? figures.stitches.value : null, bag),
        ],
        stitchCount: figures.stitches.value,
        rowCount: figures.rows.value,
        footDepthMm: deepMm,
        curve: strip.curve,
        stretchingMm: sizes.stretchingMm,
        hangs,
        ...{ nature, stitch, hung, grown, figures, load, hanging },
      },
    };
  },
});

const workedStrip = (
  { width, slackPlanned, fabric }: Pick<StrapFigures, 'width' | 'slackPlanned' | 'fabric'>,
  at: FittingPlace,
): WorkedStrip => ({
  name: nameAt(at, 'strap'),
  width,
  length: slackPlanned,
  fabric,
});

/** Ends of yarn to weave in: two of every piece that is worked, and those of what sews it on. */
const tailsOf = ({ ends, adjust }: WorkedStrap): number => {
  const pieces = ends.kind === 'grown' && ends.shortLoopMm !== null ? 2 : strapPieces(adjust);
  return 2 * pieces + (ends.kind === 'knotted' || ends.kind === 'grown' ? 0 : 4);
};

/** What grows from the body is worked once the body is whole. */
const stepsOf = ({ ends }: WorkedStrap, bag: FittingInput): StepRule[] => [
  { name: 'work-strap', after: ends.kind === 'grown' ? ['blocked', 'joined'] : ['begun'], before: [] },
  { name: 'check-strap', after: ['work-strap'], before: [] },
  attachStep('check-strap', bag),
];
