import fc from 'fast-check';
import { readDesign, type BodyKind, type Design } from '@/core/design';
import { PANEL_STITCH_IDS } from '@/core/stitches';
import { INCREASES, anySettings, orNull } from './arbitraries';
import { bagOf } from './bodies';

const within = (min: number, max: number): fc.Arbitrary<number> => fc.double({ min, max, noNaN: true });

const bandJoined = fc.constantFrom('sewn', 'as-worked');

/** What a body has of its own: every choice that changes how it is worked. */
const OWN: Record<BodyKind, fc.Arbitrary<object>> = {
  'fold-over-strip': fc.record({ workedFrom: fc.constantFrom('front-edge', 'flap-edge') }),
  'boxed-corners': fc.record({ workedFrom: fc.constantFrom('front-edge', 'flap-edge'), depthMm: within(20, 80) }),
  'side-bands': fc.record({
    workedFrom: fc.constantFrom('front-edge', 'flap-edge'),
    depthMm: within(20, 80),
    bandJoined,
  }),
  gusset: fc.record({
    depthMm: within(20, 80),
    radiusMm: within(0, 60),
    gussetWorked: fc.constantFrom('crosswise', 'lengthwise'),
    bandJoined,
  }),
  'round-purse': fc.record({
    depthMm: within(20, 60),
    openMm: within(60, 200),
    bandJoined,
    rounds: fc.constantFrom('joined', 'spiral'),
    increases: fc.constantFrom(...INCREASES),
  }),
  'around-chain': fc.record({
    start: fc.constantFrom('chain', 'ring'),
    rounds: fc.constantFrom('joined', 'spiral'),
    endStitches: fc.nat(2),
    narrowing: orNull(fc.integer({ min: 2, max: 9 })),
    roundWalk: orNull(fc.record({ rounds: fc.constant(10), stitches: within(-6, 6) })),
  }),
  'oval-base': fc.record({
    depthMm: within(20, 90),
    rounds: fc.constantFrom('joined', 'spiral'),
    increases: fc.constantFrom(...INCREASES),
    narrowing: orNull(fc.integer({ min: 2, max: 9 })),
  }),
};

const flapBase = (heightMm: number) => ({
  dropMm: within(20, heightMm),
  widthMm: orNull(within(40, 220)),
  hemMm: orNull(within(8, 30)),
});

/** Any flap that a bag of that height can wish for. */
export const anyFlap = (heightMm: number): fc.Arbitrary<object> =>
  fc.oneof(
    fc.record({ kind: fc.constantFrom('none', 'straight', 'round'), ...flapBase(heightMm) }),
    fc.record({ kind: fc.constant('tapered'), ...flapBase(heightMm), edgeWidthMm: within(5, 200) }),
    fc.record({ kind: fc.constant('pointed'), ...flapBase(heightMm), pointMm: within(10, 150) }),
    fc.record({ kind: fc.constant('rounded-corners'), ...flapBase(heightMm), radiusMm: within(5, 100) }),
    fc.record({
      kind: fc.constant('scalloped'),
      ...flapBase(heightMm),
      scallops: fc.integer({ min: 2, max: 9 }),
      depthMm: within(8, 40),
    }),
    fc.record({ kind: fc.constant('half-disc'), ...flapBase(heightMm), increases: fc.constantFrom(...INCREASES) }),
  );

/** Bags that can be worked, in every stitch and by every school: for reading and replaying what is written of them. */
export const workableBag = (kind: BodyKind): fc.Arbitrary<Design> =>
  fc
    .record({
      stitchMm: within(3, 9),
      rowShare: within(0.5, 3),
      widthMm: fc.integer({ min: 70, max: 280 }),
      heightMm: fc.integer({ min: 70, max: 240 }),
      stitch: fc.constantFrom(...PANEL_STITCH_IDS),
      plainEdge: fc.constantFrom(0, 0, 1, 2, 3),
      settings: anySettings,
      own: OWN[kind],
      front: orNull(fc.integer({ min: 8, max: 50 })),
      loadMm: fc.integer({ min: 0, max: 30 }),
    })
    .chain((made) => anyFlap(made.heightMm).map((flap) => ({ ...made, flap })))
    .map(({ stitchMm, rowShare, widthMm, heightMm, own, flap, front, loadMm, ...rest }): unknown => {
      const bag = bagOf(kind, { stitchMm, rowMm: stitchMm * rowShare, fabricMm: 2 });
      return {
        ...bag,
        ...rest,
        swatch: { ...bag.swatch, stitch: rest.stitch },
        contents: { ...bag.contents, thicknessMm: loadMm },
        body: {
          ...bag.body,
          ...own,
          widthMm,
          heightMm,
          chosenRows: { front, back: null, bridge: null, flap: null },
        },
        flap,
      };
    })
    .map((document) => readDesign(document))
    .filter((read) => read.ok)
    .map((read) => (read as { ok: true; design: Design }).design);
