import type { Design } from '@/core/design';
import type { LiningStage } from '@/core/lining';
import type { PocketStage } from '@/core/pocket';
import type { ClothSheet, LayoutPiece } from './layoutTypes';
import type { Turn } from './turned';

interface Cut {
  lining: LiningStage | null;
  pockets: readonly PocketStage[];
}

/** What pieces are called where they are laid. */
interface Names {
  lining(id: LiningStage['patterns'][number]['id']): string;
  pocket(stage: PocketStage): string;
}
const UNNAMED: Names = { lining: (id) => id, pocket: () => 'pocket' };

/**
 * Every single piece that is cut from the lining's cloth: the lining's own, as often as each is cut, and the pockets' where those are of cloth too. A pocket of
 * vinyl is cut from something else, and so is one of cloth in a lining of felt, fleece or vinyl.
 */
export function clothPieces(
  { lining, pockets }: Cut,
  { oneWay }: Design['cloth'],
  names: Names = UNNAMED,
): LayoutPiece[] {
  const turnsOf = (grain: 'up' | 'any'): LayoutPiece['turns'] => {
    if (oneWay) return [0];
    const along: [Turn, Turn] = [0, 180];
    return grain === 'up' ? along : [...along, 90, 270];
  };
  const ofLining = (lining?.patterns ?? []).flatMap(({ id, copies, cut, grain }) =>
    Array.from({ length: copies }, (): LayoutPiece => ({ name: names.lining(id), ring: cut, turns: turnsOf(grain) })),
  );
  if (lining && lining.choice.stuff !== 'cloth') return ofLining;
  const ofPockets = pockets
    .filter(({ choice }) => choice.kind !== 'vinyl')
    .flatMap((stage) =>
      stage.pieces.map(({ cut, grain }): LayoutPiece => ({
        name: names.pocket(stage),
        ring: cut,
        turns: turnsOf(grain),
      })),
    );
  return [...ofLining, ...ofPockets];
}

/** The cloth between its selvedges. */
export const sheetOf = ({ widthMm, selvedgeMm, betweenMm, repeatMm }: Design['cloth']): ClothSheet => ({
  widthMm: Math.max(1, widthMm - 2 * selvedgeMm),
  betweenMm,
  repeatMm,
});
