import { sectionPointAt, type Pleat } from '@/core/section';
import { alongStops, chordRad } from './sampling';
import { stops } from './sheet';
import type { FoldedSheet, SheetByRows } from './sheet';
import { vec } from './space';

/** A stretch of a way in the plane of front and back: straight, or round a corner. Lengths in mm, headings in radians from +z. */
export type RibbonStretch = { kind: 'line'; lengthMm: number } | { kind: 'arc'; lengthMm: number; radiusMm: number };

/** A place in the plane of front and back, mm: across from the bag's middle, and up. */
interface RibbonPlace {
  zMm: number;
  yMm: number;
}

/** How a strip lies from front to back: by share, from −1 at the front to 1 at the back, how far behind the front and how far in, mm. */
interface RibbonAcross {
  shares: readonly number[];
  /** Fabric from front to back, mm. */
  wideMm: number;
  at(share: number): { x: number; inMm: number };
}

/** A strip that lies straight from front to back. */
export const straightAcross = (backX: number): RibbonAcross => ({
  shares: [-1, 0, 1],
  wideMm: Math.abs(backX),
  at: (share) => ({ x: ((share + 1) / 2) * backX, inMm: 0 }),
});

/** A strip that is folded in. */
export function pleatedAcross({ pieces }: Pleat): RibbonAcross {
  const wideMm = pieces.at(-1)?.toMm ?? 0;
  return {
    shares: alongStops(pieces, 0, wideMm).map((mm) => (2 * mm) / wideMm - 1),
    wideMm,
    at: (share) => {
      const { x, y } = sectionPointAt(pieces, ((share + 1) / 2) * wideMm).point;
      return { x, inMm: y };
    },
  };
}

/**
 * A strip between front and back: it runs round the bag from one place at its rim to another, its sides along the edges of front and
 * back.
 *
 * @param from where it begins, and the heading there; it turns clockwise, seen from the front
 * @param inside what is folded in round a corner meets itself there, and goes no further: the nearest place that is as far in from all sides
 */
export function ribbon(
  { mark, piece, thicknessMm, rowMm }: Pick<FoldedSheet, 'mark' | 'piece' | 'thicknessMm' | 'rowMm'>,
  from: RibbonPlace & { headingRad: number },
  stretches: readonly RibbonStretch[],
  across: RibbonAcross,
  inside: (at: RibbonPlace, inMm: number) => RibbonPlace,
): SheetByRows {
  const along = (): number[] => {
    let startMm = 0;
    const all: number[] = [0];
    for (const stretch of stretches) {
      const endMm = startMm + stretch.lengthMm;
      const most = stretch.kind === 'arc' ? Math.max(1e-6, stretch.radiusMm * chordRad(stretch.radiusMm)) : Infinity;
      if (stretch.lengthMm > 1e-9) all.push(...stops(startMm, endMm, most).slice(1));
      startMm = endMm;
    }
    return all;
  };
  const rowAt = (alongMm: number) => {
    const { zMm, yMm, headingRad } = ribbonPoint(from, stretches, alongMm);
    return (share: number) => {
      const { x, inMm } = across.at(share);
      if (inMm === 0) return vec(x, yMm, zMm);
      // Inwards is to the right of the way.
      const place = inside({ zMm: zMm + inMm * Math.sin(headingRad), yMm: yMm - inMm * Math.cos(headingRad) }, inMm);
      return vec(x, place.yMm, place.zMm);
    };
  };
  return {
    mark,
    piece,
    thicknessMm,
    rowMm,
    fromMm: 0,
    toMm: stretches.reduce((sum, { lengthMm }) => sum + lengthMm, 0),
    across: () => across.shares,
    along,
    isRound: false,
    rowAt,
    halfMm: () => across.wideMm / 2,
  };
}

function ribbonPoint(
  from: RibbonPlace & { headingRad: number },
  stretches: readonly RibbonStretch[],
  alongMm: number,
): RibbonPlace & { headingRad: number } {
  let { zMm, yMm, headingRad } = from;
  let leftMm = alongMm;
  for (const stretch of stretches) {
    const usedMm = Math.min(leftMm, stretch.lengthMm);
    if (stretch.kind === 'line') {
      zMm += usedMm * Math.cos(headingRad);
      yMm += usedMm * Math.sin(headingRad);
    } else {
      const turned = headingRad - usedMm / stretch.radiusMm;
      zMm += stretch.radiusMm * (Math.sin(headingRad) - Math.sin(turned));
      yMm += stretch.radiusMm * (Math.cos(turned) - Math.cos(headingRad));
      headingRad = turned;
    }
    leftMm -= usedMm;
    if (leftMm <= 0) break;
  }
  return { zMm, yMm, headingRad };
}
