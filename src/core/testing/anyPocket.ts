import fc from 'fast-check';
import type { Pocket } from '@/core/design';

const from = (min: number, max: number): fc.Arbitrary<number> => fc.double({ min, max, noNaN: true });
const orNull = <T>(some: fc.Arbitrary<T>): fc.Arbitrary<T | null> => fc.option(some, { nil: null });

const placed = {
  on: fc.constantFrom('front', 'back'),
  fromMouthMm: from(0, 400),
  acrossMm: from(-300, 300),
  holds: fc.constantFrom(null, 't0', 't1', 'gone'),
};
const sized = { widthMm: orNull(from(15, 500)), heightMm: orNull(from(15, 500)) };
const ofCloth = { seamMm: from(3, 30), hemMm: from(5, 60) };

const POCKETS: Record<Pocket['kind'], fc.Arbitrary<unknown>> = {
  slip: fc.record({ kind: fc.constant('slip'), ...placed, ...sized, ...ofCloth }),
  divided: fc.record({
    kind: fc.constant('divided'),
    ...placed,
    ...sized,
    ...ofCloth,
    parts: fc.integer({ min: 2, max: 8 }),
  }),
  zipped: fc.record({ kind: fc.constant('zipped'), ...placed, ...sized, seamMm: from(3, 30) }),
  crocheted: fc.record({ kind: fc.constant('crocheted'), ...placed, ...sized }),
  vinyl: fc.record({ kind: fc.constant('vinyl'), ...placed, ...sized, pitchMm: from(3, 15), holesInMm: from(3, 15) }),
  loop: fc.record({ kind: fc.constant('loop'), ...placed, heightMm: from(6, 60), girthMm: orNull(from(10, 400)) }),
};

/** Any pocket that can be written down. */
export const anyPocket: fc.Arbitrary<unknown> = fc.oneof(...Object.values(POCKETS));
