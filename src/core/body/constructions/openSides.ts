import type { Design } from '@/core/design';
import type { PouchStage } from '@/core/stages';

/**
 * Rows from the mouth down that each side seam leaves open: as long as the arms of a frame, which are sewn in there.
 *
 * Source: geometry.
 *
 * @param hasFlap a frame under a flap is none that the sides open for
 *
 * @example
 * openSideRows({ closures: [], flap: { kind: 'none' } }, { frontRows: 40, backRows: 40, rowMm: 5 }) // => 0
 * openSideRows({ closures: [{ kind: 'frame', armMm: 52 }], flap: { kind: 'none' } }, { frontRows: 40, backRows: 40, rowMm: 5 }) // => 10
 */
export function openSideRows(
  { closures, flap }: { closures: readonly { kind: string; armMm?: number }[]; flap: Pick<Design['flap'], 'kind'> },
  { frontRows, backRows, rowMm }: Pick<PouchStage, 'frontRows' | 'backRows' | 'rowMm'>,
): number {
  if (flap.kind !== 'none') return 0;
  const armMm = Math.max(0, ...closures.map(({ kind, armMm: mm = 0 }) => (kind === 'frame' ? mm : 0)));
  // At the base the sides stay joined, however long the arms are.
  return Math.max(0, Math.min(Math.min(frontRows, backRows) - 1, Math.round(armMm / rowMm)));
}
