import type { Edging } from '@/core/design';
import { outerEdge, type EdgeOutline, type FlatPoint } from './edgeOutline';
import { nameAt, type FabricMark, type FittingInput, type MarkForm } from '@/core/fittings';
import {
  isLengthwise,
  outlineBetween,
  pieceOutline,
  stripOf,
  trackAlongMm,
  type OutlinePoint,
  type Piece,
  type RowsPiece,
} from '@/core/pieces';

type Placed = Pick<FabricMark, 'piece' | 'acrossMm' | 'alongMm'> & { form: MarkForm };

/** Where an edging lies on the flat pieces: strips of its depth beside the edges that it is worked on. */
export function edgingMarks({ edge }: Edging, outline: EdgeOutline, bag: FittingInput): FabricMark[] {
  return placesOf(edge, outline, bag).map((placed) => ({
    mark: nameAt(bag.at, 'edging'),
    of: bag.at,
    ...placed,
    face: 'outer',
    stationMm: null,
    count: null,
    stuff: 'edging',
    standsMm: 0,
    throughMm: [],
    presence: 'set',
    move: null,
  }));
}

function placesOf(edge: Edging['edge'], looks: EdgeOutline, { set, pouch, flap }: FittingInput): Placed[] {
  const { pieces, tracks } = set;
  const find = (id: Piece['id']) =>
    pieces.find((piece): piece is RowsPiece => piece.id === id && piece.kind === 'rows');
  switch (edge) {
    case 'strip': {
      const panel = find('panel');
      return panel ? roundPiece(panel, looks) : [];
    }
    case 'mouth': {
      const half = (pouch.topStitches * pouch.stitchMm) / 2;
      const faces = [tracks.front, ...(flap.hasFlap ? [] : [tracks.back])];
      // Front and back of a tube are the same edge.
      return faces
        .filter((track, index) => index === 0 || track.piece !== tracks.front.piece || !find(track.piece)?.roundCount)
        .map((track) =>
          level(track.piece, half, 0, trackAlongMm(track, 0, pouch.rowMm), track.step === 1 ? -1 : 1, looks),
        );
    }
    case 'flap': {
      const track = tracks.flap;
      const piece = track && find(track.piece);
      return piece && track ? roundFlap(piece, track, looks, (flap.bridgeRows + flap.flapRows) * pouch.rowMm) : [];
    }
    case 'band': {
      const strip = stripOf({ pieces });
      return strip ? alongBand(strip, looks) : [];
    }
  }
}

/** The outline of a piece where it lies, without its hem. */
function outlineOn(piece: RowsPiece): OutlinePoint[] {
  const hem = piece.zones.find(({ id }) => id === 'hem') ?? null;
  // A hem that is worked first lies before all that is left.
  const beforeMm = hem?.fromRow === 1 ? hem.toRow * piece.rowMm : 0;
  return pieceOutline(piece, hem).map(({ alongMm, halfMm }) => ({ alongMm: alongMm + beforeMm, halfMm }));
}

/** Both sides and both ends of a strip, without its hem. */
function roundPiece(piece: RowsPiece, looks: EdgeOutline): Placed[] {
  const outline = outlineOn(piece);
  const [first, last] = [outline[0], outline.at(-1)];
  if (!first || !last) return [];
  return [
    ...sides(piece, outline, looks),
    level(piece.id, first.halfMm, looks.plainMm, first.alongMm, -1, looks),
    level(piece.id, last.halfMm, looks.plainMm, last.alongMm, 1, looks),
  ];
}

/** Sides and edge of a flap that goes on from its piece. */
function roundFlap(
  piece: RowsPiece,
  track: NonNullable<FittingInput['set']['tracks']['flap']>,
  looks: EdgeOutline,
  reachMm: number,
): Placed[] {
  const from = trackAlongMm(track, 0, piece.rowMm);
  const to = trackAlongMm(track, reachMm, piece.rowMm);
  const outline = outlineBetween(outlineOn(piece), Math.min(from, to), Math.max(from, to));
  const end = track.step === 1 ? outline.at(-1) : outline[0];
  if (!end) return [];
  return [...sides(piece, outline, looks), level(piece.id, end.halfMm, looks.plainMm, end.alongMm, track.step, looks)];
}

function alongBand(strip: RowsPiece, looks: EdgeOutline): Placed[] {
  const lengthMm = strip.rows.length * strip.rowMm;
  const halfMm = (strip.startStitches * strip.stitchMm) / 2;
  // Its long edges are the ends of its rows, or its first and its last row.
  if (!isLengthwise(strip)) return sides(strip, pieceOutline(strip, null), looks);
  return [level(strip.id, halfMm, 0, 0, -1, looks), level(strip.id, halfMm, 0, lengthMm, 1, looks)];
}

const placed = (piece: Piece['id'], inner: readonly FlatPoint[], outer: readonly FlatPoint[]): Placed => ({
  piece,
  acrossMm: 0,
  alongMm: 0,
  form: {
    kind: 'outline',
    points: [...inner, ...[...outer].reverse()],
  },
});

/**
 * Along an edge across a piece.
 *
 * @param beyondMm how far it goes on at both ends, round a corner
 * @param way 1 where outside is further along the piece
 */
function level(
  piece: Piece['id'],
  halfMm: number,
  beyondMm: number,
  alongMm: number,
  way: 1 | -1,
  looks: EdgeOutline,
): Placed {
  const corner = looks.form === 'level' ? looks.depthMm : beyondMm;
  const reach = halfMm + (beyondMm > 0 ? corner : 0);
  const line: FlatPoint[] = [
    [way * reach, alongMm],
    [-way * reach, alongMm],
  ];
  return placed(piece, line, outerEdge(line, looks));
}

/** Beside either side of an outline. */
const sides = (piece: RowsPiece, outline: readonly OutlinePoint[], looks: EdgeOutline): Placed[] =>
  ([1, -1] as const).map((sign) => {
    const line = outline.map(({ alongMm, halfMm }): FlatPoint => [sign * halfMm, alongMm]);
    const way = sign === 1 ? line : [...line].reverse();
    return placed(piece.id, way, outerEdge(way, looks));
  });
