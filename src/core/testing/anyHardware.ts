import fc from 'fast-check';
import type { HardwareKind } from '@/core/design';

const from = (min: number, max: number): fc.Arbitrary<number> => fc.double({ min, max, noNaN: true });
const whole = (min: number, max: number): fc.Arbitrary<number> => fc.integer({ min, max });

const put = {
  id: fc.constant('any'),
  on: fc.constantFrom('sides', 'front', 'back', 'flap'),
  count: whole(1, 24),
  fromEdgeMm: from(0, 400),
};

/** Any hardware of each kind that the file can hold. */
const HARDWARE: Record<HardwareKind, fc.Arbitrary<unknown>> = {
  ring: fc.record({
    kind: fc.constant('ring'),
    ...put,
    shape: fc.constantFrom('round', 'd'),
    insideMm: from(4, 100),
    wireMm: from(0.8, 10),
    held: fc.constantFrom('seam', 'tab', 'worked-in', 'sewn'),
  }),
  rivet: fc.record({ kind: fc.constant('rivet'), ...put, headMm: from(3, 25), shankMm: from(2, 30) }),
  eyelet: fc.record({
    kind: fc.constant('eyelet'),
    ...put,
    holeMm: from(2, 40),
    rimMm: from(1, 15),
    barrelMm: from(2, 30),
  }),
  clasp: fc.record({ kind: fc.constant('clasp'), ...put, insideMm: from(4, 60), lengthMm: from(15, 120) }),
  'handle-plate': fc.record({
    kind: fc.constant('handle-plate'),
    ...put,
    widthMm: from(10, 120),
    heightMm: from(10, 150),
    holes: whole(2, 40),
  }),
};

/** Hardware of one kind. */
export const anyHardwareOf = (kind: HardwareKind): fc.Arbitrary<unknown> => HARDWARE[kind];

/** Any hardware that can be written down. */
export const anyHardware: fc.Arbitrary<unknown> = fc.oneof(...Object.values(HARDWARE));
