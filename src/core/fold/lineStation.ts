import type { PanelLineId } from '@/core/body';
import type { PieceSet } from '@/core/pieces';
import type { FlapStage, PouchStage } from '@/core/stages';
import { stations } from './foldInput';

/** Where a line that can be moved lies along the fabric, from the front's mouth, and how its rows are counted there. */
interface LineStation {
  stationMm: number;
  /** Rows of its piece for a row further along the fabric: one more, or one less. */
  rowStep: 1 | -1;
}

/**
 * Where a line lies in the folded bag.
 *
 * @returns null for a line that this bag has not
 */
export function lineStation(
  { pouch, flap, tracks }: { pouch: PouchStage; flap: FlapStage; tracks: PieceSet['tracks'] },
  id: PanelLineId,
): LineStation | null {
  const { baseMm, backEndMm } = stations(pouch);
  const backStep = tracks.back.step === 1 ? -1 : 1;
  const flapStep = tracks.flap?.step ?? null;
  const beyond = (rows: number): LineStation | null =>
    flapStep && { stationMm: backEndMm + rows * pouch.rowMm, rowStep: flapStep };
  switch (id) {
    case 'edge.front':
      return { stationMm: pouch.borders.frontMm, rowStep: tracks.front.step };
    case 'fold.base':
      return { stationMm: baseMm, rowStep: tracks.front.step };
    case 'fold.top':
    case 'edge.back':
      return { stationMm: backEndMm - pouch.borders.backMm, rowStep: backStep };
    case 'fold.flap':
      return beyond(flap.bridgeRows);
    case 'edge.flap':
      return beyond(flap.bridgeRows + flap.flapRows);
  }
}
