import { ringBounds } from '@/core/cutting';
import {
  usualBoard,
  usualCanvas,
  type Board,
  type Canvas,
  type Design,
  type Stiffener,
  type WallStiffener,
} from '@/core/design';
import { COMMON_PRACTICE, MEMORY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import {
  liningGoesIn,
  pathOf,
  stageOf,
  takeOffEdit,
  type FittingInput,
  type FittingKind,
  type FittingStage,
  type StepRule,
} from '@/core/fittings';
import { ownCodes, type Problem } from '@/core/problems';
import { CANVAS_SHEET_MM, sheetsFor, wholeBars } from './bars';
import { stiffenerMarks } from './stiffenerMarks';
import type { StiffenerPiece } from './stiffenerPiece';
import { roundedAll, wallsInside, type Wall, type WallName } from './walls';

/** What is doubtful of a stiffener; lengths in mm. */
export interface StiffenerProblems {
  'stiffener-no-wall': object;
  'stiffener-larger-than-sheet': { widthMm: number; heightMm: number };
  'stiffener-on-fold': object;
  'mesh-without-border': { has: boolean };
  'stiffener-wall-too-narrow': { narrowMm: number; leastMm: number };
}
export interface StiffenerRepairs {
  'stiffener-out': object;
  'stiffener-all': object;
  'stiffener-of-board': object;
  'stiffener-of-canvas': object;
  'mesh-border': object;
}

export const ours = ownCodes<StiffenerProblems, StiffenerRepairs>();

export interface StiffenerStage<Choice extends Stiffener = Stiffener> extends FittingStage<Choice> {
  pieces: [StiffenerPiece, ...StiffenerPiece[]];
  /** Sheets of canvas to buy; null of what is no canvas, or does not fit on one. */
  sheets: Figure | null;
}

/** A stiffener of a kind: all are planned alike; canvas is cut to whole bars. */
export const stiffenerKind = <Choice extends WallStiffener>(
  usual: (design: Design) => Choice,
): FittingKind<Choice, StiffenerStage<Choice>> => ({
  usual,
  plan(stiffener, bag) {
    const choice: WallStiffener = stiffener;
    const { at, design } = bag;
    const walls = wallsOf(choice, bag);
    if (walls.length === 0) return { ok: false, problems: [noWall(choice, bag)] };
    const pieces = walls.map((wall, index) => pieceOf(wall, choice, index)) as StiffenerStage['pieces'];
    const sheets = choice.kind === 'canvas' ? sheetsFigure(pieces) : null;
    return {
      ok: true,
      stage: {
        ...stageOf({
          choice: stiffener,
          at,
          marks: stiffenerMarks(pieces, choice.thicknessMm, bag),
          steps: stiffenerSteps(design.lining === null ? 'none' : liningGoesIn(bag.set, design)),
          asked: [...pieces.flatMap(({ width, height }) => [width, height]), ...(sheets ? [sheets] : [])],
          problems: problemsOf(choice, pieces, sheets, bag),
        }),
        pieces,
        sheets,
      },
    };
  },
});

/** The walls that are to be stiffened, of those that the bag has. */
const wallsOf = (choice: WallStiffener, bag: FittingInput): Wall[] =>
  wallsWanted(choice, bag).filter((wall) => isWideEnough(choice, wall));

const isWideEnough = ({ smallerMm }: WallStiffener, { widthMm, heightMm }: Wall): boolean =>
  Math.min(widthMm, heightMm) - 2 * smallerMm >= LEAST_WALL_MM;

/** The walls that are to be stiffened, narrow ones too. */
function wallsWanted({ parts }: WallStiffener, bag: FittingInput): Wall[] {
  const all = wallsInside(bag);
  if (parts === 'all') return all;
  return all.filter(({ name }) => (parts === 'base' ? name === 'base' : name === 'front' || name === 'disc'));
}

/** A narrower piece stiffens nothing, mm. Ours. */
const LEAST_WALL_MM = 8;

function pieceOf(
  { name, copies, widthMm, heightMm, round }: Wall,
  choice: WallStiffener,
  index: number,
): StiffenerPiece {
  const { smallerMm, cornerMm } = choice;
  const inMm = (mm: number) => mm - 2 * smallerMm;
  const across = choice.kind === 'canvas' ? wholeBars(inMm(widthMm), choice.barsPerInch) : null;
  const up = choice.kind === 'canvas' ? wholeBars(inMm(heightMm), choice.barsPerInch) : null;
  const [wide, high] = [across?.mm ?? inMm(widthMm), up?.mm ?? inMm(heightMm)];
  const ring = roundedAll(wide, high, round === 'all' ? Math.min(wide, high) / 2 : cornerMm);
  const figure = (id: string, what: string, mm: number, wallMm: number, bars: number | null) =>
    makeFigure(`stiffener.${id}${index === 0 ? '' : `.${name}`}`, `${STIFFENER_NAMES[name]}: ${what}`, mm, 'mm', {
      rule:
        bars === null
          ? 'The wall inside, less so much on both sides. Usual: 3 to 5 mm smaller all round.'
          : `The wall inside, less so much on both sides, down to ${bars} whole bars of the canvas. Usual: 3 to 5 mm smaller all round.`,
      inputs: [
        input('Wall, inside crochet and lining', wallMm, 'mm'),
        input('Smaller, on every side', smallerMm, 'mm'),
        ...(choice.kind === 'canvas' ? [input('Bars to the inch', choice.barsPerInch, 'count')] : []),
      ],
      source: COMMON_PRACTICE,
    });
  return {
    id: name,
    copies,
    seam: ring,
    cut: ring,
    marks: [],
    grain: 'any',
    width: figure('width', name === 'side' ? 'front to back' : 'across', wide, widthMm, across?.bars ?? null),
    height: figure('height', name === 'base' ? 'front to back' : 'up', high, heightMm, up?.bars ?? null),
    bars: across && up ? { across: across.bars, up: up.bars } : null,
  };
}

export const STIFFENER_NAMES: Readonly<Record<WallName, string>> = {
  front: 'Front and back',
  base: 'Base',
  side: 'Sides',
  disc: 'Both faces',
  panel: 'All of the panel',
};

/** Between pieces on a sheet of canvas a bar is cut away, mm. */
const BETWEEN_MM = 4;

export function sheetsFigure(pieces: readonly StiffenerPiece[]): Figure | null {
  const rectangles = pieces.map(({ cut, copies }) => ({ ...ringBounds(cut), copies }));
  const count = sheetsFor(rectangles, CANVAS_SHEET_MM, BETWEEN_MM);
  if (count === null) return null;
  return makeFigure('stiffener.sheets', 'Sheets of canvas', count, 'count', {
    rule: 'Pieces laid in rows on sheets, the tallest first. Sheets are mostly sold so large; from memory.',
    inputs: [
      input('A sheet, across', CANVAS_SHEET_MM.widthMm, 'mm'),
      input('A sheet, up', CANVAS_SHEET_MM.heightMm, 'mm'),
      ...pieces.map(({ width }) => inputFrom(width)),
    ],
    source: MEMORY,
  });
}

/** Between crochet and lining: before a flat one is sewn on, before a drop-in goes in; without a lining last of all. */
const stiffenerSteps = (lining: 'none' | 'flat' | 'last'): StepRule[] => [
  { name: 'cut-stiffener', after: ['blocked'], before: [] },
  {
    name: 'put-stiffener-in',
    after: ['cut-stiffener', ...(lining === 'flat' ? (['blocked'] as const) : (['joined'] as const))],
    before: lining === 'none' ? [] : ['covered'],
  },
];

function noWall({ parts }: WallStiffener, { at, design }: FittingInput): Problem {
  return ours.problem({
    code: 'stiffener-no-wall',
    severity: 'decide',
    place: 'lining',
    path: [...pathOf(at), 'parts'],
    values: {},
    repairs: [
      ours.repair({ code: 'stiffener-out', values: {}, edits: [takeOffEdit(design, at)] }),
      ...(parts === 'all'
        ? []
        : [
            ours.repair({
              code: 'stiffener-all',
              values: {},
              edits: [{ path: [...pathOf(at), 'parts'], value: 'all' }],
            }),
          ]),
    ],
  });
}

function problemsOf(
  choice: WallStiffener,
  pieces: readonly StiffenerPiece[],
  sheets: Figure | null,
  bag: FittingInput,
): Problem[] {
  const { at, design, set } = bag;
  const problems: Problem[] = [];
  const [largest] = [...pieces].sort((a, b) => b.width.value * b.height.value - a.width.value * a.height.value);
  if (choice.kind === 'canvas' && sheets === null && largest)
    problems.push(
      ours.problem({
        code: 'stiffener-larger-than-sheet',
        severity: 'decide',
        place: 'lining',
        path: pathOf(at),
        asks: [largest.width.id, largest.height.id],
        values: { widthMm: largest.width.value, heightMm: largest.height.value },
        repairs: [
          ours.repair({
            code: 'stiffener-of-board',
            values: {},
            edits: [{ path: pathOf(at), value: boardOf(choice) }],
          }),
        ],
      }),
    );
  const narrow = wallsWanted(choice, bag).filter((wall) => !isWideEnough(choice, wall));
  if (narrow.length > 0)
    problems.push(
      ours.problem({
        code: 'stiffener-wall-too-narrow',
        severity: 'mind',
        place: 'lining',
        path: [...pathOf(at), 'parts'],
        values: {
          narrowMm: Math.min(...narrow.map(({ widthMm, heightMm }) => Math.min(widthMm, heightMm))),
          leastMm: LEAST_WALL_MM + 2 * choice.smallerMm,
        },
        repairs: [],
      }),
    );
  // Under a flat lining a stiffener is sewn in before the bag is folded: each wall's piece ends before the fold.
  if (design.lining?.kind === 'flat' && liningGoesIn(set, design) === 'flat')
    problems.push(
      ours.problem({
        code: 'stiffener-on-fold',
        severity: 'mind',
        place: 'lining',
        path: pathOf(at),
        values: {},
        repairs: [],
      }),
    );
  return problems;
}

const boardOf = ({ parts, smallerMm, cornerMm, thicknessMm }: Canvas): Board => ({
  kind: 'board',
  ...{ parts, smallerMm, cornerMm, thicknessMm },
});

export const canvas = stiffenerKind(usualCanvas);
export const board = stiffenerKind(usualBoard);
