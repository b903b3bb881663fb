import { chordRad } from './sampling';
import { stops } from './sheet';
import type { FoldedSheet, SheetByRows } from './sheet';
import { vec } from './space';

/** A stretch of a way in the plane of front and back: straight, or round a corner. Lengths in mm, headings in radians from +z. */
export type RibbonStretch = { kind: 'line'; lengthMm: number } | { kind: 'arc'; lengthMm: number; radiusMm: number };

/**
 * A strip between front and back: it runs round the bag from one place at its rim to another, its sides along the edges of front and
 * back.
 *
 * @param from where it begins, and the heading there; it turns clockwise, seen from the front
 */
export function ribbon(
  { mark, piece, thicknessMm, rowMm }: Pick<FoldedSheet, 'mark' | 'piece' | 'thicknessMm' | 'rowMm'>,
  from: { zMm: number; yMm: number; headingRad: number },
  stretches: readonly RibbonStretch[],
  frontX: number,
  backX: number,
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
    const { zMm, yMm } = ribbonPoint(from, stretches, alongMm);
    return (share: number) => vec(frontX + ((share + 1) / 2) * (backX - frontX), yMm, zMm);
  };
  return {
    mark,
    piece,
    thicknessMm,
    rowMm,
    fromMm: 0,
    toMm: stretches.reduce((sum, { lengthMm }) => sum + lengthMm, 0),
    across: () => [-1, 0, 1],
    along,
    isRound: false,
    rowAt,
    halfMm: () => Math.abs(backX - frontX) / 2,
  };
}

function ribbonPoint(
  from: { zMm: number; yMm: number; headingRad: number },
  stretches: readonly RibbonStretch[],
  alongMm: number,
): { zMm: number; yMm: number } {
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
  return { zMm, yMm };
}
