import type { HungBand } from '@/core/fittings';
import { stations, type FoldedPlan, type FoldState } from './foldInput';
import type { FoldedSheet } from './sheet';
import { between, plus, unit, vec, type Vec } from './space';

/** What the bag is carried by, as it rises above it. */
export interface FoldedBand {
  band: HungBand;
  /** The middle of its width, from one end to the other; two runs where it is cut off by the edge of the picture. */
  runs: Vec[][];
  /** The way across the bag's depth, along which it is wide or thick, 1 mm long. */
  acrossDepth: Vec;
  /** Whether it is wide across the bag's depth, as at the sides; or along its face. */
  isWideAcrossDepth: boolean;
  isCut: boolean;
}

/** Of a strap so much is seen above the mouth, as a share of the bag's height; of a handle that is no longer all of it. */
export const SEEN_SHARE = 0.75;

/**
 * What the bag is carried by, hung up: both arms taut from its feet to the edges of what it lies over. A short one is whole; of a long one both
 * arms go to the edge of the picture.
 *
 * Source: geometry; its own weight is left out of account against that of the bag.
 */
export function foldedBands(
  { bands, pouch }: Pick<FoldedPlan, 'bands' | 'pouch'>,
  sheets: readonly FoldedSheet[],
  state: FoldState,
): FoldedBand[] {
  if (state === 'flat') return [];
  const seenMm = SEEN_SHARE * pouch.figures.heightLoaded.value;
  return bands.flatMap((band): FoldedBand[] => {
    const feet = feetOf(band, sheets, pouch);
    const way = feet && unit(between(feet[0], feet[1]));
    if (!feet || !way) return [];
    const [first, second] = feet;
    const middle = plus(first, between(first, second), 0.5);
    const dropMm = band.dropMm?.[state] ?? Infinity;
    const isCut = dropMm > seenMm;
    const edgeOf = (foot: Vec, side: 1 | -1): Vec => {
      const support = plus(plus(middle, way, (-side * band.supportMm) / 2), UP, Math.min(dropMm, FAR_MM));
      return isCut ? plus(foot, between(foot, support), seenMm / Math.min(dropMm, FAR_MM)) : support;
    };
    const [from, to] = [edgeOf(first, 1), edgeOf(second, -1)];
    return [
      {
        band,
        runs: isCut
          ? [
              [first, from],
              [second, to],
            ]
          : [[first, from, to, second]],
        acrossDepth: vec(1, 0, 0),
        isWideAcrossDepth: band.at.on !== 'face',
        isCut,
      },
    ];
  });
}

const UP = vec(0, 1, 0);
/** A strap that runs round a body goes straight up as far as it is seen, mm. */
const FAR_MM = 2000;

/** Where its feet meet the mouth: at the sides between front and back, or in the middle of a strip's ends; or on a face. */
function feetOf({ at }: HungBand, sheets: readonly FoldedSheet[], pouch: FoldedPlan['pouch']): [Vec, Vec] | null {
  // One strip has both its ends at the mouth; of two, each has its own there.
  const strips = sheets.filter(({ piece }) => piece === 'gusset' || piece === 'band');
  const [right, left] = [strips[0], strips.at(-1)];
  const { backEndMm } = stations(pouch);
  const sheetAt = (part: string, alongMm: number) =>
    sheets.find(
      ({ mark, isRound, fromMm, toMm }) =>
        mark === part && !isRound && alongMm >= fromMm - 1e-6 && alongMm <= toMm + 1e-6,
    );
  const front = sheetAt('part.front', 0);
  const back = sheetAt('part.back', backEndMm);
  if (at.on === 'face') {
    const [face, alongMm] = at.face === 'front' ? [front, 0] : [back, backEndMm];
    if (!face) return null;
    const share = Math.min(1, at.apartMm / 2 / Math.max(face.halfMm(alongMm), 1e-6));
    return [face.at(-share, alongMm), face.at(share, alongMm)];
  }
  const side = (share: 1 | -1): Vec | null => {
    if (right && left) return share === -1 ? left.at(0, left.toMm) : right.at(0, right.fromMm);
    const [a, b] = [front?.at(share, 0), back?.at(share, backEndMm)];
    return a && b ? plus(a, between(a, b), 0.5) : null;
  };
  const [first, second] = [side(-1), side(1)];
  if (!first || !second) return null;
  if (at.on === 'sides') return [first, second];
  // A loop's second foot lies just within its first.
  const [own, other] = at.side === -1 ? [first, second] : [second, first];
  const inwards = unit(between(own, other));
  return inwards && [own, plus(own, inwards, at.apartMm)];
}
