import { isOutside, type Contents, type Pocket, type Thing } from '@/core/design';
import { fitsLargestBag } from './packThings';

/** A thing in the pocket that it is for. */
export interface Pocketed {
  /** Which pocket, from 0. */
  pocket: number;
  thing: Thing;
  /** How many of it are in there. */
  count: number;
}

interface Carried {
  contents: Pick<Contents, 'items'>;
  pockets: readonly Pocket[];
}

/**
 * Which things lie in pockets. A pocket takes one of what it is for, a divided one as many as it has parts; where there are fewer, later
 * pockets are left empty.
 */
export function pocketedThings({ contents, pockets }: Carried): Pocketed[] {
  const left = new Map(contents.items.map(({ thing, count }) => [String(thing.id), count]));
  return pockets.flatMap((pocket, index): Pocketed[] => {
    const item = contents.items.find(({ thing }) => thing.id === pocket.holds);
    if (!item || !fitsLargestBag(item.thing)) return [];
    const free = left.get(item.thing.id) ?? 0;
    const count = Math.min(free, pocket.kind === 'divided' ? pocket.parts : 1);
    left.set(item.thing.id, free - count);
    return count > 0 ? [{ pocket: index, thing: item.thing, count }] : [];
  });
}

/** What goes in and lies in no pocket: what is packed. */
export function looseItems(design: Carried): Contents['items'] {
  const pocketed = pocketedThings(design);
  if (pocketed.length === 0) return design.contents.items;
  return design.contents.items.flatMap(({ thing, count }) => {
    const away = pocketed.reduce((sum, one) => sum + (one.thing.id === thing.id ? one.count : 0), 0);
    return count > away ? [{ thing, count: count - away }] : [];
  });
}

/** The thickest thing in the pockets inside a wall, or nothing: it lies beside what is packed. */
export const thickestIn = (wall: Pocket['on'], design: Carried): Thing | null =>
  pocketedThings(design)
    .filter(({ pocket }) => {
      const of = design.pockets[pocket];
      return of !== undefined && of.on === wall && !isOutside(of);
    })
    .map(({ thing }) => thing)
    .sort((a, b) => b.thicknessMm - a.thicknessMm)[0] ?? null;

/** A thing hangs so far below its loop, as a share of its height: a pen is held by its upper third. From memory. */
const BELOW_LOOP = 0.7;

/**
 * How far below the mouth the lower end of a thing in a pocket lies, mm: on the pocket's lower edge; in a loop it hangs, no further than the base.
 *
 * @param lowMm the pocket's own lower edge, below the mouth
 * @param wallMm from the mouth down to the base, inside
 *
 * @example
 * thingBelowMouthMm('slip', 120, { heightMm: 100 }, 200) // => 120
 * thingBelowMouthMm('loop', 40, { heightMm: 100 }, 200) // => 110
 * thingBelowMouthMm('loop', 40, { heightMm: 100 }, 90) // => 90
 */
export const thingBelowMouthMm = (
  kind: Pocket['kind'],
  lowMm: number,
  { heightMm }: Pick<Thing, 'heightMm'>,
  wallMm: number,
): number => (kind === 'loop' ? Math.max(lowMm, Math.min(wallMm, lowMm + BELOW_LOOP * heightMm)) : lowMm);
