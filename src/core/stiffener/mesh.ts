import { edgesOf, edgingSizes } from '@/core/borders';
import { offsetRing, ringBounds } from '@/core/cutting';
import { patternOf, usualCanvas, usualEdging, usualMesh, type Design, type Edging, type Mesh } from '@/core/design';
import { countEdging, freeEdge } from '@/core/edging';
import { COMMON_PRACTICE, input, makeFigure } from '@/core/figures';
import { pathOf, stageOf, takeOffEdit, type FabricMark, type FittingInput, type FittingKind } from '@/core/fittings';
import { ringOf } from '@/core/lining';
import { flatSize, pieceOutline, type RowsPiece } from '@/core/pieces';
import type { Problem } from '@/core/problems';
import { wholeBars } from './bars';
import { ours, sheetsFigure, type StiffenerStage } from './stiffenerKind';
import type { StiffenerPiece } from './stiffenerPiece';

/** The round of a border that goes through a mesh as well. */
const THROUGH_ROUND = 2;
const INCH_MM = 25.4;

/** A stretch of the border: stitches of its first round, and holes of the mesh that its second goes through with them. */
export interface MeshStretch {
  name: string;
  stitches: number;
  holes: number;
}

export interface MeshStage extends StiffenerStage<Mesh> {
  stretches: MeshStretch[];
}

/**
 * Canvas as large as the flat strip with the first round of its border: the second round is worked through both, so that it lies between crochet and lining
 * and bends with the bag.
 *
 * Source: common practice, no source.
 */
export const mesh: FittingKind<Mesh, MeshStage> = {
  usual: usualMesh,
  plan(choice, bag) {
    const { set, design, gauge, at } = bag;
    const panel = set.pieces.find((piece): piece is RowsPiece => piece.kind === 'rows' && piece.id === 'panel');
    const border = borderOf(design);
    if (!panel || !border) return { ok: false, problems: [withoutBorder(choice, bag)] };
    const sizes = edgingSizes(border, design, {
      stitchMm: gauge.stitchWidth.value,
      rowMm: gauge.rowHeight.value,
      pattern: patternOf(design),
    });
    const roundMm = sizes.plainMm / border.rounds;
    const piece = pieceOf(panel, choice, roundMm);
    const sheets = sheetsFigure([piece]);
    const edge = freeEdge(border, bag);
    const { stretches } = countEdging(border, edge, sizes, bag.pouch.rowMm, design);
    const pitchMm = INCH_MM / choice.barsPerInch;
    return {
      ok: true,
      stage: {
        ...stageOf({
          choice,
          at,
          marks: [markOf(piece, panel, choice, bag)],
          steps: [
            { name: 'cut-stiffener', after: ['worked'], before: ['edged'] },
            { name: 'put-stiffener-in', after: ['cut-stiffener'], before: ['edged'] },
          ],
          asked: [piece.width, piece.height, ...(sheets ? [sheets] : [])],
          problems: sheets ? [] : [largerThanSheet(piece, choice, bag)],
        }),
        pieces: [piece],
        sheets,
        stretches: stretches.map(({ name, picks, lengthMm }) => ({
          name,
          stitches: picks,
          holes: Math.max(1, Math.round(lengthMm / pitchMm)),
        })),
      },
    };
  },
};

/** The border round the strip that has a second round; nothing without one. */
const borderOf = ({ edgings }: Pick<Design, 'edgings'>): Edging | undefined =>
  edgings.find(({ edge, rounds }) => edge === 'strip' && rounds >= THROUGH_ROUND);

function pieceOf(panel: RowsPiece, { barsPerInch }: Mesh, roundMm: number): StiffenerPiece {
  const hem = panel.zones.find(({ id }) => id === 'hem');
  const covers = ringOf(pieceOutline(panel, hem ?? null));
  const ring = offsetRing(covers, roundMm, 'mitred') ?? covers;
  const { widthMm, heightMm } = ringBounds(ring);
  const size = (name: string, what: string, mm: number) => {
    const { bars } = wholeBars(mm, barsPerInch);
    return {
      bars,
      figure: makeFigure(`stiffener.${name}`, `All of the panel: ${what}`, mm, 'mm', {
        rule: `The panel as it lies flat, with the first round of its border on both sides: ${bars} whole bars.`,
        inputs: [input('First round of the border', roundMm, 'mm'), input('Bars to the inch', barsPerInch, 'count')],
        source: COMMON_PRACTICE,
      }),
    };
  };
  const [width, height] = [size('width', 'across', widthMm), size('height', 'up', heightMm)];
  return {
    ...{ id: 'panel', copies: 1, seam: ring, cut: ring, marks: [], grain: 'any' },
    ...{ width: width.figure, height: height.figure, bars: { across: width.bars, up: height.bars } },
  };
}

/** Where it lies on the flat piece: all over its inner face. */
function markOf({ seam }: StiffenerPiece, panel: RowsPiece, { thicknessMm }: Mesh, { at }: FittingInput): FabricMark {
  const { lowMm, heightMm } = ringBounds(seam);
  const middleMm = lowMm + heightMm / 2;
  return {
    ...{ mark: 'stiffener.cut', of: at, piece: panel.id, face: 'inner', acrossMm: 0, count: null },
    ...{ alongMm: Math.min(middleMm, flatSize(panel).lengthMm), stationMm: null },
    form: { kind: 'outline', points: seam.map(([x, y]) => [x, y - middleMm] as const) },
    ...{ stuff: 'board', standsMm: thicknessMm, throughMm: [], presence: 'set', move: null },
  };
}

/** A panel that is longer than a sheet of canvas. */
const largerThanSheet = ({ width, height }: StiffenerPiece, choice: Mesh, { at, design }: FittingInput): Problem =>
  ours.problem({
    code: 'stiffener-larger-than-sheet',
    severity: 'mind',
    place: 'lining',
    path: pathOf(at),
    asks: [width.id, height.id],
    values: { widthMm: width.value, heightMm: height.value },
    repairs: [asCanvas(choice, design, at)],
  });

/** Canvas cut wall by wall instead. */
const asCanvas = ({ barsPerInch, thicknessMm }: Mesh, design: Design, at: FittingInput['at']) =>
  ours.repair({
    code: 'stiffener-of-canvas',
    values: {},
    edits: [{ path: pathOf(at), value: { ...usualCanvas(design), barsPerInch, thicknessMm } }],
  });

function withoutBorder(choice: Mesh, { at, design }: FittingInput): Problem {
  const canHave = edgesOf(design).includes('strip');
  const atEdging = design.edgings.findIndex(({ edge }) => edge === 'strip');
  const border: Edging[] =
    atEdging < 0
      ? [
          ...design.edgings.filter(({ edge }) => edge === 'band'),
          { ...usualEdging('single', 'strip'), rounds: THROUGH_ROUND },
        ]
      : design.edgings.map((edging, index) => (index === atEdging ? { ...edging, rounds: THROUGH_ROUND } : edging));
  return ours.problem({
    code: 'mesh-without-border',
    severity: 'decide',
    place: 'lining',
    path: pathOf(at),
    values: { has: canHave },
    repairs: [
      ...(canHave
        ? [ours.repair({ code: 'mesh-border', values: {}, edits: [{ path: ['edgings'], value: border }] })]
        : []),
      asCanvas(choice, design, at),
      ours.repair({ code: 'stiffener-out', values: {}, edits: [takeOffEdit(design, at)] }),
    ],
  });
}
