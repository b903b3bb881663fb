import type { Design, Pocket, PocketKind, Thing } from '@/core/design';
import { pocketedThings } from './pocketed';

/** How much of its thing's height stands out of a pocket, so that it can be taken hold of. From memory. */
export const STANDS_OUT: Readonly<Record<PocketKind, number>> = {
  slip: 1 / 3,
  divided: 1 / 3,
  zipped: 0,
  crocheted: 1 / 3,
  vinyl: 0,
  loop: 1,
};

/** Room in a pocket beside its thing, mm: enough that it goes in and out. From memory. */
export const POCKET_EASE_MM = 8;
/** From a pocket to the end of its wall there is so much at least, mm: its seam lies there. Ours. */
export const BESIDE_POCKET_MM = 4;
/** A pocket that is smaller holds nothing, mm; the limit of the file. */
export const LEAST_POCKET_MM = 15;

export const partsOf = (pocket: Pocket): number => (pocket.kind === 'divided' ? pocket.parts : 1);

/**
 * How large a pocket is finished for its thing, mm. Round it goes its width and, since the pocket is flat on a wall, its thickness; so its height is more by
 * half of that where the thing is all in it. A loop is as wide as its thing lies under it.
 *
 * Source: geometry; eases from memory.
 *
 * @example
 * pocketForMm({ kind: 'zipped' }, { widthMm: 80, heightMm: 120, thicknessMm: 10 }) // => { widthMm: 98, heightMm: 133 }
 */
export function pocketForMm(
  pocket: Pocket,
  { widthMm, heightMm, thicknessMm }: Pick<Thing, 'widthMm' | 'heightMm' | 'thicknessMm'>,
): { widthMm: number; heightMm: number } {
  if (pocket.kind === 'loop') return { widthMm, heightMm: pocket.heightMm };
  const out = STANDS_OUT[pocket.kind];
  return {
    widthMm: partsOf(pocket) * (widthMm + thicknessMm + POCKET_EASE_MM),
    heightMm: Math.max(LEAST_POCKET_MM, out > 0 ? heightMm * (1 - out) : heightMm + thicknessMm / 2 + POCKET_EASE_MM),
  };
}

/** What a wall has to be for the pockets in use to lie on it, mm, and for which thing. */
export interface WallNeeded {
  mm: number;
  name: string;
}

/** The widest and the highest wall that a pocket in use asks for; null where there is none. */
export function wallForPockets(design: Pick<Design, 'contents' | 'pockets'>): {
  width: WallNeeded | null;
  height: WallNeeded | null;
} {
  const needs = pocketedThings(design).flatMap(({ pocket: at, thing }) => {
    const pocket = design.pockets[at];
    if (!pocket) return [];
    const forIt = pocketForMm(pocket, thing);
    const [wide, high] = [
      ('widthMm' in pocket ? pocket.widthMm : null) ?? forIt.widthMm,
      pocket.heightMm ?? forIt.heightMm,
    ];
    return {
      name: thing.name,
      wideMm: wide + 2 * Math.abs(pocket.acrossMm) + 2 * BESIDE_POCKET_MM,
      highMm: pocket.fromMouthMm + high + BESIDE_POCKET_MM,
    };
  });
  const most = (size: 'wideMm' | 'highMm'): WallNeeded | null =>
    needs.map((one) => ({ name: one.name, mm: one[size] })).sort((a, b) => b.mm - a.mm)[0] ?? null;
  return { width: most('wideMm'), height: most('highMm') };
}
