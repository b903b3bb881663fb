import { strapForCarrying } from '@/core/contents';
import { patternOf, type WorkedStrap, type WorkedStrapKind } from '@/core/design';
import {
  liningGoesIn,
  nameAt,
  pathOf,
  type FabricMark,
  type FittingInput,
  type FittingKind,
  type FittingPlace,
  type FittingStage,
  type StepRule,
  type WorkedStrip,
} from '@/core/fittings';
import { flatSize, type RowsPiece } from '@/core/pieces';
import type { StitchPattern } from '@/core/stitches';
import { grownFigures, grownStrap, type GrownStrap } from './grownStrap';
import { allHangingFigures, hangingFigures, type HangingFigures } from './hangingFigures';
import { STRAP_NATURES, strapStitch, widthCount, type StrapNature } from './natures';
import { strapFigures, type StrapFigures } from './strapFigures';
import { strapFoot, type RowSpan, type StrapFoot } from './strapFoot';
import { strapProblems } from './strapProblems';
import { strapLoad, type StrapLoad } from './strapLoad';
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
  foot: StrapFoot;
  /** How far down into the bag its feet reach, mm. */
  footDepthMm: number;
  /** What it would take up if it were grown from the body instead; null where the mouth has not as many stitches to give, or it is not in short rows. */
  grown: GrownStrap | null;
  figures: StrapFigures;
  /** What it carries, and how it hangs under it; null where that is not known. */
  load: StrapLoad;
  hanging: HangingFigures | null;
  curve: StretchCurve;
  /** What of it stretches, as worked, mm: all between the feet. */
  stretchingMm: number;
}

type Of<Kind extends WorkedStrapKind> = Extract<WorkedStrap, { kind: Kind }>;

/** A kind of worked strap: all are planned alike, and differ by their natures and their words. */
export const workedStrapKind = <Kind extends WorkedStrapKind>(
  kind: Kind,
): FittingKind<Of<Kind>, WorkedStrapStage<Of<Kind>>> => ({
  usual: ({ contents }) => ({ ...strapForCarrying(contents.carried), kind }) as Of<Kind>,
  plan(strap, bag) {
    const { design, gauge, pouch, set, at } = bag;
    const nature = STRAP_NATURES[kind];
    const panel = patternOf(design);
    const stitch = strapStitch(nature, panel);
    const strip = stripGauge(strap, { nature, stitch, panel, gauge, at });
    const load = strapLoad(bag, strap.wornLengthMm);
    const worn = { share: wornShare(strap, strip.curve, load), curve: strip.curve, load };
    const across = widthCount(nature, stitch, strap.widthMm, strip.across.value);
    const sizes = strapSizes(strap, across, strip.along.value, worn);
    // A foot covers as much of the bag as the strap is wide.
    const covered = Math.max(2, Math.round(sizes.widthMm / pouch.stitchMm));
    const foot = strapFoot(covered, strap.overlapMm, pouch, set);
    const told = { strap, nature, stitch, panel, sizes, gauge: strip };
    const figures = strapFigures(told, foot, bag);
    const hanging = hangingFigures(
      { strap, sizes, gauge: strip, load, slack: figures.slackPlanned, width: figures.width },
      bag,
    );
    const grown = nature.lie === 'across' ? grownStrap(figures.stitches, bag) : null;
    const deepMm = figures.footDepth.value;
    return {
      ok: true,
      stage: {
        choice: strap,
        at,
        marks: footMarks(foot, figures.width.value, bag),
        worked: [workedStrip(figures, at)],
        workedOn: [],
        cloth: [],
        // A foot is sewn round its four sides.
        sewn: [{ label: 'Round the strap’s feet', mm: 2 * (2 * (figures.width.value + deepMm)) }],
        tails: 2 + 4,
        steps: stepsOf(bag),
        differs: [],
        sizes: [figures.pulledPlanned],
        worn: { mm: strap.wornLengthMm, path: [...pathOf(at), 'wornLengthMm'] },
        fromEdgeMm: null,
        compared: [figures.slackToWork],
        asked: [
          ...(Object.values(figures) as StrapFigures[keyof StrapFigures][]),
          ...grownFigures(grown),
          ...allHangingFigures(load, hanging),
        ].filter((figure) => figure !== undefined),
        problems: [...strip.problems, ...strapProblems(strap, { strip, sizes, load, hanging }, bag)],
        stitchCount: figures.stitches.value,
        rowCount: figures.rows.value,
        footDepthMm: deepMm,
        curve: strip.curve,
        stretchingMm: sizes.stretchingMm,
        ...{ nature, stitch, foot, grown, figures, load, hanging },
      },
    };
  },
});

const workedStrip = (
  { stitches, startingChain, rows, width, slackPlanned, fabric }: StrapFigures,
  at: FittingPlace,
): WorkedStrip => ({
  name: nameAt(at, 'strap'),
  stitches,
  startingChain,
  rows,
  width,
  length: slackPlanned,
  fabric,
});

const stepsOf = ({ set }: FittingInput): StepRule[] => [
  { name: 'work-strap', after: ['begun'], before: [] },
  { name: 'check-strap', after: ['work-strap'], before: [] },
  {
    name: 'attach-strap',
    after: ['check-strap', 'blocked', 'joined'],
    // A lining that goes in last lies over the feet.
    before: liningGoesIn(set) === 'last' ? ['covered'] : [],
    mark: 'strap.feet',
  },
];

/** The feet as patches: at the ends of a strip, or at both sides of front and back. */
function footMarks(foot: StrapFoot, strapMm: number, { at, set, pouch }: FittingInput): FabricMark[] {
  const { fabricMm } = pouch.layers;
  const patch = (
    piece: RowsPiece,
    acrossMm: number,
    alongMm: number,
    widthMm: number,
    lengthMm: number,
  ): FabricMark => ({
    mark: nameAt(at, 'strap.feet'),
    of: at,
    piece: piece.id,
    face: 'inner',
    ...{ acrossMm, alongMm },
    // At the sides, beside the way that the section is cut.
    stationMm: null,
    count: null,
    form: { kind: 'patch', widthMm, lengthMm },
    stuff: 'stitches',
    standsMm: fabricMm,
    throughMm: [fabricMm],
    presence: 'set',
    move: null,
  });
  const pieceOf = (id: string) =>
    set.pieces.find((piece): piece is RowsPiece => piece.kind === 'rows' && piece.id === id);
  if (foot.on === 'strip-ends') {
    const strip = pieceOf(foot.piece);
    if (!strip) return [];
    const { widthMm, lengthMm } = flatSize(strip);
    const wide = Math.min(strapMm, foot.unit === 'row' ? widthMm : lengthMm);
    const middleMm = foot.depthMm / 2;
    return foot.unit === 'row'
      ? [lengthMm - middleMm, middleMm].map((alongMm) => patch(strip, 0, alongMm, wide, foot.depthMm))
      : [widthMm / 2 - middleMm, middleMm - widthMm / 2].map((acrossMm) =>
          patch(strip, acrossMm, lengthMm / 2, foot.depthMm, wide),
        );
  }
  const sides = (id: string, rows: RowSpan, stitches: number): FabricMark[] => {
    const piece = pieceOf(id);
    if (!piece) return [];
    const edgeMm = ((piece.rows[rows.to - 1]?.stitches ?? piece.startStitches) * piece.stitchMm) / 2;
    const wide = Math.min(stitches * piece.stitchMm, edgeMm);
    const high = (rows.to - rows.from + 1) * piece.rowMm;
    return [edgeMm - wide / 2, wide / 2 - edgeMm].map((acrossMm) =>
      patch(piece, acrossMm, rows.to * piece.rowMm - high / 2, wide, high),
    );
  };
  const { front, back } = foot;
  // Of rounds that lie flat, front and back are the same rows.
  const same = front.piece === back.piece && front.rows.from === back.rows.from;
  return [
    ...sides(front.piece, front.rows, foot.frontStitches),
    ...(same ? [] : sides(back.piece, back.rows, foot.backStitches)),
  ];
}
