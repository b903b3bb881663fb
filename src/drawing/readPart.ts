import type { ReadPart, ReadRow } from '@/core/reader';
import { CHART_CELL_MM, SYMBOL_CELLS, chainSymbol, stitchSymbol } from './chartSymbols';
import { lineSegments, type Drawing, type Point, type Shape } from './shape';

/** A stitch is as wide as a row is high: a pattern that gives no gauge has no other shape. */
const CELL = 4;
/** More rows and stitches than these are no chart that could be read. */
const MOST_CHART = { rows: 30, stitches: 60 } as const;

const widest = (rows: readonly ReadRow[]): number => rows.reduce((most, { out }) => Math.max(most, out ?? 0), 1);
const inRounds = ({ rows }: ReadPart): boolean => rows.length > 0 && rows.every(({ noun }) => noun === 'round');

/**
 * What was read, lying flat: rows one above the other as wide as their counts, or rounds about their middle. A row that is not right is marked; one whose count isn't
 * known is left out.
 *
 * @param lit the row that stands at the cursor
 */
export function readPartDrawing(part: ReadPart, lit: ReadRow | null): Drawing {
  return inRounds(part) ? rings(part.rows, lit) : bars(part.rows, lit);
}

const roleOf = (row: ReadRow, lit: ReadRow | null): 'clash' | 'rowNow' | 'cloth' =>
  row.isRight ? (row === lit ? 'rowNow' : 'cloth') : 'clash';

function bars(rows: readonly ReadRow[], lit: ReadRow | null): Drawing {
  const widthMm = widest(rows) * CELL;
  const heightMm = rows.length * CELL;
  const shapes = rows.flatMap((row, index): Shape[] => {
    const width = (row.out ?? 0) * CELL;
    if (width === 0) return [];
    const x = (widthMm - width) / 2;
    const y = heightMm - (index + 1) * CELL;
    return [
      { kind: 'rect', layer: 'cloth', role: roleOf(row, lit), x, y, widthMm: width, heightMm: CELL },
      {
        kind: 'path',
        layer: 'rows',
        role: 'row',
        closed: false,
        segments: lineSegments({ x, y }, { x: x + width, y }),
      },
    ];
  });
  return { box: { x: 0, y: 0, widthMm, heightMm }, shapes };
}

function rings(rows: readonly ReadRow[], lit: ReadRow | null): Drawing {
  const radius = rows.length * CELL;
  // The outermost first, so that each lies on the one round it.
  const shapes = rows
    .map((row, index): Shape => ({
      kind: 'circle',
      layer: 'cloth',
      role: roleOf(row, lit),
      x: radius,
      y: radius,
      radiusMm: (index + 1) * CELL,
    }))
    .reverse();
  return { box: { x: 0, y: 0, widthMm: 2 * radius, heightMm: 2 * radius }, shapes };
}

/**
 * The symbols of what was read, each from the stitch that it goes into to its own place, right side facing; null of rounds, of more than can be read, or where a row isn't
 * known stitch by stitch.
 *
 * @param from the first row that is drawn, counted from 0
 */
export function readChart(part: ReadPart, from = 0): Drawing | null {
  const rows = part.rows.slice(from, from + MOST_CHART.rows);
  const most = widest(rows);
  if (inRounds(part) || rows.length === 0 || most > MOST_CHART.stitches) return null;
  if (rows.some(({ cells, out }) => out === null || cells.length !== out)) return null;
  const shapes: Shape[] = [];
  let y = 0;
  let below: Point[] | null = null;
  rows.forEach((row, index) => {
    const isBack = (from + index) % 2 === 0;
    const tall = row.cells.reduce(
      (high, cell) => Math.max(high, cell.made === 'chain' ? 0.6 : SYMBOL_CELLS[cell.step.work]),
      0.6,
    );
    const top = y - tall * CHART_CELL_MM;
    const left = ((most - row.cells.length) / 2) * CHART_CELL_MM;
    const places = row.cells.map((_, at): Point => {
      const column = isBack ? row.cells.length - 1 - at : at;
      return { x: left + (column + 0.5) * CHART_CELL_MM, y: top };
    });
    row.cells.forEach((cell, at) => {
      const place = places[at] as Point;
      const foot = (cell.made === 'stitch' ? below?.[cell.from] : undefined) ?? { x: place.x, y };
      const { segments, filled } =
        cell.made === 'chain'
          ? chainSymbol({ x: place.x, y: top + 2 })
          : stitchSymbol(cell.step, [{ x: foot.x, y }], place);
      shapes.push({ kind: 'path', layer: 'rows', role: filled ? 'symbolSolid' : 'symbol', closed: filled, segments });
    });
    below = places;
    y = top - 2;
  });
  const heightMm = -y + 4;
  return {
    box: { x: 0, y: y - 2, widthMm: most * CHART_CELL_MM, heightMm },
    shapes,
  };
}
