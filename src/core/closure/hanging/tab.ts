import { rowMiddleMm } from '@/core/body';
import { FLAP_GIVES_MM, TAB_END_MM, TAB_TUCKED_MM } from '@/core/defaults';
import { usualTab, type Tab, linesWalls } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, MEMORY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import {
  nameAt,
  pathOf,
  smallParts,
  stageOf,
  takeOffEdit,
  type FabricMark,
  type FittingInput,
  type FittingKind,
  type FittingStage,
  type MarkForm,
  type StepRule,
} from '@/core/fittings';
import { trackAlongMm } from '@/core/pieces';
import { ownCodes, type Problem, type Repair } from '@/core/problems';
import { buttonholeStitches } from '../buttonholeStitches';
import { slideAcross } from '../slideAcross';
import {
  hangsFrom,
  hungFigures,
  hungMove,
  underEdgeProblems,
  type Hung,
  type HungFigures,
  type HungSpot,
} from './hung';

/** What is doubtful of a tab; lengths in mm. */
export interface TabProblems {
  'tab-no-edge': object;
  'tab-off-front': { downMm: number; flatFrontMm: number };
  'tab-narrow': { holeStitches: number; tabStitches: number };
  'tab-wide': { tabMm: number; edgeMm: number };
  'tab-drifts': { missMm: number; findsMm: number };
}
export interface TabRepairs {
  'tab-off': object;
  'tab-below-to': { belowMm: number };
  'tab-width-to': { widthMm: number };
  'tab-through-slot': object;
}

const ours = ownCodes<TabProblems, TabRepairs>();

/** Stitches beside the hole of a tab, on either side, so that it does not tear out. From memory. */
const BESIDE_HOLE = 2;

export interface TabStage extends FittingStage<Tab> {
  spots: HungSpot[];
  /** It hangs from the flap's edge; else from the back's. */
  fromFlap: boolean;
  figures: TabFigures;
}

interface TabFigures extends HungFigures {
  stitches: Figure;
  rows: Figure;
  /** What is chained over in the front's row for its slot; or in its own row for the button, with that row. */
  opening: Figure;
  holeRow: Figure | null;
}

/** A tab that is worked on from the flap's edge, or from the back's over the mouth, and tucked through a slot in the front or buttoned to it. */
export const tab: FittingKind<Tab, TabStage> = {
  usual: usualTab,
  plan(choice, bag) {
    const { at, pouch, flap } = bag;
    const hung = hangsFrom(choice, bag);
    const { edge, fromFlap, spots } = hung;
    const edgePiece = bag.set.pieces.find(({ id }) => id === edge?.track.piece);
    if (!edge || edgePiece?.kind !== 'rows' || flap.scallops) return { ok: false, problems: [noEdge(bag)] };
    const figures = figuresOf(choice, hung, bag);
    const { stitchMm, rowMm } = pouch;
    const [widthMm, lengthMm] = [figures.stitches.value * stitchMm, figures.rows.value * rowMm];
    const fabric = fabricOf(figures, spots.length, bag);
    return {
      ok: true,
      stage: {
        ...stageOf({
          choice,
          at,
          closes: fromFlap ? 'flap' : 'mouth',
          holds: spots.map(({ acrossMm }) => [acrossMm - widthMm / 2, acrossMm + widthMm / 2] as const),
          marks: marksOf(choice, hung, figures, { widthMm, lengthMm, track: edge.track }, bag),
          workedOn: [fabric],
          tails: 2 * spots.length,
          steps: stepsOf(choice, bag),
          differs: [
            { id: nameAt(at, 'tab'), name: 'Tab has to reach', empty: figures.reachEmpty, full: figures.reachLoaded },
          ],
          bought: choice.fastens === 'button' ? spots.length : 0,
          asked: [...Object.values(figures).filter((figure): figure is Figure => figure !== null), fabric],
          problems: problemsOf(choice, hung, figures, bag),
        }),
        spots,
        fromFlap,
        figures,
      },
    };
  },
};

/** Whole stitches of a tab so wide, of at least two, and no more than its edge has for each. */
const tabStitches = ({ widthMm }: Tab, stitchMm: number): number => Math.max(2, Math.round(widthMm / stitchMm));

function figuresOf(choice: Tab, hung: Hung, bag: FittingInput): TabFigures {
  const { pouch, gauge, at } = bag;
  const name = (id: string) => nameAt(at, `tab.${id}`);
  const isButton = choice.fastens === 'button';
  const placed = hungFigures(
    choice,
    {
      prefix: 'tab',
      hangs: 'Tab',
      label: isButton ? 'Button' : 'Slot',
      noun: isButton ? 'button' : 'slot',
      beyond: null,
    },
    hung,
    bag,
  );
  const stitches = makeFigure(name('stitches'), 'Stitches of the tab', tabStitches(choice, pouch.stitchMm), 'stitch', {
    rule: 'Its width in whole stitches, two at least.',
    inputs: [input('Tab, wide', choice.widthMm, 'mm'), inputFrom(gauge.stitchWidth)],
    source: GEOMETRY,
  });
  const { reachLoaded, reachEmpty } = placed;
  const beyondMm = isButton ? Math.max(TAB_END_MM, choice.diameterMm / 2) : TAB_TUCKED_MM;
  const rows = makeFigure(
    name('rows'),
    'Rows of the tab',
    Math.max(1, Math.ceil((Math.max(reachLoaded.value, reachEmpty.value) + beyondMm) / pouch.rowMm)),
    'row',
    {
      rule: isButton
        ? 'The longer reach, and on to the tab’s end, which covers the button, in whole rows, up to the next.'
        : 'The longer reach, and so much that is tucked through, in whole rows, up to the next.',
      inputs: [
        inputFrom(reachLoaded),
        inputFrom(reachEmpty),
        input(isButton ? 'From the button to the tab’s end' : 'Tucked through', beyondMm, 'mm'),
        inputFrom(gauge.rowHeight),
      ],
      source: MEMORY,
    },
  );
  return {
    ...placed,
    stitches,
    rows,
    opening: isButton ? buttonholeStitches(choice, bag, 'tab.opening') : slotFigure(stitches, bag),
    holeRow: isButton
      ? makeFigure(
          name('holeRow'),
          'Row of the hole, from the edge',
          Math.max(1, Math.round(reachLoaded.value / pouch.rowMm + 0.5)),
          'row number',
          {
            rule: 'The row of the tab whose middle is nearest to the button, loaded.',
            inputs: [inputFrom(reachLoaded), inputFrom(gauge.rowHeight)],
            source: GEOMETRY,
          },
        )
      : null,
  };
}

/** As many stitches as the tab has, and room for its thickness at both edges. */
const slotFigure = (stitches: Figure, { pouch, gauge, at }: FittingInput): Figure =>
  makeFigure(
    nameAt(at, 'tab.opening'),
    'Stitches of the slot',
    Math.ceil(stitches.value + (2 * pouch.layers.fabricMm) / pouch.stitchMm - 0.25),
    'stitch',
    {
      rule: 'Stitches of the tab, and its thickness once at either edge; up to the next, but for a quarter of a stitch. So many are chained over as many that are passed over. Try it on the tab.',
      inputs: [inputFrom(stitches), inputFrom(gauge.fabricThickness), inputFrom(gauge.stitchWidth)],
      source: COMMON_PRACTICE,
    },
  );

const fabricOf = ({ stitches, rows }: TabFigures, count: number, { pouch, gauge, at }: FittingInput): Figure =>
  makeFigure(
    nameAt(at, 'tab.fabric'),
    'Fabric of the tab',
    count * stitches.value * pouch.stitchMm * rows.value * pouch.rowMm,
    'mm2',
    {
      rule: 'Its stitches times its rows, times the size of one.',
      inputs: [
        inputFrom(stitches),
        inputFrom(rows),
        input('Tabs', count, 'count'),
        inputFrom(gauge.stitchWidth),
        inputFrom(gauge.rowHeight),
      ],
      source: GEOMETRY,
    },
  );

interface Sized {
  widthMm: number;
  lengthMm: number;
  track: NonNullable<Hung['edge']>['track'];
}

function marksOf(
  choice: Tab,
  { k, spots, edge }: Hung,
  { opening }: TabFigures,
  { widthMm, lengthMm, track }: Sized,
  bag: FittingInput,
): FabricMark[] {
  const { set, pouch, at } = bag;
  const { stitchMm, rowMm } = pouch;
  const { front } = set.tracks;
  const isButton = choice.fastens === 'button';
  const outwards = edge?.outwards ?? 1;
  const common = { of: at, throughMm: [], presence: 'set', face: 'outer' } as const;
  return spots.flatMap((spot, index): FabricMark[] => {
    const { acrossMm, edgeStitches } = spot;
    return [
      {
        ...common,
        mark: nameAt(at, 'tab'),
        piece: front.piece,
        acrossMm,
        alongMm: trackAlongMm(front, rowMiddleMm(k, rowMm), rowMm),
        stationMm: spot.downMm,
        count: { row: spot.row, place: spot.place, ofStitches: spot.ofStitches },
        form: isButton
          ? { kind: 'disc', radiusMm: choice.diameterMm / 2 }
          : { kind: 'patch', widthMm: opening.value * stitchMm, lengthMm: 2 },
        stuff: isButton ? 'metal' : 'cord',
        standsMm: isButton ? choice.thicknessMm : 0,
        move: { ...hungMove(choice, spot, bag), isGripped: index === 0 },
        slide: slideAcross(choice, { acrossMm, widthMm: edgeStitches * stitchMm }, index === 0, bag),
      },
      {
        ...common,
        mark: nameAt(at, 'tab.tab'),
        piece: track.piece,
        acrossMm,
        alongMm: trackAlongMm(track, edge?.downMm ?? 0, rowMm),
        stationMm: null,
        foldedMm: edge?.foldedMm ?? 0,
        count: null,
        form: tabForm(widthMm, lengthMm, outwards),
        stuff: 'stitches',
        standsMm: pouch.layers.fabricMm,
        move: null,
      },
    ];
  });
}

/** From the edge that it goes on from, away from the fabric. */
const tabForm = (widthMm: number, lengthMm: number, outwards: 1 | -1): MarkForm => ({
  kind: 'outline',
  points: [
    [-widthMm / 2, 0],
    [widthMm / 2, 0],
    [widthMm / 2, outwards * lengthMm],
    [-widthMm / 2, outwards * lengthMm],
  ],
});

/** A slot is left while the front is worked; a button is sewn on where a lining does not yet cover its back. */
const stepsOf = ({ fastens }: Tab, { design }: FittingInput): StepRule[] => [
  { name: 'work-tab', after: ['flap-worked', 'worked'], before: ['flap-edged'], mark: 'tab.tab' },
  fastens === 'slot'
    ? { name: 'leave-slot', after: [], before: ['worked'], mark: 'tab' }
    : {
        name: 'sew-tab-button',
        after: linesWalls(design) ? ['blocked'] : ['joined'],
        before: linesWalls(design) ? ['covered'] : [],
        mark: 'tab',
      },
];

function noEdge({ at, design }: FittingInput): Problem {
  return ours.problem({
    code: 'tab-no-edge',
    severity: 'decide',
    place: 'closures',
    path: pathOf(at),
    values: {},
    repairs: [
      ours.repair({
        code: 'tab-off',
        values: {},
        edits: [takeOffEdit(design, at)],
      }),
    ],
  });
}

function problemsOf(choice: Tab, hung: Hung, figures: TabFigures, bag: FittingInput): Problem[] {
  return [
    ...(choice.fastens === 'button' ? [smallParts(bag.at, 'tab')] : []),
    ...underEdgeProblems(choice, hung, 'tab', bag),
    ...offFront(choice, hung, bag),
    ...tooNarrow(choice, figures, bag),
    ...tooWide(hung, figures, bag),
    ...drifts(choice, figures, bag),
  ];
}

const told = (bag: FittingInput, field: keyof Tab & string) =>
  ({
    place: 'closures',
    mark: nameAt(bag.at, 'tab'),
    path: [...pathOf(bag.at), field],
  }) as const;

const repairTo = <C extends 'tab-below-to' | 'tab-width-to'>(
  code: C,
  values: TabRepairs[C],
  bag: FittingInput,
  field: keyof Tab & string,
  value: unknown,
): Repair => ours.repair({ code, values, edits: [{ path: [...pathOf(bag.at), field], value }] });

function offFront(choice: Tab, { wishedMm, fromFlap }: Hung, bag: FittingInput): Problem[] {
  const { pouch, flap } = bag;
  const halfMm = choice.fastens === 'button' ? choice.diameterMm / 2 : pouch.rowMm / 2;
  const flatFrontMm = Math.min(pouch.flatFrontMm.empty, pouch.flatFrontMm.loaded);
  if (wishedMm + halfMm <= flatFrontMm) return [];
  const belowMm = Math.floor(flatFrontMm - halfMm - (fromFlap ? flap.dropMm.loaded : 0) - 1);
  return [
    ours.problem({
      code: 'tab-off-front',
      severity: 'decide',
      values: { downMm: wishedMm, flatFrontMm },
      repairs: belowMm >= 0 ? [repairTo('tab-below-to', { belowMm }, bag, 'belowMm', belowMm)] : [],
      ...told(bag, 'belowMm'),
    }),
  ];
}

/** A hole that leaves too little of the tab beside it. */
function tooNarrow(choice: Tab, { opening, stitches }: TabFigures, bag: FittingInput): Problem[] {
  if (choice.fastens !== 'button') return [];
  const needed = opening.value + 2 * BESIDE_HOLE;
  if (stitches.value >= needed) return [];
  const widthMm = Math.ceil(needed * bag.pouch.stitchMm);
  return [
    ours.problem({
      code: 'tab-narrow',
      severity: 'decide',
      values: { holeStitches: opening.value, tabStitches: stitches.value },
      repairs: widthMm <= 200 ? [repairTo('tab-width-to', { widthMm }, bag, 'widthMm', widthMm)] : [],
      ...told(bag, 'widthMm'),
    }),
  ];
}

/** Tabs that together need more of the edge, or a slot more of the front's row, than there is. */
function tooWide({ spots }: Hung, { stitches, opening }: TabFigures, bag: FittingInput): Problem[] {
  const { stitchMm } = bag.pouch;
  const most = Math.min(...spots.flatMap(({ edgeStitches, ofStitches }) => [edgeStitches, ofStitches - 2]));
  const needed = spots.length * Math.max(stitches.value, opening.value);
  if (needed <= most) return [];
  const widthMm = Math.floor((most / spots.length - (opening.value - stitches.value)) * stitchMm - stitchMm / 2);
  return [
    ours.problem({
      code: 'tab-wide',
      severity: 'decide',
      values: { tabMm: needed * stitchMm, edgeMm: most * stitchMm },
      repairs: widthMm >= 6 ? [repairTo('tab-width-to', { widthMm }, bag, 'widthMm', widthMm)] : [],
      ...told(bag, 'widthMm'),
    }),
  ];
}

/** Its one hole meets the button of the loaded bag; on the empty one it lies off it. */
function drifts({ fastens }: Tab, { reachLoaded, reachEmpty }: TabFigures, bag: FittingInput): Problem[] {
  const missMm = Math.abs(reachLoaded.value - reachEmpty.value);
  if (fastens !== 'button' || missMm <= FLAP_GIVES_MM) return [];
  return [
    ours.problem({
      code: 'tab-drifts',
      severity: 'mind',
      values: { missMm, findsMm: FLAP_GIVES_MM },
      asks: [reachLoaded.id, reachEmpty.id],
      repairs: [
        ours.repair({
          code: 'tab-through-slot',
          values: {},
          edits: [{ path: [...pathOf(bag.at), 'fastens'], value: 'slot' }],
        }),
      ],
      ...told(bag, 'fastens'),
    }),
  ];
}
