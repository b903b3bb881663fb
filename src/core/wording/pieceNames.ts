import type { PieceId } from '@/core/pieces';

/** What each piece is called where it is worked. */
export const PIECE_NAMES: Record<PieceId, string> = {
  panel: 'Panel',
  front: 'Front',
  back: 'Back',
  gusset: 'Gusset',
  disc: 'Disc',
  band: 'Band',
  base: 'Base',
  sides: 'Sides',
  'half-disc': 'Half disc for the flap',
};
