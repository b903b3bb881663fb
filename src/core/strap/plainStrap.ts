import { strapForCarrying } from '@/core/contents';
import { patternOf, type PlainStrap } from '@/core/design';
import {
  liningGoesIn,
  nameAt,
  pathOf,
  type FabricMark,
  type FittingInput,
  type FittingKind,
  type FittingStage,
} from '@/core/fittings';
import { flatSize, type RowsPiece } from '@/core/pieces';
import { plainStitchOf } from '@/core/stitches';
import { grownFigures, grownStrap, type GrownStrap } from './grownStrap';
import { allHangingFigures, hangingFigures, type HangingFigures } from './hangingFigures';
import { strapFigures, type StrapFigures } from './strapFigures';
import { strapFoot, type RowSpan, type StrapFoot } from './strapFoot';
import { strapProblems } from './strapProblems';
import { strapLoad, type StrapLoad } from './strapLoad';
import { strapSizes, wornShare } from './strapSizes';
import type { StretchCurve } from './stretch';
import { stripGauge, strapWidthOfStitch } from './stripGauge';

export interface PlainStrapStage extends FittingStage<PlainStrap> {
  stitchCount: number;
  rowCount: number;
  foot: StrapFoot;
  /** How far down into the bag its feet reach, mm. */
  footDepthMm: number;
  /** What it would take up if it were grown from the body instead; null where the mouth has not as many stitches to give. */
  grown: GrownStrap | null;
  figures: StrapFigures;
  /** What it carries, and how it hangs under it; null where that is not known. */
  load: StrapLoad;
  hanging: HangingFigures | null;
  curve: StretchCurve;
  /** What of it stretches, as worked, mm: all between the feet. */
  stretchingMm: number;
}

/** A plain strap worked in short rows: stitches across, rows along, and where its feet are sewn. */
export const plainStrap: FittingKind<PlainStrap, PlainStrapStage> = {
  usual: ({ contents }) => strapForCarrying(contents.carried),
  plan(strap, bag) {
    const { design, gauge, pouch, set, at } = bag;
    const panel = patternOf(design);
    const plain = plainStitchOf(panel);
    const across = strapWidthOfStitch(gauge, panel, plain, at);
    const strip = stripGauge(strap, gauge, panel, plain, at);
    const load = strapLoad(bag, strap.wornLengthMm);
    const worn = { share: wornShare(strap, strip.curve, load), curve: strip.curve, load };
    const sizes = strapSizes(strap, across.value, strip.rowHeight.value, worn);
    const foot = strapFoot(sizes.stitchCount, strap.overlapMm, pouch, set);
    const figures = strapFigures({ strap, sizes, across, gauge: strip }, plain, foot, bag);
    const hanging = hangingFigures(
      { strap, sizes, gauge: strip, load, slack: figures.slackPlanned, width: figures.width },
      bag,
    );
    const grown = grownStrap(figures.stitches, bag);
    const deepMm = figures.footDepth.value;
    return {
      ok: true,
      stage: {
        choice: strap,
        at,
        marks: footMarks(foot, figures.width.value, bag),
        worked: [
          {
            name: nameAt(at, 'strap'),
            stitches: figures.stitches,
            startingChain: figures.startingChain,
            rows: figures.rows,
            width: figures.width,
            length: figures.slackPlanned,
          },
        ],
        workedOn: [],
        cloth: [],
        // A foot is sewn round its four sides.
        sewn: [{ label: 'Round the strap’s feet', mm: 2 * (2 * (figures.width.value + deepMm)) }],
        tails: 2 + 4,
        steps: [
          { name: 'work-strap', after: ['begun'], before: [] },
          { name: 'check-strap', after: ['work-strap'], before: [] },
          {
            name: 'attach-strap',
            after: ['check-strap', 'blocked', 'joined'],
            // A lining that goes in last lies over the feet.
            before: liningGoesIn(set) === 'last' ? ['covered'] : [],
            mark: 'strap.feet',
          },
        ],
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
        stitchCount: sizes.stitchCount,
        rowCount: sizes.rowCount,
        foot,
        footDepthMm: deepMm,
        grown,
        figures,
        load,
        hanging,
        curve: strip.curve,
        stretchingMm: sizes.stretchingMm,
      },
    };
  },
};

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
