import type { Flap, FlapKind } from '@/core/design';
import { none } from './none';
import { pointed } from './pointed';
import { round } from './round';
import { roundedCorners } from './roundedCorners';
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

/** The size of a flap's shape that can be pulled on the drawing, or null. */
export const shapeHandle = (flap: Flap, size: FlapSize): FlapHandle | null => shapeOf(flap).handle(flap, size);

export type { FlapHandle, FlapSize } from './shape';
export { usualFlap } from './usual';
