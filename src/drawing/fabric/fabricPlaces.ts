import { stations, type FoldedSheet } from '@/core/fold';
import { trackAlongMm, widestStitches, type Piece, type Track } from '@/core/pieces';
import type { Plan } from '@/core/plan';

/** Where a point of a folded sheet lies on its piece: as shares of the piece's widest row from its left, and of its rows from row 1. */
export type FabricPlace = (acrossMm: number, alongMm: number) => [u: number, v: number];

/**
 * Where every sheet of the folded bag lies on the piece that it is a part of, so that it can wear that piece's fabric.
 *
 * @returns null for a sheet whose piece isn't there
 */
export function fabricPlaces({ pieces, tracks, pouch }: Pick<Plan, 'pieces' | 'tracks' | 'pouch'>) {
  const { backEndMm } = stations(pouch);
  return ({
    mark,
    piece: id,
    fromMm,
    rowMm,
  }: Pick<FoldedSheet, 'mark' | 'piece' | 'fromMm' | 'rowMm'>): FabricPlace | null => {
    const piece = pieces.find((one) => one.id === id);
    if (!piece) return null;
    const wideMm = columnsOf(piece) * piece.stitchMm;
    const longMm = rowsOf(piece) * piece.rowMm;
    // Rows run along it.
    if (rowMm === null) return (acrossMm, alongMm) => [(alongMm - fromMm) / wideMm, 0.5 + acrossMm / longMm];
    const way = wayOf(mark, { tracks, backEndMm });
    const alongPiece = (stationMm: number): number =>
      way && way.track.piece === id && piece.kind === 'rows'
        ? trackAlongMm(way.track, way.onTrack(stationMm), piece.rowMm)
        : stationMm - fromMm;
    return (acrossMm, alongMm) => [0.5 + acrossMm / wideMm, alongPiece(alongMm) / longMm];
  };
}

const columnsOf = (piece: Piece): number => (piece.kind === 'rows' ? widestStitches(piece) : Math.max(...piece.counts));
const rowsOf = (piece: Piece): number => (piece.kind === 'rows' ? piece.rows.length : piece.counts.length);

interface Way {
  track: Track;
  onTrack: (stationMm: number) => number;
}

/** The way along the piece that a part follows: down the front, down the back, or from the back's upper end along the flap. */
function wayOf(mark: string, { tracks, backEndMm }: { tracks: Plan['tracks']; backEndMm: number }): Way | null {
  if (mark === 'part.front') return { track: tracks.front, onTrack: (mm) => mm };
  if (mark === 'part.back') return { track: tracks.back, onTrack: (mm) => backEndMm - mm };
  if ((mark === 'part.bridge' || mark === 'part.flap') && tracks.flap)
    return { track: tracks.flap, onTrack: (mm) => mm - backEndMm };
  return null;
}
