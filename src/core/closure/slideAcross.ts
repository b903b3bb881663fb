import { IN_LIMITS, type Across } from '@/core/design';
import { pathOf, type FittingInput, type MarkMove } from '@/core/fittings';

/** Where something of a pair is along its row: its middle from the row's middle, and the row's width, mm. */
interface OnRow {
  acrossMm: number;
  widthMm: number;
}

/** One of a pair moved across goes further in from its own end of the row, and the other from its own; null of what is no pair. */
export function slideAcross(
  { layout, inMm }: Across,
  { acrossMm, widthMm }: OnRow,
  isGripped: boolean,
  { at, pouch }: Pick<FittingInput, 'at' | 'pouch'>,
): MarkMove | null {
  if (layout !== 'pair') return null;
  const { leastMm, mostMm } = IN_LIMITS;
  const setMm = widthMm / 2 - Math.abs(acrossMm);
  return {
    way: 'across',
    path: [...pathOf(at), 'inMm'],
    valueMm: inMm ?? setMm,
    countedMm: null,
    perMm: acrossMm < 0 ? 1 : -1,
    leastMm,
    mostMm: Math.max(leastMm, Math.min(mostMm, widthMm / 2)),
    stepMm: pouch.stitchMm,
    alongPiece: 1,
    setMm,
    isGripped,
  };
}
