/** A thing as it is packed: the box it fills, and how it may be turned. */
export interface Box {
  widthMm: number;
  heightMm: number;
  thicknessMm: number;
  /** As it stands; turned in the plane of the bag; or any way round. */
  turns: Turns;
}

export type Turns = 'as-it-stands' | 'in-the-plane' | 'any-way';

/** Which way two lots lie together: side by side across the bag, one above the other, or one behind the other. */
export type Way = 'beside' | 'above' | 'behind';

export const WAYS: readonly Way[] = ['beside', 'above', 'behind'];

/** The size of a lot, mm: across the bag, up the bag, and from front to back. */
export interface Size {
  widthMm: number;
  heightMm: number;
  thicknessMm: number;
}

/** A lot of things packed together: one thing, or two lots joined in one of the ways. */
export type Lot = Size & ({ kind: 'thing'; index: number } | { kind: 'joined'; way: Way; first: Lot; second: Lot });

/**
 * The size of two lots joined.
 *
 * @example
 * joinedSize('beside', { widthMm: 10, heightMm: 5, thicknessMm: 2 }, { widthMm: 4, heightMm: 8, thicknessMm: 1 }) // => { widthMm: 14, heightMm: 8, thicknessMm: 2 }
 */
export function joinedSize(way: Way, a: Size, b: Size): Size {
  return {
    widthMm: way === 'beside' ? a.widthMm + b.widthMm : Math.max(a.widthMm, b.widthMm),
    heightMm: way === 'above' ? a.heightMm + b.heightMm : Math.max(a.heightMm, b.heightMm),
    thicknessMm: way === 'behind' ? a.thicknessMm + b.thicknessMm : Math.max(a.thicknessMm, b.thicknessMm),
  };
}

export const joined = (way: Way, first: Lot, second: Lot): Lot => ({
  kind: 'joined',
  way,
  first,
  second,
  ...joinedSize(way, first, second),
});

/** The sizes that a thing can have, each once: the ways in which it may be turned. */
export function turnedSizes({ widthMm: w, heightMm: h, thicknessMm: t, turns }: Box): Size[] {
  const ways: [number, number, number][] =
    turns === 'as-it-stands'
      ? [[w, h, t]]
      : turns === 'in-the-plane'
        ? [
            [w, h, t],
            [h, w, t],
          ]
        : [
            [w, h, t],
            [h, w, t],
            [w, t, h],
            [t, w, h],
            [h, t, w],
            [t, h, w],
          ];
  const seen = new Map(ways.map((way) => [way.join(), way]));
  return [...seen.values()].map(([widthMm, heightMm, thicknessMm]) => ({ widthMm, heightMm, thicknessMm }));
}

/** A thing in its place: mm from the lower left corner of the packed lot, `behindMm` from its front. */
export interface PlacedThing extends Size {
  index: number;
  xMm: number;
  yMm: number;
  behindMm: number;
}

/** Where each thing of a lot lies: everything stands on what is below it and leans to the front and the left. */
export function placeThings(lot: Lot, xMm = 0, yMm = 0, behindMm = 0): PlacedThing[] {
  if (lot.kind === 'thing') {
    const { index, widthMm, heightMm, thicknessMm } = lot;
    return [{ index, widthMm, heightMm, thicknessMm, xMm, yMm, behindMm }];
  }
  const { way, first, second } = lot;
  return [
    ...placeThings(first, xMm, yMm, behindMm),
    ...placeThings(
      second,
      xMm + (way === 'beside' ? first.widthMm : 0),
      yMm + (way === 'above' ? first.heightMm : 0),
      behindMm + (way === 'behind' ? first.thicknessMm : 0),
    ),
  ];
}

const SIZE_OF: Record<Way, keyof Size> = { beside: 'widthMm', above: 'heightMm', behind: 'thicknessMm' };

/** The things that set a size of the lot: without one of them it would be smaller that way. */
export function thingsThatSet(lot: Lot, way: Way): number[] {
  if (lot.kind === 'thing') return [lot.index];
  const { first, second } = lot;
  const size = SIZE_OF[way];
  if (lot.way === way) return [...thingsThatSet(first, way), ...thingsThatSet(second, way)];
  return [first, second].filter((part) => part[size] === lot[size]).flatMap((part) => thingsThatSet(part, way));
}
