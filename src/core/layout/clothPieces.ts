import type { Design } from '@/core/design';
import type { LiningStage } from '@/core/lining';
import type { PocketStage } from '@/core/pocket';
import { isSimple, ringArea, type Ring } from '@/core/cutting';
import type { ClothToCut } from './layOnCloth';
import type { ClothSheet, LayoutPiece } from './layoutTypes';
import type { Turn } from './turned';

interface Cut {
  lining: LiningStage | null;
  pockets: readonly PocketStage[];
}

/** What pieces are called where they are laid. */
export interface LayingNames {
  lining(id: LiningStage['patterns'][number]['id']): string;
  pocket(stage: PocketStage): string;
}
const UNNAMED: LayingNames = { lining: (id) => id, pocket: () => 'pocket' };

/**
 * Every single piece that is cut from the lining's cloth: the lining's own, as often as each is cut, and the pockets' where those are of cloth too. A pocket of
 * vinyl is cut from something else, and so is one of cloth in a lining of felt, fleece or vinyl.
 */
export function clothPieces(
  { lining, pockets }: Cut,
  { oneWay }: Design['cloth'],
  names: LayingNames = UNNAMED,
): LayoutPiece[] {
  const turnsOf = (grain: 'up' | 'any'): LayoutPiece['turns'] => {
    if (oneWay) return [0];
    const along: [Turn, Turn] = [0, 180];
    return grain === 'up' ? along : [...along, 90, 270];
  };
  const ofLining = (lining?.patterns ?? []).flatMap(({ id, copies, layers, cut, grain }) =>
    Array.from({ length: copies * layers }, (_, copy): LayoutPiece => ({
      id: `lining.${id}/${copy + 1}`,
      ...{ name: names.lining(id), ring: cut, turns: turnsOf(grain), atFold: false },
    })),
  );
  if (lining && 'stuff' in lining.choice && lining.choice.stuff !== 'cloth') return ofLining;
  const ofPockets = pockets
    .filter(({ choice }) => choice.kind !== 'vinyl')
    .flatMap((stage) =>
      stage.pieces.flatMap(({ cut, grain, copies }, index) =>
        Array.from({ length: copies }, (_, copy): LayoutPiece => ({
          id: `pocket.${stage.at.index}.${index}/${copy + 1}`,
          ...{ name: names.pocket(stage), ring: cut, turns: turnsOf(grain), atFold: false },
        })),
      ),
    );
  return [...ofLining, ...ofPockets];
}

/** The cloth between its selvedges; folded, half of it, from the fold to the selvedges. */
export const sheetOf = ({ widthMm, selvedgeMm, betweenMm, repeatMm, folded }: Design['cloth']): ClothSheet => ({
  widthMm: Math.max(1, folded ? widthMm / 2 - selvedgeMm : widthMm - 2 * selvedgeMm),
  betweenMm,
  repeatMm,
});

/** All that pieces are cut from. A remnant whose outline crosses itself has no inside, so nothing is cut from it. */
export const clothToCut = (cloth: Design['cloth']): ClothToCut => ({
  sheet: sheetOf(cloth),
  remnants: cloth.remnants.map(({ outline }) => (isSimple(outline) ? asRing(outline) : [])),
  isFolded: cloth.folded,
});

/** An outline counter-clockwise. */
const asRing = (outline: Ring): Ring => (ringArea(outline) < 0 ? [...outline].reverse() : outline);
