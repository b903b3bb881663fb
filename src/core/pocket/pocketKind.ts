import { shortestStandardMm } from '@/core/closure';
import { pocketedThings, type Pocketed } from '@/core/contents';
import { isOutside, patternOf, USUAL_POCKETS, type Pocket, type PocketKind, type PocketOf } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, MEMORY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import {
  nameAt,
  pathOf,
  stageOf,
  type FabricMark,
  type FittingInput,
  type FittingKind,
  type FittingStage,
  type MarkMove,
  type StepRule,
} from '@/core/fittings';
import { wallPlace } from '@/core/placing';
import { nearestCount, startingChain } from '@/core/stitches';
import { pocketPieces, vinylHoles, type PocketPiece } from './pocketPieces';
import { pocketProblems, unplannable } from './pocketProblems';
import { pocketSizes, wallOf, type PocketSizes } from './pocketSizes';

/** A pocket as it is planned. */
export interface PocketStage<Choice extends Pocket = Pocket> extends FittingStage<Choice> {
  measures: PocketSizes;
  pieces: PocketPiece[];
  held: Pocketed | null;
  /** What a kind has besides; null of those that have none of it. */
  own: {
    cutWidth: Figure | null;
    cutHeight: Figure | null;
    stitches: Figure | null;
    rows: Figure | null;
    zipper: Figure | null;
    holes: Figure | null;
  };
  /** Of what is worked: its starting chain. */
  chain: number;
}

/** A pocket of a kind: all are sized by their thing and placed on a wall alike. */
export const pocketKind = <Kind extends PocketKind>(
  kind: Kind,
): FittingKind<PocketOf<Kind>, PocketStage<PocketOf<Kind>>> => ({
  usual: ({ pockets }) => {
    const usual: PocketOf<Kind> = USUAL_POCKETS[kind];
    // On the wall where there are fewer already.
    const on = (wall: Pocket['on']) =>
      pockets.filter((other) => other.on === wall && isOutside(other) === isOutside(usual)).length;
    return { ...usual, on: on('back') > on('front') ? 'front' : usual.on };
  },
  plan(choice, bag) {
    const pocket: Pocket = choice;
    const { at, design } = bag;
    const problem = unplannable(pocket, bag);
    if (problem) return { ok: false, problems: [problem] };
    const held = pocketedThings(design).find(({ pocket: of }) => of === at.index) ?? null;
    const wished = pocketSizes(pocket, held, bag);
    const worked = pocket.kind === 'crocheted' ? workedSizes(wished, bag) : null;
    const sizes = worked ? { ...wished, width: worked.width, height: worked.height } : wished;
    const pieces = pocketPieces(pocket, sizes);
    const own = { ...NOTHING, ...ownFigures(pocket, sizes, pieces, bag), ...worked?.own };
    const { width, height, girth } = sizes;
    return {
      ok: true,
      stage: {
        ...stageOf({
          choice,
          at,
          marks: [markOf(pocket, sizes, bag)],
          worked: worked ? [{ name: nameAt(at, 'pocket.worked'), width, length: height, fabric: worked.fabric }] : [],
          sewn: [{ label: 'Round the pocket', mm: width.value + 2 * height.value }],
          tails: worked ? 2 : 0,
          steps: stepsOf(pocket),
          asked: [
            width,
            height,
            girth,
            ...(worked ? [wished.width, wished.height, worked.fabric] : []),
            ...Object.values(own),
          ].filter((one): one is Figure => Boolean(one)),
          problems: pocketProblems(pocket, sizes, held, bag),
        }),
        ...{ measures: sizes, pieces, held, own },
        chain: worked?.chain ?? 0,
      },
    };
  },
});

const NOTHING: PocketStage['own'] = {
  cutWidth: null,
  cutHeight: null,
  stitches: null,
  rows: null,
  zipper: null,
  holes: null,
};

/** The nearest counts of the bag's own stitch to a wished size, and what they come to. */
function workedSizes(wished: PocketSizes, { at, gauge, design }: FittingInput) {
  const pattern = patternOf(design);
  const [stitchMm, rowMm] = [gauge.stitchWidth.value, gauge.rowHeight.value];
  const count = nearestCount(wished.width.value / stitchMm, pattern) ?? pattern.edgeStitches + pattern.repeatStitches;
  const rows = Math.max(1, Math.round(wished.height.value / rowMm));
  const counted = (id: string, label: string, value: number, unit: 'stitch' | 'row', wish: Figure, one: Figure) =>
    makeFigure(nameAt(at, id), label, value, unit, {
      rule:
        unit === 'stitch'
          ? 'As many as come nearest to its width, in whole repeats of the stitch.'
          : 'As many as come nearest to its height.',
      inputs: [inputFrom(wish), inputFrom(one)],
      source: GEOMETRY,
    });
  const stitchesFigure = counted(
    'pocket.stitches',
    'Pocket, stitches',
    count,
    'stitch',
    wished.width,
    gauge.stitchWidth,
  );
  const rowsFigure = counted('pocket.rows', 'Pocket, rows', rows, 'row', wished.height, gauge.rowHeight);
  const size = (id: string, label: string, mm: number, by: Figure, one: Figure) =>
    makeFigure(
      nameAt(at, id),
      label,
      mm,
      'mm',
      {
        rule: 'As its count comes out in this gauge.',
        inputs: [inputFrom(by), inputFrom(one)],
        source: GEOMETRY,
      },
      one.plusMinus === null ? null : by.value * one.plusMinus,
    );
  const width = size('pocket.width', 'Pocket, finished: across', count * stitchMm, stitchesFigure, gauge.stitchWidth);
  const height = size('pocket.height', 'Pocket, finished: up', rows * rowMm, rowsFigure, gauge.rowHeight);
  return {
    width,
    height,
    own: { stitches: stitchesFigure, rows: rowsFigure },
    chain: startingChain(count, pattern, design.settings.turningChain, design.settings.foundation),
    fabric: makeFigure(nameAt(at, 'pocket.fabric'), 'Fabric of the pocket', width.value * height.value, 'mm2', {
      rule: 'Across times up.',
      inputs: [inputFrom(width), inputFrom(height)],
      source: GEOMETRY,
    }),
  };
}

function ownFigures(
  pocket: Pocket,
  { width }: PocketSizes,
  [piece]: PocketPiece[],
  { at, design }: FittingInput,
): Partial<PocketStage['own']> {
  const cut = (id: string, what: string, mm: number) =>
    makeFigure(nameAt(at, `pocket.${id}`), `Cut the pocket: ${what}`, mm, 'mm', {
      rule: 'Finished size, and its seam allowances and hem.',
      inputs: [
        ...('seamMm' in pocket ? [input('Seam allowance', pocket.seamMm, 'mm')] : []),
        ...('hemMm' in pocket ? [input('Hem', pocket.hemMm, 'mm')] : []),
        inputFrom(width),
      ],
      source: COMMON_PRACTICE,
    });
  const bounds = piece && { across: spanOf(piece.cut, 0), up: spanOf(piece.cut, 1) };
  return {
    ...(bounds && {
      cutWidth: cut('cutWidth', 'width', bounds.across),
      cutHeight: cut('cutHeight', 'length', bounds.up),
    }),
    ...(pocket.kind === 'zipped' && { zipper: zipperFigure(width, at, design.settings.lengthUnit) }),
    ...(pocket.kind === 'vinyl' &&
      piece && {
        holes: makeFigure(
          nameAt(at, 'pocket.holes'),
          'Holes',
          vinylHoles(pocket, piece.widthMm, piece.heightMm).length,
          'count',
          {
            rule: 'Down one side, along the bottom and up the other, one in each corner, evenly between them as near to the pitch as goes.',
            inputs: [
              inputFrom(width),
              input('From hole to hole', pocket.pitchMm, 'mm'),
              input('From the edge', pocket.holesInMm, 'mm'),
            ],
            source: GEOMETRY,
          },
        ),
      }),
  };
}

const spanOf = (ring: PocketPiece['cut'], axis: 0 | 1): number => {
  const all = ring.map((point) => point[axis]);
  return Math.max(...all) - Math.min(...all);
};

/** The shortest zipper that is sold as long as the slit, or longer; cut down at its end. */
const zipperFigure = (width: Figure, at: FittingInput['at'], unit: 'cm' | 'in'): Figure | null => {
  const mm = shortestStandardMm(width.value, unit);
  return mm === null
    ? null
    : makeFigure(nameAt(at, 'pocket.zipper'), 'Zipper to buy', mm, 'mm', {
        rule: 'The shortest that is sold as long as the slit or longer; what is left over is sewn across and cut off.',
        inputs: [inputFrom(width)],
        source: MEMORY,
      });
};

/** The pocket on its wall: moved along and across by hand. */
function markOf(pocket: Pocket, { width, height }: PocketSizes, bag: FittingInput): FabricMark {
  const { at, pouch } = bag;
  const { piece, alongMm, stationMm, way } = wallPlace(pocket.on, pocket.fromMouthMm + height.value / 2, bag);
  // Along the fabric from the front's mouth: down on the front, up on the back.
  const down = pocket.on === 'front' ? 1 : -1;
  const wall = wallOf(pocket, bag);
  const move: MarkMove = {
    way: 'along',
    path: [...pathOf(at), 'fromMouthMm'],
    valueMm: pocket.fromMouthMm,
    countedMm: null,
    perMm: down,
    leastMm: 0,
    mostMm: Math.max(0, wall.heightMm - height.value),
    stepMm: pouch.rowMm,
    alongPiece: (way * down) as 1 | -1,
    setMm: pocket.fromMouthMm,
    isGripped: true,
  };
  const asideMm = Math.max(0, (wall.widthMm - width.value) / 2);
  return {
    mark: nameAt(at, 'pocket'),
    of: at,
    piece,
    face: isOutside(pocket) ? 'outer' : 'inner',
    acrossMm: pocket.acrossMm,
    alongMm,
    stationMm,
    count: null,
    form: { kind: 'patch', widthMm: width.value, lengthMm: height.value },
    stuff: pocket.kind === 'crocheted' ? 'edging' : pocket.kind === 'vinyl' ? 'vinyl' : 'cloth',
    standsMm: pocket.kind === 'crocheted' ? pouch.layers.fabricMm : 0.6,
    throughMm: [],
    presence: 'set',
    move,
    slide: {
      ...move,
      way: 'across',
      path: [...pathOf(at), 'acrossMm'],
      valueMm: pocket.acrossMm,
      perMm: 1,
      leastMm: -asideMm,
      mostMm: asideMm,
      stepMm: pouch.stitchMm,
      alongPiece: 1,
      setMm: pocket.acrossMm,
    },
  };
}

/** On the lining while that lies flat; on the crochet before it is joined. */
const stepsOf = (pocket: Pocket): StepRule[] => {
  const make = pocket.kind === 'crocheted' ? 'work-pocket' : 'cut-pocket';
  return [
    { name: make, after: [pocket.kind === 'crocheted' ? 'begun' : 'blocked'], before: [] },
    {
      name: 'sew-pocket',
      after: ['blocked', make, ...(isOutside(pocket) ? [] : (['cloth-cut'] as const))],
      before: isOutside(pocket) ? ['covered', 'joined'] : ['cloth-joined', 'covered', 'joined'],
      mark: 'pocket',
    },
  ];
};
