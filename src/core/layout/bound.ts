import { offsetRing, ringArea, ringBounds } from '@/core/cutting';
import type { ClothSheet, LayoutPiece } from './layoutTypes';
import { turnedRing } from './turned';

/** How large a piece is each way it may lie on this cloth; none where it is wider than the cloth. */
export const waysOn = ({ ring, turns }: LayoutPiece, { widthMm }: ClothSheet) =>
  turns.flatMap((turn) => {
    const { widthMm: wideMm, heightMm: longMm } = ringBounds(turnedRing(ring, turn));
    return wideMm <= widthMm + 1e-6 ? [{ turn, wideMm, longMm }] : [];
  });

/**
 * A length of cloth that no layout of these pieces can be shorter than, mm: they and what is left between them have to fit in it by area; the longest
 * of them; all that can't lie beside another, one after the other; and so those at the fold.
 *
 * Source: the area, and the widest-piece bounds for strip packing of Martello, Monaci and Vigo (2003).
 *
 * @example
 * layoutBoundMm([{ id: 'a', name: 'a', ring: [[0, 0], [60, 0], [60, 50], [0, 50]], turns: [0], atFold: false }], { widthMm: 100, betweenMm: 0, repeatMm: null }) // => 50
 */
export function layoutBoundMm(pieces: readonly LayoutPiece[], cloth: ClothSheet): number {
  const { widthMm, betweenMm } = cloth;
  let [areaMm2, longestMm] = [0, 0];
  const alone: { wideMm: number; longMm: number }[] = [];
  for (const piece of pieces) {
    const ways = waysOn(piece, cloth);
    if (ways.length === 0) continue;
    // Grown by half of what is left between, no two lie on each other, in a sheet that is grown as well.
    areaMm2 += Math.abs(ringArea(offsetRing(piece.ring, betweenMm / 2, 'round') ?? piece.ring));
    const [leastWide, leastLong] = [
      Math.min(...ways.map(({ wideMm }) => wideMm)),
      Math.min(...ways.map(({ longMm }) => longMm)),
    ];
    longestMm = Math.max(longestMm, leastLong);
    alone.push({ wideMm: leastWide, longMm: leastLong });
  }
  const byArea = areaMm2 / (widthMm + betweenMm) - betweenMm;
  // Of those that are wider than half of the cloth, no two lie beside each other.
  const wide = alone.filter((one) => 2 * one.wideMm + betweenMm > widthMm + 1e-6);
  const byWide = wide.reduce((sum, { longMm }) => sum + longMm + betweenMm, 0) - betweenMm;
  // At the fold they lie one after the other.
  const folded = pieces.filter((piece) => piece.atFold && waysOn(piece, cloth).length > 0);
  const byFold = folded.reduce((sum, { ring }) => sum + ringBounds(ring).heightMm + betweenMm, 0) - betweenMm;
  return Math.max(0, byArea, longestMm, byWide, byFold);
}
