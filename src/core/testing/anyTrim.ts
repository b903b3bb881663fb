import fc from 'fast-check';
import type { TrimKind } from '@/core/design';
import { orNull } from './arbitraries';

const from = (min: number, max: number): fc.Arbitrary<number> => fc.double({ min, max, noNaN: true });
const whole = (min: number, max: number): fc.Arbitrary<number> => fc.integer({ min, max });

const spots = {
  id: fc.constant('any'),
  on: fc.constantFrom('front', 'flap'),
  count: whole(1, 12),
  fromEdgeMm: from(0, 400),
};
const along = { id: fc.constant('any'), edge: fc.constantFrom('flap', 'mouth'), every: whole(1, 20) };

/** Any trim of each kind that the file can hold. */
const TRIMS: Record<TrimKind, fc.Arbitrary<unknown>> = {
  tassel: fc.record({ kind: fc.constant('tassel'), ...spots, lengthMm: from(15, 200), wraps: whole(4, 200) }),
  flower: fc.record({
    kind: fc.constant('flower'),
    ...spots,
    petals: whole(3, 24),
    petalChains: whole(3, 20),
    buttonMm: orNull(from(6, 60)),
  }),
  pompon: fc.record({ kind: fc.constant('pompon'), ...spots, diameterMm: from(15, 120), wraps: whole(20, 400) }),
  bow: fc.record({
    kind: fc.constant('bow'),
    ...spots,
    widthMm: from(20, 300),
    heightMm: from(10, 150),
    of: fc.constantFrom('crochet', 'cloth'),
  }),
  charm: fc.record({ kind: fc.constant('charm'), ...spots, widthMm: from(4, 80), heightMm: from(4, 120) }),
  'surface-line': fc.record({ kind: fc.constant('surface-line'), ...spots, lengthMm: from(10, 400) }),
  beads: fc.record({ kind: fc.constant('beads'), ...along, diameterMm: from(2, 20), holeMm: from(0.4, 12) }),
  patch: fc.record({ kind: fc.constant('patch'), ...spots, widthMm: from(8, 300), heightMm: from(8, 300) }),
  fringe: fc.record({ kind: fc.constant('fringe'), ...along, lengthMm: from(10, 300), strands: whole(1, 12) }),
  frill: fc.record({ kind: fc.constant('frill'), ...along, chains: whole(2, 20) }),
};

/** Any trim that can be written down. */
export const anyTrim: fc.Arbitrary<unknown> = fc.oneof(...Object.values(TRIMS));
