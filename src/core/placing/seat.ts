import { offsetOf, rowAt, rowMiddleMm, type StitchPlace } from '@/core/body';
import type { FittingInput } from '@/core/fittings';
import { rowStitches } from '@/core/flap';
import { trackAlongMm, trackRow, type Track } from '@/core/pieces';
import { evenAcross } from './evenAcross';

/** The row of a face, or of an edge, that something is set on. */
export interface Seat {
  track: Track;
  row: number;
  stitches: number;
  /** Down its way to the row's middle: from the upper edge of a face; from the back's upper end along a flap, mm. */
  downMm: number;
  alongMm: number;
  /** Along the folded fabric from the front's mouth; null along an edge. */
  stationMm: number | null;
  /** Likewise, also of an edge. */
  foldedMm: number;
  /** How far it is from there to the lower end of what it lies on, mm; and which way along the piece that is. */
  roomMm: number;
  way: 1 | -1;
}

/** A place on a seat: its row and its place by count, and where that is on the piece, mm. */
export interface PlacedSpot {
  row: number;
  place: StitchPlace;
  ofStitches: number;
  acrossMm: number;
  alongMm: number;
}

type Bag = Pick<FittingInput, 'pouch' | 'flap' | 'set'>;

/** The row of a face that is so far from its upper edge, or on a flap from its own edge; null where there is none, as on discs. */
export function faceSeat(on: 'front' | 'back' | 'flap', fromEdgeMm: number, bag: Bag): Seat | null {
  return on === 'flap' ? flapSeat(fromEdgeMm, bag) : wallSeat(on, fromEdgeMm, bag);
}

function wallSeat(on: 'front' | 'back', fromEdgeMm: number, { pouch, set }: Bag): Seat | null {
  const { rowMm, sectionMm, borders } = pouch;
  const track = set.tracks[on];
  const piece = set.pieces.find(({ id }) => id === track.piece);
  if (piece?.kind !== 'rows') return null;
  const [rows, borderMm] = on === 'front' ? [pouch.frontRows, borders.frontMm] : [pouch.backRows, borders.backMm];
  const k = Math.max(1, Math.min(rows, rowAt(fromEdgeMm - borderMm, rowMm)));
  const row = trackRow(track, k);
  const downMm = rowMiddleMm(k, rowMm);
  const stationMm =
    on === 'front' ? borderMm + downMm : sectionMm.front + sectionMm.base + sectionMm.back - borderMm - downMm;
  const flatMm = Math.min(pouch.flatFrontMm.empty, pouch.flatFrontMm.loaded);
  return {
    track,
    row,
    stitches: piece.rows[row - 1]?.stitches ?? pouch.stitchCount,
    downMm,
    alongMm: trackAlongMm(track, downMm, rowMm),
    stationMm,
    foldedMm: stationMm,
    roomMm: flatMm - borderMm - downMm,
    way: track.step,
  };
}

function flapSeat(fromEdgeMm: number, { pouch, flap, set }: Bag): Seat | null {
  const { rowMm } = pouch;
  const backEndMm = backEndOf(pouch);
  const track = set.tracks.flap;
  if (!flap.onPiece || !track) return null;
  const rows = flap.bridgeRows + flap.flapRows;
  const k = Math.max(flap.bridgeRows + 1, Math.min(rows, rows - rowAt(fromEdgeMm - pouch.borders.flapMm, rowMm) + 1));
  return {
    track,
    row: trackRow(track, k),
    stitches: Math.max(1, Math.round(rowStitches(flap, k))),
    downMm: rowMiddleMm(k, rowMm),
    alongMm: trackAlongMm(track, rowMiddleMm(k, rowMm), rowMm),
    stationMm: backEndMm + rowMiddleMm(k, rowMm),
    foldedMm: backEndMm + rowMiddleMm(k, rowMm),
    roomMm: Infinity,
    way: track.step,
  };
}

/** The back's upper end, along the folded fabric from the front's mouth, mm. */
export const backEndOf = ({ sectionMm }: Bag['pouch']): number => sectionMm.front + sectionMm.base + sectionMm.back;

/** The last row of an edge; null where the edge is no row, as of discs and along scallops. */
export function edgeSeat(edge: 'mouth' | 'flap', { pouch, flap, set }: Bag): Seat | null {
  const { rowMm } = pouch;
  if (edge === 'mouth') {
    const piece = set.pieces.find(({ id }) => id === set.tracks.front.piece);
    if (piece?.kind !== 'rows') return null;
    return {
      track: set.tracks.front,
      row: trackRow(set.tracks.front, 1),
      stitches: pouch.topStitches,
      downMm: 0,
      alongMm: trackAlongMm(set.tracks.front, 0, rowMm),
      stationMm: null,
      foldedMm: 0,
      roomMm: Infinity,
      way: set.tracks.front.step,
    };
  }
  const track = set.tracks.flap;
  if (!flap.onPiece || !track || flap.scallops) return null;
  const rows = flap.bridgeRows + flap.flapRows;
  return {
    track,
    row: trackRow(track, rows),
    stitches: Math.max(1, Math.round(rowStitches(flap, rows))),
    downMm: rows * rowMm,
    alongMm: trackAlongMm(track, rows * rowMm, rowMm),
    stationMm: null,
    foldedMm: backEndOf(pouch) + rows * rowMm,
    roomMm: Infinity,
    way: track.step,
  };
}

/** So many beside each other on a seat, each in the middle of as wide a share of its row; the same count from both ends. */
export const beside = (count: number, seat: Seat, stitchMm: number): PlacedSpot[] =>
  evenAcross(count, seat.stitches).map((place) => spotAt(seat, place, stitchMm));

/** One in every so many stitches of a seat, what is left over halved at both ends; with the stitches before the first. */
export function alongEdge(every: number, seat: Seat, stitchMm: number): { spots: PlacedSpot[]; before: number } {
  const { stitches } = seat;
  const many = Math.max(1, Math.floor((stitches - 1) / every) + 1);
  const before = Math.floor((stitches - 1 - (many - 1) * every) / 2);
  return {
    spots: Array.from({ length: many }, (_, index) =>
      spotAt(seat, { kind: 'on', stitch: before + index * every + 1 }, stitchMm),
    ),
    before,
  };
}

/** A place on a seat, and where that is on its piece. */
export const spotAt = ({ row, stitches, alongMm }: Seat, place: StitchPlace, stitchMm: number): PlacedSpot => ({
  row,
  place,
  ofStitches: stitches,
  acrossMm: offsetOf(place, stitchMm) - (stitches * stitchMm) / 2,
  alongMm,
});
