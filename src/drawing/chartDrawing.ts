import type { RoundWay } from '@/core/body';
import { roundsAsWorked } from '@/core/pieces';
import {
  patternRowCount,
  rowOf,
  turningChainOf,
  work,
  workPattern,
  type Cell,
  type PatternRow,
  type StitchKind,
  type StitchPattern,
  type TurningChainSchool,
  type Worked,
} from '@/core/stitches';
import { CHART_CELL_MM, SYMBOL_CELLS, chainSymbol, stitchSymbol, uprightChainSymbol } from './chartSymbols';
import type { Drawing, Point, Shape } from './shape';

/** Where a row's number stands: on the side from which it is worked. */
interface ChartRow {
  row: number;
  /** The row that is worked last of all, however many there are before it. */
  isLast: boolean;
  at: Point;
  side: 'left' | 'right';
}

interface ChartDrawing extends Drawing {
  rows: ChartRow[];
  /** The repeat across, as a bracket below the foundation: where it begins and ends, mm. */
  repeat: { fromX: number; toX: number; y: number; stitches: number };
}

/** What a chart is of: turned rows, or rounds and how they follow one another. */
export type ChartWay = 'rows' | RoundWay;

const SLIP_STITCH = work('sl-st');

/** Room below the foundation for the bracket, mm. */
const BELOW_MM = 8;

/**
 * The symbol chart of a pattern, drawn from the very rows that its text is written from: rows upwards, odd ones and all rounds that are not
 * turned read from the working hand's side, the foundation as chains below; on top the row that closes the work, where there is one.
 * Joined rounds begin with their chain and end with the slip stitch that closes them, both beside the box.
 *
 * @param repeats how many repeats across are drawn
 * @param hand the working hand: the right begins row 1 at the right
 * @param school where the turning chain counts, it is drawn in the place of the first stitch; else beside it, outside the box; rounds never count it
 * @param way in rows, or how rounds follow one another
 */
export function chartDrawing(
  whole: StitchPattern,
  repeats: number,
  hand: 'left' | 'right',
  ofRows: TurningChainSchool = 'does-not-count',
  way: ChartWay = whole.inRounds ? 'spiral' : 'rows',
): ChartDrawing {
  const school = way === 'rows' ? ofRows : 'does-not-count';
  // Stitches beside the repeat are for the two edges of a row: a round has none.
  const edgeStitches = way === 'rows' ? whole.edgeStitches : 0;
  const stitchCount = edgeStitches + repeats * whole.repeatStitches;
  const pattern = { ...whole, setupRows: shownRows(whole, way, stitchCount) };
  const rowCount = pattern.setupRows.length;
  const worked = workPattern(pattern, stitchCount, rowCount);
  if (!worked.ok) throw new Error(`the pattern ${pattern.id} does not come out in row ${worked.row}`);

  const widthMm = stitchCount * CHART_CELL_MM;
  const tops = topsOf(worked.rows);
  const heightMm = (tops.at(-1) ?? 0) + CHART_CELL_MM * 0.7 + BELOW_MM;
  const baseY = heightMm - BELOW_MM - CHART_CELL_MM * 0.35;
  /** Rounds that are all worked from one side. */
  const isOneWay = way === 'spiral' || way === 'joined';
  /** Row 0 is the foundation, made from the other side than row 1. */
  const isFromHand = (row: number): boolean => (isOneWay ? row > 0 : row % 2 === 1);
  const x = (row: number, index: number): number => {
    const rightToLeft = isFromHand(row) === (hand === 'right');
    const fromLeft = (index + 0.5) * CHART_CELL_MM;
    return rightToLeft ? widthMm - fromLeft : fromLeft;
  };
  /** Where a place of the row below a row lies, by when it was made: a row meets it from its end, a round from its beginning. */
  const belowX = (row: number, made: number): number => x(row - 1, isOneWay && row > 1 ? stitchCount - 1 - made : made);
  const y = (row: number): number => baseY - (row === 0 ? 0 : (tops[row - 1] as number));

  const shapes: Shape[] = [
    ...Array.from({ length: stitchCount }, (_, index): Shape =>
      symbol(chainSymbol({ x: x(0, index), y: baseY }), 'row0'),
    ),
    ...worked.rows.flatMap((cells, index) =>
      cells.map((cell, place): Shape => {
        const row = index + 1;
        const top = { x: x(row, place), y: y(row) };
        const mark = `row${row}`;
        // Where the turning chain counts, it stands in the place of the row's first stitch.
        if (place === 0 && school === 'counts') return turningChain(pattern, row, school, top.x, y, mark)[0] as Shape;
        if (cell.made === 'chain') return symbol(chainSymbol({ x: top.x, y: top.y + 2 }), mark);
        return symbol(stitchSymbol(cell.step, feetOf(cell, row, belowX, y), top), mark);
      }),
    ),
  ];
  if (way !== 'spiral')
    for (let row = 1; row <= rowCount; row += 1) {
      const atX = x(row, school === 'counts' ? 0 : -1);
      // The lowest chain of one that counts stands for the stitch above; what is over it is drawn besides.
      shapes.push(...turningChain(pattern, row, school, atX, y, `turn${row}`).slice(school === 'counts' ? 1 : 0));
    }
  if (way === 'joined' || way === 'turned')
    for (let row = 1; row <= rowCount; row += 1) {
      const top = { x: x(row, stitchCount), y: y(row) };
      const closing = stitchSymbol(SLIP_STITCH, [{ x: top.x, y: y(row - 1) }], top);
      shapes.push(symbol(closing, `close${row}`));
    }
  const edgeBefore = Math.floor(edgeStitches / 2) * CHART_CELL_MM;
  return {
    box: { x: 0, y: 0, widthMm, heightMm },
    shapes,
    rows: worked.rows.map((_, index) => {
      const side = isFromHand(index + 1) === (hand === 'right') ? 'right' : 'left';
      return {
        row: index + 1,
        isLast: index + 1 === rowCount && whole.lastRow !== undefined,
        side,
        at: { x: side === 'right' ? widthMm : 0, y: (y(index) + y(index + 1)) / 2 },
      };
    }),
    repeat: {
      fromX: edgeBefore,
      toX: edgeBefore + pattern.repeatStitches * CHART_CELL_MM,
      y: heightMm - 2,
      stitches: pattern.repeatStitches,
    },
  };
}

/**
 * The rows that a chart shows: the repeat once; of a pattern of one row a second, so that its turn is seen; and the row that closes it.
 * Turned rounds of an odd repeat come round again after two.
 */
function shownRows(pattern: StitchPattern, way: ChartWay, stitchCount: number): PatternRow[] {
  const { setupRows, rows: repeated } = pattern;
  if (way === 'turned')
    return roundsAsWorked(pattern, stitchCount, setupRows.length + repeated.length * (1 + (repeated.length % 2)));
  const count = Math.max(pattern.use === 'cord' ? 1 : 2, patternRowCount(pattern));
  const rows = Array.from({ length: count }, (_, index) => rowOf(pattern, index + 1));
  return pattern.lastRow ? [...rows, pattern.lastRow] : rows;
}

/** The chains that a row begins with, one above the other, as high together as the row. */
function turningChain(
  pattern: StitchPattern,
  row: number,
  school: TurningChainSchool,
  x: number,
  y: (row: number) => number,
  mark: string,
): Shape[] {
  const first = firstWorked(rowOf(pattern, row)) ?? pattern.base;
  const { chains } = turningChainOf(first)[school];
  const stepMm = (y(row - 1) - y(row)) / chains;
  return Array.from({ length: chains }, (_, index) =>
    symbol(uprightChainSymbol({ x, y: y(row - 1) - (index + 0.5) * stepMm }, stepMm), mark),
  );
}

/** The first stitch of a row: its turning chain is as high as that one. */
function firstWorked({ before, repeat }: PatternRow): StitchKind | undefined {
  const [first] = [...before, ...repeat];
  return first && 'work' in first ? first.work : undefined;
}

/** Where each leg of a stitch goes in: into the row below, or further down for posts and spikes. */
function feetOf(
  cell: Extract<Cell, { made: 'stitch' }>,
  row: number,
  belowX: (row: number, made: number) => number,
  y: (row: number) => number,
): Point[] {
  const deeper = cell.step.into === 'spike' || cell.step.into === 'front-post-two-below' ? 1 : 0;
  const footY = y(Math.max(0, row - 1 - deeper));
  // The next places are those made before, as the row below is met from its end.
  return Array.from({ length: cell.step.over }, (_, leg) => ({ x: belowX(row, cell.from - leg), y: footY }));
}

/** The height of each row's top above the foundation: a row is as tall as its tallest stitch. */
function topsOf(rows: readonly (readonly Cell[])[]): number[] {
  let topMm = 0;
  return rows.map((cells) => {
    const kinds = cells.flatMap((cell) => (cell.made === 'stitch' ? [cell.step] : []));
    topMm += CHART_CELL_MM * Math.max(0.7, ...kinds.map(heightOf));
    return topMm;
  });
}

/** A drop reaches down two rows, so it makes its own row no taller than the plain stitches in it. */
const heightOf = (step: Worked): number => (step.into === 'front-post-two-below' ? 1.2 : SYMBOL_CELLS[step.work]);

const symbol = ({ segments, filled }: ReturnType<typeof chainSymbol>, mark: string): Shape => ({
  kind: 'path',
  role: filled ? 'symbolSolid' : 'symbol',
  layer: 'rows',
  mark,
  segments,
  closed: false,
});
