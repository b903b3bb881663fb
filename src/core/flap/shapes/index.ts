import type { Flap, FlapKind } from '@/core/design';
import { halfDisc } from './halfDisc';
import { none } from './none';
import { pointed } from './pointed';
import { round } from './round';
import { roundedCorners } from './roundedCorners';
import { scalloped } from './scalloped';
import { straight } from './straight';
import { tapered } from './tapered';
import type { FlapHandle, FlapShape, FlapSize } from './shape';

/** Every shape of flap. A new one is a new file and a line here. */
const FLAP_SHAPES: { [Kind in FlapKind]: FlapShape<Extract<Flap, { kind: Kind }>> } = {
  none,
  straight,
  tapered,
  pointed,
  'rounded-corners': roundedCorners,
  round,
  scalloped,
  'half-disc': halfDisc,
};

export const FLAP_KINDS = Object.keys(FLAP_SHAPES) as FlapKind[];

const shapeOf = (flap: Flap): FlapShape<Flap> => FLAP_SHAPES[flap.kind] as FlapShape<Flap>;

/**
 * The outline of a flap: half its width at a distance down from where it starts, mm. It never gets wider on the way down.
 *
 * @example
 * flapOutline({ kind: 'pointed', dropMm: 100, widthMm: null, pointMm: 50 }, { widthMm: 80, lengthMm: 100 })(75) // => 20
 */
export const flapOutline = (flap: Flap, size: FlapSize): ((downMm: number) => number) =>
  shapeOf(flap).halfWidthMm(flap, size);

/** Points along a flap's sides and edge, from one side of where it starts to the other: across from its middle, and down, mm. */
export function flapOutlinePoints(flap: Flap, size: FlapSize, steps: number): { x: number; y: number }[] {
  const own = shapeOf(flap).edge?.(flap, size, Math.max(6, Math.round(steps / 4)));
  if (own) return [{ x: -size.widthMm / 2, y: 0 }, ...own, { x: size.widthMm / 2, y: 0 }];
  const half = flapOutline(flap, size);
  const side = Array.from({ length: steps + 1 }, (_, index) => {
    // Closer together towards the edge, where a curve turns.
    const downMm = size.lengthMm * Math.sin((Math.PI / 2) * (index / steps));
    return { x: half(downMm), y: downMm };
  });
  return [...side.map(({ x, y }) => ({ x: -x, y })), ...side.reverse()];
}

/** The size of a flap's shape that can be pulled on the drawing, or null. */
export const shapeHandle = (flap: Flap, size: FlapSize): FlapHandle | null => shapeOf(flap).handle(flap, size);

export type { FlapHandle, FlapSize } from './shape';
export { usualFlap } from './usual';
