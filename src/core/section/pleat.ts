import { withinFacesMm, type Layers } from './folding';
import type { SectionPiece, SectionPoint } from './sectionPiece';

/**
 * How what lies between front and back of a deep bag is folded in when the bag is laid flat: from the front's fabric in a turn up between
 * both, over, and down again to the back's. The way is told in mm: x from the middle of the front's fabric to the middle of the back's,
 * y inwards.
 */
export interface Pleat {
  pieces: SectionPiece[];
  /** From the middle of the front to the middle of the back. */
  apartMm: number;
  /** From the middle of the front's fabric to the middle of the half of the pleat beside it. */
  besideMm: number;
}

/** From the middle of front or back to the middle of what is folded in beside it, where their linings face each other, mm. */
const linedMm = (layers: Layers): number => layers.fabricMm + layers.liningMm + withinFacesMm(layers);

/**
 * A pleat of so much fabric, its bends as tight as thickness allows: round the lining at front and back, round nothing where its outer
 * faces meet.
 *
 * @param depthMm fabric from front to back, between the middles of both
 * @param startMm where along the strip it begins
 * @returns null where there is too little fabric to turn in
 * Source: geometry.
 *
 * @example
 * pleat(40, { fabricMm: 2, liningMm: 0 }, 0).apartMm // => 6
 */
export function pleat(depthMm: number, layers: Layers, startMm: number): Pleat | null {
  const besideMm = linedMm(layers);
  const [outerMm, innerMm] = [besideMm / 2, layers.fabricMm / 2];
  const sideMm = (depthMm - 2 * Math.PI * outerMm - Math.PI * innerMm) / 2;
  if (sideMm <= 0) return null;
  const apartMm = 2 * besideMm + layers.fabricMm;
  let atMm = startMm;
  const line = (from: SectionPoint, to: SectionPoint): SectionPiece => {
    const fromMm = atMm;
    atMm += sideMm;
    return { kind: 'line', fromMm, toMm: atMm, from, to };
  };
  const arc = (centre: SectionPoint, radiusMm: number, fromRad: number, toRad: number): SectionPiece => {
    const fromMm = atMm;
    atMm += radiusMm * Math.PI;
    return { kind: 'arc', fromMm, toMm: atMm, centre, radiusMm, fromRad, toRad };
  };
  const overMm = besideMm + layers.fabricMm;
  return {
    apartMm,
    besideMm,
    pieces: [
      arc({ x: outerMm, y: 0 }, outerMm, Math.PI, 2 * Math.PI),
      line({ x: besideMm, y: 0 }, { x: besideMm, y: sideMm }),
      arc({ x: besideMm + innerMm, y: sideMm }, innerMm, Math.PI, 0),
      line({ x: overMm, y: sideMm }, { x: overMm, y: 0 }),
      arc({ x: overMm + outerMm, y: 0 }, outerMm, Math.PI, 2 * Math.PI),
    ],
  };
}
