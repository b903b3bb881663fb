import type { LoadState, SettledDesign } from '@/core/contents';
import { ONE_SNAP_FLAP_WIDTH_MM } from '@/core/defaults';
import type { MagneticSnap } from '@/core/design';
import { rowStitches, wishableFlap } from '@/core/flap';
import type { Problem, Repair } from '@/core/problems';
import type { PouchStage, FlapStage } from '@/core/stages';

/** How near to the flap's edge, and how far from it, a design can set a snap, mm: the schema's limits. */
const LEAST_INSET_MM = 3;
const MOST_INSET_MM = 400;
/** The widest hem that a design can wish for, mm: the schema's limit. */
const MOST_HEM_MM = 100;

/** What is doubtful about where a snap is set: on its flap, on the front, between empty and full; with what mends it. */
export function snapProblems(
  snap: MagneticSnap,
  design: SettledDesign,
  pouch: PouchStage,
  flap: FlapStage,
  tailRow: number,
  meetsMm: Record<LoadState, number>,
  mateTargetsMm: readonly number[],
  inHem: boolean,
): Problem[] {
  const index = design.closures.indexOf(snap);
  const radiusMm = snap.diameterMm / 2;
  const at = { place: 'body', path: ['closures', index], mark: 'snap' } as const;
  const problems: Problem[] = [{ ...at, code: 'magnets', severity: 'mind', values: {}, repairs: [] }];

  const flapMm = flap.flapRows * pouch.rowMm;
  /** The repair that sets it further up or down the flap; none where no snap can be set so. */
  const insetRepairs = (insetMm: number): Repair[] =>
    insetMm < LEAST_INSET_MM || insetMm > MOST_INSET_MM
      ? []
      : [
          {
            code: 'snap-inset-to',
            values: { insetMm },
            edits: [{ path: ['closures', index, 'insetMm'], value: insetMm }],
          },
        ];
  const tailRows = flap.bridgeRows + flap.flapRows;
  // Where its row is, which can be less than she wishes on a short flap.
  const insetNowMm = (tailRows - tailRow + 0.5) * pouch.rowMm;
  const stationFromFlapStart = tailRow - flap.bridgeRows;
  const scallopRows = flap.scallops?.rows.length ?? 0;
  if (tailRow > tailRows - scallopRows)
    problems.push({
      ...at,
      code: 'snap-in-scallop',
      asks: ['snap.halfRow'],
      severity: 'decide',
      values: { insetMm: snap.insetMm, scallopMm: scallopRows * pouch.rowMm },
      repairs: insetRepairs(Math.ceil((scallopRows + 3) * pouch.rowMm)),
    });
  // How near to its row's end a half sits: on a shaped flap the row may be short.
  const besideMm = (row: number) => (rowStitches(flap, row) / (snap.layout === 'pair' ? 4 : 2)) * pouch.stitchMm;
  // Rows of a hem are as wide as the flap's edge.
  const ownRow = inHem ? tailRows : tailRow;
  let wideRow = ownRow;
  while (wideRow > flap.bridgeRows && besideMm(wideRow) < radiusMm) wideRow -= 1;
  if (wideRow < ownRow)
    problems.push({
      ...at,
      code: 'snap-beside-flap',
      asks: ['snap.halfRow', 'flap.edgeWidth'],
      severity: 'decide',
      values: { insetMm: snap.insetMm, widthMm: rowStitches(flap, ownRow) * pouch.stitchMm, radiusMm },
      repairs: insetRepairs(Math.ceil((tailRows - wideRow + 0.5) * pouch.rowMm)),
    });
  if (stationFromFlapStart < 1 || snap.insetMm < radiusMm)
    problems.push({
      ...at,
      code: 'snap-off-flap',
      asks: ['snap.halfInset', 'panel.flapRows'],
      severity: 'decide',
      values: { insetMm: snap.insetMm, flapMm, radiusMm },
      repairs:
        flapMm > 2 * radiusMm
          ? insetRepairs(Math.max(Math.ceil(radiusMm) + 2, Math.min(snap.insetMm, Math.round(flapMm / 3))))
          : [],
    });

  if (flap.hemRows > 0 && !inHem) problems.push(hemProblem(snap, design, flap.hemRows * pouch.rowMm, insetRepairs, at));

  const flatFrontMm = Math.min(pouch.flatFrontMm.empty, pouch.flatFrontMm.loaded);
  // With two mates the snap is moved as far as the worse of them asks for.
  const [highestMm, lowestMm] = [Math.min(...mateTargetsMm), Math.max(...mateTargetsMm)];
  for (const target of mateTargetsMm) {
    const values = { landsMm: target, radiusMm, flatFrontMm };
    if (target < radiusMm) {
      const insetMm = Math.floor(insetNowMm - (radiusMm - highestMm) - pouch.rowMm);
      problems.push({
        ...at,
        code: 'snap-off-front',
        asks: ['snap.meets.loaded', 'snap.meets.empty'],
        severity: 'decide',
        values,
        repairs: insetMm > radiusMm ? insetRepairs(insetMm) : [],
      });
    } else if (target + radiusMm > flatFrontMm) {
      problems.push({
        ...at,
        code: 'snap-on-fold',
        asks: ['snap.meets.loaded', 'snap.meets.empty'],
        severity: 'decide',
        values,
        repairs: insetRepairs(Math.ceil(insetNowMm + (lowestMm + radiusMm - flatFrontMm) + pouch.rowMm)),
      });
    }
  }

  const shiftMm = Math.abs(meetsMm.empty - meetsMm.loaded);
  const missMm = missesBy(snap, shiftMm);
  if (missMm > radiusMm) problems.push(driftProblem(snap, at, index, meetsMm, shiftMm, missMm));

  // As wide as the flap is where the snap sits: the corners of a point, or of a curve, lie above it.
  const widthMm = rowStitches(flap, ownRow) * pouch.stitchMm;
  const isWide = widthMm > ONE_SNAP_FLAP_WIDTH_MM;
  const tilts = design.contents.carried === 'on-the-wrist' && widthMm > ONE_SNAP_FLAP_WIDTH_MM / 2;
  if (snap.layout === 'centre' && (isWide || tilts))
    problems.push({
      ...at,
      code: isWide ? 'snap-wide-flap' : 'snap-on-wrist',
      asks: ['size.width'],
      severity: 'mind',
      values: { widthMm, usualMostMm: ONE_SNAP_FLAP_WIDTH_MM },
      repairs: [{ code: 'two-snaps', values: {}, edits: [{ path: ['closures', index, 'layout'], value: 'pair' }] }],
    });
  return problems;
}

type At = Pick<Problem, 'place' | 'path' | 'mark'>;

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
function driftProblem(
  snap: MagneticSnap,
  at: At,
  index: number,
  meetsMm: Record<LoadState, number>,
  shiftMm: number,
  missMm: number,
): Problem {
  const radiusMm = snap.diameterMm / 2;
  const ways = matesThatHold(snap, shiftMm);
  return {
    ...at,
    code: 'snap-drifts',
    asks: ['snap.meets.loaded', 'snap.meets.empty'],
    severity: ways.length > 0 ? 'decide' : 'mind',
    values: {
      ...{ shiftMm, missMm, radiusMm, emptyMm: meetsMm.empty, loadedMm: meetsMm.loaded },
      far: ways.includes('both') ? 1 : 0,
    },
    repairs: ways.map((mate): Repair => ({
      code: mate === 'both' ? 'mate-both' : 'mate-between',
      values: mate === 'both' ? {} : { missMm: shiftMm / 2 },
      edits: [{ path: ['closures', index, 'mate'], value: mate }],
    })),
  };
}

/** A hem that does not hide the snap's half: the lining lies over it, or it does not reach so far. */
function hemProblem(
  snap: MagneticSnap,
  design: SettledDesign,
  hemMm: number,
  insetRepairs: (insetMm: number) => Repair[],
  at: At,
): Problem {
  const noHem: Repair = { code: 'take-hem-off', values: {}, edits: [{ path: ['flap', 'hemMm'], value: null }] };
  if (design.lining !== null)
    return { ...at, code: 'hem-under-lining', severity: 'mind', values: { hemMm }, repairs: [noHem] };
  const radiusMm = snap.diameterMm / 2;
  const neededMm = Math.ceil(snap.insetMm + radiusMm) + 1;
  const hemWider: Repair[] =
    neededMm <= MOST_HEM_MM
      ? [{ code: 'hem-to', values: { hemMm: neededMm }, edits: [{ path: ['flap', 'hemMm'], value: neededMm }] }]
      : [];
  const insetMm = Math.floor(hemMm - radiusMm);
  return {
    ...at,
    code: 'snap-beyond-hem',
    asks: ['snap.halfInset'],
    severity: 'decide',
    values: { hemMm, insetMm: snap.insetMm, radiusMm },
    repairs: [...(insetMm >= radiusMm ? insetRepairs(insetMm) : []), ...hemWider, noHem],
  };
}

/** A snap on a bag that has no flap to close: it is left out. It is taken off, or the bag is given a flap where it can take one. */
export function snapWithoutFlap(
  snap: MagneticSnap,
  design: SettledDesign,
  takesFlap: boolean,
  { bridgeMm }: FlapStage,
): Problem {
  // A flap comes down further on the empty bag by what its bridge is shorter.
  const shiftMm = Math.abs(bridgeMm.loaded - bridgeMm.empty);
  const [mate] = missesBy(snap, shiftMm) > snap.diameterMm / 2 ? matesThatHold(snap, shiftMm) : [];
  return {
    code: 'snap-without-flap',
    severity: 'decide',
    place: 'body',
    path: ['closures', 0],
    values: {},
    repairs: [
      { code: 'take-snap-off', values: {}, edits: [{ path: ['closures'], value: [] }] },
      ...(takesFlap
        ? [
            {
              code: 'give-flap' as const,
              values: { halfway: mate === 'between' ? 1 : 0, second: mate === 'both' ? 1 : 0 },
              edits: [
                { path: ['flap'], value: { ...wishableFlap(design), kind: 'straight' } },
                ...(mate ? [{ path: ['closures', 0, 'mate'], value: mate }] : []),
              ],
            },
          ]
        : []),
    ],
  };
}
