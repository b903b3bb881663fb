import type { MagneticSnap } from '@/core/design';

/**
 * Whether a hem turned back so far hides a snap's half: all of it lies within the hem. Source: geometry.
 *
 * @example
 * hemReaches({ insetMm: 15, diameterMm: 14 }, 20) // => false
 */
export const hemReaches = (
  { insetMm, diameterMm }: Pick<MagneticSnap, 'insetMm' | 'diameterMm'>,
  hemMm: number,
): boolean => insetMm + diameterMm / 2 <= hemMm;
