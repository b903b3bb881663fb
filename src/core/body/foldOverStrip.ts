import type { SettledDesign } from '@/core/contents';
import { patternOf } from '@/core/design';
import { GEOMETRY, inputFrom, makeFigure, offFigure, type Figure } from '@/core/figures';
import type { GaugeStage } from '@/core/gauge';
import type { Problem } from '@/core/problems';
import { nearestCount } from '@/core/stitches';
import { baseDepthMm, sideForHeightMm, straightSideMm, type Layers } from './folding';
import { chainFigure, heightFigure, productFigure, rowFigure, stitchFigure, widthFigure } from './foldOverFigures';

/** The pouch of a fold-over strip: front, base fold and back, without what lies beyond the back. */
export interface PouchStage {
  stitchCount: number;
  frontRows: number;
  backRows: number;
  layers: Layers;
  /** Thickness of the load that it is planned for, mm. */
  loadMm: number;
  stitchMm: number;
  rowMm: number;
  figures: {
    stitches: Figure;
    startingChain: Figure;
    panelWidth: Figure;
    frontRows: Figure;
    backRows: Figure;
    baseFold: Figure;
    width: Figure;
    widthOff: Figure;
    height: Figure;
    heightOff: Figure;
    heightLoaded: Figure;
    seamRows: Figure;
    seamLength: Figure;
  };
  problems: Problem[];
}

export type PouchResult = { ok: true; pouch: PouchStage } | { ok: false; problems: Problem[] };

/** Fewer stitches than this are no fabric. */
const LEAST_STITCHES = 2;

/** The most stitches or rows that are planned for one section. More would be a blanket. */
export const MOST_COUNT = 600;

/**
 * Plans front, base fold and back of a fold-over strip: counts from wanted sizes, then the finished sizes from the
 * counts. Row 1 is the front's top edge.
 */
export function foldOverStripStage(
  design: SettledDesign,
  gauge: GaugeStage,
  wanted: { width: Figure; height: Figure },
): PouchResult {
  const { body } = design;
  const stitch = patternOf(design);
  const stitchMm = gauge.stitchWidth.value;
  const rowMm = gauge.rowHeight.value;
  const layers: Layers = {
    fabricMm: gauge.fabricThickness.value,
    liningMm: design.lining?.thicknessMm ?? 0,
  };

  const wishedStitches = body.widthMm / stitchMm + 2 * body.seam.takeUpStitches;
  // A count she settled on for another stitch is kept as near as this one's repeat allows.
  const stitchCount = nearestCount(body.chosenStitches ?? wishedStitches, stitch);
  if (stitchCount === null || stitchCount < LEAST_STITCHES || stitchCount <= 2 * body.seam.takeUpStitches)
    return stop({ code: 'width-under-one-repeat', path: ['body', 'widthMm'], values: { oneRepeatMm: stitchMm } });
  if (stitchCount > MOST_COUNT)
    return stop({
      code: 'too-many-stitches',
      path: ['body', 'widthMm'],
      values: { stitches: stitchCount, mostStitches: MOST_COUNT },
    });

  const emptyDepthMm = baseDepthMm(layers, 0);
  const sideMm = sideForHeightMm(body.heightMm, emptyDepthMm, layers.fabricMm);
  const nearestRows = Math.max(1, Math.round(sideMm / rowMm));
  const frontRows = body.chosenRows.front ?? nearestRows;
  const backRows = body.chosenRows.back ?? frontRows;
  const shorterMm = Math.min(frontRows, backRows) * rowMm;
  if (body.chosenRows.front === null && nearestRows > MOST_COUNT)
    return stop({
      code: 'too-many-stitches',
      path: ['body', 'heightMm'],
      values: { rows: nearestRows, mostStitches: MOST_COUNT },
    });
  if (straightSideMm(shorterMm, emptyDepthMm) <= 0)
    return stop({
      code: 'front-too-short',
      path: ['body', 'heightMm'],
      values: { bendMm: (Math.PI / 4) * emptyDepthMm },
    });

  const loadedDepthMm = baseDepthMm(layers, design.contents.thicknessMm);
  const mostLoadMm = Math.min((4 / Math.PI) * shorterMm - emptyDepthMm, body.widthMm);
  if (straightSideMm(shorterMm, loadedDepthMm) <= 0 || design.contents.thicknessMm >= body.widthMm)
    return stop({
      code: 'load-too-thick',
      path: ['contents', 'thicknessMm'],
      values: { loadMm: design.contents.thicknessMm, mostLoadMm: Math.max(0, Math.floor(mostLoadMm - 1)) },
    });

  const stitches = stitchFigure(body, stitchCount, gauge, wishedStitches, wanted.width);
  const front = rowFigure(
    design,
    wanted.height,
    gauge,
    'panel.frontRows',
    'Rows of the front',
    frontRows,
    body.chosenRows.front !== null,
    'Strip from the top edge to the middle of the base fold: the height, plus the quarter circle the fabric makes round the base, less what that bend stands below. Divided by the row height, to the nearest row.',
  );
  const back = rowFigure(
    design,
    wanted.height,
    gauge,
    'panel.backRows',
    'Rows of the back',
    backRows,
    body.chosenRows.back !== null,
    'As many as the front, so that both upper edges meet.',
  );
  const seamRows = Math.min(frontRows, backRows);
  const width = widthFigure(body, stitches, gauge);
  const height = heightFigure('size.height', 'Height to the mouth, empty', frontRows, emptyDepthMm, gauge, front, 0);
  const heightLoaded = heightFigure(
    'size.heightLoaded',
    'Height to the mouth, loaded',
    frontRows,
    loadedDepthMm,
    gauge,
    front,
    design.contents.thicknessMm,
  );

  return {
    ok: true,
    pouch: {
      stitchCount,
      frontRows,
      backRows,
      layers,
      loadMm: design.contents.thicknessMm,
      stitchMm,
      rowMm,
      figures: {
        stitches,
        startingChain: chainFigure(design, stitchCount, stitches),
        panelWidth: productFigure('panel.width', 'Panel width, flat', stitches, gauge.stitchWidth),
        frontRows: front,
        backRows: back,
        baseFold: productFigure('fold.base', 'Base fold, from the front’s top edge', front, gauge.rowHeight),
        width,
        widthOff: offFigure('size.widthOff', width, wanted.width),
        height,
        heightOff: offFigure('size.heightOff', height, wanted.height),
        heightLoaded,
        seamRows: makeFigure('seam.rows', 'Rows each side seam joins', seamRows, 'row', {
          rule: 'The side seam starts at the base fold and joins front rows to back rows one to one, up to the nearer upper edge.',
          inputs: [inputFrom(front), inputFrom(back)],
          source: GEOMETRY,
        }),
        seamLength: makeFigure(
          'seam.length',
          'Length of each side seam',
          seamRows * rowMm,
          'mm',
          {
            rule: 'Rows that the seam joins, times the row height.',
            inputs: [inputFrom(gauge.rowHeight)],
            source: GEOMETRY,
          },
          seamRows * (gauge.rowHeight.plusMinus ?? 0),
        ),
      },
      problems: frontRows === backRows ? [] : [unevenProblem(frontRows, backRows, rowMm)],
    },
  };
}

function unevenProblem(frontRows: number, backRows: number, rowMm: number): Problem {
  const total = frontRows + backRows;
  const evenFront = Math.floor(total / 2);
  return {
    code: 'front-back-differ',
    severity: 'mind',
    place: 'body',
    mark: 'fold.base',
    asks: ['panel.frontRows', 'panel.backRows', 'gauge.rowHeight'],
    values: { frontRows, backRows, differenceMm: Math.abs(frontRows - backRows) * rowMm },
    repairs: [
      {
        code: 'even-front-and-back',
        values: { rows: evenFront },
        edits: [
          { path: ['body', 'chosenRows', 'front'], value: evenFront },
          { path: ['body', 'chosenRows', 'back'], value: evenFront },
        ],
      },
    ],
  };
}

function stop(problem: Pick<Problem, 'code' | 'values'> & { path: (string | number)[] }): PouchResult {
  return { ok: false, problems: [{ severity: 'stop', place: 'body', repairs: [], ...problem }] };
}
