import { factsOf, isNoSew, stiffOf, wallLiningMm, type BodyFacts, type BodyKind, type Design } from '@/core/design';
import { input, type ReasonInput } from '@/core/figures';
import { withinBaseMm, withinFacesMm, withinSidesMm, type Layers } from '@/core/section';

/**
 * What lies between the outside and the inside of a bag, mm: two sides across, the base up, front and back through; the mouth is open.
 *
 * @example
 * sheetsAcrossMm({ fabricMm: 2, liningMm: 0.5 }) // => 5
 * sheetsThroughMm({ fabricMm: 2, liningMm: 0.5, stiff: { facesMm: 1.5, baseMm: 0, sidesMm: 0 } }) // => 8
 */
export const sheetsAcrossMm = (sheets: Layers): number => 2 * (sheets.fabricMm + withinSidesMm(sheets));
export const sheetsUpMm = (sheets: Layers): number => sheets.fabricMm + withinBaseMm(sheets);
export const sheetsThroughMm = (sheets: Layers): number => 2 * (sheets.fabricMm + withinFacesMm(sheets));

/** The sheets of a bag in this fabric, mm: its lining, and what stiffens its walls. */
export function layersOf(design: Pick<Design, 'body' | 'lining' | 'stiffener'>, fabricMm: number): Layers {
  const stiff = stiffOf(design);
  const edges = edgesOf(design);
  return { fabricMm, liningMm: wallLiningMm(design), ...(stiff && { stiff }), ...(edges && { edges }) };
}

/** What of a flat lining whose seams are crocheted lies beyond its holes; null of any other, whose seams lie flat against the wall. */
function edgesOf({ body, lining }: Pick<Design, 'body' | 'lining'>): Layers['edges'] | null {
  if (lining?.kind !== 'drop-in' || !isNoSew(lining) || factsOf(body.kind).wrap !== 'flat') return null;
  return { baseMm: lining.cut === 'two' ? lining.holesInMm : 0, sidesMm: lining.holesInMm };
}

/** What a bag's walls are made of, in words. */
export const sheetWords = ({ stiff }: Layers): string => (stiff ? 'fabric, lining and stiffener' : 'fabric and lining');

/** How thick a bag's sheets are, as a reason tells them. A stiffener is named where there is one. */
export const sheetInputs = ({ fabricMm, ...within }: Layers): ReasonInput[] => [
  input('Thickness of the fabric', fabricMm, 'mm'),
  ...withinInputs(within),
];
export const withinInputs = ({ liningMm, stiff, edges }: Omit<Layers, 'fabricMm'>): ReasonInput[] => [
  input('Thickness of the lining', liningMm, 'mm'),
  ...(stiff ? [input('Thickness of the stiffener', Math.max(...Object.values(stiff)), 'mm')] : []),
  ...(edges ? [input('Edge of the lining beyond its holes', edges.sidesMm, 'mm')] : []),
];

/** How a body goes round what it holds: flat, so that it wraps it; with a depth of its own; or as a round one with a depth. */
export type Wrap = BodyFacts['wrap'];

/**
 * How a body goes round what it holds.
 *
 * @example
 * wrapOf('gusset') // => 'deep'
 */
export const wrapOf = (kind: BodyKind): Wrap => factsOf(kind).wrap;

/** What lies between the outside and the inside across the height: the base, and for a round bag the top as well. */
export const sheetsAlongMm = (sheets: Layers, wrap: Wrap): number =>
  wrap === 'round' ? sheetsAcrossMm(sheets) : sheetsUpMm(sheets);

/**
 * The width of an oval that a box goes into, mm: its round ends begin as far in as the corners of the box, standing in the middle, allow.
 * Source: geometry.
 *
 * @param box what goes in, from side to side and from front to back
 * @param depthMm of the oval, no less than the box
 *
 * @example
 * ovalWidthMm({ widthMm: 100, thicknessMm: 0 }, 40) // => 100
 * ovalWidthMm({ widthMm: 100, thicknessMm: 60 }, 100) // => 120
 */
export const ovalWidthMm = (box: { widthMm: number; thicknessMm: number }, depthMm: number): number => {
  const reachMm = Math.sqrt(Math.max(0, (depthMm / 2) ** 2 - (box.thicknessMm / 2) ** 2));
  return Math.max(0, box.widthMm - 2 * reachMm) + depthMm;
};

/** The inside that a lot needs, mm. */
interface InsideNeeded {
  widthMm: number;
  heightMm: number;
  /** Null for a flat bag, which has no depth of its own. */
  depthMm: number | null;
}

/**
 * The inside that a lot needs, mm. A flat bag wraps what it holds, so the load's thickness is needed across besides its width, and half
 * of it up. A deep one needs the thickness as depth. Into a round one the lot goes corner to corner.
 * Source: geometry; the ease is common practice.
 *
 * @example
 * insideNeeded({ widthMm: 70, heightMm: 140, thicknessMm: 10 }, 15, 'flat') // => { widthMm: 95, heightMm: 160, depthMm: null }
 * insideNeeded({ widthMm: 70, heightMm: 140, thicknessMm: 10 }, 15, 'deep') // => { widthMm: 85, heightMm: 155, depthMm: 25 }
 * insideNeeded({ widthMm: 60, heightMm: 80, thicknessMm: 10 }, 15, 'round') // => { widthMm: 115, heightMm: 115, depthMm: 25 }
 */
export function insideNeeded(
  lot: { widthMm: number; heightMm: number; thicknessMm: number },
  easeMm: number,
  wrap: Wrap,
): InsideNeeded {
  switch (wrap) {
    case 'flat':
      return {
        widthMm: lot.widthMm + lot.thicknessMm + easeMm,
        heightMm: lot.heightMm + lot.thicknessMm / 2 + easeMm,
        depthMm: null,
      };
    case 'deep':
      return {
        widthMm: lot.widthMm + easeMm,
        heightMm: lot.heightMm + easeMm,
        depthMm: lot.thicknessMm + easeMm,
      };
    case 'round': {
      const diameterMm = Math.hypot(lot.widthMm, lot.heightMm) + easeMm;
      return { widthMm: diameterMm, heightMm: diameterMm, depthMm: lot.thicknessMm + easeMm };
    }
  }
}
