import { patternOf, yarnOfRow, type Design } from '@/core/design';
import type { Piece } from '@/core/pieces';
import {
  STITCHES,
  nearestCount,
  patternRowCount,
  plainStitchOf,
  rowOf,
  workPattern,
  workRow,
  type Cell,
  type StitchPattern,
} from '@/core/stitches';
import { chainStrands, hidesLoops, stitchStrands, topLoops, type Strand } from './strands';

/** A stitch as it lies in a fabric seen from outside: its yarn by name, so that all that are alike are drawn once. */
export interface FabricStitch {
  /** Which look of the fabric it has. */
  look: number;
  /** Its column from the left, in stitches. */
  column: number;
}

/** A row as it is seen from outside. */
export interface FabricRow {
  /** Which yarn it is worked in; 0 is the swatch's own. */
  yarn: number;
  stitches: readonly FabricStitch[];
}

/** A piece as stitches. `looks` has the yarn of every kind of stitch that is in it, seen from outside. */
export interface Fabric {
  /** Of a piece of rows the widest row; of rounds that lie flat each round by itself. */
  columns: number;
  stitchMm: number;
  rowMm: number;
  /** Rows lie above one another; or round a middle. */
  laid: 'rows' | 'rounds' | 'half-rounds';
  rows: readonly FabricRow[];
  looks: readonly (readonly Strand[])[];
  /** Of every look, whether one sees through it: a chain over nothing. */
  seenThrough: readonly boolean[];
}

/**
 * A piece as the stitches that it is worked in, as they are seen from its outer face or from within.
 *
 * @param face the outer face, or the inner one
 */
export function fabricOf(design: Design, piece: Piece, face: 'outer' | 'inner'): Fabric {
  const looks = new Looks();
  const yarn = (row: number) => yarnOfRow(design.colourRows, piece.id, row);
  const pattern = piece.plain ? plainStitchOf(patternOf(design)) : patternOf(design);
  const base = { stitchMm: piece.stitchMm, rowMm: piece.rowMm };
  if (piece.kind !== 'rows') {
    const plain = STITCHES[plainStitchOf(pattern).id as keyof typeof STITCHES] ?? pattern;
    const [cell] = workedRows(plain, 1, 1)[0] ?? [];
    const look = cell ? looks.of(cell, [0], face === 'inner', NOTHING_HIDDEN) : 0;
    const rows = piece.counts.map((count, index): FabricRow => ({
      yarn: yarn(index + 1),
      stitches: Array.from({ length: count }, (_, column) => ({ look, column })),
    }));
    const laid = piece.kind === 'half-disc' ? 'half-rounds' : 'rounds';
    return { ...base, columns: Math.max(...piece.counts), laid, rows, looks: looks.all, seenThrough: looks.open };
  }
  const rightHanded = design.settings.hand === 'right';
  return {
    ...base,
    laid: 'rows',
    ...rowsOf({ piece, pattern, rightHanded, face }, looks, yarn),
    looks: looks.all,
    seenThrough: looks.open,
  };
}

/**
 * A trial of a pattern, of so many columns and rows at least, in its usual proportions; seen from its public side.
 *
 * @example
 * swatchFabric(STITCHES.dc, 6, 3, true).rows.length // => 3
 */
export function swatchFabric(pattern: StitchPattern, columns: number, rowCount: number, rightHanded: boolean): Fabric {
  const looks = new Looks();
  const stitches = nearestCount(columns, pattern) ?? columns;
  const piece = { rows: Array.from({ length: rowCount }, () => ({ stitches })), roundCount: 0 };
  const rows = rowsOf({ piece, pattern, rightHanded, face: 'outer' }, looks, () => 0);
  const { widthToSc, heightToSc } = pattern.nature;
  return { stitchMm: widthToSc, rowMm: heightToSc, laid: 'rows', ...rows, looks: looks.all, seenThrough: looks.open };
}

const NOTHING_HIDDEN = { front: false, back: false };

/** Rows to be seen: how many stitches each has, in which pattern, by which hand, and from where. */
interface SeenRows {
  piece: { rows: readonly { stitches: number }[]; roundCount: number };
  pattern: StitchPattern;
  rightHanded: boolean;
  face: 'outer' | 'inner';
}

/** The rows of a straight or shaped piece. A narrower row has the stitches that lie in its middle. */
function rowsOf(
  { piece, pattern, rightHanded, face }: SeenRows,
  looks: Looks,
  yarn: (row: number) => number,
): Pick<Fabric, 'columns' | 'rows'> {
  const columns = Math.max(...piece.rows.map(({ stitches }) => stitches));
  const nearest = nearestCount(columns, pattern) ?? columns;
  // Rounds may have counts that the repeat does not allow: then it is laid out wider, and their middle is seen.
  const count = nearest < columns ? nearest + pattern.repeatStitches : nearest;
  const worked = workedRows(pattern, count, piece.rows.length);
  /** Whether a row was worked with the outer face before her. */
  const isOuter = (row: number) =>
    (row > 0 && row <= piece.roundCount) || pattern.inRounds || (row % 2 === 1) === pattern.firstRowPublic;
  const seenWorked = (row: number) => isOuter(row) === (face === 'outer');
  const columnOf = (row: number, index: number) =>
    // Rows run from the working hand's side, seen from the side that is worked.
    seenWorked(row) === rightHanded ? count - 1 - index : index;
  /** A place of the row below: rows are worked here as if each were turned; where none was, as in rounds, it lies as far from the other end. */
  const met = (row: number, foot: number) => (seenWorked(row) === seenWorked(row - 1) ? count - 1 - foot : foot);
  const alike = new Map<string, readonly FabricStitch[]>();
  const numbers = new Map<readonly Cell[] | undefined, number>();
  const numberOf = (cells: readonly Cell[] | undefined): number => {
    const known = numbers.get(cells) ?? numbers.size;
    numbers.set(cells, known);
    return known;
  };
  const rows = piece.rows.map(({ stitches }, at): FabricRow => {
    const row = at + 1;
    // Rows of the repeat that lie alike, over and under rows that lie alike, are placed once.
    const name = [
      numberOf(worked[at - 1]),
      numberOf(worked[at]),
      numberOf(worked[at + 1]),
      stitches,
      isOuter(row),
    ].join();
    const placed = alike.get(name) ?? stitchesOf(row, stitches);
    alike.set(name, placed);
    return { yarn: yarn(row), stitches: placed };
  });
  return { columns, rows };

  function stitchesOf(row: number, stitches: number): FabricStitch[] {
    const at = row - 1;
    const cells = worked[at] ?? [];
    const above = worked[at + 1];
    const least = (count - stitches) / 2;
    const hidden = above ? hiddenBy(above, cells.length, (foot) => met(row + 1, foot)) : null;
    return cells.flatMap((cell, index): FabricStitch[] => {
      const column = columnOf(row, index);
      if (column < least - 0.5 || column >= least + stitches - 0.5) return [];
      const isFar = !seenWorked(row);
      const feet =
        cell.made === 'stitch'
          ? feetOf(cell, at === 0 ? null : worked[at - 1], (foot) => columnOf(row - 1, met(row, foot)) - column)
          : [0];
      return [
        {
          look: looks.of(cell, isFar ? feet.map((x) => -x) : feet, isFar, hidden?.[index] ?? NOTHING_HIDDEN),
          // A narrower row lies in the middle, if need be by half a stitch.
          column: column - Math.ceil(least - 0.5) + (columns - stitches) / 2,
        },
      ];
    });
  }
}

/** The rows of a pattern, row by row; what lies above its repeat is like a row of it. */
function workedRows(pattern: StitchPattern, count: number, rowCount: number): readonly (readonly Cell[])[] {
  const setup = pattern.setupRows.length;
  const turnRows = pattern.rows.length * (pattern.rows.length % 2 === 0 ? 1 : 2);
  const first = workPattern(
    pattern,
    count,
    Math.min(rowCount, Math.max(patternRowCount(pattern), setup + 2 * turnRows)),
  );
  if (!first.ok) return Array.from({ length: rowCount }, () => plainCells(count));
  const rows: Cell[][] = [...first.rows];
  while (rows.length < rowCount) rows.push(rows[rows.length - turnRows] as Cell[]);
  return rows;
}

/** A row of single crochet: for a count that the pattern has no row for. */
function plainCells(count: number): Cell[] {
  const below = Array.from({ length: count }, (): Cell => ({ made: 'chain' }));
  const worked = workRow(rowOf(STITCHES.sc, 1), below);
  return worked.ok ? worked.cells : [];
}

/** The places that a stitch is worked into, from its own column. Several are joined; a chain space is met in its middle. */
function feetOf(
  { step, from }: Extract<Cell, { made: 'stitch' }>,
  below: readonly Cell[] | null | undefined,
  offset: (foot: number) => number,
): number[] {
  if (step.into === 'space' && below) {
    let to = from;
    while (to > 0 && below[to - 1]?.made === 'chain') to -= 1;
    return [offset((from + to) / 2)];
  }
  // The row below is met from its end.
  return Array.from({ length: step.over }, (_, index) => offset(from - index));
}

/** Which loops of every place of a row are taken out of sight by the row above it. */
function hiddenBy(
  above: readonly Cell[],
  count: number,
  met: (foot: number) => number,
): { front: boolean; back: boolean }[] {
  const hidden = Array.from({ length: count }, () => ({ front: false, back: false }));
  for (const cell of above) {
    if (cell.made === 'chain') continue;
    const { front, back } = hidesLoops(cell.step.into);
    for (let index = 0; index < cell.step.over; index += 1) {
      const place = hidden[met(cell.from - index)];
      if (!place) continue;
      place.front ||= front;
      place.back ||= back;
    }
  }
  return hidden;
}

/** The looks of a fabric: every stitch that lies alike has one. */
class Looks {
  readonly all: Strand[][] = [];
  readonly open: boolean[] = [];
  private readonly byName = new Map<string, number>();

  of(cell: Cell, feet: readonly number[], isFar: boolean, hidden: { front: boolean; back: boolean }): number {
    const name = JSON.stringify([cell.made === 'chain' ? null : [cell.step.work, cell.step.into], feet, isFar, hidden]);
    const known = this.byName.get(name);
    if (known !== undefined) return known;
    const strands = cell.made === 'chain' ? chainStrands() : [...stitchStrands(cell.step, feet), ...loopsLeft(hidden)];
    this.all.push(isFar ? strands.map(seenFromFar) : strands);
    this.open.push(cell.made === 'chain');
    this.byName.set(name, this.all.length - 1);
    return this.all.length - 1;
  }
}

const loopsLeft = ({ front, back }: { front: boolean; back: boolean }): Strand[] =>
  topLoops().filter(({ part }) => (part === 'front-loop' ? !front : !back));

/** A strand as it is seen from the other side of the fabric. */
const seenFromFar = ({ part, points }: Strand): Strand => ({ part, points: points.map(([x, y, z]) => [1 - x, y, -z]) });
