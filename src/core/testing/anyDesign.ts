import fc from 'fast-check';
import {
  EDGING_CORNERS,
  EDGING_EDGES,
  SEAM_KINDS,
  readDesign,
  thingIdSchema,
  type BodyKind,
  type Design,
} from '@/core/design';
import { PANEL_STITCH_IDS } from '@/core/stitches';
import { INCREASES, anySettings, orNull } from './arbitraries';
import { anyClosure } from './anyClosure';
import { anyLining } from './anyLining';
import { anyHardware } from './anyHardware';
import { anyTrim } from './anyTrim';
import { anyPocket } from './anyPocket';
import { anyStiffener } from './anyStiffener';
import { anyStrap } from './anyStrap';
import { fullDesign } from './designs';

/** Numbers all over a range, its ends more often than chance would have it. */
const from = (min: number, max: number): fc.Arbitrary<number> =>
  fc.oneof(
    { weight: 1, arbitrary: fc.constantFrom(min, max) },
    { weight: 5, arbitrary: fc.double({ min, max, noNaN: true }) },
  );
const whole = (min: number, max: number): fc.Arbitrary<number> =>
  fc.oneof({ weight: 1, arbitrary: fc.constantFrom(min, max) }, { weight: 5, arbitrary: fc.integer({ min, max }) });

const readings = fc.array(fc.record({ count: whole(2, 200), lengthMm: from(5, 2000) }), { minLength: 0, maxLength: 4 });
const chosen = orNull(whole(1, 1200));
const flapBase = { dropMm: from(10, 800), widthMm: orNull(from(10, 800)), hemMm: orNull(from(5, 100)) };

const flap = fc.oneof(
  fc.record({ kind: fc.constantFrom('none', 'straight', 'round'), ...flapBase }),
  fc.record({ kind: fc.constant('tapered'), ...flapBase, edgeWidthMm: from(5, 800) }),
  fc.record({ kind: fc.constant('pointed'), ...flapBase, pointMm: from(5, 800) }),
  fc.record({ kind: fc.constant('rounded-corners'), ...flapBase, radiusMm: from(5, 400) }),
  fc.record({ kind: fc.constant('scalloped'), ...flapBase, scallops: whole(2, 40), depthMm: from(5, 800) }),
  fc.record({ kind: fc.constant('half-disc'), ...flapBase, increases: fc.constantFrom(...INCREASES) }),
);

const bodyBase = {
  sizesFrom: fc.constantFrom('outside', 'inside', 'contents'),
  widthMm: from(20, 800),
  heightMm: from(20, 800),
  chosenStitches: orNull(whole(2, 600)),
  chosenRows: fc.record({ front: chosen, back: chosen, bridge: orNull(whole(0, 1200)), flap: chosen }),
  seam: fc.record({
    kind: fc.constantFrom(...SEAM_KINDS),
    finish: fc.constantFrom('turned', 'showing'),
    takeUpStitches: from(0, 2),
  }),
};
const depthMm = from(10, 400);
const workedFrom = fc.constantFrom('front-edge', 'flap-edge');
const stripTrial = orNull(fc.record({ rows: whole(4, 400), lengthMm: from(20, 2000) }));
const bandJoined = fc.constantFrom('sewn', 'as-worked');
const inRounds = {
  rounds: fc.constantFrom('joined', 'spiral'),
  narrowing: orNull(whole(2, 40)),
  roundWalk: orNull(fc.record({ rounds: whole(1, 200), stitches: from(-100, 100) })),
};
const increases = fc.constantFrom(...INCREASES);

/** Any body of each construction. */
const BODIES: Record<BodyKind, fc.Arbitrary<unknown>> = {
  'fold-over-strip': fc.record({ kind: fc.constant('fold-over-strip'), ...bodyBase, workedFrom }),
  'boxed-corners': fc.record({ kind: fc.constant('boxed-corners'), ...bodyBase, workedFrom, depthMm }),
  'side-bands': fc.record({
    kind: fc.constant('side-bands'),
    ...bodyBase,
    workedFrom,
    depthMm,
    bandJoined,
    stripTrial,
  }),
  gusset: fc.record({
    kind: fc.constant('gusset'),
    ...bodyBase,
    depthMm,
    radiusMm: from(0, 400),
    gussetWorked: fc.constantFrom('crosswise', 'lengthwise'),
    bandJoined,
    stripTrial,
  }),
  'round-purse': fc.record({
    kind: fc.constant('round-purse'),
    ...bodyBase,
    depthMm,
    openMm: from(10, 2000),
    rounds: fc.constantFrom('joined', 'spiral'),
    increases,
    bandJoined,
    stripTrial,
  }),
  'around-chain': fc.record({
    kind: fc.constant('around-chain'),
    ...bodyBase,
    start: fc.constantFrom('chain', 'ring'),
    endStitches: whole(0, 2),
    ...inRounds,
  }),
  'oval-base': fc.record({ kind: fc.constant('oval-base'), ...bodyBase, depthMm, increases, ...inRounds }),
};

const thing = fc.record({
  widthMm: from(1, 3000),
  heightMm: from(1, 3000),
  thicknessMm: from(0.1, 1000),
  massG: orNull(from(0, 20000)),
  turns: fc.constantFrom('as-it-stands', 'in-the-plane', 'any-way'),
});

const edging = fc.record({
  kind: fc.constantFrom('slip-stitch', 'single', 'crab', 'picot', 'shell', 'spikes'),
  edge: fc.constantFrom(...EDGING_EDGES),
  rounds: whole(1, 6),
  hookMm: orNull(from(0.5, 30)),
  pickUp: orNull(fc.record({ stitches: whole(1, 9), rows: whole(1, 9) })),
  corner: fc.constantFrom(...EDGING_CORNERS),
  blocking: fc.constantFrom('before', 'after'),
  seaming: fc.constantFrom('before', 'after'),
});

/**
 * Any design that can be written down, up to the limits of the file: two stitches wide or a blanket, loads thicker than the bag, flaps
 * wider than the back. Many can't be planned; none may make a plan fail.
 */
export const anyDesignOf = (kind: BodyKind): fc.Arbitrary<Design> => designWith(BODIES[kind]);

/** The same for every construction alike. */
export const anyDesign: fc.Arbitrary<Design> = fc
  .oneof(...Object.values(BODIES))
  .chain((body) => designWith(fc.constant(body)));

const designWith = (body: fc.Arbitrary<unknown>): fc.Arbitrary<Design> =>
  fc
    .record({
      settings: anySettings,
      things: fc.array(thing, { maxLength: 3 }),
      contents: fc.record({
        thicknessMm: orNull(from(0, 200)),
        massG: orNull(from(0, 20000)),
        firmness: fc.constantFrom('soft', 'stiff'),
        easeMm: from(0, 100),
        carried: fc.constantFrom('in-the-hand', 'on-the-wrist', 'across-the-body'),
      }),
      stitchReadings: readings,
      rowReadings: readings,
      thicknessMm: orNull(from(0.2, 20)),
      weightClass: orNull(whole(0, 7)),
      hookMm: from(0.5, 30),
      stitch: fc.constantFrom(...PANEL_STITCH_IDS),
      swatchStitch: fc.constantFrom(...PANEL_STITCH_IDS),
      plainEdge: whole(0, 12),
      body,
      flap,
      closures: fc.array(anyClosure, { maxLength: 2 }),
      trims: fc.oneof(
        { weight: 2, arbitrary: fc.constant([]) },
        { weight: 1, arbitrary: fc.array(anyTrim, { minLength: 1, maxLength: 2 }) },
      ),
      hardware: fc.oneof(
        { weight: 2, arbitrary: fc.constant([]) },
        { weight: 1, arbitrary: fc.array(anyHardware, { minLength: 1, maxLength: 2 }) },
      ),
      straps: fc.array(anyStrap, { maxLength: 3 }),
      yarnAtHandG: fc.array(orNull(from(0, 2000)), { maxLength: 2 }),
      edgings: fc.oneof(
        { weight: 2, arbitrary: fc.constant([]) },
        { weight: 1, arbitrary: fc.array(edging, { minLength: 1, maxLength: 4 }) },
      ),
      lining: orNull(anyLining),
      stiffener: orNull(anyStiffener),
      pockets: fc.oneof(
        { weight: 2, arbitrary: fc.constant([]) },
        { weight: 1, arbitrary: fc.array(anyPocket, { minLength: 1, maxLength: 3 }) },
      ),
    })
    .map((made): unknown => {
      const base = fullDesign();
      return {
        ...base,
        settings: made.settings,
        contents: {
          ...base.contents,
          ...made.contents,
          items: made.things.map((one, index) => ({
            count: 1 + (index % 2),
            thing: { ...one, id: thingIdSchema.parse(`t${index}`), name: `Thing ${index}`, known: null },
          })),
        },
        swatch: {
          ...base.swatch,
          stitchReadings: made.stitchReadings,
          rowReadings: made.rowReadings,
          thicknessMm: made.thicknessMm,
          hookMm: made.hookMm,
          yarn: { ...base.swatch.yarn, weightClass: made.weightClass },
          stitch: made.swatchStitch,
        },
        stitch: made.stitch,
        plainEdge: made.plainEdge,
        body: made.body,
        flap: made.flap,
        edgings: made.edgings,
        closures: made.closures,
        straps: made.straps,
        trims: made.trims,
        hardware: made.hardware,
        yarnAtHandG: made.yarnAtHandG,
        lining: made.lining,
        stiffener: made.stiffener,
        pockets: made.pockets,
      };
    })
    .map((document) => readDesign(document))
    .filter((read) => read.ok)
    .map((read) => (read as { ok: true; design: Design }).design);
