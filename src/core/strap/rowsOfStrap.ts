import type { WorkedStrap } from '@/core/design';
import { rowsBeside, type FittingPlace, type RowsBeside } from '@/core/fittings';
import type { StrapFigures } from './strapFigures';
import type { StrapNature } from './natures';
import { strapPieces } from './strapPath';

const STEP = 'work-strap';
const alike = (stitches: number, rows: number): number[] => Array<number>(rows).fill(stitches);

/**
 * A strap as it is counted at the bench: its rows or rounds, those of a short loop, and the row along each long edge where it has one. A cord of chains has no
 * rows that could be counted.
 *
 * @param isGrown it goes on from the body: tied, it is worked from both sides alike
 */
export function rowsOfStrap(
  { adjust }: Pick<WorkedStrap, 'adjust'>,
  nature: Pick<StrapNature, 'lie' | 'written'>,
  { stitches, rows, shortRows, border }: Pick<StrapFigures, 'stitches' | 'rows' | 'shortRows' | 'border'>,
  at: FittingPlace,
  isGrown: boolean,
): RowsBeside[] {
  if (nature.written === 'cord') return [];
  const across = stitches.value;
  const copies = isGrown && !shortRows ? strapPieces(adjust) : 1;
  const goesRound = nature.lie === 'round';
  const counts = alike(across, rows.value / copies);
  const told = {
    step: STEP,
    startStitches: across,
    counted: goesRound && nature.written !== 'i-cord' ? ('round' as const) : ('row' as const),
    turned: !goesRound,
  };
  return [
    rowsBeside(at, { ...told, name: 'strap', copies, counts }),
    ...(shortRows ? [rowsBeside(at, { ...told, name: 'short-loop', counts: alike(across, shortRows.value) })] : []),
    ...(border ? [rowsBeside(at, { ...told, name: 'long-edges', turned: false, counts: alike(border.value, 2) })] : []),
  ];
}
