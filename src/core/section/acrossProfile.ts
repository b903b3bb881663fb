/**
 * Half of one face of a loaded bag, seen from above: flat from its middle out, then a bend towards the other face, then straight on to
 * where it meets it. Lengths in mm along the middle of the fabric.
 */
interface AcrossProfile {
  flatMm: number;
  /** Of the bend, a quarter circle; nought where the fabric turns a corner. */
  radiusMm: number;
  /** Straight on from the bend, towards the other face. */
  dropMm: number;
}

/**
 * How a row of a face lies round a load. A row keeps its length; its ends come down by `reachMm` to meet the other face's. It is flat as
 * far as what is carried is wide, and bends as roundly as its length then allows: in a quarter circle where there is enough, round the
 * corner of a box where there is just so much.
 *
 * @param halfMm half of the row, from its middle to its seam
 * @param reachMm how far its end lies in from the face
 * @param leastFlatMm half the width of what lies flat against it; nought where that is not known
 * Source: geometry.
 *
 * @example
 * acrossProfile(100, 20, 80) // => { flatMm: 80, radiusMm: 0, dropMm: 20 }
 * acrossProfile(100, 0, 0) // => { flatMm: 100, radiusMm: 0, dropMm: 0 }
 */
export function acrossProfile(halfMm: number, reachMm: number, leastFlatMm: number): AcrossProfile {
  const reach = Math.max(0, Math.min(reachMm, halfMm));
  const roundFlatMm = halfMm - QUARTER * reach;
  if (roundFlatMm >= leastFlatMm) return { flatMm: roundFlatMm, radiusMm: reach, dropMm: 0 };
  const flatMm = Math.max(0, roundFlatMm, Math.min(leastFlatMm, halfMm - reach));
  const radiusMm = Math.max(0, Math.min(reach, (halfMm - flatMm - reach) / (QUARTER - 1)));
  return { flatMm, radiusMm, dropMm: halfMm - flatMm - QUARTER * radiusMm };
}

/**
 * Where a point of the row is: so far out from the middle, so far in from the face, mm.
 *
 * @param alongMm from the middle along the row
 *
 * @example
 * acrossAt({ flatMm: 80, radiusMm: 0, dropMm: 20 }, 90) // => { outMm: 80, inMm: 10 }
 */
export function acrossAt({ flatMm, radiusMm }: AcrossProfile, alongMm: number): { outMm: number; inMm: number } {
  if (alongMm <= flatMm) return { outMm: alongMm, inMm: 0 };
  const bendMm = QUARTER * radiusMm;
  const bentMm = Math.min(bendMm, alongMm - flatMm);
  const angle = radiusMm > 0 ? bentMm / radiusMm : 0;
  return {
    outMm: flatMm + radiusMm * Math.sin(angle),
    inMm: radiusMm * (1 - Math.cos(angle)) + Math.max(0, alongMm - flatMm - bendMm),
  };
}

/**
 * How far the row reaches out from its middle, mm: half the width of the loaded bag, between the middles of the fabric.
 *
 * @example
 * halfWidthOfProfileMm({ flatMm: 80, radiusMm: 4, dropMm: 16 }) // => 84
 */
export const halfWidthOfProfileMm = ({ flatMm, radiusMm }: AcrossProfile): number => flatMm + radiusMm;

/** A quarter of a turn, in radians. */
const QUARTER = Math.PI / 2;
