import { radiusMm, type DiscPiece, type OvalPiece } from '@/core/pieces';

/** Where the foot of a stitch lies on a flat round piece, mm, and which way it points: clockwise from straight up. */
export interface RoundPlace {
  x: number;
  y: number;
  turnRad: number;
}

/**
 * Where the stitches of a round lie, spread evenly along it: on a disc, on half of one, or on an oval about its chain.
 *
 * @param round from 0, the innermost
 *
 * @example
 * roundPlaces({ id: 'disc', kind: 'disc', counts: [4], increase: 6, school: 'stacked', copies: 1, stitchMm: 5, rowMm: 5, plain: true }, 0).length // => 4
 */
export function roundPlaces(piece: DiscPiece | OvalPiece, round: number): RoundPlace[] {
  const count = piece.counts[round] ?? 0;
  const radius = radiusMm(piece);
  const straight = piece.kind === 'oval' ? piece.straightStitches * piece.stitchMm : 0;
  const footMm = round * piece.rowMm;
  const middleMm = footMm + piece.rowMm / 2;
  return Array.from({ length: count }, (_, index) => {
    const share = (index + 0.5) / count;
    if (piece.kind === 'half-disc') return onArc(radius, radius, footMm, Math.PI * (share - 0.5));
    if (straight === 0) return onArc(radius, radius, footMm, 2 * Math.PI * share);
    return onOval(radius, straight, footMm, middleMm, share);
  });
}

const onArc = (x: number, y: number, footMm: number, turnRad: number): RoundPlace => ({
  x: x + footMm * Math.sin(turnRad),
  y: y - footMm * Math.cos(turnRad),
  turnRad,
});

/** Along the upper side, round the right end, back along the lower side, and round the left end. */
function onOval(radius: number, straight: number, footMm: number, middleMm: number, share: number): RoundPlace {
  const end = Math.PI * middleMm;
  let along = share * 2 * (straight + end);
  if (along < straight) return { x: radius + along, y: radius - footMm, turnRad: 0 };
  along -= straight;
  if (along < end) return onArc(radius + straight, radius, footMm, (along / end) * Math.PI);
  along -= end;
  if (along < straight) return { x: radius + straight - along, y: radius + footMm, turnRad: Math.PI };
  along -= straight;
  return onArc(radius, radius, footMm, Math.PI * (1 + along / end));
}
