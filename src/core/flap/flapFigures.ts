import { rowsDoubtMm } from '@/core/body';
import { loadThicknessMm, type LoadState, type SettledDesign } from '@/core/contents';
import { factsOf } from '@/core/design';
import { CHOSEN, GEOMETRY, input, inputFrom, makeFigure, offFigure, productFigure, type Figure } from '@/core/figures';
import type { GaugeStage } from '@/core/gauge';
import { bridgeLengthMm } from '@/core/section';
import type { FlapStage, PouchStage } from '@/core/stages';
import { backAboveFrontMm, type FlapReach } from './flapReach';
import type { FlapRows } from './flapRows';
import { shapeFigures } from './shapeFigures';

/** Tells how far a flap reaches and how it is shaped, each number with its reason. */
export function flapFigures(
  reach: FlapReach,
  shaped: FlapRows,
  design: SettledDesign,
  gauge: GaugeStage,
  pouch: PouchStage,
): FlapStage['figures'] {
  const wantedDrop = makeFigure('flap.wantedDrop', 'Flap drop you want', design.flap.dropMm, 'mm', {
    rule: 'As you wish it.',
    inputs: [],
    source: CHOSEN,
  });
  const bridgeLoaded = bridgeFigure(design, gauge, pouch, 'loaded', reach.bridgeMm.loaded);
  const bridgeEmpty = bridgeFigure(design, gauge, pouch, 'empty', reach.bridgeMm.empty);
  const bridgeRows = bridgeRowsFigure(reach, design, gauge, bridgeLoaded);
  const flapRows = flapRowsFigure(reach, design, gauge, pouch, { bridgeLoaded, bridgeRows, wantedDrop });
  const drop = (state: LoadState, bridge: Figure) =>
    dropFigure(state, reach, gauge, pouch, { bridgeRows, flapRows, bridge });
  const dropLoaded = drop('loaded', bridgeLoaded);
  return {
    dropEmpty: drop('empty', bridgeEmpty),
    dropOff: offFigure('flap.dropOff', dropLoaded, wantedDrop),
    wantedDrop,
    bridgeLoaded,
    bridgeEmpty,
    bridgeRows,
    flapRows,
    dropLoaded,
    ...alongFigures(reach, gauge, pouch, bridgeRows, flapRows),
    ...shapeFigures(design, gauge, pouch, shaped),
  };
}

/** The border at the flap's edge, as an input of a reason; none where there is none. */
const borderInputs = ({ borders }: PouchStage) =>
  borders.flapMm > 0 ? [input('Border at the flap’s edge', borders.flapMm, 'mm')] : [];

function bridgeRowsFigure(
  { bridgeRows }: FlapReach,
  { body }: SettledDesign,
  gauge: GaugeStage,
  bridgeLoaded: Figure,
): Figure {
  return makeFigure(
    'panel.bridgeRows',
    'Rows of the bridge over the top',
    bridgeRows,
    'row',
    body.chosenRows.bridge === null
      ? {
          rule: 'Bridge needed by the loaded bag, divided by the row height, to the nearest row.',
          inputs: [inputFrom(bridgeLoaded), inputFrom(gauge.rowHeight)],
          source: GEOMETRY,
        }
      : { rule: 'You set this on the drawing.', inputs: [inputFrom(bridgeLoaded)], source: CHOSEN },
  );
}

function flapRowsFigure(
  { flapRows, halfDisc }: FlapReach,
  { body }: SettledDesign,
  gauge: GaugeStage,
  pouch: PouchStage,
  { bridgeLoaded, bridgeRows, wantedDrop }: Record<'bridgeLoaded' | 'bridgeRows' | 'wantedDrop', Figure>,
): Figure {
  const reason = () => {
    if (halfDisc)
      return {
        rule: 'Rows of the half disc, less those of the bridge.',
        inputs: [inputFrom(halfDisc.figures.rows), inputFrom(bridgeRows)],
        source: GEOMETRY,
      };
    if (body.chosenRows.flap !== null)
      return { rule: 'You set this on the drawing.', inputs: [inputFrom(gauge.rowHeight)], source: CHOSEN };
    return {
      rule: `Bridge and wanted drop together${pouch.borders.flapMm > 0 ? ', less the border at the edge' : ''}, divided by the row height, to the nearest row, less the rows of the bridge.`,
      inputs: [
        inputFrom(bridgeLoaded),
        inputFrom(wantedDrop),
        input('Back stands above the front', backAboveFrontMm(pouch), 'mm'),
        ...borderInputs(pouch),
        inputFrom(gauge.rowHeight),
        inputFrom(bridgeRows),
      ],
      source: GEOMETRY,
    };
  };
  return makeFigure('panel.flapRows', 'Rows of the flap', flapRows, 'row', reason());
}

function dropFigure(
  state: LoadState,
  reach: FlapReach,
  gauge: GaugeStage,
  pouch: PouchStage,
  { bridgeRows, flapRows, bridge }: Record<'bridgeRows' | 'flapRows' | 'bridge', Figure>,
): Figure {
  const tailRows = reach.bridgeRows + reach.flapRows;
  return makeFigure(
    `flap.drop.${state}`,
    state === 'loaded' ? 'Flap down the front, loaded' : 'Flap down the front, empty',
    reach.dropMm[state],
    'mm',
    {
      rule: `Strip beyond the back${pouch.borders.flapMm > 0 ? ', with the border at its edge' : ''}, less the bridge it needs over the top, less what the back stands above the front: measured down from the front’s top edge.`,
      inputs: [
        inputFrom(bridgeRows),
        inputFrom(flapRows),
        inputFrom(gauge.rowHeight),
        ...borderInputs(pouch),
        inputFrom(bridge),
        input('Back stands above the front', backAboveFrontMm(pouch), 'mm'),
      ],
      source: GEOMETRY,
    },
    Math.hypot(
      (tailRows + Math.abs(pouch.backRows - pouch.frontRows)) * (gauge.rowHeight.plusMinus ?? 0),
      reach.hasFlap ? rowsDoubtMm(dropParts(pouch, tailRows), pouch.rowMm) : 0,
      reach.hasFlap ? pouch.borders.flapMm * pouch.borders.openShare : 0,
    ),
  );
}

type AlongFigures = Pick<
  FlapStage['figures'],
  'totalRows' | 'panelLength' | 'topFoldRows' | 'flapStartRows' | 'topFold' | 'flapStart'
>;

/** Rows of the piece that the flap goes on from, up to its folds and its edge, and how far they are. */
function alongFigures(
  { totalRows, hemRows }: FlapReach,
  gauge: GaugeStage,
  pouch: PouchStage,
  bridgeRows: Figure,
  flapRows: Figure,
): AlongFigures {
  const isStrip = pouch.figures.baseFold !== null;
  const beforeFlap = isStrip ? [pouch.figures.frontRows, pouch.figures.backRows] : [pouch.figures.backRows];
  const total = makeFigure('panel.rows', 'Rows in all', totalRows + hemRows, 'row', {
    rule: `${isStrip ? 'Front, back, bridge and flap' : 'Back, bridge and flap'} together${hemRows > 0 ? ', and the hem that is turned back' : ''}.`,
    inputs: [
      ...[...beforeFlap, bridgeRows, flapRows].map(inputFrom),
      ...(hemRows > 0 ? [input('Rows of the hem', hemRows, 'row')] : []),
    ],
    source: GEOMETRY,
  });
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
  const flapStartRows = rowsTo('fold.flap.rows', 'Rows up to where the flap starts', topFoldRows, bridgeRows);
  const from = isStrip ? 'from the front’s top edge' : 'from the base';
  const length = isStrip ? 'Panel length, flat' : 'Back with its flap, flat';
  return {
    totalRows: total,
    panelLength: productFigure('panel.length', length, total, gauge.rowHeight),
    topFoldRows,
    flapStartRows,
    topFold: productFigure('fold.top', `Top fold, ${from}`, topFoldRows, gauge.rowHeight),
    flapStart: productFigure('fold.flap', `Flap starts, ${from}`, flapStartRows, gauge.rowHeight),
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
