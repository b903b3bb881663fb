import type { PieceId } from '@/core/pieces';
import { between, cross, plus, unit, vec, type Vec } from './space';

/**
 * A part of a piece as a thick sheet, folded. Its middle surface is asked point by point: across by share, from −1 at one side to 1 at the
 * other, and along from where it begins, mm. Outward is to the right of the way along, seen with the way across pointing up.
 */
export interface FoldedSheet {
  /** The part it is, for the one selection that all views share. */
  mark: string;
  piece: PieceId;
  thicknessMm: number;
  /** Where it can bend or change its width: between two of them it is straight, or a stretch of an arc that is fine enough to draw. */
  across: readonly number[];
  along: readonly number[];
  /** Height of its rows, where they lie across it, mm; null where they run along it. */
  rowMm: number | null;
  /** Its two sides are one, as round a disc. */
  isRound: boolean;
  at(share: number, alongMm: number): Vec;
  /** Half of its width there, along the fabric, mm. */
  halfMm(alongMm: number): number;
}

/** A point of a sheet's middle surface and the way out of the bag there, 1 mm long. */
export interface SheetPoint {
  point: Vec;
  outward: Vec;
}

/**
 * All points at which a sheet is told, row after row as it runs along, each with its way outward.
 *
 * @returns `along.length` rows of `across.length` points
 */
export function sheetGrid({ across, along, isRound, at }: FoldedSheet): SheetPoint[][] {
  const points = along.map((alongMm) => across.map((share) => at(share, alongMm)));
  const last = across.length - 1;
  return points.map((row, j) =>
    row.map((point, i) => {
      // A sheet that is round goes on where it began.
      const before = i > 0 ? i - 1 : isRound ? last - 1 : 0;
      const after = i < last ? i + 1 : isRound ? 1 : last;
      const wayAcross = between(row[before] as Vec, row[after] as Vec);
      const wayAlong = between(
        (points[Math.max(0, j - 1)] as Vec[])[i] as Vec,
        (points[Math.min(points.length - 1, j + 1)] as Vec[])[i] as Vec,
      );
      const outward = unit(cross(wayAlong, wayAcross)) ?? outwardNear(points, i, j, isRound);
      return { point, outward };
    }),
  );
}

/** The way outward where a sheet shrinks to a point: that of its next row. */
function outwardNear(points: readonly Vec[][], i: number, j: number, isRound: boolean): Vec {
  const next = points[j === 0 ? 1 : j - 1] ?? [];
  const last = next.length - 1;
  const before = i > 0 ? i - 1 : isRound ? last - 1 : 0;
  const after = i < last ? i + 1 : isRound ? 1 : last;
  const here = (points[j] as Vec[])[i] as Vec;
  const wayAlong = j === 0 ? between(here, next[i] ?? here) : between(next[i] ?? here, here);
  const way = cross(wayAlong, between(next[before] ?? here, next[after] ?? here));
  return unit(way) ?? vec(0, 0, 1);
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
