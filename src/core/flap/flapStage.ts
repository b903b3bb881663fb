import { bridgeLengthMm, productFigure, type PouchStage } from '@/core/body';
import { loadThicknessMm, type LoadState, type SettledDesign } from '@/core/contents';
import { LEAST_DROP_MM } from '@/core/defaults';
import { patternOf } from '@/core/design';
import { CHOSEN, GEOMETRY, input, inputFrom, makeFigure, offFigure, type Figure } from '@/core/figures';
import type { GaugeStage } from '@/core/gauge';
import type { Problem } from '@/core/problems';
import type { ShapedRow } from '@/core/shaping';
import { flapProblems, shapeProblems } from './flapProblems';
import { flapRowsOf } from './flapRows';
import { shapeFigures, type ShapeFigures } from './shapeFigures';
import type { FlapSize } from './shapes';

/** What lies beyond the back: the bridge over the top, and the flap down the front. An open bag has no rows there. */
export interface FlapStage {
  hasFlap: boolean;
  bridgeRows: number;
  flapRows: number;
  totalRows: number;
  /** Stitches of the bridge and of the flap where it starts, and how many are left at each side of the back. */
  startStitches: number;
  leftEachSide: number;
  /** The flap's rows, from where it starts to its edge. */
  rows: ShapedRow[];
  /** Strip that bridges the top in each state, mm; and how far the flap comes down the front from its top edge. */
  bridgeMm: Record<LoadState, number>;
  dropMm: Record<LoadState, number>;
  figures: {
    bridgeLoaded: Figure;
    bridgeEmpty: Figure;
    bridgeRows: Figure;
    flapRows: Figure;
    totalRows: Figure;
    panelLength: Figure;
    topFoldRows: Figure;
    flapStartRows: Figure;
    topFold: Figure;
    flapStart: Figure;
    dropLoaded: Figure;
    dropEmpty: Figure;
    dropOff: Figure;
    wantedDrop: Figure;
  } & ShapeFigures;
  problems: Problem[];
}

/**
 * Plans a flap that goes on from the back, in its shape. The bridge is made long enough for the loaded bag, since a flap cut for an
 * empty one does not close on a full one.
 */
export function flapStage(design: SettledDesign, gauge: GaugeStage, pouch: PouchStage): FlapStage {
  const { rowMm, layers, frontRows, backRows } = pouch;
  const { chosenRows } = design.body;
  const backAboveFrontMm = (backRows - frontRows) * rowMm;
  const bridgeMm = byState((state) =>
    bridgeLengthMm(layers, loadThicknessMm(design.contents, state), design.contents.firmness),
  );

  const hasFlap = design.flap.kind !== 'none';
  const wishedTailMm = bridgeMm.loaded + backAboveFrontMm + design.flap.dropMm;
  const bridgeRows = hasFlap ? (chosenRows.bridge ?? Math.max(0, Math.round(bridgeMm.loaded / rowMm))) : 0;
  const flapRows = hasFlap ? (chosenRows.flap ?? Math.max(1, Math.round(wishedTailMm / rowMm) - bridgeRows)) : 0;
  const totalRows = frontRows + backRows + bridgeRows + flapRows;
  const tailMm = (bridgeRows + flapRows) * rowMm;
  const dropMm = byState((state) => (hasFlap ? tailMm - bridgeMm[state] - backAboveFrontMm : 0));

  const wantedDrop = makeFigure('flap.wantedDrop', 'Flap drop you want', design.flap.dropMm, 'mm', {
    rule: 'As you wish it.',
    inputs: [],
    source: CHOSEN,
  });
  const bridgeLoaded = bridgeFigure(design, gauge, pouch, 'loaded', bridgeMm.loaded);
  const bridgeEmpty = bridgeFigure(design, gauge, pouch, 'empty', bridgeMm.empty);
  const bridgeRowsFigure = makeFigure(
    'panel.bridgeRows',
    'Rows of the bridge over the top',
    bridgeRows,
    'row',
    chosenRows.bridge === null
      ? {
          rule: 'Bridge needed by the loaded bag, divided by the row height, to the nearest row.',
          inputs: [inputFrom(bridgeLoaded), inputFrom(gauge.rowHeight)],
          source: GEOMETRY,
        }
      : { rule: 'You set this on the drawing.', inputs: [inputFrom(bridgeLoaded)], source: CHOSEN },
  );
  const flapRowsFigure = makeFigure(
    'panel.flapRows',
    'Rows of the flap',
    flapRows,
    'row',
    chosenRows.flap === null
      ? {
          rule: 'Bridge and wanted drop together, divided by the row height, to the nearest row, less the rows of the bridge.',
          inputs: [
            inputFrom(bridgeLoaded),
            inputFrom(wantedDrop),
            input('Back stands above the front', backAboveFrontMm, 'mm'),
            inputFrom(gauge.rowHeight),
            inputFrom(bridgeRowsFigure),
          ],
          source: GEOMETRY,
        }
      : { rule: 'You set this on the drawing.', inputs: [inputFrom(gauge.rowHeight)], source: CHOSEN },
  );
  const totalFigure = makeFigure('panel.rows', 'Rows in all', totalRows, 'row', {
    rule: 'Front, back, bridge and flap together.',
    inputs: [pouch.figures.frontRows, pouch.figures.backRows, bridgeRowsFigure, flapRowsFigure].map(inputFrom),
    source: GEOMETRY,
  });
  const rowPlusMinus = gauge.rowHeight.plusMinus ?? 0;
  const dropFigure = (state: LoadState, bridge: Figure) =>
    makeFigure(
      `flap.drop.${state}`,
      state === 'loaded' ? 'Flap down the front, loaded' : 'Flap down the front, empty',
      dropMm[state],
      'mm',
      {
        rule: 'Strip beyond the back, less the bridge it needs over the top, less what the back stands above the front: measured down from the front’s top edge.',
        inputs: [
          inputFrom(bridgeRowsFigure),
          inputFrom(flapRowsFigure),
          inputFrom(gauge.rowHeight),
          inputFrom(bridge),
          input('Back stands above the front', backAboveFrontMm, 'mm'),
        ],
        source: GEOMETRY,
      },
      (bridgeRows + flapRows + Math.abs(backRows - frontRows)) * rowPlusMinus,
    );
  const rowsTo = (id: string, label: string, ...inputs: Figure[]) =>
    makeFigure(
      id,
      label,
      inputs.reduce((sum, { value }) => sum + value, 0),
      'row',
      {
        rule: 'Rows of the parts before it, added up.',
        inputs: inputs.map(inputFrom),
        source: GEOMETRY,
      },
    );
  const topFoldRows = rowsTo(
    'fold.top.rows',
    'Rows up to the top fold',
    pouch.figures.frontRows,
    pouch.figures.backRows,
  );
  const flapStartRows = rowsTo('fold.flap.rows', 'Rows up to where the flap starts', topFoldRows, bridgeRowsFigure);

  const dropLoaded = dropFigure('loaded', bridgeLoaded);
  const shaped = flapRowsOf(design.flap, patternOf(design), pouch.stitchCount, flapRows, pouch);

  return {
    hasFlap,
    bridgeRows,
    flapRows,
    totalRows,
    startStitches: shaped.startStitches,
    leftEachSide: shaped.leftEachSide,
    rows: shaped.rows,
    bridgeMm,
    dropMm,
    figures: {
      bridgeLoaded,
      bridgeEmpty,
      bridgeRows: bridgeRowsFigure,
      flapRows: flapRowsFigure,
      totalRows: totalFigure,
      panelLength: productFigure('panel.length', 'Panel length, flat', totalFigure, gauge.rowHeight),
      topFoldRows,
      flapStartRows,
      topFold: productFigure('fold.top', 'Top fold, from the front’s top edge', topFoldRows, gauge.rowHeight),
      flapStart: productFigure('fold.flap', 'Flap starts, from the front’s top edge', flapStartRows, gauge.rowHeight),
      dropLoaded,
      dropEmpty: dropFigure('empty', bridgeEmpty),
      wantedDrop,
      dropOff: offFigure('flap.dropOff', dropLoaded, wantedDrop),
      ...shapeFigures(design, gauge, pouch, bridgeRows, shaped),
    },
    problems: hasFlap
      ? [
          ...flapProblems(design, pouch, dropMm),
          ...shapeProblems(design, pouch, {
            widthMm: shaped.startStitches * pouch.stitchMm,
            lengthMm: flapRows * rowMm,
          }),
        ]
      : [],
  };
}

/** What was wished of a flap, whatever its shape: its width, and its drop, no longer than the front. */
export const wishableFlap = ({ flap, body, wishedMm }: SettledDesign): { dropMm: number; widthMm: number | null } => ({
  dropMm: Math.max(LEAST_DROP_MM, Math.min(flap.dropMm, body.heightMm, wishedMm.heightMm)),
  widthMm: flap.widthMm,
});

/** The size that a flap is worked to: where it starts, and from there to its edge, mm. */
export const flapSize = (pouch: PouchStage, flap: Pick<FlapStage, 'startStitches' | 'flapRows'>): FlapSize => ({
  widthMm: flap.startStitches * pouch.stitchMm,
  lengthMm: flap.flapRows * pouch.rowMm,
});

/**
 * Stitches in a row of the strip, from row 1 at the front's top edge to the flap's edge.
 *
 * @param row from 1
 */
export function rowStitches(pouch: PouchStage, flap: FlapStage, row: number): number {
  if (row <= pouch.frontRows + pouch.backRows) return pouch.stitchCount;
  return flap.rows[row - 1 - (flap.totalRows - flap.flapRows)]?.stitches ?? flap.startStitches;
}

function bridgeFigure(
  design: SettledDesign,
  gauge: GaugeStage,
  { layers }: PouchStage,
  state: LoadState,
  lengthMm: number,
): Figure {
  const loadMm = loadThicknessMm(design.contents, state);
  const shape =
    design.contents.firmness === 'soft' || state === 'empty'
      ? 'The flap goes over the top in a half circle, π/2 times the depth it crosses'
      : 'A stiff load up to the brim lets the flap run straight across the depth, though never shorter than the bend of the empty bag';
  return makeFigure(
    `bridge.${state}`,
    state === 'loaded' ? 'Bridge over the top, loaded' : 'Bridge over the top, empty',
    lengthMm,
    'mm',
    {
      rule: `${shape}: the load, two thicknesses of fabric and three of lining, measured between the middles of the fabric.`,
      inputs: [
        input('Thickness of the load', loadMm, 'mm'),
        inputFrom(gauge.fabricThickness),
        input('Thickness of the lining', layers.liningMm, 'mm'),
      ],
      source: GEOMETRY,
    },
  );
}

function byState<T>(make: (state: LoadState) => T): Record<LoadState, T> {
  return { empty: make('empty'), loaded: make('loaded') };
}
