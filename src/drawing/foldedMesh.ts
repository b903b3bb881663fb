import {
  between,
  cross,
  distanceOf,
  gridOutward,
  gridPoint,
  plus,
  sheetGrid,
  unit,
  vec,
  type FoldedBag,
  type FoldedDisc,
  type FoldedLine,
  type FoldedSheet,
  type SheetGrid,
  type ThingBox,
  type Vec,
} from '@/core/fold';
import { thingMark } from './packedDrawing';
import { rowsPerLine } from './rowsPiece';

/** What a solid is made of. The look is decided from it, in one place. */
export type Stuff = 'cloth' | 'lining' | 'metal' | 'thing' | 'load';

/** A closed solid as triangles, in mm: three numbers to a corner, three corners to a triangle, counter-clockwise seen from outside. */
export interface Solid {
  mark: string;
  stuff: Stuff;
  positions: Float32Array;
  normals: Float32Array;
  /** How many of the lines that stand for rows lie between where its sheet begins and each corner: a line lies on every whole number. */
  rows: Float32Array;
  indices: Uint32Array;
}

/** A line on the outside of the bag, as points one after the other, mm. */
export interface SolidLine {
  mark: string;
  kind: FoldedLine['kind'] | 'side';
  points: Vec[];
  /** The way out of the bag at its middle, 1 mm long. */
  outward: Vec;
}

/** The folded bag as solids and the lines on them. */
export interface FoldedMesh {
  solids: Solid[];
  lines: SolidLine[];
  box: { from: Vec; to: Vec };
}

/** How thick one half of a snap is drawn, mm, and how far a line lies above what it is drawn on. */
const SNAP_DEPTH_MM = 2;
const ABOVE_MM = 0.35;

/** Corners nearer to each other than this are one, mm. */
const DUST_MM = 1e-6;

/**
 * The folded bag as closed solids: every sheet at its thickness, its lining within it, the snap's halves, and what is in it.
 *
 * @param bag as `foldBag` gives it
 * @param liningMm thickness of the lining; nought where there is none
 */
export function foldedMesh(bag: FoldedBag, liningMm: number): FoldedMesh {
  // A bag that could not be drawn to its end leaves nothing to the next.
  faces.clear();
  const solids = [
    ...bag.sheets.flatMap((sheet): Solid[] => {
      const grid = sheetGrid(sheet);
      const half = sheet.thicknessMm / 2;
      return [
        thickSheet(sheet, grid, 'cloth', sheet.mark, half, -half),
        ...(liningMm > 0 ? [thickSheet(sheet, grid, 'lining', 'lining', -half, -half - liningMm)] : []),
      ];
    }),
    ...bag.discs.map(discSolid),
    ...bag.things.map(boxSolid),
  ];
  return {
    solids,
    lines: [...bag.lines.map(lineOn), ...bag.sheets.filter(isLoose).flatMap(sidesOf)],
    box: boxOf(solids),
  };
}

/** Rows nearer to each other than this run into one, mm. */
const FINEST_MM = 3;

/** Where no line of a row lies. */
const BETWEEN_ROWS = 0.5;

/** A list of numbers that grows in place, so that the folded bag that follows a drag leaves little behind it to be swept up. */
class Numbers {
  private list = new Float64Array(4096);
  length = 0;

  push(value: number): void {
    if (this.length === this.list.length) {
      const longer = new Float64Array(2 * this.list.length);
      longer.set(this.list);
      this.list = longer;
    }
    this.list[this.length] = value;
    this.length += 1;
  }

  at(index: number): number {
    return this.list[index] as number;
  }

  clear(): void {
    this.length = 0;
  }

  /** Those that are in it, for as long as nothing is added. */
  seen(): Float64Array {
    return this.list.subarray(0, this.length);
  }
}

/** Gathers triangles. Corners are not shared between faces, so that edges stay sharp. One solid is begun when the one before is whole. */
class Faces {
  private readonly positions = new Numbers();
  private readonly normals = new Numbers();
  private readonly indices = new Numbers();
  private readonly rows = new Numbers();

  corner(point: Vec, normal: Vec): number {
    this.add(point.x, point.y, point.z, normal.x, normal.y, normal.z, BETWEEN_ROWS);
    return this.rows.length - 1;
  }

  /** A point of a grid, so far out, facing out or in. */
  gridCorner(
    { columns, points, outward }: SheetGrid,
    i: number,
    j: number,
    outMm: number,
    side: 1 | -1,
    row: number,
  ): void {
    const k = 3 * (j * columns + i);
    const x = outward[k] as number;
    const y = outward[k + 1] as number;
    const z = outward[k + 2] as number;
    this.add(
      (points[k] as number) + outMm * x,
      (points[k + 1] as number) + outMm * y,
      (points[k + 2] as number) + outMm * z,
      side * x,
      side * y,
      side * z,
      row,
    );
  }

  private add(x: number, y: number, z: number, outX: number, outY: number, outZ: number, row: number): void {
    const { positions, normals, rows } = this;
    positions.push(x);
    positions.push(y);
    positions.push(z);
    normals.push(outX);
    normals.push(outY);
    normals.push(outZ);
    rows.push(row);
  }

  triangle(a: number, b: number, c: number): void {
    // Where a sheet shrinks to a point, two corners are one.
    if (!this.isSame(a, b) && !this.isSame(b, c) && !this.isSame(c, a)) {
      this.indices.push(a);
      this.indices.push(b);
      this.indices.push(c);
    }
  }

  /** Four corners in turn, counter-clockwise seen from outside. */
  quad(a: number, b: number, c: number, d: number): void {
    this.triangle(a, b, c);
    this.triangle(a, c, d);
  }

  private isSame(a: number, b: number): boolean {
    const { positions } = this;
    for (let axis = 0; axis < 3; axis += 1)
      if (Math.abs(positions.at(3 * a + axis) - positions.at(3 * b + axis)) >= DUST_MM) return false;
    return true;
  }

  /** Four points in turn, with one way out for all. */
  flat(a: Vec, b: Vec, c: Vec, d: Vec): void {
    const normal = unit(cross(between(a, b), between(a, d))) ?? unit(cross(between(b, c), between(b, d)));
    if (!normal) return;
    const first = this.corner(a, normal);
    this.corner(b, normal);
    this.corner(c, normal);
    this.corner(d, normal);
    this.quad(first, first + 1, first + 2, first + 3);
  }

  solid(mark: string, stuff: Stuff): Solid {
    const whole = {
      mark,
      stuff,
      positions: new Float32Array(this.positions.seen()),
      normals: new Float32Array(this.normals.seen()),
      rows: new Float32Array(this.rows.seen()),
      indices: new Uint32Array(this.indices.seen()),
    };
    this.clear();
    return whole;
  }

  clear(): void {
    for (const list of [this.positions, this.normals, this.rows, this.indices]) list.clear();
  }
}

/** Where the solid in work is gathered: one for all, so that its lists need not be made anew. */
const faces = new Faces();

/** A sheet between two distances from its middle surface: both faces, and the rims between them. */
function thickSheet(
  { isRound, along, rowMm }: FoldedSheet,
  grid: SheetGrid,
  stuff: Stuff,
  mark: string,
  outerMm: number,
  innerMm: number,
): Solid {
  const { rows, columns } = grid;
  const corners = rows * columns;
  const stepMm = rowMm === null ? Infinity : rowMm * rowsPerLine(rowMm, FINEST_MM);
  const row = (j: number) => (rowMm === null ? BETWEEN_ROWS : ((along[j] as number) - (along[0] as number)) / stepMm);
  for (let j = 0; j < rows; j += 1)
    for (let i = 0; i < columns; i += 1) faces.gridCorner(grid, i, j, outerMm, 1, row(j));
  for (let j = 0; j < rows; j += 1)
    for (let i = 0; i < columns; i += 1) faces.gridCorner(grid, i, j, innerMm, -1, row(j));
  for (let j = 0; j + 1 < rows; j += 1)
    for (let i = 0; i + 1 < columns; i += 1) {
      const k = j * columns + i;
      faces.quad(k, k + columns, k + columns + 1, k + 1);
      faces.quad(corners + k, corners + k + 1, corners + k + columns + 1, corners + k + columns);
    }
  const outer = (i: number, j: number) => gridPoint(grid, i, j, outerMm);
  const inner = (i: number, j: number) => gridPoint(grid, i, j, innerMm);
  for (let i = 0; i + 1 < columns; i += 1) {
    const last = rows - 1;
    faces.flat(outer(i, 0), outer(i + 1, 0), inner(i + 1, 0), inner(i, 0));
    faces.flat(outer(i + 1, last), outer(i, last), inner(i, last), inner(i + 1, last));
  }
  if (!isRound)
    for (let j = 0; j + 1 < rows; j += 1) {
      const last = columns - 1;
      faces.flat(outer(0, j + 1), outer(0, j), inner(0, j), inner(0, j + 1));
      faces.flat(outer(last, j), outer(last, j + 1), inner(last, j + 1), inner(last, j));
    }
  return faces.solid(mark, stuff);
}

const DISC_CORNERS = 24;

/** A half of a snap, lying on a sheet. */
function discSolid({ mark, point, outward, radiusMm, side, thicknessMm }: FoldedDisc): Solid {
  const out = plus(vec(0, 0, 0), outward, side);
  const start = unit(cross(out, Math.abs(out.y) < 0.9 ? vec(0, 1, 0) : vec(0, 0, 1))) ?? vec(0, 0, 1);
  const turned = cross(out, start);
  const ring = (mm: number) =>
    Array.from({ length: DISC_CORNERS + 1 }, (_, index) => {
      const angle = (index * 2 * Math.PI) / DISC_CORNERS;
      const middle = plus(point, out, thicknessMm / 2 + mm);
      return plus(plus(middle, start, radiusMm * Math.cos(angle)), turned, radiusMm * Math.sin(angle));
    });
  const [low, high] = [ring(0), ring(SNAP_DEPTH_MM)];
  const cap = (points: readonly Vec[], mm: number, way: Vec, backwards: boolean) => {
    const middle = faces.corner(plus(point, out, thicknessMm / 2 + mm), way);
    const corners = points.map((corner) => faces.corner(corner, way));
    for (let i = 0; i < DISC_CORNERS; i += 1) {
      const [a, b] = [corners[i] as number, corners[i + 1] as number];
      if (backwards) faces.triangle(middle, b, a);
      else faces.triangle(middle, a, b);
    }
  };
  cap(high, SNAP_DEPTH_MM, out, false);
  cap(low, 0, plus(vec(0, 0, 0), out, -1), true);
  for (let i = 0; i < DISC_CORNERS; i += 1)
    faces.flat(low[i] as Vec, low[i + 1] as Vec, high[i + 1] as Vec, high[i] as Vec);
  return faces.solid(mark, 'metal');
}

/** A thing as a box. */
function boxSolid({ index, from, to, isSoft }: ThingBox): Solid {
  const p = (x: 0 | 1, y: 0 | 1, z: 0 | 1) => vec(x ? to.x : from.x, y ? to.y : from.y, z ? to.z : from.z);
  faces.flat(p(0, 0, 0), p(0, 0, 1), p(0, 1, 1), p(0, 1, 0));
  faces.flat(p(1, 0, 1), p(1, 0, 0), p(1, 1, 0), p(1, 1, 1));
  faces.flat(p(0, 1, 0), p(0, 1, 1), p(1, 1, 1), p(1, 1, 0));
  faces.flat(p(0, 0, 1), p(0, 0, 0), p(1, 0, 0), p(1, 0, 1));
  faces.flat(p(0, 0, 1), p(1, 0, 1), p(1, 1, 1), p(0, 1, 1));
  faces.flat(p(1, 0, 0), p(0, 0, 0), p(0, 1, 0), p(1, 1, 0));
  return faces.solid(index === null ? 'load' : thingMark(index), isSoft ? 'load' : 'thing');
}

/** A line across a sheet, just above its outer face. */
function lineOn({ mark, kind, sheet, alongMm }: FoldedLine): SolidLine {
  const grid = sheetGrid({ ...sheet, along: rowBeside(sheet, alongMm) });
  const row = sheet.along.at(-1) === alongMm ? 1 : 0;
  return { mark, kind, ...lineOfRow(grid, row, sheet.thicknessMm / 2 + ABOVE_MM) };
}

/** A row of a grid as a line so far out, with the way outward at its middle. */
export function lineOfRow(grid: SheetGrid, row: number, outMm: number): Pick<SolidLine, 'points' | 'outward'> {
  return {
    points: Array.from({ length: grid.columns }, (_, i) => gridPoint(grid, i, row, outMm)),
    outward: gridOutward(grid, Math.floor(grid.columns / 2), row),
  };
}

/** Sheets whose sides hang free, and would not be told from what is behind them. */
const isLoose = ({ mark }: FoldedSheet): boolean => mark === 'part.flap' || mark === 'part.bridge';

/** Both sides of a sheet, just above its outer face. */
function sidesOf(sheet: FoldedSheet): SolidLine[] {
  const grid = sheetGrid({ ...sheet, across: [-1, -0.98, 0.98, 1] });
  const outMm = sheet.thicknessMm / 2 + ABOVE_MM;
  return [0, 3].map((column) => ({
    mark: sheet.mark,
    kind: 'side',
    points: Array.from({ length: grid.rows }, (_, row) => gridPoint(grid, column, row, outMm)),
    outward: gridOutward(grid, column, Math.floor(grid.rows / 2)),
  }));
}

/** A row of a sheet with one close beside it, so that its way outward is known. */
function rowBeside({ along }: FoldedSheet, alongMm: number): number[] {
  const step = 1e-2;
  return along.at(-1) === alongMm ? [alongMm - step, alongMm] : [alongMm, alongMm + step];
}

function boxOf(solids: readonly Solid[]): FoldedMesh['box'] {
  const least = [Infinity, Infinity, Infinity];
  const most = [-Infinity, -Infinity, -Infinity];
  for (const { positions } of solids)
    for (let i = 0; i < positions.length; i += 1) {
      const mm = positions[i] as number;
      const axis = i % 3;
      if (mm < (least[axis] as number)) least[axis] = mm;
      if (mm > (most[axis] as number)) most[axis] = mm;
    }
  return { from: vec(...(least as [number, number, number])), to: vec(...(most as [number, number, number])) };
}

/**
 * The volume of a closed solid, mm³: that of the tetrahedra from its triangles to the origin, added up with their signs.
 * Source: geometry.
 */
export function solidVolumeMm3({ positions, indices }: Pick<Solid, 'positions' | 'indices'>): number {
  const at = (corner: number) =>
    vec(positions[3 * corner] as number, positions[3 * corner + 1] as number, positions[3 * corner + 2] as number);
  let sum = 0;
  for (let i = 0; i < indices.length; i += 3) {
    const [a, b, c] = [at(indices[i] as number), at(indices[i + 1] as number), at(indices[i + 2] as number)];
    const area = cross(b, c);
    sum += (a.x * area.x + a.y * area.y + a.z * area.z) / 6;
  }
  return sum;
}

/** The length of a line of points, mm. */
export const lineLengthMm = ({ points }: Pick<SolidLine, 'points'>): number =>
  points.slice(1).reduce((sum, point, index) => sum + distanceOf(points[index] as Vec, point), 0);
