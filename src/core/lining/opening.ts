import { ringBounds, type PieceMark } from '@/core/cutting';
import type { LiningPattern } from './liningPattern';

/** So much of a seam is left open for a bag to be turned through, mm: a hand goes through it. Common practice: 10 to 15 cm. */
export const OPENING_MM = 120;
/** From either end of the side that it is in, mm, so that corners are sewn. From memory. */
const FROM_END_MM = 15;

/**
 * The stretch of a piece's seam that is left open to turn the bag through: in the middle of its lower edge, or of what goes round half way up one side; as
 * long as that side allows.
 *
 * @example
 * openingIn({ id: 'front', seam: [[-100, 0], [100, 0], [100, 80], [-100, 80]] }) // => { kind: 'opening', from: [-60, 0], to: [60, 0] }
 */
export function openingIn({
  id,
  seam,
}: Pick<LiningPattern, 'id' | 'seam'>): Extract<PieceMark, { kind: 'opening' }> | null {
  const { leftMm, lowMm, widthMm, heightMm } = ringBounds(seam);
  const half = (sideMm: number) => Math.min(OPENING_MM, sideMm - 2 * FROM_END_MM) / 2;
  switch (id) {
    case 'front':
    case 'wall': {
      const level = flatBelow(seam, lowMm);
      const reach = half(level ?? widthMm);
      return reach > 0 ? { kind: 'opening', from: [-reach, lowMm], to: [reach, lowMm] } : null;
    }
    case 'body':
    case 'band': {
      const [from, to] = straightAtLeft(seam, leftMm);
      // Of one piece that is folded, in the upper half of its side, so that it does not lie on the fold.
      const low = id === 'body' && from < lowMm + heightMm / 2 ? Math.max(from, lowMm + heightMm / 2) : from;
      const reach = half(to - low);
      const middle = (low + to) / 2;
      return reach > 0 ? { kind: 'opening', from: [leftMm, middle - reach], to: [leftMm, middle + reach] } : null;
    }
    default:
      return null;
  }
}

/** The straight part of a ring's left side that lies highest, from its lower end to its upper, mm. */
function straightAtLeft(seam: LiningPattern['seam'], leftMm: number): [number, number] {
  const sides = seam.flatMap(([x, y], index) => {
    const [nextX, nextY] = seam[(index + 1) % seam.length] as readonly [number, number];
    return Math.abs(x - leftMm) < 1e-6 && Math.abs(nextX - leftMm) < 1e-6
      ? [[Math.min(y, nextY), Math.max(y, nextY)] as const]
      : [];
  });
  const [highest] = sides.sort((a, b) => b[1] - a[1]);
  return highest ? [...highest] : [0, 0];
}

/** How long the straight part of a ring's lower edge is, mm; null where it has none. */
function flatBelow(seam: LiningPattern['seam'], lowMm: number): number | null {
  const xs = seam.filter(([, y]) => Math.abs(y - lowMm) < 1e-6).map(([x]) => x);
  return xs.length > 1 ? Math.max(...xs) - Math.min(...xs) : null;
}
