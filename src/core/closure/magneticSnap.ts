import { PRONG_LIMITS, usualSnap, type MagneticSnap } from '@/core/design';
import { nameAt, pathOf, reachProblems } from '@/core/fittings';
import { ownCodes } from '@/core/problems';
import { onFlapKind } from './onFlap/onFlapKind';
import { setByThread, setThrough } from './onFlap/steps';
import type { OnFlapNature } from './onFlap/nature';

/** How thick one half of a snap is, mm. From memory. */
const HALF_DEPTH_MM = 2;

/** What is to be minded of magnets. */
export interface MagnetProblems {
  magnets: object;
}

const ours = ownCodes<MagnetProblems, object>();

const form = ({ diameterMm }: MagneticSnap) => ({ kind: 'disc', radiusMm: diameterMm / 2 }) as const;
const hasProngs = ({ fixing }: MagneticSnap): boolean => fixing === 'prongs';

const nature: OnFlapNature<MagneticSnap> = {
  prefix: 'snap',
  half: {
    label: 'Snap',
    noun: 'snap',
    face: 'inner',
    form,
    stuff: 'metal',
    standsMm: ({ fixing }) => (fixing === 'between-layers' ? 0 : HALF_DEPTH_MM),
    // Prongs go through the lining only on the flap, and through the crochet only on the front: common practice, no source.
    through: (snap, isLined) => ({ fabric: hasProngs(snap) && !isLined, lining: hasProngs(snap) && isLined }),
  },
  mate: {
    label: 'Mate',
    noun: 'mate',
    face: 'outer',
    form,
    stuff: 'metal',
    standsMm: ({ fixing }) => (fixing === 'between-layers' ? 0 : HALF_DEPTH_MM),
    through: (snap) => ({ fabric: hasProngs(snap), lining: false }),
  },
  radiusMm: ({ diameterMm }) => diameterMm / 2,
  // By less than its radius it finds its mate by itself.
  findsMm: ({ diameterMm }) => diameterMm / 2,
  isHidden: hasProngs,
  steps: (snap, bag) => (snap.fixing === 'sewn' ? setByThread('snap', bag) : setThrough('snap', bag)),
  cautions: (snap, { at, pouch: { layers } }) => [
    ours.problem({
      code: 'magnets',
      severity: 'mind',
      place: 'closures',
      path: pathOf(at),
      mark: nameAt(at, 'snap'),
      values: {},
      repairs: [],
    }),
    ...(hasProngs(snap)
      ? reachProblems({
          ...PRONG_LIMITS,
          ...{ part: 'prongs', reachMm: snap.prongMm, field: 'prongMm', at, place: 'closures', mark: 'snap' },
          // On the front through the crochet, on the flap through that or the lining.
          layersMm: layers.fabricMm,
        })
      : []),
  ],
};

/** A magnetic snap: its halves on the flap's inner face, its mates on the front where the folded flap brings them. */
export const magneticSnap = onFlapKind(usualSnap, nature);
