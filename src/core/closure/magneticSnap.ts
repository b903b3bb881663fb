import { constructionOf } from '@/core/body';
import type { LoadState } from '@/core/contents';
import { SNAP_LIMITS, usualSnap, type MagneticSnap } from '@/core/design';
import {
  liningGoesIn,
  nameAt,
  pathOf,
  type FabricMark,
  type FittingInput,
  type FittingKind,
  type FittingStage,
  type MadeParts,
  type MadeSize,
  type MarkMove,
  type StepRule,
} from '@/core/fittings';
import { trackAlongMm } from '@/core/pieces';
import { placeSnap, type SnapPlaces, type SnapSpot } from './placeSnap';
import { snapFigures, type SnapFigures } from './snapFigures';
import { snapProblems, snapWithoutFlap } from './snapProblems';

/** How thick one half of a snap is, mm. From memory. */
const HALF_DEPTH_MM = 2;

export interface SnapStage extends FittingStage<MagneticSnap> {
  /** The halves on the flap's inner face. */
  halves: SnapSpot[];
  /** The halves sit in the hem's own rows, which hide their prongs once they are turned back. */
  inHem: boolean;
  /** The mates to set on the front's outer face; none where the half does not come to lie on it. */
  mates: SnapSpot[];
  /** Where the flap's half meets the front, exactly, from the front's top edge, mm. */
  meetsMm: Record<LoadState, number>;
  figures: SnapFigures;
}

/** A magnetic snap: its halves on the flap's inner face, its mates on the front where the folded flap brings them. */
export const magneticSnap: FittingKind<MagneticSnap, SnapStage> = {
  usual: usualSnap,
  plan(snap, bag) {
    const { design, pouch, flap, at } = bag;
    if (!flap.hasFlap)
      return {
        ok: false,
        problems: [snapWithoutFlap(snap, design, constructionOf(pouch.kind).takesFlap, flap, at)],
      };
    const places = placeSnap(snap, bag);
    const figures = snapFigures(snap, places, bag);
    return {
      ok: true,
      stage: {
        choice: snap,
        at,
        marks: snapMarks(snap, places, bag),
        bands: [],
        worked: [],
        workedOn: [],
        cloth: [],
        sewn: [],
        tails: 0,
        steps: snapSteps(bag),
        differs: [
          {
            id: nameAt(at, 'snap'),
            name: 'Snap meets the front at',
            empty: figures.meetsEmpty,
            full: figures.meetsLoaded,
          },
        ],
        sizes: [],
        worn: null,
        fromEdgeMm: snap.insetMm,
        compared: [],
        asked: Object.values(figures).filter((figure) => figure !== null),
        problems: snapProblems(snap, bag, places),
        halves: places.halves,
        inHem: places.hemRow !== null,
        mates: places.mates,
        meetsMm: places.meetsMm,
        figures,
      },
    };
  },
  made: snapMade,
};

/** Prongs go through lining only on the flap, and through crochet only on the front: common practice, no source. */
function snapSteps({ design, set }: FittingInput): StepRule[] {
  const lined = design.lining !== null;
  return [
    { name: 'set-snap-front', after: ['blocked'], before: ['covered', 'joined'], mark: 'snap.mate' },
    {
      name: 'set-snap-flap',
      after: ['blocked', 'cloth-ready'],
      // A half in the hem is set while the hem lies open; under a lining it goes into the cloth, and the hem is turned before.
      before: [
        'covered',
        ...(lined ? [] : (['hem-turned'] as const)),
        ...(lined && liningGoesIn(set) === 'last' ? [] : (['joined'] as const)),
      ],
      mark: 'snap.half',
    },
  ];
}

function snapMarks(snap: MagneticSnap, places: SnapPlaces, bag: FittingInput): FabricMark[] {
  const { at, pouch, design, set } = bag;
  const form = { kind: 'disc', radiusMm: snap.diameterMm / 2 } as const;
  const { fabricMm, liningMm } = pouch.layers;
  const common = { of: at, form, stuff: 'metal', standsMm: HALF_DEPTH_MM, presence: 'set' } as const;
  const on = ({ piece, row, place, ofStitches, alongMm, acrossMm, stationMm }: SnapSpot) => ({
    count: { row, place, ofStitches },
    piece,
    alongMm,
    acrossMm,
    stationMm,
  });
  const lands = places.mates.slice(0, places.halves.length).flatMap((mate) =>
    Object.values(places.meetsMm)
      .filter((meetsMm) => meetsMm > 0)
      .map((meetsMm): FabricMark => ({
        mark: nameAt(at, 'snap.meets'),
        face: 'outer',
        throughMm: [],
        move: null,
        ...common,
        ...on(mate),
        alongMm: trackAlongMm(set.tracks.front, meetsMm - pouch.borders.frontMm, pouch.rowMm),
        stationMm: meetsMm,
        count: null,
        standsMm: 0,
        presence: 'lands',
      })),
  );
  const move = snapMove(snap, places, bag);
  const [gripped] = places.halves;
  return [
    ...lands,
    ...places.mates.map((spot): FabricMark => ({
      mark: nameAt(at, 'snap.mate'),
      face: 'outer',
      throughMm: [fabricMm],
      move: { isGripped: false, ...move },
      ...common,
      ...on(spot),
    })),
    ...places.halves.map((spot): FabricMark => ({
      mark: nameAt(at, 'snap.half'),
      face: 'inner',
      throughMm: [design.lining ? liningMm : fabricMm],
      move: { isGripped: spot === gripped, ...move },
      ...common,
      ...on(spot),
    })),
  ];
}

/** Moved along the fabric, a snap takes its mate with it: onto the flap, not beyond. */
function snapMove(
  { insetMm }: MagneticSnap,
  places: SnapPlaces,
  { at, flap, pouch, set }: FittingInput,
): Omit<MarkMove, 'isGripped'> {
  const { leastMm, mostMm } = SNAP_LIMITS.insetMm;
  return {
    way: 'along',
    path: [...pathOf(at), 'insetMm'],
    valueMm: insetMm,
    countedMm: null,
    perMm: -1,
    leastMm,
    mostMm: Math.max(
      leastMm,
      Math.min(mostMm, (flap.bridgeRows + flap.flapRows - 0.5) * pouch.rowMm + pouch.borders.flapMm),
    ),
    stepMm: pouch.rowMm,
    alongPiece: set.tracks.flap?.step ?? 1,
    setMm: places.insetMm,
  };
}

/** By how much the half lies below its mate on the loaded bag as it came out; the half is counted from the flap's edge, its mate from the front's mouth. */
function snapMade(
  { at, figures }: SnapStage,
  { coverMm, rowMm, tailRowMm, frontRowMm, borders, planned }: MadeParts,
): MadeSize[] {
  const mateMm = figures.mateDistance?.value;
  /** A distance from an edge as it came out: its rows, and the border beyond them. */
  const asMade = (mm: number, madeRowMm: number, border: 'flapMm' | 'frontMm') =>
    ((mm - planned[border]) / rowMm) * madeRowMm + borders[border];
  return [
    {
      id: nameAt(at, 'snap'),
      name: 'Snap below its mate, loaded',
      label: 'Snap below its mate as made, loaded',
      isDifference: true,
      mm:
        mateMm === undefined || coverMm === null
          ? null
          : coverMm - asMade(figures.halfInset.value, tailRowMm, 'flapMm') - asMade(mateMm, frontRowMm, 'frontMm'),
    },
  ];
}
