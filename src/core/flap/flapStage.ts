import { constructionOf, rowsDoubtMm, standingOut } from '@/core/body';
import { loadThicknessMm, type LoadState, type SettledDesign } from '@/core/contents';
import { LEAST_DROP_MM } from '@/core/defaults';
import { factsOf, patternOf } from '@/core/design';
import { CHOSEN, GEOMETRY, input, inputFrom, makeFigure, offFigure, productFigure, type Figure } from '@/core/figures';
import type { GaugeStage } from '@/core/gauge';
import type { Problem } from '@/core/problems';
import { bridgeLengthMm, bridgeOverMm } from '@/core/section';
import { shapedRows, type ShapedRow } from '@/core/shaping';
import type { FlapStage, PouchStage } from '@/core/stages';
import { flapProblems, shapeProblems } from './flapProblems';
import { flapRowsOf, gapsBefore, halfDiscRows, type FlapRows } from './flapRows';
import { halfDiscOf } from './halfDisc';
import { hemRowCount } from './hem';
import { shapeFigures } from './shapeFigures';
import type { FlapSize } from './shapes';

/**
 * Plans a flap that goes on from the back, in its shape. The bridge is made long enough for the loaded bag, since a flap cut for an
 * empty one does not close on a full one.
 */
export function flapStage(design: SettledDesign, gauge: GaugeStage, pouch: PouchStage): FlapStage {
  const { rowMm, layers } = pouch;
  const { chosenRows } = design.body;
  const backAboveFrontMm = pouch.sectionMm.back - pouch.sectionMm.front;
  const hasFlap = design.flap.kind !== 'none' && constructionOf(pouch.kind).takesFlap;
  const corners = hasFlap ? standingOut(design, pouch) : [];
  const bridgeMm = byState((state) =>
    bridgeOverMm(
      layers,
      loadThicknessMm(design.contents, state),
      design.contents.firmness,
      pouch.depthMm,
      state === 'loaded' ? corners : [],
    ),
  );
  const halfDisc = hasFlap && design.flap.kind === 'half-disc' ? halfDiscOf(design.flap, gauge, pouch) : null;
  const wishedTailMm = bridgeMm.loaded + backAboveFrontMm + design.flap.dropMm;
  const wishedBridge = hasFlap ? (chosenRows.bridge ?? Math.max(0, Math.round(bridgeMm.loaded / rowMm))) : 0;
  // A half disc has as many rows as its width asks for; the bridge takes some of them.
  const bridgeRows = halfDisc ? Math.min(wishedBridge, halfDisc.counts.length - 1) : wishedBridge;
  const flapRows = halfDisc
    ? halfDisc.counts.length - bridgeRows
    : hasFlap
      ? (chosenRows.flap ?? Math.max(1, Math.round(wishedTailMm / rowMm) - bridgeRows))
      : 0;
  const hemRows = hasFlap ? hemRowCount(design.flap, rowMm, flapRows) : 0;
  const totalRows = pouch.rowsBeforeFlap + bridgeRows + flapRows;
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
    halfDisc
      ? {
          rule: 'Rows of the half disc, less those of the bridge.',
          inputs: [inputFrom(halfDisc.figures.rows), inputFrom(bridgeRowsFigure)],
          source: GEOMETRY,
        }
      : chosenRows.flap === null
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
  const isStrip = pouch.figures.baseFold !== null;
  const beforeFlap = isStrip ? [pouch.figures.frontRows, pouch.figures.backRows] : [pouch.figures.backRows];
  const totalFigure = makeFigure('panel.rows', 'Rows in all', totalRows + hemRows, 'row', {
    rule: `${isStrip ? 'Front, back, bridge and flap' : 'Back, bridge and flap'} together${hemRows > 0 ? ', and the hem that is turned back' : ''}.`,
    inputs: [
      ...[...beforeFlap, bridgeRowsFigure, flapRowsFigure].map(inputFrom),
      ...(hemRows > 0 ? [input('Rows of the hem', hemRows, 'row')] : []),
    ],
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
      Math.hypot(
        (bridgeRows + flapRows + Math.abs(pouch.backRows - pouch.frontRows)) * rowPlusMinus,
        hasFlap ? rowsDoubtMm(dropParts(pouch, bridgeRows + flapRows), rowMm) : 0,
      ),
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
  const topFoldRows = rowsTo('fold.top.rows', 'Rows up to the top fold', ...beforeFlap);
  const flapStartRows = rowsTo('fold.flap.rows', 'Rows up to where the flap starts', topFoldRows, bridgeRowsFigure);

  const dropLoaded = dropFigure('loaded', bridgeLoaded);
  const shaped: FlapRows = halfDisc
    ? halfDiscRows(pouch, halfDisc.counts, bridgeRows)
    : flapRowsOf(design.flap, patternOf(design), pouch, flapRows);
  const onPiece = hasFlap && halfDisc === null;

  return {
    hasFlap,
    onPiece,
    bridgeRows,
    flapRows,
    hemRows,
    totalRows,
    tail: onPiece ? tailRows(shaped, bridgeRows, hemRows) : [],
    scallops: shaped.scallops,
    scallopGaps: shaped.scallops ? gapsBefore(shaped.scallops) : [],
    halfDisc,
    startStitches: shaped.startStitches,
    leftEachSide: shaped.leftEachSide,
    rows: shaped.rows,
    corners,
    bridgeMm,
    dropMm,
    figures: {
      bridgeLoaded,
      bridgeEmpty,
      bridgeRows: bridgeRowsFigure,
      flapRows: flapRowsFigure,
      totalRows: totalFigure,
      panelLength: productFigure(
        'panel.length',
        isStrip ? 'Panel length, flat' : 'Back with its flap, flat',
        totalFigure,
        gauge.rowHeight,
      ),
      topFoldRows,
      flapStartRows,
      topFold: productFigure(
        'fold.top',
        isStrip ? 'Top fold, from the front’s top edge' : 'Top fold, from the base',
        topFoldRows,
        gauge.rowHeight,
      ),
      flapStart: productFigure(
        'fold.flap',
        isStrip ? 'Flap starts, from the front’s top edge' : 'Flap starts, from the base',
        flapStartRows,
        gauge.rowHeight,
      ),
      dropLoaded,
      dropEmpty: dropFigure('empty', bridgeEmpty),
      wantedDrop,
      dropOff: offFigure('flap.dropOff', dropLoaded, wantedDrop),
      ...shapeFigures(design, gauge, pouch, shaped),
    },
    problems: hasFlap
      ? [
          ...flapProblems(design, pouch, dropMm),
          ...shapeProblems(design, pouch, {
            widthMm: shaped.startStitches * pouch.stitchMm,
            lengthMm: flapRows * rowMm,
          }),
          ...(halfDisc?.problems ?? []),
        ]
      : design.flap.kind === 'none'
        ? []
        : [noFlapProblem(design)],
  };
}

/** What the drop hangs on, in the order of working: the tail and the front lengthen it, the back takes of it; in the round both faces are one. */
const dropParts = ({ kind, frontRows, backRows }: PouchStage, tailRows: number): Parameters<typeof rowsDoubtMm>[0] =>
  factsOf(kind).faces === 'rounds'
    ? [
        { rows: frontRows, way: 0 },
        { rows: tailRows, way: 1 },
      ]
    : [
        { rows: frontRows, way: 1 },
        { rows: backRows, way: -1 },
        { rows: tailRows, way: 1 },
      ];

/** What was wished of a flap, whatever its shape: its width, and its drop, no longer than the front. */
export const wishableFlap = ({
  flap,
  body,
  wishedMm,
}: SettledDesign): { dropMm: number; widthMm: number | null; hemMm: number | null } => ({
  dropMm: Math.max(LEAST_DROP_MM, Math.min(flap.dropMm, body.heightMm, wishedMm.heightMm)),
  widthMm: flap.widthMm,
  hemMm: flap.hemMm,
});

/** All rows beyond the back's upper edge: over the top, the flap, and its hem. */
function tailRows({ startStitches, leftEachSide, rows }: FlapRows, bridgeRows: number, hemRows: number): ShapedRow[] {
  const edge = rows.at(-1)?.stitches ?? startStitches;
  const tail = [
    ...shapedRows(startStitches, Array<number>(bridgeRows).fill(startStitches)),
    ...rows,
    ...shapedRows(edge, Array<number>(hemRows).fill(edge)),
  ];
  const [first] = tail;
  // What is left at each side of a narrower flap is left in the first row beyond the back.
  if (leftEachSide > 0 && first) {
    // On a flap that begins without a bridge its own outline can take some more.
    const within = (startStitches - first.stitches) / 2;
    tail[0] = { ...first, changeEachSide: -leftEachSide - within, by: 'leaving' };
  }
  return tail;
}

/** A flap on a body that has no straight edge for it: it is left out, and either way out settles it. */
const noFlapProblem = (design: SettledDesign): Problem => ({
  code: 'flap-without-edge',
  severity: 'mind',
  place: 'body',
  path: ['flap', 'kind'],
  values: {},
  repairs: [
    {
      code: 'take-flap-off',
      values: {},
      edits: [{ path: ['flap'], value: { ...wishableFlap(design), kind: 'none' } }],
    },
  ],
});

/** The size that a flap is worked to: where it starts, and from there to its edge, mm. */
export const flapSize = (pouch: PouchStage, flap: Pick<FlapStage, 'startStitches' | 'flapRows'>): FlapSize => ({
  widthMm: flap.startStitches * pouch.stitchMm,
  lengthMm: flap.flapRows * pouch.rowMm,
});

/**
 * Stitches across beyond the back's upper edge, in row `k` from it: over the top, then down the flap.
 *
 * @param k from 1
 */
export function rowStitches(flap: FlapStage, k: number): number {
  return flap.rows[k - 1 - flap.bridgeRows]?.stitches ?? flap.startStitches;
}

function bridgeFigure(
  design: SettledDesign,
  gauge: GaugeStage,
  { layers, depthMm }: PouchStage,
  state: LoadState,
  lengthMm: number,
): Figure {
  const loadMm = loadThicknessMm(design.contents, state);
  const crossed =
    depthMm > 0
      ? 'the depth between the middles of front and back, or what the load makes of it, one thickness of fabric and one of lining'
      : 'the load, two thicknesses of fabric and three of lining, measured between the middles of the fabric';
  const plainMm = bridgeLengthMm(layers, loadMm, design.contents.firmness, depthMm);
  const shape =
    lengthMm > plainMm
      ? 'What goes in stands out of the bag, and the flap is drawn taut over it, at half its own thickness and its lining from every corner. Without that it would cross'
      : depthMm > 0
        ? 'The bag is deep, and the flap goes straight across it'
        : design.contents.firmness === 'soft' || state === 'empty'
          ? 'The flap goes over the top in a half circle, π/2 times the depth it crosses'
          : 'A stiff load up to the brim lets the flap run straight across the depth, though never shorter than the bend of the empty bag';
  return makeFigure(
    `bridge.${state}`,
    state === 'loaded' ? 'Bridge over the top, loaded' : 'Bridge over the top, empty',
    lengthMm,
    'mm',
    {
      rule: `${shape}: ${crossed}.`,
      inputs: [
        input('Thickness of the load', loadMm, 'mm'),
        inputFrom(gauge.fabricThickness),
        input('Thickness of the lining', layers.liningMm, 'mm'),
        ...(depthMm > 0 ? [input('Depth, between the middles of the fabric', depthMm, 'mm')] : []),
        ...(lengthMm > plainMm ? [input('Bridge if nothing stood out', plainMm, 'mm')] : []),
      ],
      source: GEOMETRY,
    },
  );
}

function byState<T>(make: (state: LoadState) => T): Record<LoadState, T> {
  return { empty: make('empty'), loaded: make('loaded') };
}
