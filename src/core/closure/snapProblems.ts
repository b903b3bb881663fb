import type { SettledDesign } from '@/core/contents';
import { MOST_HEM_MM, ONE_SNAP_FLAP_WIDTH_MM } from '@/core/defaults';
import { SNAP_LIMITS, type MagneticSnap } from '@/core/design';
import { nameAt, pathOf, type FittingInput, type FittingPlace } from '@/core/fittings';
import { rowStitches, wishableFlap } from '@/core/flap';
import { ownCodes, type Problem, type Repair } from '@/core/problems';
import type { FlapStage } from '@/core/stages';
import type { SnapPlaces } from './placeSnap';

/** What the problems of a snap are told from; lengths in mm. */
export interface SnapProblems {
  magnets: object;
  'snap-off-front': Lands;
  'snap-on-fold': Lands;
  'snap-off-flap': { insetMm: number; flapMm: number; radiusMm: number };
  'snap-beside-flap': { insetMm: number; widthMm: number; radiusMm: number };
  'snap-in-scallop': { insetMm: number; scallopMm: number };
  'snap-without-flap': object;
  'snap-drifts': {
    shiftMm: number;
    missMm: number;
    radiusMm: number;
    emptyMm: number;
    loadedMm: number;
    /** So far that two mates have room beside each other. */
    far: boolean;
  };
  'snap-beyond-hem': { hemMm: number; insetMm: number; radiusMm: number };
  'hem-under-lining': { hemMm: number };
  'snap-wide-flap': Wide;
  'snap-on-wrist': Wide;
}
interface Lands {
  landsMm: number;
  radiusMm: number;
  flatFrontMm: number;
}
interface Wide {
  widthMm: number;
  usualMostMm: number;
}

/** What its repairs are told from. */
export interface SnapRepairs {
  'take-snap-off': object;
  'mate-between': { missMm: number };
  'mate-both': object;
  'two-snaps': object;
  'snap-inset-to': { insetMm: number };
}

const ours = ownCodes<SnapProblems, SnapRepairs>();

/** What the problems of one snap are found from. */
interface Doubted {
  snap: MagneticSnap;
  bag: FittingInput;
  places: SnapPlaces;
  radiusMm: number;
  /** Where it is shown. */
  at: Pick<Problem, 'place' | 'path' | 'mark'>;
  /** The repair that sets it further up or down the flap; none where no snap can be set so. */
  insetTo(insetMm: number): Repair[];
  /** The names of its figures that a sentence quotes. */
  asks(...names: string[]): string[];
}

/** What is doubtful about where a snap is set: on its flap, on the front, between empty and full; with what mends it. */
export function snapProblems(snap: MagneticSnap, bag: FittingInput, places: SnapPlaces): Problem[] {
  const { leastMm, mostMm } = SNAP_LIMITS.insetMm;
  const doubted: Doubted = {
    radiusMm: snap.diameterMm / 2,
    at: { place: 'body', path: pathOf(bag.at), mark: nameAt(bag.at, 'snap') },
    insetTo: (insetMm) =>
      insetMm < leastMm || insetMm > mostMm
        ? []
        : [
            ours.repair({
              code: 'snap-inset-to',
              values: { insetMm },
              edits: [{ path: [...pathOf(bag.at), 'insetMm'], value: insetMm }],
            }),
          ],
    asks: (...names) => names.map((name) => (name.startsWith('snap.') ? nameAt(bag.at, name) : name)),
    snap,
    bag,
    places,
  };
  return [
    ours.problem({ code: 'magnets', severity: 'mind', values: {}, repairs: [], ...doubted.at }),
    ...onFlapProblems(doubted),
    ...hemProblems(doubted),
    ...onFrontProblems(doubted),
    ...driftProblems(doubted),
    ...oneSnapProblems(doubted),
  ];
}

/** Rows of a hem are as wide as the flap's edge. */
const ownRow = ({ hemRow, tailRow, tailRows }: SnapPlaces): number => (hemRow === null ? tailRow : tailRows);

/** A half that sits in a scallop, beyond the sides of a shaped flap, or beyond its ends. */
function onFlapProblems({ snap, bag, places, radiusMm, at, insetTo, asks }: Doubted): Problem[] {
  const { flap, pouch } = bag;
  const { tailRow, tailRows } = places;
  const problems: Problem[] = [];
  const flapMm = flap.flapRows * pouch.rowMm;
  const scallopRows = flap.scallops?.rows.length ?? 0;
  if (tailRow > tailRows - scallopRows)
    problems.push(
      ours.problem({
        code: 'snap-in-scallop',
        asks: asks('snap.halfRow'),
        severity: 'decide',
        values: { insetMm: snap.insetMm, scallopMm: scallopRows * pouch.rowMm },
        repairs: insetTo(Math.ceil((scallopRows + 3) * pouch.rowMm)),
        ...at,
      }),
    );
  // How near to its row's end a half sits: on a shaped flap the row may be short.
  const besideMm = (row: number) => (rowStitches(flap, row) / (snap.layout === 'pair' ? 4 : 2)) * pouch.stitchMm;
  const own = ownRow(places);
  let wideRow = own;
  while (wideRow > flap.bridgeRows && besideMm(wideRow) < radiusMm) wideRow -= 1;
  if (wideRow < own)
    problems.push(
      ours.problem({
        code: 'snap-beside-flap',
        asks: asks('snap.halfRow', 'flap.edgeWidth'),
        severity: 'decide',
        values: { insetMm: snap.insetMm, widthMm: rowStitches(flap, own) * pouch.stitchMm, radiusMm },
        repairs: insetTo(Math.ceil((tailRows - wideRow + 0.5) * pouch.rowMm)),
        ...at,
      }),
    );
  if (tailRow - flap.bridgeRows < 1 || snap.insetMm < radiusMm)
    problems.push(
      ours.problem({
        code: 'snap-off-flap',
        asks: asks('snap.halfInset', 'panel.flapRows'),
        severity: 'decide',
        values: { insetMm: snap.insetMm, flapMm, radiusMm },
        repairs:
          flapMm > 2 * radiusMm
            ? insetTo(Math.max(Math.ceil(radiusMm) + 2, Math.min(snap.insetMm, Math.round(flapMm / 3))))
            : [],
        ...at,
      }),
    );
  return problems;
}

/** A mate that has no room below the mouth, or would lie on the bend at the base. */
function onFrontProblems({ bag, places, radiusMm, at, insetTo, asks }: Doubted): Problem[] {
  const { rowMm, flatFrontMm: flat } = bag.pouch;
  const { mateTargetsMm } = places;
  const flatFrontMm = Math.min(flat.empty, flat.loaded);
  // Where its row is, which can be less than she wishes on a short flap.
  const insetNowMm = (places.tailRows - places.tailRow + 0.5) * rowMm;
  // With two mates the snap is moved as far as the worse of them asks for.
  const [highestMm, lowestMm] = [Math.min(...mateTargetsMm), Math.max(...mateTargetsMm)];
  const meets = { asks: asks('snap.meets.loaded', 'snap.meets.empty'), severity: 'decide', ...at } as const;
  return mateTargetsMm.flatMap((landsMm): Problem[] => {
    const values = { landsMm, radiusMm, flatFrontMm };
    if (landsMm < radiusMm) {
      const insetMm = Math.floor(insetNowMm - (radiusMm - highestMm) - rowMm);
      return [
        ours.problem({ code: 'snap-off-front', values, repairs: insetMm > radiusMm ? insetTo(insetMm) : [], ...meets }),
      ];
    }
    if (landsMm + radiusMm <= flatFrontMm) return [];
    const insetMm = Math.ceil(insetNowMm + (lowestMm + radiusMm - flatFrontMm) + rowMm);
    return [ours.problem({ code: 'snap-on-fold', values, repairs: insetTo(insetMm), ...meets })];
  });
}

/** One snap on a wide flap, or on a bag that tilts: as wide as the flap is where the snap sits, for the corners of a point lie above it. */
function oneSnapProblems({ snap, bag, places, at }: Doubted): Problem[] {
  const widthMm = rowStitches(bag.flap, ownRow(places)) * bag.pouch.stitchMm;
  const isWide = widthMm > ONE_SNAP_FLAP_WIDTH_MM;
  const tilts = bag.design.contents.carried === 'on-the-wrist' && widthMm > ONE_SNAP_FLAP_WIDTH_MM / 2;
  if (snap.layout !== 'centre' || !(isWide || tilts)) return [];
  return [
    ours.problem({
      code: isWide ? 'snap-wide-flap' : 'snap-on-wrist',
      asks: ['size.width'],
      severity: 'mind',
      values: { widthMm, usualMostMm: ONE_SNAP_FLAP_WIDTH_MM },
      repairs: [
        ours.repair({ code: 'two-snaps', values: {}, edits: [{ path: [...pathOf(bag.at), 'layout'], value: 'pair' }] }),
      ],
      ...at,
    }),
  ];
}

/** How far a half misses its mate on the empty bag, mm, where its flap comes down so much further than on the full one. */
const missesBy = ({ mate }: MagneticSnap, shiftMm: number): number =>
  mate === 'both' ? 0 : mate === 'between' ? shiftMm / 2 : shiftMm;

/**
 * Ways to set the mate of a snap that misses it: halfway, where that misses by less than its radius; a second one, where two that are
 * so far apart have room beside each other. None where neither helps.
 */
const matesThatHold = ({ mate, diameterMm }: MagneticSnap, shiftMm: number): ('between' | 'both')[] => [
  ...(mate === 'loaded' && shiftMm <= diameterMm ? (['between'] as const) : []),
  ...(shiftMm >= diameterMm ? (['both'] as const) : []),
];

/** A half that misses its mate on the empty bag. By less than its radius it finds it by itself, and nothing is to be decided. */
function driftProblems({ snap, bag, places: { meetsMm }, radiusMm, at, asks }: Doubted): Problem[] {
  const shiftMm = Math.abs(meetsMm.empty - meetsMm.loaded);
  const missMm = missesBy(snap, shiftMm);
  if (missMm <= radiusMm) return [];
  const ways = matesThatHold(snap, shiftMm);
  return [
    ours.problem({
      code: 'snap-drifts',
      asks: asks('snap.meets.loaded', 'snap.meets.empty'),
      severity: ways.length > 0 ? 'decide' : 'mind',
      values: {
        far: ways.includes('both'),
        shiftMm,
        missMm,
        radiusMm,
        emptyMm: meetsMm.empty,
        loadedMm: meetsMm.loaded,
      },
      repairs: ways.map((mate): Repair => {
        const edits = [{ path: [...pathOf(bag.at), 'mate'], value: mate }];
        return mate === 'both'
          ? ours.repair({ code: 'mate-both', values: {}, edits })
          : ours.repair({ code: 'mate-between', values: { missMm: shiftMm / 2 }, edits });
      }),
      ...at,
    }),
  ];
}

/** A hem that does not hide the snap's half: the lining lies over it, or it does not reach so far. */
function hemProblems({ snap, bag, places, radiusMm, at, insetTo, asks }: Doubted): Problem[] {
  const { design, flap, pouch } = bag;
  if (flap.hemRows === 0 || places.hemRow !== null) return [];
  const hemMm = flap.hemRows * pouch.rowMm;
  const noHem: Repair = { code: 'take-hem-off', values: {}, edits: [{ path: ['flap', 'hemMm'], value: null }] };
  if (design.lining !== null)
    return [ours.problem({ code: 'hem-under-lining', severity: 'mind', values: { hemMm }, repairs: [noHem], ...at })];
  const neededMm = Math.ceil(snap.insetMm + radiusMm) + 1;
  const hemWider: Repair[] =
    neededMm <= MOST_HEM_MM
      ? [{ code: 'hem-to', values: { hemMm: neededMm }, edits: [{ path: ['flap', 'hemMm'], value: neededMm }] }]
      : [];
  const insetMm = Math.floor(hemMm - radiusMm);
  return [
    ours.problem({
      code: 'snap-beyond-hem',
      asks: asks('snap.halfInset'),
      severity: 'decide',
      values: { hemMm, insetMm: snap.insetMm, radiusMm },
      repairs: [...(insetMm >= radiusMm ? insetTo(insetMm) : []), ...hemWider, noHem],
      ...at,
    }),
  ];
}

/** A snap on a bag that has no flap to close: it is left out. It is taken off, or the bag is given a flap where it can take one. */
export function snapWithoutFlap(
  snap: MagneticSnap,
  design: SettledDesign,
  takesFlap: boolean,
  { bridgeMm }: FlapStage,
  at: FittingPlace,
): Problem {
  // A flap comes down further on the empty bag by what its bridge is shorter.
  const shiftMm = Math.abs(bridgeMm.loaded - bridgeMm.empty);
  const [mate] = missesBy(snap, shiftMm) > snap.diameterMm / 2 ? matesThatHold(snap, shiftMm) : [];
  const others = design.closures.filter((_, index) => index !== at.index);
  return ours.problem({
    code: 'snap-without-flap',
    severity: 'decide',
    place: 'body',
    path: pathOf(at),
    values: {},
    repairs: [
      ours.repair({ code: 'take-snap-off', values: {}, edits: [{ path: ['closures'], value: others }] }),
      ...(takesFlap
        ? [
            {
              code: 'give-flap' as const,
              values: { halfway: mate === 'between', second: mate === 'both' },
              edits: [
                { path: ['flap'], value: { kind: 'straight', ...wishableFlap(design) } },
                ...(mate ? [{ path: [...pathOf(at), 'mate'], value: mate }] : []),
              ],
            },
          ]
        : []),
    ],
  });
}
