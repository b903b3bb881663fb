import fc from 'fast-check';
import {
  SEAM_KINDS,
  readDesign,
  starterDesign,
  swatchIdSchema,
  usualLining,
  usualSnap,
  usualStrap,
  type Design,
  type MagneticSnap,
  type StarterId,
  type StrapTrial,
} from '@/core/design';
import type { OnFlapStage } from '@/core/closure';
import { planBag, type Plan } from '@/core/plan';
import { isWorkedStage, type WorkedStrapStage } from '@/core/strap';
import { PANEL_STITCH_IDS } from '@/core/stitches';

/** A swatch with readings, for examples. */
export const measuredSwatch = (swatch: Design['swatch']): Design['swatch'] => ({
  ...swatch,
  yarn: { ...swatch.yarn, weightClass: null, ballMassG: 50, ballLengthM: 85 },
  hookMm: 3.5,
  stitchReadings: [
    { count: 19, lengthMm: 100 },
    { count: 29, lengthMm: 151 },
    { count: 23, lengthMm: 122 },
  ],
  rowReadings: [
    { count: 21, lengthMm: 99 },
    { count: 26, lengthMm: 124 },
    { count: 17, lengthMm: 80 },
  ],
  thicknessMm: 2.4,
  weighed: { massG: 14, widthMm: 168, heightMm: 140 },
});

/** A bag of the starters that was measured, and is told what it carries. */
function measuredBag(starter: StarterId, id = 'test'): Design {
  const bag = starterDesign(starter, swatchIdSchema.parse(id));
  return {
    ...bag,
    contents: { ...bag.contents, thicknessMm: 12, massG: 180 },
    swatch: measuredSwatch(bag.swatch),
  };
}

/** A trial strip that was measured slack and fully pulled, and no more. */
export const pulledTrial = (readings: Pick<StrapTrial, 'rows' | 'slackMm' | 'pulledMm'>): StrapTrial => ({
  of: 'plain',
  stitch: 'sc',
  slackWidthMm: null,
  loaded: [],
  pulledWidthMm: null,
  ...readings,
});

/** A strap of which a trial strip was worked. */
export const triedStrap = () => ({
  ...usualStrap(),
  sample: pulledTrial({ rows: 40, slackMm: 188, pulledMm: 214 }),
});

/** A whole bag with everything on it, for examples. */
export const fullDesign = (): Design => ({
  ...measuredBag('thirds'),
  closures: [usualSnap()],
  straps: [triedStrap()],
  lining: usualLining(),
});

/** The worked strap of a plan, the how-manieth of its straps. */
export function workedStrapOf(plan: Plan, index = 0): WorkedStrapStage {
  const stage = plan.straps.find(({ at }) => at.index === index);
  if (!stage || !isWorkedStage(stage)) throw new Error('no such worked strap');
  return stage;
}

/** The plan of a design that is known to have one. */
export function planOf(design: Design): Plan & { snaps: OnFlapStage<MagneticSnap>[] } {
  const result = planBag(design);
  if (!result.ok) throw new Error(result.problems.map(({ code }) => code).join());
  return { ...result.plan, snaps: snapsOf(result.plan) };
}

/** The magnetic snaps among what closes a bag. */
export const snapsOf = ({ closures }: Pick<Plan, 'closures'>): OnFlapStage<MagneticSnap>[] =>
  closures.filter((stage): stage is OnFlapStage<MagneticSnap> => stage.choice.kind === 'magnetic-snap');

/** A swatch of exact size: every reading says the same. */
export function designAt(
  stitchMm: number,
  rowMm: number,
  thicknessMm: number,
  change: (design: Design) => Design = (d) => d,
): Design {
  const base = measuredBag('thirds', 'exact');
  const counts = [20, 30];
  return change({
    ...base,
    swatch: {
      ...base.swatch,
      thicknessMm,
      stitchReadings: counts.map((count) => ({ count, lengthMm: count * stitchMm })),
      rowReadings: counts.map((count) => ({ count, lengthMm: count * rowMm })),
    },
  });
}

const readingAround = (mm: number) =>
  fc
    .record({ count: fc.integer({ min: 8, max: 40 }), share: fc.double({ min: 0.95, max: 1.05, noNaN: true }) })
    .map(({ count, share }) => ({ count, lengthMm: Math.max(5, count * mm * share) }));

/** Any design that the schema accepts and that can be planned: gauges from thread to chunky, with and without parts. */
export const plannableDesign: fc.Arbitrary<Design> = fc
  .record({
    stitchMm: fc.double({ min: 1.5, max: 14, noNaN: true }),
    rowShare: fc.double({ min: 0.7, max: 1.9, noNaN: true }),
    thicknessMm: fc.double({ min: 0.3, max: 8, noNaN: true }),
    widthMm: fc.integer({ min: 60, max: 500 }),
    heightMm: fc.integer({ min: 60, max: 400 }),
    dropShare: fc.double({ min: 0.15, max: 1, noNaN: true }),
    loadMm: fc.integer({ min: 0, max: 30 }),
    firmness: fc.constantFrom('soft', 'stiff'),
    stitch: fc.constantFrom(...PANEL_STITCH_IDS),
    swatchStitch: fc.constantFrom('same' as const, ...PANEL_STITCH_IDS),
    standsFor: fc.constantFrom('panel', 'panel', 'strip', 'border'),
    turningChain: fc.constantFrom('counts', 'does-not-count'),
    foundation: fc.constantFrom('chain', 'foundation-stitches'),
    hand: fc.constantFrom('left', 'right'),
    lengthUnit: fc.constantFrom('cm', 'in'),
    insetMm: fc.integer({ min: 3, max: 60 }),
    layout: fc.constantFrom('centre', 'pair'),
    mate: fc.constantFrom('loaded', 'between', 'both'),
    parts: fc.record({ snap: fc.boolean(), strap: fc.boolean(), lining: fc.boolean() }),
    school: fc.constantFrom('pulled', 'slack'),
    seam: fc.constantFrom(...SEAM_KINDS),
    finish: fc.constantFrom('turned', 'showing'),
    takeUpStitches: fc.double({ min: 0, max: 1, noNaN: true }),
  })
  .chain((made) =>
    fc
      .record({
        stitchReadings: fc.array(readingAround(made.stitchMm), { minLength: 1, maxLength: 6 }),
        rowReadings: fc.array(readingAround(made.stitchMm * made.rowShare), { minLength: 1, maxLength: 6 }),
      })
      .map((readings): unknown => {
        const base = fullDesign();
        return {
          ...base,
          settings: {
            ...base.settings,
            turningChain: made.turningChain,
            foundation: made.foundation,
            hand: made.hand,
            lengthUnit: made.lengthUnit,
          },
          contents: { ...base.contents, thicknessMm: made.loadMm, firmness: made.firmness },
          swatch: {
            ...base.swatch,
            ...readings,
            thicknessMm: made.thicknessMm,
            stitch: made.swatchStitch === 'same' ? made.stitch : made.swatchStitch,
            standsFor: made.standsFor,
          },
          stitch: made.stitch,
          body: {
            ...base.body,
            widthMm: made.widthMm,
            heightMm: made.heightMm,
            seam: { kind: made.seam, finish: made.finish, takeUpStitches: made.takeUpStitches },
          },
          flap: { kind: 'straight', dropMm: Math.max(10, made.heightMm * made.dropShare), widthMm: null, hemMm: null },
          closures: made.parts.snap
            ? [{ ...base.closures[0], insetMm: made.insetMm, layout: made.layout, mate: made.mate }]
            : [],
          straps: made.parts.strap ? [{ ...triedStrap(), school: made.school }] : [],
          lining: made.parts.lining ? base.lining : null,
        };
      }),
  )
  .map((document) => readDesign(document))
  .filter((read) => read.ok && planBag(read.design).ok)
  .map((read) => (read as { ok: true; design: Design }).design);
