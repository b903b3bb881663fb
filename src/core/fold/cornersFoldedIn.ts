import { sectionPointAt, type Pleat } from '@/core/section';
import type { FoldInput } from './foldInput';
import type { SheetByRows } from './sheet';
import { vec } from './space';

/** A wall of a boxed bag, and where its lower corners are. */
interface BoxedWall {
  sheet: SheetByRows;
  /** Where the wall stands on the floor, along the strip, mm. */
  footMm: number;
  /** Half the row of the wall, and half the floor's, mm. */
  halfMm: number;
  floorHalfMm: number;
  /** Where its corners lie when they are folded in: the layer of the floor's half beside it. */
  cornerX: number;
}

/**
 * The walls of a boxed bag that is laid flat. What turned round the sides of its floor is folded in along a slant from the floor's corner, so that it
 * comes to lie on the end of the floor, which is folded up: as the ends of a paper bag are.
 *
 * @param sheets the bag's sheets as it stands, its walls among them
 * @returns the same, each wall parted where its corners are folded, and the corners
 * Source: geometry.
 */
export function cornersFoldedIn(
  input: FoldInput,
  { besideMm, apartMm }: Pleat,
  sheets: readonly SheetByRows[],
  halves: Pick<BoxedWall, 'halfMm' | 'floorHalfMm'>,
): SheetByRows[] {
  return sheets.flatMap((sheet) => {
    if (sheet.mark === 'part.front' && sheet.toMm < input.baseMm - 1e-9)
      return partedWall(input, { sheet, footMm: sheet.toMm, cornerX: besideMm, ...halves });
    if (sheet.mark === 'part.back' && sheet.fromMm > input.baseMm + 1e-9)
      return partedWall(input, { sheet, footMm: sheet.fromMm, cornerX: apartMm - besideMm, ...halves });
    return [sheet];
  });
}

function partedWall({ section }: FoldInput, { sheet, footMm, halfMm, floorHalfMm, cornerX }: BoxedWall): SheetByRows[] {
  const { fromMm, toMm } = sheet;
  const highMm = Math.min(toMm - fromMm, halfMm - floorHalfMm);
  const isFront = footMm === toMm;
  const partMm = isFront ? toMm - highMm : fromMm + highMm;
  const upMm = (alongMm: number) => Math.abs(alongMm - footMm);
  /** Half of what stays flat of a row. */
  const flatMm = (alongMm: number) => Math.min(halfMm, floorHalfMm + upMm(alongMm));
  const upper = isFront ? [fromMm, partMm] : [partMm, toMm];
  const lower = isFront ? [partMm, toMm] : [fromMm, partMm];
  const stretch = ([from, to]: readonly number[], more: Partial<SheetByRows>): SheetByRows => ({
    ...sheet,
    fromMm: from as number,
    toMm: to as number,
    along: () => [
      from as number,
      ...sheet.along().filter((mm) => mm > (from as number) + 1e-6 && mm < (to as number) - 1e-6),
      to as number,
    ],
    ...more,
  });
  const corner = (side: 1 | -1) =>
    stretch(lower, {
      across: () => [-1, 1],
      rowAt: (alongMm) => {
        const fold = flatMm(alongMm);
        // Told the way the row runs: from the fold to the seam on one side, from the seam to the fold on the other.
        const beyondMm = (share: number) => ((1 + side * share) / 2) * (halfMm - fold);
        return (share) => vec(cornerX, fold + beyondMm(share) - floorHalfMm, side * (floorHalfMm + upMm(alongMm)));
      },
      halfMm: (alongMm) => (halfMm - flatMm(alongMm)) / 2,
    });
  const walls = [
    ...(partMm > fromMm + 1e-6 && partMm < toMm - 1e-6 ? [stretch(upper, {})] : []),
    stretch(lower, {
      across: () => [-1, 0, 1],
      rowAt: (alongMm) => {
        const { point } = sectionPointAt(section, alongMm);
        return (share) => vec(point.x, point.y, share * flatMm(alongMm));
      },
      halfMm: flatMm,
    }),
  ];
  return [...walls, ...(floorHalfMm < halfMm - 1e-6 ? [corner(1), corner(-1)] : [])];
}
