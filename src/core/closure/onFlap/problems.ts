import type { SettledDesign } from '@/core/contents';
import { MOST_HEM_MM, ONE_SNAP_FLAP_WIDTH_MM } from '@/core/defaults';
import { offsetOf } from '@/core/body';
import { INSET_LIMITS, type OnFlap, linesFlap } from '@/core/design';
import { nameAt, pathOf, takeOffEdit, type FittingInput, type FittingPlace } from '@/core/fittings';
import { rowStitches, wishableFlap } from '@/core/flap';
import { placesAcross } from '@/core/placing';
import { ownCodes, type Problem, type Repair } from '@/core/problems';
import type { FlapStage } from '@/core/stages';
import type { OnFlapPlaces } from './places';

/** What the problems of whatever closes a flap are told from, by what follows the kind’s own prefix; lengths in mm. */
export interface OnFlapProblems {
  'off-front': Lands;
  'on-fold': Lands;
  'off-flap': { insetMm: number; flapMm: number; radiusMm: number };
  'beside-flap': { insetMm: number; widthMm: number; radiusMm: number };
  'in-scallop': { insetMm: number; scallopMm: number };
  'without-flap': object;
  drifts: {
    shiftMm: number;
    missMm: number;
    radiusMm: number;
    emptyMm: number;
    loadedMm: number;
    /** So far that two mates have room beside each other. */
    far: boolean;
  };
  'beyond-hem': { hemMm: number; insetMm: number; radiusMm: number };
  'under-lining': { hemMm: number };
  /** Beside each other they need more of the row than it has. */
  crowded: { count: number; neededMm: number; widthMm: number };
  'wide-flap': Wide;
  'on-wrist': Wide;
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

/** What its repairs are told from, likewise. */
export interface OnFlapRepairs {
  'take-off': object;
  'mate-between': { missMm: number };
  'mate-both': object;
  two: object;
  'inset-to': { insetMm: number };
  fewer: { count: number };
  quarter: object;
}

const ours = ownCodes();

/** What the problems of one closure are found from. */
export interface Doubted {
  prefix: string;
  closure: OnFlap;
  bag: FittingInput;
  places: OnFlapPlaces;
  /** How far it reaches from its middle along the fabric, and by how much it may miss its mate, mm. */
  radiusMm: number;
  findsMm: number;
  /** How wide it lies across, mm. */
  wideMm: number;
  /** Whether something of it shows on the inside that a hem can hide. */
  isHidden: boolean;
}

/** What is doubtful about where something that closes a flap is set: on its flap, on the front, between empty and full; with what mends it. */
export const onFlapProblems = (doubted: Doubted): Problem[] => [
  ...onFlap(doubted),
  ...hemProblems(doubted),
  ...onFront(doubted),
  ...driftProblems(doubted),
  ...onlyOneProblems(doubted),
  ...crowdedProblems(doubted),
];

/** A problem of one closure, at its place. */
function problem<C extends keyof OnFlapProblems & string>(
  { prefix, bag: { at } }: Pick<Doubted, 'prefix' | 'bag'>,
  code: C,
  values: OnFlapProblems[C],
  more: Pick<Problem, 'severity' | 'repairs'> & { asks?: readonly string[] },
): Problem {
  return ours.problem({
    code: `${prefix}-${code}`,
    values,
    place: 'closures',
    path: pathOf(at),
    mark: nameAt(at, prefix),
    ...more,
  });
}

const repair = <C extends keyof OnFlapRepairs & string>(
  { prefix }: Pick<Doubted, 'prefix'>,
  code: C,
  values: OnFlapRepairs[C],
  edits: Repair['edits'],
): Repair => ours.repair({ code: `${prefix}-${code}`, values, edits });

/** The repair that sets it further up or down the flap; none where none can be set so. */
function insetTo(doubted: Doubted, insetMm: number): Repair[] {
  const { leastMm, mostMm } = INSET_LIMITS;
  if (insetMm < leastMm || insetMm > mostMm) return [];
  return [repair(doubted, 'inset-to', { insetMm }, [{ path: [...pathOf(doubted.bag.at), 'insetMm'], value: insetMm }])];
}

/** The names of its own figures that a sentence quotes. */
const own = ({ prefix, bag: { at } }: Doubted, ...names: string[]): string[] =>
  names.map((name) => nameAt(at, `${prefix}.${name}`));

/** Rows of a hem are as wide as the flap's edge. */
const ownRow = ({ hemRow, tailRow, tailRows }: OnFlapPlaces): number => (hemRow === null ? tailRow : tailRows);

/** A part that sits in a scallop, beyond the sides of a shaped flap, or beyond its ends. */
function onFlap(doubted: Doubted): Problem[] {
  const { closure, bag, places, radiusMm } = doubted;
  // What is left in the edging lies beyond all rows.
  if (places.round !== null) return [];
  const { flap, pouch } = bag;
  const { tailRow, tailRows } = places;
  const problems: Problem[] = [];
  const flapMm = flap.flapRows * pouch.rowMm;
  const scallopRows = flap.scallops?.rows.length ?? 0;
  if (tailRow > tailRows - scallopRows)
    problems.push(
      problem(
        doubted,
        'in-scallop',
        { insetMm: closure.insetMm, scallopMm: scallopRows * pouch.rowMm },
        {
          asks: own(doubted, 'halfRow'),
          severity: 'decide',
          repairs: insetTo(doubted, Math.ceil((scallopRows + 3) * pouch.rowMm)),
        },
      ),
    );
  // How near to its row's end it sits: on a shaped flap the row may be short.
  const besideMm = (row: number) => {
    const stitches = Math.max(1, Math.round(rowStitches(flap, row)));
    return Math.min(...placesAcross(closure, stitches, pouch.stitchMm).map((place) => offsetOf(place, pouch.stitchMm)));
  };
  const row = ownRow(places);
  let wideRow = row;
  while (wideRow > flap.bridgeRows && besideMm(wideRow) < radiusMm) wideRow -= 1;
  if (wideRow < row)
    problems.push(
      problem(
        doubted,
        'beside-flap',
        { insetMm: closure.insetMm, widthMm: rowStitches(flap, row) * pouch.stitchMm, radiusMm },
        {
          asks: [...own(doubted, 'halfRow'), 'flap.edgeWidth'],
          severity: 'decide',
          repairs: insetTo(doubted, Math.ceil((tailRows - wideRow + 0.5) * pouch.rowMm)),
        },
      ),
    );
  if (tailRow - flap.bridgeRows < 1 || closure.insetMm < radiusMm)
    problems.push(
      problem(
        doubted,
        'off-flap',
        { insetMm: closure.insetMm, flapMm, radiusMm },
        {
          asks: [...own(doubted, 'halfInset'), 'panel.flapRows'],
          severity: 'decide',
          repairs:
            flapMm > 2 * radiusMm
              ? insetTo(doubted, Math.max(Math.ceil(radiusMm) + 2, Math.min(closure.insetMm, Math.round(flapMm / 3))))
              : [],
        },
      ),
    );
  return problems;
}

/** A mate that has no room below the mouth, or would lie on the bend at the base. */
function onFront(doubted: Doubted): Problem[] {
  const { bag, places, radiusMm } = doubted;
  const { rowMm, flatFrontMm: flat } = bag.pouch;
  const { mateTargetsMm } = places;
  const flatFrontMm = Math.min(flat.empty, flat.loaded);
  // Where its row is, which can be less than she wishes on a short flap.
  const insetNowMm = (places.tailRows - places.tailRow + 0.5) * rowMm;
  // With two mates it is moved as far as the worse of them asks for.
  const [highestMm, lowestMm] = [Math.min(...mateTargetsMm), Math.max(...mateTargetsMm)];
  const meets = { asks: own(doubted, 'meets.loaded', 'meets.empty'), severity: 'decide' } as const;
  return mateTargetsMm.flatMap((landsMm): Problem[] => {
    const values = { landsMm, radiusMm, flatFrontMm };
    if (landsMm < radiusMm) {
      const insetMm = Math.floor(insetNowMm - (radiusMm - highestMm) - rowMm);
      const repairs = insetMm > radiusMm ? insetTo(doubted, insetMm) : [];
      return [problem(doubted, 'off-front', values, { ...meets, repairs })];
    }
    if (landsMm + radiusMm <= flatFrontMm) return [];
    const insetMm = Math.ceil(insetNowMm + (lowestMm + radiusMm - flatFrontMm) + rowMm);
    return [problem(doubted, 'on-fold', values, { ...meets, repairs: insetTo(doubted, insetMm) })];
  });
}

/** One on a wide flap, or on a bag that tilts: as wide as the flap is where it sits, for the corners of a point lie above it. */
function onlyOneProblems(doubted: Doubted): Problem[] {
  const { closure, bag, places } = doubted;
  const widthMm = rowStitches(bag.flap, ownRow(places)) * bag.pouch.stitchMm;
  const isWide = widthMm > ONE_SNAP_FLAP_WIDTH_MM;
  const tilts = bag.design.contents.carried === 'on-the-wrist' && widthMm > ONE_SNAP_FLAP_WIDTH_MM / 2;
  if (closure.layout !== 'centre' || !(isWide || tilts)) return [];
  return [
    problem(
      doubted,
      isWide ? 'wide-flap' : 'on-wrist',
      { widthMm, usualMostMm: ONE_SNAP_FLAP_WIDTH_MM },
      {
        asks: ['size.width'],
        severity: 'mind',
        repairs: [repair(doubted, 'two', {}, [{ path: [...pathOf(bag.at), 'layout'], value: 'pair' }])],
      },
    ),
  ];
}

/** Several that have no room beside each other on their row. */
function crowdedProblems(doubted: Doubted): Problem[] {
  const { closure, bag, places, wideMm } = doubted;
  const { stitchMm } = bag.pouch;
  const offsets = placesAcross(closure, places.halfStitches, stitchMm).map((place) => offsetOf(place, stitchMm));
  const apartMm = Math.min(...offsets.slice(1).map((mm, index) => mm - (offsets[index] as number)));
  if (offsets.length < 2 || apartMm >= wideMm) return [];
  const widthMm = places.halfStitches * stitchMm;
  const fit = Math.floor(widthMm / wideMm);
  const path = (field: string) => [...pathOf(bag.at), field];
  const repairs: Repair[] =
    closure.layout === 'pair'
      ? widthMm / 2 >= wideMm
        ? [repair(doubted, 'quarter', {}, [{ path: path('inMm'), value: null }])]
        : []
      : fit >= 2 && fit < closure.count
        ? [repair(doubted, 'fewer', { count: fit }, [{ path: path('count'), value: fit }])]
        : [];
  return [
    problem(
      doubted,
      'crowded',
      { count: offsets.length, neededMm: offsets.length * wideMm, widthMm },
      { severity: 'decide', repairs },
    ),
  ];
}

/** How far it misses its mate on the empty bag, mm, where its flap comes down so much further than on the full one. */
const missesBy = ({ mate }: OnFlap, shiftMm: number): number =>
  mate === 'both' ? 0 : mate === 'between' ? shiftMm / 2 : shiftMm;

/**
 * Ways to set the mate of what misses it: halfway, where that misses by no more than it finds; a second one, where two that are
 * so far apart have room beside each other. None where neither helps.
 */
const matesThatHold = (
  { mate }: OnFlap,
  { radiusMm, findsMm }: Pick<Doubted, 'radiusMm' | 'findsMm'>,
  shiftMm: number,
): ('between' | 'both')[] => [
  ...(mate === 'loaded' && shiftMm <= 2 * findsMm ? (['between'] as const) : []),
  ...(shiftMm >= 2 * radiusMm ? (['both'] as const) : []),
];

/** A part that misses its mate on the empty bag. By less than it finds nothing is to be decided. */
function driftProblems(doubted: Doubted): Problem[] {
  const { closure, bag, places, radiusMm, findsMm } = doubted;
  const { meetsMm } = places;
  const shiftMm = Math.abs(meetsMm.empty - meetsMm.loaded);
  const missMm = missesBy(closure, shiftMm);
  if (missMm <= findsMm) return [];
  const ways = matesThatHold(closure, { radiusMm, findsMm }, shiftMm);
  return [
    problem(
      doubted,
      'drifts',
      {
        far: ways.includes('both'),
        shiftMm,
        missMm,
        radiusMm: findsMm,
        emptyMm: meetsMm.empty,
        loadedMm: meetsMm.loaded,
      },
      {
        asks: own(doubted, 'meets.loaded', 'meets.empty'),
        severity: ways.length > 0 ? 'decide' : 'mind',
        repairs: ways.map((mate) => {
          const edits = [{ path: [...pathOf(bag.at), 'mate'], value: mate }];
          return mate === 'both'
            ? repair(doubted, 'mate-both', {}, edits)
            : repair(doubted, 'mate-between', { missMm: shiftMm / 2 }, edits);
        }),
      },
    ),
  ];
}

/** A hem that does not hide what shows on the inside: the lining lies over it, or it does not reach so far. */
function hemProblems(doubted: Doubted): Problem[] {
  const { closure, bag, places, radiusMm, isHidden } = doubted;
  const { design, flap, pouch } = bag;
  if (!isHidden || flap.hemRows === 0 || places.hemRow !== null) return [];
  const hemMm = flap.hemRows * pouch.rowMm;
  const noHem: Repair = { code: 'take-hem-off', values: {}, edits: [{ path: ['flap', 'hemMm'], value: null }] };
  if (linesFlap(design)) return [problem(doubted, 'under-lining', { hemMm }, { severity: 'mind', repairs: [noHem] })];
  const neededMm = Math.ceil(closure.insetMm + radiusMm) + 1;
  const hemWider: Repair[] =
    neededMm <= MOST_HEM_MM
      ? [{ code: 'hem-to', values: { hemMm: neededMm }, edits: [{ path: ['flap', 'hemMm'], value: neededMm }] }]
      : [];
  const insetMm = Math.floor(hemMm - radiusMm);
  return [
    problem(
      doubted,
      'beyond-hem',
      { hemMm, insetMm: closure.insetMm, radiusMm },
      {
        asks: own(doubted, 'halfInset'),
        severity: 'decide',
        repairs: [...(insetMm >= radiusMm ? insetTo(doubted, insetMm) : []), ...hemWider, noHem],
      },
    ),
  ];
}

/** What closes a flap, on a bag that has none: it is left out. It is taken off, or the bag is given a flap where it can take one. */
export function withoutFlap(
  { prefix, closure, radiusMm, findsMm }: Pick<Doubted, 'prefix' | 'closure' | 'radiusMm' | 'findsMm'>,
  design: SettledDesign,
  takesFlap: boolean,
  { bridgeMm }: FlapStage,
  at: FittingPlace,
): Problem {
  // A flap comes down further on the empty bag by what its bridge is shorter.
  const shiftMm = Math.abs(bridgeMm.loaded - bridgeMm.empty);
  const [mate] = missesBy(closure, shiftMm) > findsMm ? matesThatHold(closure, { radiusMm, findsMm }, shiftMm) : [];
  return ours.problem({
    code: `${prefix}-without-flap`,
    severity: 'decide',
    place: 'closures',
    path: pathOf(at),
    values: {},
    repairs: [
      repair({ prefix }, 'take-off', {}, [takeOffEdit(design, at)]),
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
