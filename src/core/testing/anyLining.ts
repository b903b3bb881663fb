import fc from 'fast-check';
import type { Lining } from '@/core/design';
import { orNull } from './arbitraries';

const from = (min: number, max: number): fc.Arbitrary<number> => fc.double({ min, max, noNaN: true });

const made = {
  stuff: fc.constantFrom('cloth', 'felt', 'fleece', 'vinyl'),
  thicknessMm: from(0.05, 5),
  layers: fc.integer({ min: 1, max: 2 }),
  interfacingMm: orNull(from(0.05, 3)),
  perforated: fc.constantFrom('each', 'together'),
  joined: fc.constantFrom('by-hand', 'by-machine', 'through-holes'),
  pitchMm: from(3, 25),
  holesInMm: from(3, 25),
  counted: orNull(fc.integer({ min: 4, max: 5000 })),
};
const over = { allowanceMm: from(5, 40), insetMm: from(0, 20), ...made };

const LININGS: Record<Lining['kind'], fc.Arbitrary<unknown>> = {
  flat: fc.record({ kind: fc.constant('flat'), ...over }),
  'drop-in': fc.record({
    kind: fc.constant('drop-in'),
    cut: fc.constantFrom('folded', 'two', 'walls'),
    seams: fc.constantFrom('sewn', 'through-holes'),
    seamMm: from(3, 30),
    hemMm: from(0, 60),
    easeMm: from(0, 30),
    belowMm: from(0, 80),
    ...made,
  }),
  crocheted: fc.record({
    kind: fc.constant('crocheted'),
    stitchesIn100Mm: from(4, 120),
    rowsIn100Mm: from(4, 120),
    hookMm: from(0.5, 30),
    thicknessMm: from(0.2, 10),
    easeMm: from(0, 30),
    belowMm: from(0, 80),
    counted: orNull(fc.integer({ min: 4, max: 5000 })),
  }),
  'flap-only': fc.record({ kind: fc.constant('flap-only'), ...over }),
};

/** A lining of one kind. */
export const anyLiningOf = (kind: Lining['kind']): fc.Arbitrary<unknown> => LININGS[kind];

/** Any lining that can be written down. */
export const anyLining: fc.Arbitrary<unknown> = fc.oneof(...Object.values(LININGS));
