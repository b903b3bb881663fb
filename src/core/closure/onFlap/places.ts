import { offsetOf, placeAt, rowAt, rowMiddleMm, type StitchPlace } from '@/core/body';
import type { LoadState } from '@/core/contents';
import { linesFlap } from '@/core/design';
import type { OnFlap } from '@/core/design';
import type { FittingInput } from '@/core/fittings';
import { rowStitches } from '@/core/flap';
import { trackAlongMm, trackRow, type PieceId, type Track } from '@/core/pieces';
import { placesAcross } from '@/core/placing';
import { landsAtMm } from '@/core/section';
import type { FlapStage, PouchStage } from '@/core/stages';
import { hemReaches } from './hemReaches';
import type { HoleInEdging } from './holeInEdging';

/** A part of what closes a flap on a flat piece: its row, its place along that row, and its middle from where the piece begins. */
export interface OnFlapSpot {
  piece: PieceId;
  row: number;
  place: StitchPlace;
  /** Stitches of the row that the place is counted in. */
  ofStitches: number;
  alongMm: number;
  /** From the piece's middle line, away from the edge that is counted from, mm. */
  acrossMm: number;
  /** From that row's own edge, along it, mm: what goes with the count. */
  fromEdgeMm: number;
  /** Along the folded fabric from the front's mouth, mm. */
  stationMm: number;
}

/** Where what closes a flap comes to lie: its halves by row and stitch, and where the folded bag brings them. */
export interface OnFlapPlaces {
  halves: OnFlapSpot[];
  mates: OnFlapSpot[];
  /** Rows from the front's mouth down that the mates are set on; none where a half does not come to lie on the front. */
  mateKs: number[];
  /** Where the flap's half meets the front, from the front's top edge, mm. */
  meetsMm: Record<LoadState, number>;
  /** Where the mates are wished, from the front's top edge, mm. */
  mateTargetsMm: number[];
  /** The half's row, counted from the back's upper end, and how many rows there are. */
  tailRow: number;
  tailRows: number;
  /** The row of the hem that the half is set on; null where it is set on none. */
  hemRow: number | null;
  /** The round of the edging that it is left in; null where it lies in a row of the flap. */
  round: number | null;
  /** Stitches of the half's row, and where its places are across the face of the front, from its edge, mm. */
  halfStitches: number;
  acrossMm: number[];
  /** The half from the flap's edge as it is set, mm. */
  insetMm: number;
}

/**
 * Places what closes a flap by row and stitch on it, and its mate where the flap of the folded bag brings it.
 *
 * @param radiusMm how far it reaches from its middle, mm; null where a hem hides nothing of it
 * @param inEdging where in the edging of the flap's edge it is left, instead of in a row
 */
export function placeOnFlap(
  closure: OnFlap,
  radiusMm: number | null,
  { design, pouch, flap, set, section }: FittingInput,
  inEdging: HoleInEdging | null = null,
): OnFlapPlaces {
  const { rowMm, stitchMm, stitchCount, sectionMm, borders } = pouch;
  const tailRows = flap.bridgeRows + flap.flapRows;
  const beyondMm = tailRows * rowMm;
  const edgeMm = beyondMm + borders.flapMm;
  // Counted from the back's upper end: over the top, then down the flap.
  const hemRow =
    !inEdging && !linesFlap(design) && radiusMm !== null ? hemRowFor(closure.insetMm, radiusMm, flap, rowMm) : null;
  const wishedRow = rowAt(hemRow === null ? edgeMm - closure.insetMm : beyondMm - rowMiddleMm(hemRow, rowMm), rowMm);
  const tailRow = inEdging ? tailRows : Math.max(1, Math.min(tailRows, wishedRow));
  const tailMm = inEdging ? beyondMm + inEdging.beyondMm : rowMiddleMm(tailRow, rowMm);
  const backEndMm = sectionMm.front + sectionMm.base + sectionMm.back;
  const stationMm = backEndMm + tailMm;
  // Where the strip ends on the bridge, its half lacks the rest of it.
  const lacksMm = (state: LoadState) =>
    stationMm - backEndMm - flap.bridgeMm[state] - (sectionMm.back - sectionMm.front);
  const meets = (state: LoadState) => landsAtMm(section[state], stationMm) ?? lacksMm(state);
  const meetsMm = { empty: meets('empty'), loaded: meets('loaded') };
  // On the flap, places are counted along its own row; its mate's, where they come to lie on the front.
  // Rows of a hem are as wide as the flap's edge.
  const halfStitches = Math.max(1, Math.round(rowStitches(flap, hemRow === null ? tailRow : tailRows)));
  const besideMm = ((stitchCount - halfStitches) / 2) * stitchMm;
  const halfPlaces = placesAcross(closure, halfStitches, stitchMm);
  const acrossMm = halfPlaces.map((place) => besideMm + offsetOf(place, stitchMm));
  const mateTargetsMm = mateTargets(closure, meetsMm);
  // A mate that would lie above the front, or below it, has no row there.
  const mateKs = [...new Set(mateTargetsMm.map((target) => rowAt(target - borders.frontMm, rowMm)))].filter(
    (k) => k >= 1 && k <= pouch.frontRows,
  );
  const workedRow = (k: number) => (hemRow === null ? k : tailRows + hemRow);
  const halves = flap.halfDisc
    ? // A half disc is a piece of its own, and narrower than rounds that lie flat.
      halfDiscSpots(flap.halfDisc, acrossMm, tailMm, stationMm, pouch)
    : spotsOf(set.tracks.flap, workedRow(tailRow), halfPlaces, halfStitches, acrossMm, stationMm, pouch).map((spot) =>
        inEdging && set.tracks.flap
          ? { ...spot, row: inEdging.round, alongMm: trackAlongMm(set.tracks.flap, tailMm, rowMm) }
          : spot,
      );
  return {
    halves,
    mates: mateKs.flatMap((k) => mateSpots(k, acrossMm, { pouch, set })),
    ...{ mateKs, meetsMm, mateTargetsMm, tailRow, tailRows, hemRow, halfStitches, acrossMm },
    round: inEdging?.round ?? null,
    insetMm: edgeMm - tailMm,
  };
}

/**
 * The row of the hem that a half is set on, from the flap's edge; null where there is no hem, or where it does not reach far enough to
 * hide the half.
 */
function hemRowFor(insetMm: number, radiusMm: number, { hemRows }: FlapStage, rowMm: number): number | null {
  if (hemRows === 0 || !hemReaches({ insetMm, radiusMm }, hemRows * rowMm)) return null;
  return Math.max(1, Math.min(hemRows, rowAt(insetMm, rowMm)));
}

/** Where a flap is that has no rows of its own piece. */
const NO_TRACK: Track = { piece: 'half-disc', beforeRow: 0, step: 1 };

/** Places in one row of a track. */
function spotsOf(
  track: Track | null,
  k: number,
  places: readonly StitchPlace[],
  ofStitches: number,
  acrossMm: readonly number[],
  stationMm: number,
  { rowMm, stitchMm, stitchCount }: PouchStage,
): OnFlapSpot[] {
  const on = track ?? NO_TRACK;
  return places.map((place, index) => ({
    piece: on.piece,
    row: trackRow(on, k),
    place,
    ofStitches,
    alongMm: trackAlongMm(on, rowMiddleMm(k, rowMm), rowMm),
    acrossMm: (acrossMm[index] as number) - (stitchCount * stitchMm) / 2,
    fromEdgeMm: offsetOf(place, stitchMm),
    stationMm,
  }));
}

/** Mates in the k-th row of the front from its mouth, across from the halves. */
function mateSpots(k: number, acrossMm: readonly number[], { pouch, set }: Pick<FittingInput, 'pouch' | 'set'>) {
  const { stitchMm, stitchCount, rowMm, borders } = pouch;
  const { front } = set.tracks;
  const piece = set.pieces.find(({ id }) => id === front.piece);
  const row = piece?.kind === 'rows' ? piece.rows[trackRow(front, k) - 1] : undefined;
  const ofStitches = row?.stitches ?? stitchCount;
  const beforeMm = ((stitchCount - ofStitches) / 2) * stitchMm;
  const places = acrossMm.map((mm) => placeAt(mm - beforeMm, stitchMm));
  return spotsOf(front, k, places, ofStitches, acrossMm, borders.frontMm + rowMiddleMm(k, rowMm), pouch);
}

/**
 * Halves on a half disc. Its rows run round the middle of its straight side, so a place is found by how far it lies from there, and
 * by its share of the half turn.
 */
function halfDiscSpots(
  { counts }: NonNullable<FlapStage['halfDisc']>,
  acrossMm: readonly number[],
  downMm: number,
  stationMm: number,
  { rowMm, stitchMm, stitchCount }: PouchStage,
): OnFlapSpot[] {
  const middleMm = (stitchCount * stitchMm) / 2;
  return acrossMm.map((across) => {
    const x = middleMm - across;
    const row = Math.min(counts.length, Math.max(1, rowAt(Math.hypot(x, downMm), rowMm)));
    const ofStitches = counts[row - 1] as number;
    const place = placeAt((Math.atan2(downMm, x) / Math.PI) * ofStitches, 1);
    return {
      piece: 'half-disc',
      ...{ row, place, ofStitches, stationMm },
      alongMm: downMm,
      // Its middle lies on the middle of the back, however wide it comes out.
      acrossMm: -x,
      fromEdgeMm: offsetOf(place, stitchMm),
    };
  });
}

function mateTargets(closure: OnFlap, meetsMm: Record<LoadState, number>): number[] {
  if (closure.mate === 'loaded') return [meetsMm.loaded];
  if (closure.mate === 'between') return [(meetsMm.loaded + meetsMm.empty) / 2];
  return [meetsMm.loaded, meetsMm.empty];
}
