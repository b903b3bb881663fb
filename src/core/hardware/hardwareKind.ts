import { RING_TAB_MM } from '@/core/defaults';
import { USUAL_HARDWARE, type Hardware, type HardwareKind, type HardwareOf } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import {
  nameAt,
  pathOf,
  reachProblems,
  stageOf,
  type FabricMark,
  type FittingInput,
  type FittingKind,
  type FittingStage,
  type MarkMove,
} from '@/core/fittings';
import type { PlacedSpot, Seat } from '@/core/placing';
import { hardwareProblems, noPlace } from './hardwareProblems';
import { hardwareSeat, type HardwareSeat } from './hardwareSeat';
import { hardwareSteps } from './hardwareSteps';
import { hangingForm, natureOf, type Held } from './natures';

export interface HardwareStage<Choice extends Hardware = Hardware> extends FittingStage<Choice> {
  spots: PlacedSpot[];
  /** How it is held on this bag: where there is no seam to catch it in, in a tab. */
  held: Held;
  figures: HardwareFigures;
}

export interface HardwareFigures {
  count: Figure;
  row: Figure;
  down: Figure;
  /** In from the nearer end of the row, to the first of them; null at the sides. */
  across: Figure | null;
  /** What it goes through; null of what a thread, a tab or a seam holds. */
  through: Figure | null;
  tabStitches: Figure | null;
  tabRows: Figure | null;
}

/** A kind of hardware: at both sides, or in single places of a face, the same from both ends of its row. */
export const hardwareKind = <Kind extends HardwareKind>(
  kind: Kind,
): FittingKind<HardwareOf<Kind>, HardwareStage<HardwareOf<Kind>>> => ({
  usual: () => USUAL_HARDWARE[kind],
  plan(hardware, bag) {
    const choice: Hardware = hardware;
    const { at, pouch } = bag;
    const placed = hardwareSeat(choice, bag);
    if (!placed) return { ok: false, problems: [noPlace(choice, bag)] };
    const nature = natureOf(choice);
    const wished = nature.held(choice);
    const held: Held = wished === 'seam' && !placed.hasSeam ? 'tab' : wished;
    const figures = figuresOf(choice, held, placed, bag);
    const reaches = nature.reaches(choice);
    const fabric = tabFabric(figures, placed.spots.length, bag);
    return {
      ok: true,
      stage: {
        ...stageOf({
          choice: hardware,
          at,
          marks: marksOf(choice, placed, figures, bag),
          workedOn: fabric ? [fabric] : [],
          sewn:
            nature.sewnMm(choice) > 0
              ? [{ label: SEWN[choice.kind], mm: placed.spots.length * nature.sewnMm(choice) }]
              : [],
          tails: held === 'tab' ? 2 * placed.spots.length : 0,
          steps: hardwareSteps(choice, held, placed.hasSeam, bag),
          bought: placed.spots.length,
          asked: [...Object.values(figures as unknown as Record<string, Figure | null>), fabric].filter(
            (figure): figure is Figure => figure !== null,
          ),
          problems: [
            ...(reaches
              ? reachProblems({
                  ...{ part: reaches.part, reachMm: reaches.mm, field: reaches.field, at, place: 'closures' },
                  ...{ leastMm: reaches.leastMm, mostMm: reaches.mostMm, mark: choice.kind },
                  layersMm: pouch.layers.fabricMm,
                })
              : []),
            ...hardwareProblems(choice, wished !== held, placed, bag),
          ],
        }),
        spots: placed.spots,
        held,
        figures,
      },
    };
  },
});

/** What is sewn to hold it. */
const SEWN: Readonly<Record<HardwareKind, string>> = {
  ring: 'Round the rings',
  rivet: '',
  eyelet: '',
  clasp: 'Round the clasp’s tab',
  'handle-plate': 'Through the plates’ holes',
};

function figuresOf(
  choice: Hardware,
  held: Held,
  { seat, spots }: HardwareSeat,
  { pouch, gauge, at, flap }: FittingInput,
): HardwareFigures {
  const name = (id: string) => nameAt(at, `${choice.kind}.${id}`);
  const nature = natureOf(choice);
  const { rowMm, stitchMm, borders } = pouch;
  const [first] = spots;
  const isSides = choice.on === 'sides';
  const row = makeFigure(name('row'), 'Row', seat.row, 'row number', {
    rule: 'The row whose middle is nearest to so far from the edge as you wish.',
    inputs: [input('Wished from the edge', choice.fromEdgeMm, 'mm'), inputFrom(gauge.rowHeight)],
    source: GEOMETRY,
  });
  const fromEdgeMm =
    choice.on === 'flap'
      ? borders.flapMm + pouch.rowMm * (flap.bridgeRows + flap.flapRows) - seat.downMm
      : (choice.on === 'back' ? borders.backMm : borders.frontMm) + seat.downMm;
  const tabStitches =
    held === 'tab'
      ? makeFigure(
          name('tabStitches'),
          'Stitches of its tab',
          Math.max(2, Math.round(nature.eyeMm(choice) / stitchMm)),
          'stitch',
          {
            rule: 'As wide as what it goes through is inside, in whole stitches, two at least.',
            inputs: [input('Inside', nature.eyeMm(choice), 'mm'), inputFrom(gauge.stitchWidth)],
            source: COMMON_PRACTICE,
          },
        )
      : null;
  return {
    count: makeFigure(name('count'), 'How many', spots.length, 'count', {
      rule: isSides
        ? 'One at each side, at the same height.'
        : 'As many as you wish, each in the middle of as wide a share of the row.',
      inputs: isSides ? [] : [input('Wished', choice.count, 'count')],
      source: COMMON_PRACTICE,
    }),
    row,
    down: makeFigure(
      name('down'),
      choice.on === 'flap' ? 'From the flap’s edge' : 'From the upper edge',
      fromEdgeMm,
      'mm',
      {
        rule: 'From the edge to the middle of its row.',
        inputs: [inputFrom(row), inputFrom(gauge.rowHeight)],
        source: GEOMETRY,
      },
      (Math.abs(fromEdgeMm) / rowMm) * (gauge.rowHeight.plusMinus ?? 0),
    ),
    across:
      isSides || !first
        ? null
        : makeFigure(
            name('across'),
            'In from each end of the row',
            first.acrossMm + (seat.stitches * stitchMm) / 2,
            'mm',
            {
              rule: 'From the end of its row to the middle of the first; the last is as far from the other end.',
              inputs: [input('Stitches of the row', seat.stitches, 'stitch'), inputFrom(gauge.stitchWidth)],
              source: GEOMETRY,
            },
            ((first.acrossMm + (seat.stitches * stitchMm) / 2) / stitchMm) * (gauge.stitchWidth.plusMinus ?? 0),
          ),
    through:
      held === 'through'
        ? makeFigure(
            name('through'),
            'It goes through',
            pouch.layers.fabricMm,
            'mm',
            {
              rule: 'Thickness of the crochet alone: a lining is closed over its back.',
              inputs: [inputFrom(gauge.fabricThickness)],
              source: COMMON_PRACTICE,
            },
            gauge.fabricThickness.plusMinus,
          )
        : null,
    tabStitches,
    tabRows: tabStitches
      ? makeFigure(name('tabRows'), 'Rows of its tab', Math.max(2, Math.ceil((2 * RING_TAB_MM) / rowMm)), 'row', {
          rule: 'Folded in two it reaches 25 mm on to the bag: twice that, in whole rows, up to the next.',
          inputs: [input('Folded, on to the bag', RING_TAB_MM, 'mm'), inputFrom(gauge.rowHeight)],
          source: COMMON_PRACTICE,
        })
      : null,
  };
}

const tabFabric = (
  { tabStitches, tabRows }: HardwareFigures,
  count: number,
  { pouch, gauge, at }: FittingInput,
): Figure | null =>
  tabStitches && tabRows
    ? makeFigure(
        nameAt(at, 'hardware.tabs'),
        'Fabric of the tabs',
        count * tabStitches.value * pouch.stitchMm * tabRows.value * pouch.rowMm,
        'mm2',
        {
          rule: 'Stitches times rows of each, times the size of one.',
          inputs: [
            inputFrom(tabStitches),
            inputFrom(tabRows),
            input('Tabs', count, 'count'),
            inputFrom(gauge.stitchWidth),
            inputFrom(gauge.rowHeight),
          ],
          source: GEOMETRY,
        },
      )
    : null;

function marksOf(
  choice: Hardware,
  { seat, spots }: HardwareSeat,
  { through }: HardwareFigures,
  bag: FittingInput,
): FabricMark[] {
  const { at } = bag;
  const nature = natureOf(choice);
  const form = hangingForm(nature.form(choice), seat.way);
  return spots.map((spot, index) => ({
    mark: nameAt(at, choice.kind),
    of: at,
    piece: seat.track.piece,
    face: 'outer',
    acrossMm: spot.acrossMm,
    alongMm: spot.alongMm,
    // The way that the section is cut runs down the middle: what sits at the sides lies beside it.
    ...(choice.on === 'sides' ? { stationMm: null, foldedMm: seat.stationMm ?? 0 } : { stationMm: seat.stationMm }),
    count: { row: spot.row, place: spot.place, ofStitches: spot.ofStitches },
    form,
    stuff: 'metal',
    standsMm: nature.standsMm(choice),
    throughMm: through ? [through.value] : [],
    presence: 'set',
    move: { ...moveOf(choice, seat, bag), isGripped: index === 0 },
  }));
}

/** Moved along the fabric, all of them go further from the upper edge, or nearer to the flap's. */
const moveOf = (
  { on, fromEdgeMm }: Hardware,
  { track }: Seat,
  { at, pouch }: FittingInput,
): Omit<MarkMove, 'isGripped'> => ({
  way: 'along',
  path: [...pathOf(at), 'fromEdgeMm'],
  valueMm: fromEdgeMm,
  countedMm: null,
  perMm: on === 'front' || on === 'sides' ? 1 : -1,
  leastMm: 0,
  mostMm: 400,
  stepMm: pouch.rowMm,
  alongPiece: on === 'back' ? (-track.step as 1 | -1) : track.step,
  setMm: fromEdgeMm,
});
