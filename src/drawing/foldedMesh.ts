import {
  cross,
  gridOutward,
  gridPoint,
  sheetGrid,
  vec,
  type FoldedBag,
  type FoldedLine,
  type FoldedSheet,
  type SheetGrid,
  type ThingBox,
  type Vec,
} from '@/core/fold';
import { bandSolids } from './bandSolid';
import type { FabricPlace, fabricPlaces } from './fabric';
import { markSolid } from './markSolid';
import { thingMark } from './packedDrawing';
import { rowsPerLine } from './rowsPiece';
import { BETWEEN_ROWS, faces, type Solid, type Stuff } from './solid';

export type { Solid, Stuff } from './solid';

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

/** What its solids wear: where a sheet lies on its piece, and how large a stitch is. */
interface MeshFabric {
  placesOf: ReturnType<typeof fabricPlaces>;
  stitchMm: number;
  rowMm: number;
}

/** How far a line lies above what it is drawn on, mm. */
const ABOVE_MM = 0.35;

/**
 * The folded bag as closed solids: every sheet at its thickness, its lining within it, what is put on it, and what is in it.
 *
 * @param bag as `foldBag` gives it
 * @param liningMm thickness of the lining; nought where there is none
 * @param fabric where its sheets lie on their pieces, and how large a stitch is, so that they and its bands can wear their fabric
 */
export function foldedMesh(bag: FoldedBag, liningMm: number, fabric?: MeshFabric): FoldedMesh {
  // A bag that could not be drawn to its end leaves nothing to the next.
  faces.clear();
  const solids = [
    ...bag.sheets.flatMap((sheet): Solid[] => {
      const grid = sheetGrid(sheet);
      const half = sheet.thicknessMm / 2;
      return [
        thickSheet(sheet, grid, 'cloth', sheet.mark, half, -half, fabric?.placesOf(sheet) ?? null),
        ...(liningMm > 0 ? [thickSheet(sheet, grid, 'lining', 'lining', -half, -half - liningMm)] : []),
      ];
    }),
    ...bag.marks.flatMap(markSolid),
    ...bag.bands.flatMap((band) => bandSolids(band, fabric)),
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

/** A sheet between two distances from its middle surface: both faces, and the rims between them. */
function thickSheet(
  sheet: FoldedSheet,
  grid: SheetGrid,
  stuff: Stuff,
  mark: string,
  outerMm: number,
  innerMm: number,
  place: FabricPlace | null = null,
): Solid {
  const { isRound, along, rowMm } = sheet;
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
    }
  const outerIndices = faces.indexCount;
  for (let j = 0; j + 1 < rows; j += 1)
    for (let i = 0; i + 1 < columns; i += 1) {
      const k = corners + j * columns + i;
      faces.quad(k, k + 1, k + columns + 1, k + columns);
    }
  const innerIndices = faces.indexCount - outerIndices;
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
  if (place === null) return faces.solid(mark, stuff);
  const places = placesOnFabric(sheet, place, faces.cornerCount);
  return faces.solid(mark, stuff, { worn: sheet.piece, places, outer: outerIndices, inner: innerIndices });
}

/** Where the corners of both faces lie on the piece's fabric; those of the rims lie nowhere on it. */
function placesOnFabric({ across, along, halfMm }: FoldedSheet, place: FabricPlace, corners: number): Float32Array {
  const places = new Float32Array(2 * corners);
  const columns = across.length;
  const face = along.length * columns;
  along.forEach((alongMm, j) => {
    const half = halfMm(alongMm);
    across.forEach((share, i) => {
      const [u, v] = place(share * half, alongMm);
      for (const k of [j * columns + i, face + j * columns + i]) {
        places[2 * k] = u;
        places[2 * k + 1] = v;
      }
    });
  });
  return places;
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
