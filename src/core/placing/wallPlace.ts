import type { FabricMark, FittingInput } from '@/core/fittings';
import { trackAlongMm } from '@/core/pieces';
import { backEndOf } from './seat';

/** Where something lies on a wall: on its piece, and along the folded fabric; which way along the piece is down. */
export type WallPlace = Pick<FabricMark, 'piece' | 'alongMm'> & { stationMm: number; way: 1 | -1 };

/** The place so far below the mouth, in the middle of front or back, mm, whatever is worked along the mouth. */
export function wallPlace(
  wall: 'front' | 'back',
  downMm: number,
  { pouch, set }: Pick<FittingInput, 'pouch' | 'set'>,
): WallPlace {
  const track = set.tracks[wall];
  const borderMm = wall === 'front' ? pouch.borders.frontMm : pouch.borders.backMm;
  return {
    piece: track.piece,
    alongMm: trackAlongMm(track, Math.max(0, downMm - borderMm), pouch.rowMm),
    stationMm: wall === 'front' ? downMm : backEndOf(pouch) - downMm,
    way: track.step,
  };
}
