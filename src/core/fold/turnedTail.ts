import type { SectionPiece, SectionPoint } from '@/core/section';

/** A turn less than this is none, radians. */
const STRAIGHT_RAD = 1e-9;

/**
 * The section with the flap turned open: every bend beyond a station turned by a share of what it turns when the bag is closed. Lengths
 * stay as they are.
 *
 * @param fromMm where the flap begins to turn: the back's upper end
 * @param share 1 closed, 0 standing straight up, −1 thrown back
 * Source: geometry.
 *
 * @example
 * turnedTail([{ kind: 'line', fromMm: 0, toMm: 9, from: { x: 0, y: 0 }, to: { x: 0, y: 9 } }], 9, 0).length // => 1
 */
export function turnedTail(pieces: readonly SectionPiece[], fromMm: number, share: number): SectionPiece[] {
  const kept = pieces.filter(({ toMm }) => toMm <= fromMm + 1e-9);
  const tail = pieces.slice(kept.length);
  const last = kept.at(-1);
  if (share === 1 || tail.length === 0 || last?.kind !== 'line') return [...pieces];
  const first = headingAt(last, 'end');
  let at: SectionPoint = last.to;
  let closed = first;
  let open = first;
  const turned = tail.map((piece): SectionPiece => {
    open += share * turnBetween(closed, headingAt(piece, 'start'));
    closed = headingAt(piece, 'end');
    const lengthMm = piece.toMm - piece.fromMm;
    const turn = piece.kind === 'arc' ? share * (piece.toRad - piece.fromRad) : 0;
    const { fromMm: start, toMm: end } = piece;
    const from = at;
    if (Math.abs(turn) < STRAIGHT_RAD) {
      at = { x: from.x + lengthMm * Math.cos(open), y: from.y + lengthMm * Math.sin(open) };
      return { kind: 'line', fromMm: start, toMm: end, from, to: at };
    }
    const side = Math.sign(turn);
    const radiusMm = lengthMm / Math.abs(turn);
    // The middle of a bend to the left lies on the left of the way.
    const centre = { x: from.x - side * radiusMm * Math.sin(open), y: from.y + side * radiusMm * Math.cos(open) };
    const fromRad = open - (side * Math.PI) / 2;
    const toRad = fromRad + turn;
    open += turn;
    at = { x: centre.x + radiusMm * Math.cos(toRad), y: centre.y + radiusMm * Math.sin(toRad) };
    return { kind: 'arc', fromMm: start, toMm: end, centre, radiusMm, fromRad, toRad };
  });
  return [...kept, ...turned];
}

/** The heading of a piece at one of its ends, radians from +x. */
function headingAt(piece: SectionPiece, end: 'start' | 'end'): number {
  if (piece.kind === 'line') return Math.atan2(piece.to.y - piece.from.y, piece.to.x - piece.from.x);
  const side = piece.toRad >= piece.fromRad ? 1 : -1;
  return (end === 'start' ? piece.fromRad : piece.toRad) + (side * Math.PI) / 2;
}

/** The turn from one heading to another, the shorter way round. */
function turnBetween(from: number, to: number): number {
  const turn = (to - from) % (2 * Math.PI);
  return turn > Math.PI ? turn - 2 * Math.PI : turn <= -Math.PI ? turn + 2 * Math.PI : turn;
}
