import { centreOf, offsetOf, placeAt, rowAt, rowMiddleMm, type StitchPlace } from '@/core/body';
import type { LoadState, SettledDesign } from '@/core/contents';
import type { MagneticSnap } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import { rowStitches } from '@/core/flap';
import type { GaugeStage } from '@/core/gauge';
import { trackAlongMm, trackRow, type PieceId, type Track, type PieceSet } from '@/core/pieces';
import type { Problem } from '@/core/problems';
import { landsAtMm, type SectionPiece } from '@/core/section';
import type { PouchStage, FlapStage } from '@/core/stages';
import { hemReaches } from './hemReaches';
import { snapProblems } from './snapProblems';

/**
 * A half of a snap on a flat piece: its row, its place along that row, and its middle from where the piece begins and from its right edge.
 * `stationMm` is how far along the fabric it lies from the front's mouth, round the base and over the top.
 */
export interface SnapSpot {
  piece: PieceId;
  row: number;
  place: StitchPlace;
  /** Stitches of the row that the place is counted in. */
  ofStitches: number;
  alongMm: number;
  acrossMm: number;
  /** From that row's own edge, along it, mm: what goes with the count. */
  fromEdgeMm: number;
  stationMm: number;
}

export interface SnapStage {
  id: string;
  diameterMm: number;
  /** The halves on the flap's inner face. */
  halves: SnapSpot[];
  /** The halves sit in the hem's own rows, which hide their prongs once they are turned back. */
  inHem: boolean;
  /** The mates to set on the front's outer face; none where the half does not come to lie on it. */
  mates: SnapSpot[];
  /** Where the flap's half meets the front, exactly, from the front's top edge, mm. */
  meetsMm: Record<LoadState, number>;
  figures: {
    halfRow: Figure;
    halfInset: Figure;
    across: Figure;
    meetsEmpty: Figure;
    meetsLoaded: Figure;
    /** Null where the half does not come to lie on the front. */
    mateRow: Figure | null;
    mateDistance: Figure | null;
    secondMateRow: Figure | null;
  };
  problems: Problem[];
}

/** Places a magnetic snap by row and stitch on the flap, and its mate where the flap of the folded bag brings it. */
export function magneticSnapStage(
  snap: MagneticSnap,
  design: SettledDesign,
  gauge: GaugeStage,
  pouch: PouchStage,
  flap: FlapStage,
  { pieces, tracks }: PieceSet,
  section: Record<LoadState, readonly SectionPiece[]>,
): SnapStage {
  const { rowMm, stitchMm, stitchCount, sectionMm } = pouch;
  const tailRows = flap.bridgeRows + flap.flapRows;
  const beyondMm = tailRows * rowMm;
  // Counted from the back's upper end: over the top, then down the flap.
  const hemRow = hemRowFor(snap, design, flap, rowMm);
  const tailRow = Math.max(1, rowAt(beyondMm - (hemRow === null ? snap.insetMm : rowMiddleMm(hemRow, rowMm)), rowMm));
  const tailMm = rowMiddleMm(tailRow, rowMm);
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
  const halfPlaces = placesAcross(snap, halfStitches);
  const acrossMm = halfPlaces.map((place) => besideMm + offsetOf(place, stitchMm));
  const mateTargetsMm = mateTargets(snap, meetsMm);
  const flapTrack: Track = tracks.flap ?? { piece: 'half-disc', beforeRow: 0, step: 1 };
  const spots = (
    track: Track,
    k: number,
    places: readonly StitchPlace[],
    ofStitches: number,
    fromFrontMm: number,
    workedRow: (k: number) => number = (row) => row,
  ): SnapSpot[] =>
    places.map((place, index) => ({
      piece: track.piece,
      row: trackRow(track, workedRow(k)),
      place,
      ofStitches,
      alongMm: trackAlongMm(track, rowMiddleMm(workedRow(k), rowMm), rowMm),
      acrossMm: acrossMm[index] as number,
      fromEdgeMm: offsetOf(place, stitchMm),
      stationMm: fromFrontMm + rowMiddleMm(k, rowMm),
    }));
  // A mate that would lie above the front, or below it, has no row there.
  const mateKs = [...new Set(mateTargetsMm.map((target) => rowAt(target, rowMm)))].filter(
    (k) => k >= 1 && k <= pouch.frontRows,
  );
  const frontPiece = pieces.find(({ id }) => id === tracks.front.piece);
  const mateSpots = (k: number): SnapSpot[] => {
    const row = frontPiece?.kind === 'rows' ? frontPiece.rows[trackRow(tracks.front, k) - 1] : undefined;
    const ofStitches = row?.stitches ?? stitchCount;
    const beforeMm = ((stitchCount - ofStitches) / 2) * stitchMm;
    const places = acrossMm.map((mm) => placeAt(mm - beforeMm, stitchMm));
    return spots(tracks.front, k, places, ofStitches, 0);
  };
  const halves =
    flap.halfDisc === null
      ? spots(flapTrack, tailRow, halfPlaces, halfStitches, backEndMm, (k) => (hemRow === null ? k : tailRows + hemRow))
      : // A half disc is a piece of its own, and narrower than rounds that lie flat.
        halfDiscSpots(flap.halfDisc, acrossMm, (stitchCount * stitchMm) / 2, tailMm, backEndMm, pouch);
  const halfRow = halves[0]?.row ?? trackRow(flapTrack, tailRow);

  const halfRowFigure = makeFigure('snap.halfRow', 'Snap on the flap', halfRow, 'row number', {
    rule:
      hemRow === null
        ? 'The row whose middle is nearest to the wanted distance in from the flap’s edge. Usual: about three rows, or 20 to 25 mm.'
        : 'A row of the hem: turned back, it lies at the wanted distance in from the flap’s edge, and its prongs are hidden beneath. Usual: 20 to 25 mm.',
    inputs: [
      input('Wanted from the flap’s edge', snap.insetMm, 'mm'),
      inputFrom(flap.figures.totalRows),
      inputFrom(gauge.rowHeight),
    ],
    source: COMMON_PRACTICE,
  });
  const meetsFigure = (state: LoadState) =>
    makeFigure(
      `snap.meets.${state}`,
      state === 'loaded' ? 'Meets the front at, loaded' : 'Meets the front at, empty',
      meetsMm[state],
      'mm',
      {
        rule: 'From the front’s top edge down: the snap’s distance beyond the top fold, less the bridge over the top, less what the back stands above the front.',
        inputs: [
          inputFrom(halfRowFigure),
          inputFrom(flap.figures.topFold),
          inputFrom(state === 'loaded' ? flap.figures.bridgeLoaded : flap.figures.bridgeEmpty),
          inputFrom(gauge.rowHeight),
        ],
        source: GEOMETRY,
      },
      Math.abs(tailRow - 0.5) * (gauge.rowHeight.plusMinus ?? 0),
    );
  const meetsLoaded = meetsFigure('loaded');
  const meetsEmpty = meetsFigure('empty');
  const mateRowFigure = (id: string, label: string, k: number) =>
    makeFigure(id, label, trackRow(tracks.front, k), 'row number', {
      rule: `The front row whose middle is nearest to where the flap’s half meets it${snap.mate === 'between' ? ', halfway between empty and loaded' : ''}.`,
      inputs: [inputFrom(meetsLoaded), inputFrom(meetsEmpty), inputFrom(gauge.rowHeight)],
      source: GEOMETRY,
    });
  const [firstMateK, secondMateK] = mateKs;

  return {
    id: snap.id,
    diameterMm: snap.diameterMm,
    halves,
    inHem: hemRow !== null,
    mates: mateKs.flatMap(mateSpots),
    meetsMm,
    figures: {
      halfRow: halfRowFigure,
      halfInset: makeFigure(
        'snap.halfInset',
        'Snap from the flap’s edge',
        beyondMm - tailMm,
        'mm',
        {
          rule: 'From the flap’s edge to the middle of the snap’s row.',
          inputs: [inputFrom(flap.figures.totalRows), inputFrom(halfRowFigure), inputFrom(gauge.rowHeight)],
          source: GEOMETRY,
        },
        (tailRows - tailRow + 0.5) * (gauge.rowHeight.plusMinus ?? 0),
      ),
      across: acrossFigure(
        acrossMm.map((mm) => placeAt(mm, stitchMm)),
        halfStitches,
        pouch,
        gauge,
      ),
      meetsEmpty,
      meetsLoaded,
      mateRow: firstMateK === undefined ? null : mateRowFigure('snap.mateRow', 'Mate on the front', firstMateK),
      mateDistance:
        firstMateK === undefined
          ? null
          : makeFigure(
              'snap.mateDistance',
              'Mate from the front’s top edge',
              rowMiddleMm(firstMateK, rowMm),
              'mm',
              {
                rule: 'From the front’s top edge to the middle of the mate’s row.',
                inputs: [inputFrom(gauge.rowHeight)],
                source: GEOMETRY,
              },
              Math.abs(firstMateK - 0.5) * (gauge.rowHeight.plusMinus ?? 0),
            ),
      secondMateRow:
        secondMateK === undefined ? null : mateRowFigure('snap.secondMateRow', 'Second mate on the front', secondMateK),
    },
    problems: snapProblems(snap, design, pouch, flap, tailRow, meetsMm, mateTargetsMm, hemRow !== null),
  };
}

/**
 * The row of the hem that a half is set on, from the flap's edge; null where there is no hem, where the lining covers it, or where it does
 * not reach far enough to hide the half.
 */
function hemRowFor(snap: MagneticSnap, design: SettledDesign, { hemRows }: FlapStage, rowMm: number): number | null {
  if (hemRows === 0 || design.lining !== null || !hemReaches(snap, hemRows * rowMm)) return null;
  return Math.max(1, Math.min(hemRows, rowAt(snap.insetMm, rowMm)));
}

/**
 * Halves on a half disc. Its rows run round the middle of its straight side, so a place is found by how far it lies from there, and
 * by its share of the half turn.
 */
function halfDiscSpots(
  { counts }: NonNullable<FlapStage['halfDisc']>,
  acrossMm: readonly number[],
  middleMm: number,
  downMm: number,
  fromFrontMm: number,
  { rowMm, stitchMm }: PouchStage,
): SnapSpot[] {
  const radiusMm = counts.length * rowMm;
  return acrossMm.map((across) => {
    const x = middleMm - across;
    const row = Math.min(counts.length, Math.max(1, rowAt(Math.hypot(x, downMm), rowMm)));
    const ofStitches = counts[row - 1] as number;
    const place = placeAt((Math.atan2(downMm, x) / Math.PI) * ofStitches, 1);
    return {
      piece: 'half-disc',
      row,
      place,
      ofStitches,
      alongMm: downMm,
      // Its middle lies on the middle of the back, however wide it comes out.
      acrossMm: across - middleMm + radiusMm,
      fromEdgeMm: offsetOf(place, stitchMm),
      stationMm: fromFrontMm + downMm,
    };
  });
}

/** One in the middle, or two a quarter of the width in from each side, the same count from both. */
function placesAcross(snap: MagneticSnap, stitchCount: number): StitchPlace[] {
  if (snap.layout === 'centre') return [centreOf(stitchCount)];
  const quarter = offsetOf(placeAt(stitchCount / 4, 1), 1);
  return [placeAt(quarter, 1), placeAt(stitchCount - quarter, 1)];
}

function mateTargets(snap: MagneticSnap, meetsMm: Record<LoadState, number>): number[] {
  if (snap.mate === 'loaded') return [meetsMm.loaded];
  if (snap.mate === 'between') return [(meetsMm.loaded + meetsMm.empty) / 2];
  return [meetsMm.loaded, meetsMm.empty];
}

function acrossFigure(
  places: readonly StitchPlace[],
  halfStitches: number,
  pouch: PouchStage,
  gauge: GaugeStage,
): Figure {
  const offsetMm = offsetOf(places[0] as StitchPlace, pouch.stitchMm);
  return makeFigure(
    'snap.across',
    'Snap from the side edge',
    offsetMm,
    'mm',
    {
      rule:
        places.length === 1
          ? 'The middle of the row: on a stitch when the count is odd, between two when it is even.'
          : 'A quarter of the flap’s row in from each of its sides, to the nearest stitch or gap, the same from both; measured on the front.',
      inputs: [
        inputFrom(pouch.figures.stitches),
        ...(halfStitches === pouch.stitchCount
          ? []
          : [input('Stitches of the flap’s row there', halfStitches, 'stitch')]),
        inputFrom(gauge.stitchWidth),
      ],
      source: GEOMETRY,
    },
    (offsetMm / pouch.stitchMm) * (gauge.stitchWidth.plusMinus ?? 0),
  );
}
