import fc from 'fast-check';
import { BOUGHT_STRAP_KINDS, CARRYINGS, WORKED_STRAP_KINDS, type Strap } from '@/core/design';
import { PANEL_STITCH_IDS } from '@/core/stitches';
import { orNull } from './arbitraries';

const from = (min: number, max: number): fc.Arbitrary<number> => fc.double({ min, max, noNaN: true });
const whole = (min: number, max: number): fc.Arbitrary<number> => fc.integer({ min, max });

const given = fc.oneof(
  fc.constant({ by: 'tape' as const }),
  fc.record({ by: fc.constant('drop' as const), dropMm: from(10, 1200) }),
  fc.record({ by: fc.constant('copy' as const), massG: orNull(from(10, 20000)) }),
  fc.record({
    by: fc.constant('figure' as const),
    mouthMm: from(100, 2000),
    heightMm: from(800, 2300),
    hipMm: from(400, 1900),
  }),
);

const ring = { innerMm: from(4, 160), tabMm: from(0, 120) };
const ends = fc.oneof(
  fc.record({
    kind: fc.constant('sewn' as const),
    lie: fc.constantFrom('inside' as const, 'outside' as const),
    stitching: fc.constantFrom('round-and-across' as const, 'box' as const, 'cross' as const),
  }),
  fc.record({ kind: fc.constant('ring' as const), ...ring }),
  fc.record({ kind: fc.constant('clasp' as const), lengthMm: from(10, 120), ...ring }),
  fc.constant({ kind: 'knotted' as const }),
  fc.record({ kind: fc.constant('grown' as const), shortLoopMm: orNull(from(60, 600)) }),
);

const longer = { longerMm: from(0, 800) };
const adjust = fc.oneof(
  fc.constant({ kind: 'none' as const }),
  fc.record({ kind: fc.constantFrom('slider' as const, 'two-rings' as const, 'knot' as const), ...longer }),
  fc.record({ kind: fc.constant('buttonholes' as const), holes: whole(2, 20), everyMm: from(10, 150), ...longer }),
  fc.record({ kind: fc.constant('bow' as const), loopMm: from(20, 300), tieMm: from(20, 1000), ...longer }),
);

const feet = fc.oneof(
  fc.constant({ on: 'sides' as const }),
  fc.record({ on: fc.constantFrom('front' as const, 'back' as const), inStitches: whole(0, 200) }),
);

const hung = {
  wornLengthMm: from(50, 2500),
  given,
  over: orNull(fc.constantFrom(...CARRYINGS)),
  overlapMm: from(5, 100),
  ends,
  adjust,
  feet,
};

const worked = fc.record({
  kind: fc.constantFrom(...WORKED_STRAP_KINDS),
  ...hung,
  widthMm: from(5, 150),
  school: fc.constantFrom('pulled' as const, 'loaded' as const, 'slack' as const),
  sample: orNull(
    fc.record({
      of: fc.constantFrom(...WORKED_STRAP_KINDS),
      stitch: fc.constantFrom(...PANEL_STITCH_IDS),
      rows: whole(4, 400),
      slackMm: from(20, 2000),
      slackWidthMm: orNull(from(100, 200)),
      loaded: fc.constantFrom([], [{ massG: 500, lengthMm: 2000 }]),
      pulledMm: orNull(from(2000, 3000)),
      pulledWidthMm: orNull(from(2, 100)),
    }),
  ),
});

const bought = fc
  .record({
    kind: fc.constantFrom(...BOUGHT_STRAP_KINDS),
    ...hung,
    widthMm: from(2, 150),
    thicknessMm: from(0.5, 40),
    massPerMetreG: orNull(from(1, 3000)),
    lengthMm: from(100, 2500),
  })
  .map(({ lengthMm, ...made }) => (made.kind === 'ready-made' ? { ...made, lengthMm } : made));

/** Any strap that can be written down, of every kind, hung in every way. */
export const anyStrap: fc.Arbitrary<Strap> = fc.oneof(worked, bought) as fc.Arbitrary<Strap>;
