import type { RowsPiece } from '@/core/pieces';
import { isStraight, widestStitches } from '@/core/pieces';
import { spread } from '@/core/shaping';
import type { FlapStage } from '@/core/stages';
import { lineSegments, polyline, type Point, type Segment, type Shape } from './shape';

/**
 * A flat piece of rows on paper: its width and length, and where a distance along it lies. Row 1 stands on y = 0 and the piece
 * runs up from there, so that what lies below a moved line stays where it is.
 */
export interface RowsPlace {
  piece: RowsPiece;
  widthMm: number;
  lengthMm: number;
  y(alongMm: number): number;
  /** Half the width of a row, mm. */
  half(stitches: number): number;
}

export function rowsPlace(piece: RowsPiece): RowsPlace {
  const widthMm = widestStitches(piece) * piece.stitchMm;
  const lengthMm = piece.rows.length * piece.rowMm;
  return {
    piece,
    widthMm,
    lengthMm,
    y: (alongMm) => -alongMm,
    half: (stitches) => (stitches / 2) * piece.stitchMm,
  };
}

/** Stitches of a piece after a row; after row 0 what it begins with. */
export const stitchesAfter = (piece: RowsPiece, row: number): number =>
  row === 0 ? piece.startStitches : (piece.rows[row - 1]?.stitches ?? piece.startStitches);

/** The scallops of a piece that ends in them. */
export type Scallops = FlapStage['scallops'];

/**
 * One side of a piece, from its beginning: half its width and how far along, mm, wherever the outline turns. Stitches that are left or
 * added make a step, others a slope.
 */
export function sideOf({ piece, half }: RowsPlace, toRow = piece.rows.length, fromRow = 0): Point[] {
  let before = stitchesAfter(piece, fromRow);
  const points: Point[] = [{ x: half(before), y: fromRow * piece.rowMm }];
  for (let row = fromRow + 1; row <= toRow; row += 1) {
    const { stitches, by } = piece.rows[row - 1] as RowsPiece['rows'][number];
    if (stitches === before) continue;
    const startMm = (row - 1) * piece.rowMm;
    points.push({ x: half(before), y: startMm });
    points.push({ x: half(stitches), y: by === 'leaving' || by === 'adding' ? startMm : row * piece.rowMm });
    before = stitches;
  }
  points.push({ x: half(before), y: toRow * piece.rowMm });
  return points;
}

/** The outline of a piece: a rectangle, or row by row as it is worked. */
export function clothShape(place: RowsPlace, scallops: Scallops): Shape {
  const { piece, widthMm, lengthMm, y } = place;
  const base = { role: 'cloth', layer: 'cloth' } as const;
  if (isStraight(piece) && !scallops)
    return { kind: 'rect', ...base, x: 0, y: y(lengthMm), widthMm, heightMm: lengthMm };
  const middle = widthMm / 2;
  const plainRows = scallops ? piece.rows.length - scallops.rows.length : piece.rows.length;
  const side = sideOf(place, plainRows);
  const points = [
    ...side.map((point) => ({ x: middle - point.x, y: y(point.y) })),
    ...(scallops ? scallopEdge(place, scallops) : []),
    ...side.map((point) => ({ x: middle + point.x, y: y(point.y) })).reverse(),
  ];
  return { kind: 'path', ...base, closed: true, segments: polyline(points) };
}

/** Where each scallop has its middle, across from the left, mm; what does not divide lies between them. */
function scallopMiddles(
  { piece, widthMm, half }: RowsPlace,
  { count, stitchesEach, leftOver }: NonNullable<Scallops>,
): number[] {
  const startMm = widthMm / 2 - half(count * stitchesEach + leftOver);
  const gaps = count > 1 ? spread(leftOver, count - 1) : [];
  let at = startMm;
  return Array.from({ length: count }, (_, index) => {
    const middle = at + half(stitchesEach);
    at += (stitchesEach + (gaps[index] ?? 0)) * piece.stitchMm;
    return middle;
  });
}

/** The scallops from left to right, each row by row. */
function scallopEdge(place: RowsPlace, scallops: NonNullable<Scallops>): Point[] {
  const { piece, y, half } = place;
  const firstRow = piece.rows.length - scallops.rows.length;
  const side = scallops.rows.flatMap(({ stitches }, index) => [
    {
      x: half(index === 0 ? scallops.stitchesEach : (scallops.rows[index - 1]?.stitches ?? stitches)),
      y: (firstRow + index) * piece.rowMm,
    },
    { x: half(stitches), y: (firstRow + index + 1) * piece.rowMm },
  ]);
  return scallopMiddles(place, scallops).flatMap((middle) => [
    ...side.map((point) => ({ x: middle - point.x, y: y(point.y) })),
    ...side.map((point) => ({ x: middle + point.x, y: y(point.y) })).reverse(),
  ]);
}

/** Lines are drawn after every so many rows where every row is too fine: steps that are counted in easily. */
const ROW_STEPS = [1, 2, 5, 10, 20, 50, 100];

/**
 * After how many rows there is a line, so that lines are no nearer to each other than can be told apart.
 *
 * @param finestMm the least distance of two lines, mm
 *
 * @example
 * rowsPerLine(1.4, 5) // => 5
 * rowsPerLine(1.4, 0) // => 1
 */
export const rowsPerLine = (rowMm: number, finestMm: number): number =>
  ROW_STEPS.find((rows) => rows * rowMm >= finestMm) ?? 100;

/**
 * Row lines, every second one apart from the others, so that the side a row shows can be told. Rows of one width, one above the other,
 * are one shape, so that a long piece is little to compare and to draw.
 *
 * @param rowStep a line is drawn after so many rows; only lines after every row tell the sides apart
 */
export function rowLineShapes(place: RowsPlace, scallops: Scallops, rowStep = 1): Shape[] {
  const { piece, widthMm, y, half } = place;
  const { rowMm } = piece;
  const shapes: Shape[] = [];
  const single: Record<'rowPublic' | 'row', Segment[]> = { rowPublic: [], row: [] };
  const lastRow = piece.rows.length - 1;
  const amongScallops = scallops ? piece.rows.length - scallops.rows.length : Infinity;
  // The line after an odd row is the heavier one.
  const roleOf = (row: number) => (rowStep === 1 && row % 2 === 1 ? 'rowPublic' : 'row');
  for (let from = 1; from <= lastRow;) {
    const stitches = stitchesAfter(piece, from);
    let to = from;
    while (to < lastRow && to < amongScallops && stitchesAfter(piece, to + 1) === stitches) to += 1;
    const firstLine = rowStep * Math.ceil(from / rowStep);
    if (to - from >= 3 && to <= amongScallops)
      for (const first of rowStep === 1 ? [from, from + 1] : [firstLine]) {
        const step = rowStep === 1 ? 2 : rowStep;
        const count = Math.floor((to - first) / step) + 1;
        if (count < 1) continue;
        shapes.push({
          kind: 'lines',
          role: roleOf(first),
          layer: 'rows',
          x: widthMm / 2 - half(stitches),
          y: y((first + step * (count - 1)) * rowMm),
          lengthMm: 2 * half(stitches),
          stepMm: step * rowMm,
          count,
        });
      }
    else
      for (let row = firstLine; row <= to; row += rowStep)
        for (const [middle, halfMm] of stretchesAcross(place, row, scallops)) {
          const at = y(row * rowMm);
          single[roleOf(row)].push(...lineSegments({ x: middle - halfMm, y: at }, { x: middle + halfMm, y: at }));
        }
    from = to + 1;
  }
  for (const role of ['rowPublic', 'row'] as const)
    if (single[role].length > 0)
      shapes.push({ kind: 'path', role, layer: 'rows', segments: single[role], closed: false });
  return shapes;
}

/** What there is of a row: its middle and half its width, mm; several where it is among scallops. */
function stretchesAcross(place: RowsPlace, row: number, scallops: Scallops): [middle: number, halfMm: number][] {
  const { piece, widthMm, half } = place;
  const among = scallops ? row - (piece.rows.length - scallops.rows.length) : 0;
  const each = scallops && among > 0 ? scallops.rows[among - 1] : undefined;
  if (!scallops || !each) return [[widthMm / 2, half(stitchesAfter(piece, row))]];
  return scallopMiddles(place, scallops).map((middle) => [middle, half(each.stitches)]);
}

/** Folds and edges across a piece. */
export function lineShapes(place: RowsPlace): Shape[] {
  const { piece, widthMm, y, half } = place;
  return piece.lines.map(({ mark, kind, afterRow }) => {
    const first = piece.rows[afterRow]?.stitches ?? Infinity;
    // Where a narrower part goes on, its line is as wide as that part.
    const halfMm = half(
      kind === 'fold' && mark !== 'fold.top'
        ? Math.min(stitchesAfter(piece, afterRow), first)
        : stitchesAfter(piece, afterRow),
    );
    const at = y(afterRow * piece.rowMm);
    return {
      kind: 'path',
      role: kind,
      layer: 'folds',
      mark,
      segments: lineSegments({ x: widthMm / 2 - halfMm, y: at }, { x: widthMm / 2 + halfMm, y: at }),
      closed: false,
    };
  });
}
