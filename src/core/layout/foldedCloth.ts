import { commonArea, commonRing, rectangle, ringArea, ringBounds, type Ring } from '@/core/cutting';
import type { LayoutPiece } from './layoutTypes';

/** How pieces are called that are cut through two layers at once, and at the fold. */
const PAIR = ', 2 at once';
const HALF = ', on the fold';

/**
 * Pieces for a cloth that lies folded, one selvedge on the other: two alike are one that is cut through both layers, and a single one is half of it, its
 * middle on the fold. One whose halves differ is cut whole, and there is one too many of it.
 *
 * Source: common practice, no source.
 */
export function foldedPieces(pieces: readonly LayoutPiece[]): LayoutPiece[] {
  const alike = new Map<string, LayoutPiece[]>();
  for (const piece of pieces) {
    const [kind = piece.id] = piece.id.split('/');
    alike.set(kind, [...(alike.get(kind) ?? []), piece]);
  }
  return [...alike].flatMap(([kind, all]) => {
    const [one] = all;
    if (!one) return [];
    const pairs = Array.from({ length: Math.floor(all.length / 2) }, (_, pair): LayoutPiece => ({
      ...one,
      id: `${kind}/${2 * pair + 1}+${2 * pair + 2}`,
      name: `${one.name}${PAIR}`,
    }));
    if (all.length % 2 === 0) return pairs;
    const half = halfOf(one.ring);
    const odd: LayoutPiece = half
      ? { ...one, id: `${kind}/${all.length} folded`, name: `${one.name}${HALF}`, ring: half, turns: [0], atFold: true }
      : { ...one, id: `${kind}/${all.length}` };
    return [...pairs, odd];
  });
}

/** Halves that differ by no more than this share of the piece are alike. */
const ALIKE = 1e-4;

/** The right half of a ring that is its own mirror image about its middle; nothing of another. */
function halfOf(ring: Ring): Ring | null {
  const { leftMm, rightMm, lowMm, heightMm, widthMm } = ringBounds(ring);
  const middle = (leftMm + rightMm) / 2;
  const mirrored = ring.map(([x, y]) => [2 * middle - x, y] as const).reverse();
  const areaMm2 = Math.abs(ringArea(ring));
  if (commonArea(ring, mirrored) < areaMm2 * (1 - ALIKE)) return null;
  const right = rectangle(widthMm, heightMm + 2).map(([x, y]) => [x + middle + widthMm / 2, y + lowMm - 1] as const);
  return commonRing(ring, right);
}
