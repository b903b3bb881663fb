import type { FoldedBag, FoldedSheet } from '@/core/fold';
import type { Piece, PieceId, Track, ZoneId } from '@/core/pieces';
import type { Plan } from '@/core/plan';

/** Which stretch of rows a part of the folded bag is, where it is one. */
const ZONES: Readonly<Record<string, readonly ZoneId[]>> = {
  'part.front': ['front', 'sides'],
  'part.back': ['back', 'sides'],
  'part.bridge': ['bridge'],
  'part.flap': ['flap'],
};

/**
 * The folded bag as far as it is worked: every sheet cut off at the row that is reached, and what is put on and goes in only once all rows are worked. What is seen is where the fabric will lie, not how a
 * half-made piece hangs.
 *
 * @param rows how many rows of each piece are worked
 */
export function workedBag(
  bag: FoldedBag,
  { pieces, tracks }: Pick<Plan, 'pieces' | 'tracks'>,
  rows: Pick<ReadonlyMap<PieceId, number>, 'get'>,
): FoldedBag {
  const isWhole = pieces.every((piece) => (rows.get(piece.id) ?? 0) >= rowCount(piece));
  if (isWhole) return bag;
  const sheets = bag.sheets.flatMap((sheet) => {
    const piece = pieces.find(({ id }) => id === sheet.piece);
    if (!piece) return [];
    const share = shareWorked(piece, sheet.mark, rows.get(piece.id) ?? 0);
    return share <= 0 ? [] : [cutOff(sheet, share, beginsAtFrom(sheet, tracks))];
  });
  return { ...bag, sheets, lines: [], marks: [], bands: [], things: [] };
}

const rowCount = (piece: Piece): number => (piece.kind === 'rows' ? piece.rows.length : piece.counts.length);

/** How much of a part is worked, from 0 to 1; where rows run along it, it is there once they all are. */
function shareWorked(piece: Piece, mark: string, worked: number): number {
  const zone = piece.kind === 'rows' ? piece.zones.find(({ id }) => ZONES[mark]?.includes(id) ?? false) : undefined;
  const [first, last] = zone ? [zone.fromRow, zone.toRow] : [1, rowCount(piece)];
  return Math.max(0, Math.min(1, (worked - first + 1) / (last - first + 1)));
}

/** Whether a part is worked from where its sheet begins; else from where it ends. Front and back are told by which end lies at the mouth. */
function beginsAtFrom(sheet: FoldedSheet, tracks: Plan['tracks']): boolean {
  const byTrack = (track: Track | null) => (track?.step ?? 1) === 1;
  if (sheet.mark === 'part.flap' || sheet.mark === 'part.bridge') return byTrack(tracks.flap);
  if (sheet.mark !== 'part.front' && sheet.mark !== 'part.back') return true;
  const isMouthAtFrom = sheet.at(0, sheet.fromMm).y > sheet.at(0, sheet.toMm).y;
  return byTrack(sheet.mark === 'part.front' ? tracks.front : tracks.back) === isMouthAtFrom;
}

/** A sheet cut off so that a share of it is left, at the end where it is begun. */
function cutOff(sheet: FoldedSheet, share: number, fromItsBeginning: boolean): FoldedSheet {
  if (share >= 1) return sheet;
  const lengthMm = (sheet.toMm - sheet.fromMm) * share;
  const [fromMm, toMm] = fromItsBeginning
    ? [sheet.fromMm, sheet.fromMm + lengthMm]
    : [sheet.toMm - lengthMm, sheet.toMm];
  const along = [fromMm, ...sheet.along.filter((mm) => mm > fromMm + 1e-9 && mm < toMm - 1e-9), toMm];
  const { mark, piece, thicknessMm, across, rowMm, isRound, rowAt, at, halfMm } = sheet;
  return { mark, piece, thicknessMm, across, rowMm, isRound, rowAt, at, halfMm, fromMm, toMm, along };
}
