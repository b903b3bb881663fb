import { YARN_COLOURS, type Design, type Swatch } from '@/core/design';
import type { DesignEdit } from '@/core/problems';
import { isSameName, yarnInStoreG, type StockYarn } from './stockItem';

/** What the gauge of a bag in another yarn rests on: a swatch of that yarn, on the same hook or on another; or nothing measured. */
export type SwapBasis = 'same-hook' | 'other-hook' | 'unmeasured';

/** A bag in another yarn: what changes it, and what its gauge would rest on. */
export interface YarnSwap {
  basis: SwapBasis;
  edits: DesignEdit[];
}

/**
 * A bag in another yarn of her stores. Where a swatch of that yarn was measured in the bag's stitch, it is planned by it, the one on the same hook first. Where none was, nothing
 * of the old yarn's gauge is kept: only what the new one's class and the hook usually give.
 *
 * @param swatches of her library
 */
export function swapYarn(design: Design, yarn: StockYarn, swatches: readonly Swatch[]): YarnSwap {
  const { swatch } = design;
  const own = swatches.filter(
    (one) =>
      isSameName(one.yarn.name, yarn.name) &&
      one.stitch === design.stitch &&
      one.stitchReadings.length > 0 &&
      one.rowReadings.length > 0,
  );
  const onSameHook = own.find(({ hookMm }) => hookMm === swatch.hookMm);
  const [another] = own;
  const found = onSameHook ?? another;
  const taken: Swatch = found ?? {
    ...swatch,
    name: `${yarn.name}, to be worked`,
    yarn: {
      name: yarn.name,
      colour: YARN_COLOURS.find((colour) => yarn.colour.toLowerCase().includes(colour)) ?? swatch.yarn.colour,
      weightClass: yarn.weightClass,
      ballMassG: yarn.ballMassG >= 5 ? yarn.ballMassG : null,
      ballLengthM: yarn.ballLengthM >= 5 ? yarn.ballLengthM : null,
    },
    heldWith: [],
    strands: 1,
    stitchReadings: [],
    rowReadings: [],
    thicknessMm: null,
    weighed: null,
  };
  return {
    basis: onSameHook ? 'same-hook' : another ? 'other-hook' : 'unmeasured',
    edits: [
      { path: ['swatch'], value: taken },
      { path: ['yarnAtHandG'], value: [Math.min(50_000, yarnInStoreG(yarn))] },
      // What was measured on the way is of the old yarn.
      { path: ['worked'], value: null },
    ],
  };
}
