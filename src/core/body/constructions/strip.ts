import type { BoxedCorners, FoldOverStrip, SideBands } from '@/core/design';
import { input, inputFrom, makeFigure, GEOMETRY, productFigure } from '@/core/figures';
import type { PieceLine, RowsPiece, Track, Zone, PieceSet } from '@/core/pieces';
import type { Problem } from '@/core/problems';
import { reversedCounts, shapedRows, type ShapedRow } from '@/core/shaping';
import type { FlapStage, PouchStage } from '@/core/stages';
import type { BodyInput, ClothMm, Sizing } from './construction';
import { openSideRows } from './openSides';
import type { FacesOwn } from './planFaces';

/** Bodies that are one strip, folded at the base: front, back and what lies beyond, worked in one. */
export type Strip = FoldOverStrip | BoxedCorners | SideBands;

/** The names of a strip's parts, and its rule for the back. */
export const STRIP_NAMES = {
  stitches: 'Stitches in a row',
  frontRows: 'Rows of the front',
  backRows: 'Rows of the back',
  backRule: 'As many as the front, so that both upper edges meet.',
} as const;

/** What of its faces a strip says whose base has a depth: front and back turn under by half of it each, mm. */
export const deepStripFaces = (sizing: Sizing, depthMm: number, { rowMm }: Pick<ClothMm, 'rowMm'>): FacesOwn => ({
  sizing,
  depthMm,
  sideMm: (rows) => rows * rowMm,
  baseMm: 0,
  backFollows: false,
  heightLoadedMm: sizing.heightMm,
  flatFrontMm: (rows) => rows * rowMm - depthMm / 2,
  rowsBeforeFlap: (front, back) => front + back,
  names: STRIP_NAMES,
});

/** The figures that only a strip has: where its base folds, and what its side seams join. */
export function stripFigures(
  { gauge, design }: BodyInput<Strip>,
  pouch: PouchStage,
): Pick<PouchStage['figures'], 'baseFold' | 'backLength' | 'seamRows' | 'seamLength'> {
  const { frontRows, backRows, rowMm, figures, borders } = pouch;
  const openRows = openSideRows(design, pouch);
  const seamRows = Math.min(frontRows, backRows) - openRows;
  // A seam that ends below the mouth does not reach the border there.
  const borderMm = openRows > 0 ? 0 : borders.sidesMm;
  const open = openRows > 0 ? [input('Left open at the mouth for the frame', openRows, 'row')] : [];
  return {
    backLength: productFigure('panel.backLength', 'Back, from the base up', figures.backRows, gauge.rowHeight),
    baseFold: productFigure('fold.base', 'Base fold, from the front’s top edge', figures.frontRows, gauge.rowHeight),
    seamRows: makeFigure('seam.rows', 'Rows each side seam joins', seamRows, 'row', {
      rule: 'The side seam starts at the base fold and joins front rows to back rows one to one, up to the nearer upper edge, less what stays open there.',
      inputs: [inputFrom(figures.frontRows), inputFrom(figures.backRows), ...open],
      source: GEOMETRY,
    }),
    seamLength: makeFigure(
      'seam.length',
      'Length of each side seam',
      seamRows * rowMm + borderMm,
      'mm',
      {
        rule: `Rows that the seam joins, times the row height${borderMm > 0 ? ', and the border above the front’s rows' : ''}.`,
        inputs: [
          inputFrom(gauge.rowHeight),
          ...open,
          ...(borderMm > 0 ? [input('Border above the front’s rows', borderMm, 'mm')] : []),
        ],
        source: GEOMETRY,
      },
      seamRows * (gauge.rowHeight.plusMinus ?? 0),
    ),
  };
}

/** A front and a back of different heights, with the way to even them out. */
export function unevenProblems({ frontRows, backRows, rowMm, borders }: PouchStage): Problem[] {
  // Rows of the back that stand beside the border above the front's.
  const beside = Math.round((borders.frontMm - borders.backMm) / rowMm);
  if (frontRows + beside === backRows) return [];
  const evenFront = Math.max(1, Math.floor((frontRows + backRows - beside) / 2));
  return [
    {
      code: 'front-back-differ',
      severity: 'mind',
      place: 'body',
      mark: 'fold.base',
      asks: ['panel.frontRows', 'panel.backRows', 'gauge.rowHeight'],
      values: { frontRows, backRows, differenceMm: Math.abs(frontRows + beside - backRows) * rowMm },
      repairs: [
        {
          code: 'even-front-and-back',
          values: { rows: evenFront, backRows: evenFront + beside },
          edits: [
            { path: ['body', 'chosenRows', 'front'], value: evenFront },
            { path: ['body', 'chosenRows', 'back'], value: evenFront + beside },
          ],
        },
      ],
    },
  ];
}

/** The strip with everything that is worked on from it, and where front, back and flap lie on it. */
export function stripPiece(
  { body, cloth }: BodyInput<Strip>,
  pouch: PouchStage,
  flap: FlapStage,
): { panel: RowsPiece } & Pick<PieceSet, 'tracks' | 'workedFrom' | 'problems'> {
  const { frontRows, backRows, stitchCount } = pouch;
  const body0 = frontRows + backRows;
  const tailRows = flap.tail.length;
  const rowCount = body0 + tailRows;
  const workedFrom = flap.scallops ? 'front-edge' : body.workedFrom;
  const fromFront = workedFrom === 'front-edge';
  const forward: ShapedRow[] = [...shapedRows(stitchCount, Array<number>(body0).fill(stitchCount)), ...flap.tail];
  const backward = () => {
    const counts = reversedCounts(forward);
    return shapedRows(counts[0] as number, counts);
  };
  /** A row counted from the front's edge, as it is numbered in the order of work. */
  const worked = (row: number) => (fromFront ? row : rowCount + 1 - row);
  const zone = (id: Zone['id'], fromRow: number, count: number): Zone[] => {
    if (count === 0) return [];
    const ends = [worked(fromRow), worked(fromRow + count - 1)];
    return [{ id, fromRow: Math.min(...ends), toRow: Math.max(...ends) }];
  };
  const line = (mark: string, kind: PieceLine['kind'], afterRow: number): PieceLine => ({
    mark,
    kind,
    afterRow: fromFront ? afterRow : rowCount - afterRow,
  });
  const zones = [
    ...zone('front', 1, frontRows),
    ...zone('back', frontRows + 1, backRows),
    ...zone('bridge', body0 + 1, flap.onPiece ? flap.bridgeRows : 0),
    ...zone('flap', body0 + flap.bridgeRows + 1, flap.onPiece ? flap.flapRows : 0),
    ...zone('hem', body0 + flap.bridgeRows + flap.flapRows + 1, flap.onPiece ? flap.hemRows : 0),
  ].sort((a, b) => a.fromRow - b.fromRow);
  const step = fromFront ? 1 : -1;
  const track = (beforeRow: number, way: 1 | -1): Track => ({
    piece: 'panel',
    beforeRow: worked(beforeRow),
    step: (way * step) as 1 | -1,
  });
  return {
    panel: {
      kind: 'rows',
      id: 'panel',
      copies: 1,
      plain: false,
      stitchMm: cloth.stitchMm,
      rowMm: cloth.rowMm,
      startStitches: fromFront ? stitchCount : (forward.at(-1)?.stitches ?? stitchCount),
      rows: fromFront ? forward : backward(),
      roundCount: 0,
      zones,
      lines: [line('edge.front', 'edge', 0), line('fold.base', 'fold', frontRows), ...tailLines(flap, body0, line)],
    },
    tracks: {
      front: track(0, 1),
      back: track(body0 + 1, -1),
      flap: flap.onPiece ? track(body0, 1) : null,
    },
    workedFrom,
    problems: workedFrom === body.workedFrom ? [] : [scallopsLast()],
  };
}

/** Scallops are worked on their own at the end: a strip with them is begun at the front, whatever was wished. */
const scallopsLast = (): Problem => ({
  code: 'scallops-worked-last',
  severity: 'decide',
  place: 'body',
  path: ['body', 'workedFrom'],
  values: {},
  repairs: [
    {
      code: 'work-from-other-end',
      values: { fromFlap: true },
      edits: [{ path: ['body', 'workedFrom'], value: 'front-edge' }],
    },
  ],
});

/** The lines of what lies beyond the back's upper edge, on the piece that it goes on from. */
export function tailLines(
  flap: FlapStage,
  beforeRow: number,
  line: (mark: string, kind: PieceLine['kind'], afterRow: number) => PieceLine,
): PieceLine[] {
  if (!flap.onPiece) return [line('edge.back', 'edge', beforeRow)];
  const edgeRow = beforeRow + flap.bridgeRows + flap.flapRows;
  return [
    line('fold.top', 'fold', beforeRow),
    ...(flap.bridgeRows > 0 ? [line('fold.flap', 'fold', beforeRow + flap.bridgeRows)] : []),
    ...(flap.hemRows > 0
      ? [line('edge.flap', 'fold', edgeRow), line('edge.hem', 'edge', edgeRow + flap.hemRows)]
      : [line('edge.flap', 'edge', edgeRow)]),
  ];
}

/** What each side seam takes, as an input of a reason. */
export const takesInput = (takeUpStitches: number): ReturnType<typeof input> =>
  input('Each side seam takes', takeUpStitches, 'stitch');
