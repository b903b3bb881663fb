import type { Flap } from '@/core/design';

/** A flap's size as it is worked, mm: its width where it starts, and its length from there to its edge. */
export interface FlapSize {
  widthMm: number;
  lengthMm: number;
}

/** A size of a flap's shape that she can pull on the drawing. */
export interface FlapHandle {
  /** The field of the flap that it is. */
  field: 'widthMm' | 'edgeWidthMm' | 'pointMm' | 'radiusMm' | 'depthMm';
  valueMm: number;
  leastMm: number;
  mostMm: number;
  /** Where it is taken hold of: across from the flap's middle, and down from where the flap starts, mm. */
  at: { acrossMm: number; downMm: number };
  /** The way it is pulled, and by how much the size grows for each mm. */
  pulled: 'across' | 'down';
  perMm: number;
}

/** One shape of flap: its outline, and what of it can be pulled. */
export interface FlapShape<F extends Flap> {
  /**
   * Half the width at a distance down from where the flap starts, mm. Sizes that don't fit the flap are taken as large as fit.
   */
  halfWidthMm(flap: F, size: FlapSize): (downMm: number) => number;
  /** What can be pulled besides the width; none for a shape that has no size of its own. */
  handle(flap: F, size: FlapSize): FlapHandle | null;
  /** Its edge from one side to the other where half a width can't say it: across from the middle, and down from where it starts, mm. */
  edge?(flap: F, size: FlapSize, steps: number): { x: number; y: number }[];
}

/** A size no larger than fits. */
export const within = (wishedMm: number, mostMm: number): number => Math.max(0, Math.min(wishedMm, mostMm));
