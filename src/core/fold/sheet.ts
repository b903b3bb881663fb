import type { PieceId } from '@/core/pieces';
import { plus, vec, type Vec } from './space';

/**
 * A part of a piece as a thick sheet, folded. Its middle surface is asked point by point: across by share, from −1 at one side to 1 at the
 * other, and along from where it begins, mm. Outward is to the right of the way along, seen with the way across pointing up.
 */
export interface FoldedSheet {
  /** The part it is, for the one selection that all views share. */
  mark: string;
  piece: PieceId;
  thicknessMm: number;
  /** Where it begins and ends along, mm. */
  fromMm: number;
  toMm: number;
  /** Where it can bend or change its width: between two of them it is straight, or a stretch of an arc that is fine enough to draw. */
  across: readonly number[];
  along: readonly number[];
  /** Height of its rows, where they lie across it, mm; null where they run along it. */
  rowMm: number | null;
  /** Its two sides are one, as round a disc. */
  isRound: boolean;
  rowAt(alongMm: number): (share: number) => Vec;
  at(share: number, alongMm: number): Vec;
  /** Half of its width there, along the fabric, mm. */
  halfMm(alongMm: number): number;
}

/**
 * A sheet as its maker describes it: row by row, so that what a row has in common is reckoned once; and its stops only when they are asked
 * for.
 */
export type SheetByRows = Omit<FoldedSheet, 'at' | 'across' | 'along'> & {
  across: () => readonly number[];
  along: () => readonly number[];
};

/** A sheet that can be asked point by point. */
export function asSheet(sheet: SheetByRows): FoldedSheet {
  let across: readonly number[] | null = null;
  let along: readonly number[] | null = null;
  return {
    mark: sheet.mark,
    piece: sheet.piece,
    thicknessMm: sheet.thicknessMm,
    rowMm: sheet.rowMm,
    isRound: sheet.isRound,
    rowAt: sheet.rowAt,
    halfMm: sheet.halfMm,
    fromMm: sheet.fromMm,
    toMm: sheet.toMm,
    get across() {
      return (across ??= sheet.across());
    },
    get along() {
      return (along ??= sheet.along());
    },
    at: (share, alongMm) => sheet.rowAt(alongMm)(share),
  };
}

/** A point of a sheet's middle surface and the way out of the bag there, 1 mm long. */
export interface SheetPoint {
  point: Vec;
  outward: Vec;
}

/** All points at which a sheet is told, row after row as it runs along; three numbers to a point, and to its way outward. */
export interface SheetGrid {
  columns: number;
  rows: number;
  points: Float64Array;
  outward: Float64Array;
}

/** The grid of a sheet, at its own stops or at others along it. */
export function sheetGrid({
  across,
  along,
  isRound,
  rowAt,
}: Pick<FoldedSheet, 'across' | 'along' | 'isRound' | 'rowAt'>): SheetGrid {
  const columns = across.length;
  const rows = along.length;
  const points = new Float64Array(3 * columns * rows);
  along.forEach((alongMm, j) => {
    const row = rowAt(alongMm);
    for (let i = 0; i < columns; i += 1) {
      const { x, y, z } = row(across[i] as number);
      const k = 3 * (j * columns + i);
      points[k] = x;
      points[k + 1] = y;
      points[k + 2] = z;
    }
  });
  const grid = { columns, rows, points, outward: new Float64Array(points.length) };
  for (let j = 0; j < rows; j += 1) for (let i = 0; i < columns; i += 1) tellOutward(grid, i, j, isRound);
  return grid;
}

/** Sets the way outward at a point: at right angles to the ways to the points beside it. Where rows shrink to a point, or meet in one, those further off. */
function tellOutward({ columns, rows, points, outward }: SheetGrid, i: number, j: number, isRound: boolean): void {
  const last = columns - 1;
  // A sheet that is round goes on where it began.
  const before = i > 0 ? i - 1 : isRound ? last - 1 : 0;
  const after = i < last ? i + 1 : isRound ? 1 : last;
  // One number after the other: this is asked for every point of every sheet, and lists of three would be left behind for each.
  for (let off = 0; off < rows; off += 1) {
    const up = 3 * (Math.max(0, j - 1 - off) * columns + i);
    const down = 3 * (Math.min(rows - 1, j + 1 + off) * columns + i);
    const row = j === 0 ? off : Math.max(0, j - off);
    const left = 3 * (row * columns + before);
    const right = 3 * (row * columns + after);
    const ax = (points[down] as number) - (points[up] as number);
    const ay = (points[down + 1] as number) - (points[up + 1] as number);
    const az = (points[down + 2] as number) - (points[up + 2] as number);
    const bx = (points[right] as number) - (points[left] as number);
    const by = (points[right + 1] as number) - (points[left + 1] as number);
    const bz = (points[right + 2] as number) - (points[left + 2] as number);
    const x = ay * bz - az * by;
    const y = az * bx - ax * bz;
    const z = ax * by - ay * bx;
    const length = Math.sqrt(x * x + y * y + z * z);
    if (length < 1e-9) continue;
    const k = 3 * (j * columns + i);
    outward[k] = x / length;
    outward[k + 1] = y / length;
    outward[k + 2] = z / length;
    return;
  }
}

/** A point of a grid, moved so far out of the bag, mm. */
export function gridPoint({ columns, points, outward }: SheetGrid, i: number, j: number, outMm = 0): Vec {
  const k = 3 * (j * columns + i);
  return vec(
    (points[k] as number) + outMm * (outward[k] as number),
    (points[k + 1] as number) + outMm * (outward[k + 1] as number),
    (points[k + 2] as number) + outMm * (outward[k + 2] as number),
  );
}

/** The way out of the bag at a point of a grid. */
export function gridOutward({ columns, outward }: SheetGrid, i: number, j: number): Vec {
  const k = 3 * (j * columns + i);
  return vec(outward[k] as number, outward[k + 1] as number, outward[k + 2] as number);
}

/** A point of a sheet moved so far out of the bag, mm. */
export const movedOut = ({ point, outward }: SheetPoint, mm: number): Vec => plus(point, outward, mm);

/**
 * Stops from one number to another, both counted, none further apart than so much.
 *
 * @example
 * stops(0, 10, 4) // => [0, 10 / 3, 20 / 3, 10]
 */
export function stops(from: number, to: number, mostApart: number): number[] {
  const count = Math.max(1, Math.ceil(Math.abs(to - from) / mostApart - 1e-9));
  return Array.from({ length: count + 1 }, (_, index) => (index === count ? to : from + ((to - from) * index) / count));
}
