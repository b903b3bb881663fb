/**
 * Whether a hem turned back so far hides what sits on it: all of that lies within the hem. Source: geometry.
 *
 * @example
 * hemReaches({ insetMm: 15, radiusMm: 7 }, 20) // => false
 */
export const hemReaches = ({ insetMm, radiusMm }: { insetMm: number; radiusMm: number }, hemMm: number): boolean =>
  insetMm + radiusMm <= hemMm;
